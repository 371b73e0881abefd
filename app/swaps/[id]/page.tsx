import { notFound } from 'next/navigation';
import { ServiceError } from '@/services/service-error';
import { loadSwap } from '@/services/swaps';
import { SwapPage } from '../../../features/swap/SwapPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Job' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const view = await loadSwap((await params).id).catch((error) => {
    if (error instanceof ServiceError && error.status === 404) notFound();
    throw error;
  });
  return <SwapPage view={JSON.parse(JSON.stringify(view))} meter={process.env.LOYAL_COIL_METER ?? ''} />;
}
