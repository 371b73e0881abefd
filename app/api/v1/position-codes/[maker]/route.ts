import { savePositionCodes } from '@/services/position-codes';
import { readJson, respond } from '../../../respond';

export const dynamic = 'force-dynamic';

export const PUT = (request: Request, { params }: { params: Promise<{ maker: string }> }) =>
  respond(async () => ({ tables: await savePositionCodes(decodeURIComponent((await params).maker), await readJson(request)) }));
