import { respond } from '@/app/api/respond';
import { describeWorksheets } from '@/services/worksheets';

export const GET = () => respond(async () => ({ worksheets: describeWorksheets() }));
