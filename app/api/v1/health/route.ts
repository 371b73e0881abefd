import { respond } from '@/app/api/respond';
import { health } from '@/services/health';

export const dynamic = 'force-dynamic';
export const GET = () => respond(health);
