import { notFound } from 'next/navigation';
import { curveBranch } from '@/services/curve-branch';
import { ServiceError } from '@/services/service-error';
import { CurvesPage } from '../_client/CurvesPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Curves' };

export default async function Page({ searchParams }: { searchParams: Promise<{ position?: string }> }) {
  const { position } = await searchParams;
  const branch = position
    ? await curveBranch(String(position)).catch((error) => {
        if (error instanceof ServiceError && error.status === 404) notFound();
        throw error;
      })
    : undefined;
  return <CurvesPage key={position} branch={branch && JSON.parse(JSON.stringify(branch))} position={position} />;
}
