import { respond } from '@/app/api/respond';
import { panelsDesk } from '@/services/panels';

export const dynamic = 'force-dynamic';
export const GET = () => respond(async () => ({ sites: await panelsDesk() }));
