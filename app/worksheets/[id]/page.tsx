import { notFound } from 'next/navigation';
import { worksheetOf } from '@/core/worksheets/registry';
import { WorksheetsPage } from '../../../features/worksheets/WorksheetsPage';

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  if (!worksheetOf(id)) notFound();
  return <WorksheetsPage id={id} />;
}
