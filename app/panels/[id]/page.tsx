import { Queries } from '../../../client/Queries';
import { drawnPanel } from '@/services/plant-view';
import { PanelPage } from '../../../features/plant/PanelPage';
import { orNotFound } from '../../or-not-found';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Draw the panel' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const view = await drawnPanel((await params).id).catch(orNotFound);
  return (
    <Queries>
      <PanelPage view={view} />
    </Queries>
  );
}
