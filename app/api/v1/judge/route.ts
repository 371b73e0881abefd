import { readJson, respond } from '@/app/api/respond';
import { judgePlainCase } from '@/services/judge';

export const POST = (request: Request) => respond(async () => judgePlainCase(await readJson(request)));
