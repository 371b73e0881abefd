import { curveBranch, curvesOfPart } from '@/services/curve-branch';
import { CurvesPage } from '../../features/curves/CurvesPage';
import { orNotFound } from '../or-not-found';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Curves' };

export default async function Page({ searchParams }: { searchParams: Promise<{ position?: string; part?: string }> }) {
  const { position, part } = await searchParams;
  const asked = position ? curveBranch(String(position)) : part ? curvesOfPart(String(part)) : undefined;
  const branch = asked ? await asked.catch(orNotFound) : undefined;
  return <CurvesPage key={position ?? part} branch={branch && JSON.parse(JSON.stringify(branch))} position={position} />;
}
