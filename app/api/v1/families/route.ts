import { respond } from '@/app/api/respond';
import { describeFamilies } from '@/services/families';

export const GET = () => respond(async () => ({ families: describeFamilies() }));
