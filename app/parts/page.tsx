import { familyOf } from '@/core/families/registry';
import { Queries } from '../../client/Queries';
import { CataloguePage } from '../../features/parts/CataloguePage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Catalogue' };

type Asked = { family?: string | string[]; q?: string | string[]; mark?: string | string[] };
const all = (value: string | string[] | undefined): string[] => [value ?? []].flat();

export default async function Page({ searchParams }: { searchParams: Promise<Asked> }) {
  const { family, q, mark } = await searchParams;
  const [asked = ''] = all(family);
  return (
    <Queries>
      <CataloguePage family={familyOf(asked)?.id ?? 'contactor'} words={all(q)[0] ?? ''} marks={all(mark)} />
    </Queries>
  );
}
