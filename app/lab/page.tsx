import { positionTables } from '@/services/position-codes';
import { LabPage, type Bench } from '../../features/lab/LabPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Lab' };

const benches: readonly Bench[] = ['timer', 'supply', 'bases', 'closing', 'residual', 'exercises'];

export default async function Page({ searchParams }: { searchParams: Promise<{ bench?: string }> }) {
  const { bench } = await searchParams;
  const shown = benches.find((one) => one === bench) ?? 'timer';
  return <LabPage bench={shown} meter={process.env.LOYAL_COIL_METER ?? ''} letters={shown === 'closing' ? await positionTables() : []} />;
}
