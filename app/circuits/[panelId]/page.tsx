import { notFound } from 'next/navigation';
import { circuitsOfPanel } from '@/services/circuits';
import { ServiceError } from '@/services/service-error';
import { CircuitsPage } from '../../../features/circuits/CircuitsPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Circuits' };

export default async function Page({ params }: { params: Promise<{ panelId: string }> }) {
  const view = await circuitsOfPanel((await params).panelId).catch((error) => {
    if (error instanceof ServiceError && error.status === 404) notFound();
    throw error;
  });
  return <CircuitsPage view={JSON.parse(JSON.stringify(view))} />;
}
