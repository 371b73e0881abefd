import { respond, type IdParams } from '@/app/api/respond';
import { choiceDetail } from '@/services/sign';

export const dynamic = 'force-dynamic';
export const GET = (_request: Request, { params }: IdParams) => respond(async () => choiceDetail((await params).id));
