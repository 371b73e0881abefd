import { respond } from '@/app/api/respond';
import { timerParts } from '@/services/timers';

export const dynamic = 'force-dynamic';

/** Timers of the catalogue, as the relay lab matches them by behaviour. */
export const GET = () => respond(async () => ({ timers: await timerParts() }));
