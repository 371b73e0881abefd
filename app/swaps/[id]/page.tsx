import { loadSwap } from '@/services/swaps';
import { SwapPage } from '../../../features/swap/SwapPage';
import { orNotFound } from '../../or-not-found';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Job' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const view = await loadSwap((await params).id).catch(orNotFound);
  return <SwapPage view={JSON.parse(JSON.stringify(view))} meter={process.env.LOYAL_COIL_METER ?? ''} />;
}
