import { Queries } from '../../client/Queries';
import { siteSettings } from '@/services/sites';
import { StoresPage } from '../../features/stores/StoresPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Stores' };

/** What a label leads to: a site, and of it a part or words. */
type Way = { site?: string; part?: string; words?: string };

export default async function Page({ searchParams }: { searchParams: Promise<Way> }) {
  const [sites, { site, part, words }] = await Promise.all([siteSettings(), searchParams]);
  return (
    <Queries>
      <StoresPage
        key={`${site} ${part} ${words}`}
        sites={sites.map(({ id, name }) => [id, name] as const)}
        way={{ site: String(site ?? ''), part: String(part ?? ''), words: String(words ?? '') }}
      />
    </Queries>
  );
}
