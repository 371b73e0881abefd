import { readJson, respond, type IdParams } from '@/app/api/respond';
import { saveSupply, supplyOfPanel } from '@/services/supply-paths';

export const dynamic = 'force-dynamic';
export const GET = (_request: Request, { params }: IdParams) => respond(async () => supplyOfPanel((await params).id));
export const PUT = (request: Request, { params }: IdParams) =>
  respond(async () => saveSupply((await params).id, await readJson(request, 50_000)));
