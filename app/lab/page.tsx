import { LabPage } from '../_client/LabPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Relay lab' };

export default async function Page({ searchParams }: { searchParams: Promise<{ bench?: string }> }) {
  const { bench } = await searchParams;
  return (
    <LabPage bench={bench === 'supply' ? 'supply' : bench === 'bases' ? 'bases' : 'timer'} meter={process.env.LOYAL_COIL_METER ?? ''} />
  );
}
