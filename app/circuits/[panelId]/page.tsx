import { circuitsOfPanel } from '@/services/circuits';
import { CircuitsPage } from '../../../features/circuits/CircuitsPage';
import { orNotFound } from '../../or-not-found';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Circuits' };

export default async function Page({ params }: { params: Promise<{ panelId: string }> }) {
  const view = await circuitsOfPanel((await params).panelId).catch(orNotFound);
  return <CircuitsPage view={JSON.parse(JSON.stringify(view))} />;
}
