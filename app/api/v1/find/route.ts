import { respond } from '@/app/api/respond';
import { find } from '@/services/find';

export const dynamic = 'force-dynamic';
export const GET = (request: Request) => respond(async () => find(new URL(request.url).searchParams.get('q') ?? ''));
