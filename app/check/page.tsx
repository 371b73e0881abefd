import { Queries } from '../../client/Queries';
import { CheckPage } from '../../features/check/CheckPage';

export const metadata = { title: 'Quick check' };

export default async function Page({ searchParams }: { searchParams: Promise<{ kept?: string; part?: string }> }) {
  const { kept, part } = await searchParams;
  return (
    <Queries>
      <CheckPage kept={kept} part={part} />
    </Queries>
  );
}
