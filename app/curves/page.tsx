import { notFound } from 'next/navigation';
import { curveBranch, curvesOfPart } from '@/services/curve-branch';
import { ServiceError } from '@/services/service-error';
import { CurvesPage } from '../../features/curves/CurvesPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Curves' };

export default async function Page({ searchParams }: { searchParams: Promise<{ position?: string; part?: string }> }) {
  const { position, part } = await searchParams;
  const asked = position ? curveBranch(String(position)) : part ? curvesOfPart(String(part)) : undefined;
  const branch = asked
    ? await asked.catch((error) => {
        if (error instanceof ServiceError && error.status === 404) notFound();
        throw error;
      })
    : undefined;
  return <CurvesPage key={position ?? part} branch={branch && JSON.parse(JSON.stringify(branch))} position={position} />;
}
