import { WorksheetsPage } from '../../features/worksheets/WorksheetsPage';

export const metadata = { title: 'Worksheets' };
export default function Page() {
  return <WorksheetsPage />;
}
