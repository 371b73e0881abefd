import { Queries } from '../../client/Queries';
import { CheckPage } from '../../features/check/CheckPage';

export const metadata = { title: 'Quick check' };

export default async function Page({ searchParams }: { searchParams: Promise<{ kept?: string }> }) {
  const { kept } = await searchParams;
  return (
    <Queries>
      <CheckPage kept={kept} />
    </Queries>
  );
}
