import { panelsDesk } from '@/services/panels';
import { PanelsPage } from '../features/panels/PanelsPage';

export const dynamic = 'force-dynamic';

export default async function Home({ searchParams }: { searchParams: Promise<{ panel?: string; position?: string }> }) {
  const { panel, position } = await searchParams;
  return <PanelsPage sites={await panelsDesk()} panel={panel} position={position} />;
}
