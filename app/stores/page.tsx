import { Queries } from '../../client/Queries';
import { siteSettings } from '@/services/sites';
import { StoresPage } from '../../features/stores/StoresPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Stores' };

export default async function Page() {
  const sites = await siteSettings();
  return (
    <Queries>
      <StoresPage sites={sites.map(({ id, name }) => [id, name] as const)} />
    </Queries>
  );
}
