import { notFound } from 'next/navigation';
import { Queries } from '../../../../client/Queries';
import { panelWalk } from '@/services/plant-view';
import { ServiceError } from '@/services/service-error';
import { WalkPage } from '../../../../features/plant/WalkPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Walk the panel' };

export default async function Page({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ at?: string }> }) {
  const view = await panelWalk((await params).id).catch((error) => {
    if (error instanceof ServiceError && error.status === 404) notFound();
    throw error;
  });
  return (
    <Queries>
      <WalkPage view={view} at={(await searchParams).at} />
    </Queries>
  );
}
