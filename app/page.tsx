import { knownAltered } from '@/services/chain/known';
import { homeDesk, type OpenAt } from '@/services/panels';
import { PanelsPage } from '../features/panels/PanelsPage';

export const dynamic = 'force-dynamic';

export default async function Home({ searchParams }: { searchParams: Promise<OpenAt> }) {
  const opened = await searchParams;
  const [sites, altered] = await Promise.all([homeDesk(opened), knownAltered()]);
  return <PanelsPage {...{ sites, altered }} {...opened} />;
}
