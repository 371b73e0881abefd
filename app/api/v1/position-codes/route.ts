import { positionTables } from '@/services/position-codes';
import { respond } from '../../respond';

export const dynamic = 'force-dynamic';

export const GET = () => respond(async () => ({ tables: await positionTables() }));
