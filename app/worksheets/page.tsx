import { WorksheetsPage } from '../_client/WorksheetsPage';

export const metadata = { title: 'Worksheets' };
export default function Page() {
  return <WorksheetsPage />;
}
