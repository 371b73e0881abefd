'use client';

import type { ReorderRow } from '@/services/crib';
import { ListTable, type ListColumn } from '@/ui/forms/ListTable';
import { useReorder } from './use-crib';

const columns: ListColumn<ReorderRow>[] = [
  { head: 'Part', of: ({ name }) => name },
  { head: 'Order number', of: ({ orderNumber }) => orderNumber ?? '' },
  { head: 'To order', figure: true, of: ({ order }) => order },
  { head: 'In stock', figure: true, of: ({ lying }) => lying },
  { head: 'Wanted by open jobs', figure: true, of: ({ wanted }) => wanted },
  { head: 'Least', figure: true, of: ({ least }) => least ?? '' },
  { head: 'Most', figure: true, of: ({ most }) => most ?? '' },
];

/** What should be ordered: below its least, or chosen by an open job and not there. */
export function Reorder({ siteId }: { siteId: string }) {
  const rows = useReorder(siteId).data?.rows ?? [];
  if (rows.length === 0)
    return <p className="muted">Nothing needs ordering here: nothing is below its least, and open jobs find their parts.</p>;
  return (
    <section className="stack" aria-label="To order">
      <ListTable caption="To order" columns={columns} rows={rows} keyOf={({ partId }) => partId} />
      <div>
        <a href={`/api/v1/stock/reorder.csv?siteId=${siteId}`} download="reorder.csv">
          Take the list away, CSV
        </a>
      </div>
    </section>
  );
}
