'use client';

import { filterFields } from '@/core/catalogue/part-filters';
import { labelIn, type Field } from '@/core/fields/field';
import type { CatalogueRow } from '@/services/parts-list';
import { ListTable, type ListColumn } from '@/ui/forms/ListTable';
import { TickBox } from '@/ui/forms/TickBox';
import { usePractice } from '@/ui/language/practice';
import { Link } from '@/ui/shell/Link';

/** Parts of a family with the marks that were asked for; some may be ticked, to be compared. */
export function CatalogueTable({
  fields,
  rows,
  ticked,
  mostTicked,
  onTick,
}: {
  fields: readonly Field[];
  rows: readonly CatalogueRow[];
  ticked: readonly string[];
  mostTicked: number;
  onTick: (id: string, now: boolean) => void;
}) {
  const practice = usePractice();
  const asked = filterFields(fields).filter(({ name }) => rows.some(({ marks }) => marks[name] !== undefined));
  const columns: ListColumn<CatalogueRow>[] = [
    {
      head: 'Compare',
      of: ({ id, name }) => (
        <TickBox
          aria-label={`Compare ${name}`}
          checked={ticked.includes(id)}
          disabled={!ticked.includes(id) && ticked.length >= mostTicked}
          onTick={(now) => onTick(id, now)}
        />
      ),
    },
    {
      head: 'Part',
      of: ({ id, name, demo }) => (
        <>
          <Link href={`/parts/${encodeURIComponent(id)}`}>{name}</Link>
          {demo && <small className="muted"> demo</small>}
        </>
      ),
    },
    ...(rows.some(({ orderNumber }) => orderNumber)
      ? [{ head: 'Order number', figure: true, of: ({ orderNumber }: CatalogueRow) => orderNumber ?? '' }]
      : []),
    { head: 'What it is', of: ({ short }) => <span style={{ display: 'inline-block', minWidth: 150 }}>{short}</span> },
    ...asked.map((field) => ({
      head: labelIn(practice, field),
      figure: true,
      of: ({ marks }: CatalogueRow) => marks[field.name] ?? '',
    })),
    { head: 'In stock', figure: true, of: ({ lying }) => (lying > 0 ? String(lying) : '') },
    ...(rows.some(({ state }) => state) ? [{ head: 'Sold', of: ({ state }: CatalogueRow) => state ?? '' }] : []),
  ];
  return <ListTable caption="Parts" columns={columns} rows={rows} keyOf={({ id }) => id} />;
}
