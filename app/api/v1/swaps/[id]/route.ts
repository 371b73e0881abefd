import { readJson, respond, type IdParams } from '@/app/api/respond';
import { loadSwap, saveSwap } from '@/services/swaps';

export const dynamic = 'force-dynamic';
export const GET = (_request: Request, { params }: IdParams) => respond(async () => loadSwap((await params).id));
export const PATCH = (request: Request, { params }: IdParams) => respond(async () => saveSwap((await params).id, await readJson(request)));
