import { Queries } from '../../../../client/Queries';
import { panelWalk } from '@/services/plant-view';
import { WalkPage } from '../../../../features/plant/WalkPage';
import { orNotFound } from '../../../or-not-found';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Walk the panel' };

export default async function Page({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ at?: string }> }) {
  const view = await panelWalk((await params).id).catch(orNotFound);
  return (
    <Queries>
      <WalkPage view={view} at={(await searchParams).at} />
    </Queries>
  );
}
