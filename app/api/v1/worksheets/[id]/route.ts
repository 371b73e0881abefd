import { readJson, respond, type IdParams } from '@/app/api/respond';
import { computeWorksheet } from '@/services/worksheets';

export const POST = (request: Request, { params }: IdParams) =>
  respond(async () => computeWorksheet((await params).id, await readJson(request, 20_000)));
