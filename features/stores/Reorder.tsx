'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { api, faultWords } from '@/client/api';
import { useOnceKey } from '@/client/use-once-key';
import { MOST_PIECES } from '@/core/stores/ledger';
import type { ReorderRow } from '@/services/crib';
import { ListTable, type ListColumn } from '@/ui/forms/ListTable';
import { NumberBox } from '@/ui/forms/NumberBox';
import { Notice } from '@/ui/shell/Notice';
import { useCribAgain, useReorder } from './use-crib';
import { useKeepsStock } from './use-orders';

const columns: ListColumn<ReorderRow>[] = [
  { head: 'Part', of: ({ name }) => name },
  { head: 'Order number', of: ({ orderNumber }) => orderNumber ?? '' },
  { head: 'In stock', figure: true, of: ({ lying }) => lying },
  { head: 'Wanted by open jobs', figure: true, of: ({ wanted }) => wanted },
  { head: 'On order', figure: true, of: ({ onOrder }) => onOrder },
  { head: 'Least', figure: true, of: ({ least }) => least ?? '' },
  { head: 'Most', figure: true, of: ({ most }) => most ?? '' },
];

/** Orders what is on the list, each part with the pieces that are said; none of it is left out. */
function useOrdering(siteId: string) {
  const [pieces, setPieces] = useState<Readonly<Record<string, number>>>({});
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const once = useOnceKey();
  const again = useCribAgain();
  const piecesOf = ({ partId, order }: ReorderRow): number => pieces[partId] ?? order;
  const order = async (rows: readonly ReorderRow[]) => {
    const lines = rows.map((row) => ({ partId: row.partId, quantity: piecesOf(row) })).filter(({ quantity }) => quantity > 0);
    setBusy(true);
    const answer = await once((key) => api('POST', '/api/v1/orders', { siteId, key, lines }));
    setFault(faultWords(answer));
    setBusy(false);
    if (!answer.ok) return;
    setPieces({});
    again();
  };
  return { piecesOf, setPieces: (partId: string, n: number) => setPieces({ ...pieces, [partId]: n }), order, fault, busy };
}

/** What should be ordered: below its least, or chosen by an open job and not there; and the orders that it becomes. */
export function Reorder({ siteId }: { siteId: string }) {
  const rows = useReorder(siteId).data?.rows ?? [];
  const { piecesOf, setPieces, order, fault, busy } = useOrdering(siteId);
  const keeps = useKeepsStock();
  if (rows.length === 0)
    return <p className="muted">Nothing needs ordering here: nothing is below its least, and open jobs find their parts.</p>;
  const toOrder: ListColumn<ReorderRow> = {
    head: 'To order',
    figure: true,
    of: (row) =>
      keeps ? (
        <NumberBox
          label=""
          name={`Pieces of ${row.name} to order`}
          unit=""
          value={piecesOf(row)}
          min={0}
          max={MOST_PIECES}
          onValue={(pieces) => setPieces(row.partId, Math.round(pieces ?? 0))}
        />
      ) : (
        row.order
      ),
  };
  return (
    <section className="stack" aria-label="To order">
      <ListTable caption="To order" columns={[...columns, toOrder]} rows={rows} keyOf={({ partId }) => partId} />
      {fault && (
        <Notice kind="fails" role="alert">
          {fault}
        </Notice>
      )}
      <div className="row-flex">
        {keeps && (
          <Button variant="contained" disabled={busy || rows.every((row) => piecesOf(row) === 0)} onClick={() => void order(rows)}>
            Order these
          </Button>
        )}
        <a href={`/api/v1/stock/reorder.csv?siteId=${siteId}`} download="reorder.csv">
          Take the list away, CSV
        </a>
      </div>
    </section>
  );
}
