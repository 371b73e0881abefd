import { readJson, respond, type IdParams } from '@/app/api/respond';
import { matchSwap } from '@/services/match';

export const POST = (request: Request, { params }: IdParams) =>
  respond(async () => matchSwap((await params).id, await readJson(request, 20_000)));
