import { readJson, respond } from '@/app/api/respond';
import { openSwap } from '@/services/swaps';

export const POST = (request: Request) => respond(async () => openSwap(await readJson(request, 20_000)));
