import { knownAltered } from '@/services/chain/known';
import { panelsDesk } from '@/services/panels';
import { PanelsPage } from '../features/panels/PanelsPage';

export const dynamic = 'force-dynamic';

export default async function Home({ searchParams }: { searchParams: Promise<{ panel?: string; position?: string }> }) {
  const { panel, position } = await searchParams;
  const [sites, altered] = await Promise.all([panelsDesk(), knownAltered()]);
  return <PanelsPage {...{ sites, altered, panel, position }} />;
}
