import { readJson, respond, type IdParams } from '@/app/api/respond';
import { signSwap } from '@/services/sign';

export const POST = (request: Request, { params }: IdParams) =>
  respond(async () => signSwap((await params).id, await readJson(request, 20_000)));
