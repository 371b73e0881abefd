import { notFound } from 'next/navigation';
import { Queries } from '../../../client/Queries';
import { drawnPanel } from '@/services/plant-view';
import { ServiceError } from '@/services/service-error';
import { PanelPage } from '../../../features/plant/PanelPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Draw the panel' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const view = await drawnPanel((await params).id).catch((error) => {
    if (error instanceof ServiceError && error.status === 404) notFound();
    throw error;
  });
  return (
    <Queries>
      <PanelPage view={view} />
    </Queries>
  );
}
