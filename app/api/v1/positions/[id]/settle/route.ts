import { readJson, respond, type IdParams } from '@/app/api/respond';
import { settlePoint } from '@/services/open-points';

export const POST = (request: Request, { params }: IdParams) =>
  respond(async () => settlePoint((await params).id, await readJson(request, 20_000)));
