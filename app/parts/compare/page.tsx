import { notFound } from 'next/navigation';
import { compareParts } from '@/services/parts-list';
import { ListTable } from '@/ui/forms/ListTable';
import { LinkButton } from '@/ui/shell/LinkButton';
import { Link } from '@/ui/shell/Link';
import { Shell } from '../../../features/shell/Shell';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Side by side' };

type Asked = { id?: string | string[]; only?: string };

export default async function Page({ searchParams }: { searchParams: Promise<Asked> }) {
  const { id, only } = await searchParams;
  const ids = [id ?? []].flat();
  const compared = await compareParts(ids);
  if (!compared) notFound();
  const different = only === 'differences';
  const rows = compared.rows.filter(({ differs }) => differs || !different);
  const here = `/parts/compare?${ids.map((one) => `id=${encodeURIComponent(one)}`).join('&')}`;
  return (
    <Shell here="/parts">
      <main className="middle stack" id="main" style={{ maxWidth: 1200, margin: '0 auto' }}>
        <h1>Side by side</h1>
        <p className="muted">Marks of the parts themselves; whether one fits is said at a position or by a quick check.</p>
        <div className="row-flex">
          <LinkButton href={different ? here : `${here}&only=differences`}>
            {different ? 'Show every mark' : 'Show differences only'}
          </LinkButton>
        </div>
        <ListTable
          caption={different ? 'Marks that differ' : 'Marks'}
          rows={rows}
          keyOf={({ label }) => label}
          columns={[
            { head: 'Mark', of: ({ label, differs }) => (differs ? <b>{label}</b> : label) },
            ...compared.parts.map(({ name }, i) => ({
              head: name,
              figure: true,
              of: ({ values, differs }: (typeof rows)[number]) => {
                const value = values[i] ?? <span className="muted">not said</span>;
                return differs ? <b>{value}</b> : value;
              },
            })),
          ]}
        />
        <div className="row-flex">
          {compared.parts.map((part) => (
            <Link key={part.id} href={`/parts/${encodeURIComponent(part.id)}`}>
              {part.name}
            </Link>
          ))}
        </div>
      </main>
    </Shell>
  );
}
