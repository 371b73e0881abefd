import { readJson, respond, type IdParams } from '@/app/api/respond';
import { partCurve, removePartCurve, savePartCurve } from '@/services/part-curves';

export const dynamic = 'force-dynamic';
export const GET = (_request: Request, { params }: IdParams) => respond(async () => partCurve((await params).id));
export const PUT = (request: Request, { params }: IdParams) =>
  respond(async () => savePartCurve((await params).id, await readJson(request)));
export const DELETE = (_request: Request, { params }: IdParams) => respond(async () => removePartCurve((await params).id));
