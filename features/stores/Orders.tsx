'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { faultWords } from '@/client/api';
import { isLate, LARGEST_ANSWER, lineAnswerWords, stillExpected, type Order, type OrderLine } from '@/core/orders/order';
import { FilePick } from '@/ui/forms/FilePick';
import { ListTable, type ListColumn } from '@/ui/forms/ListTable';
import { Notice } from '@/ui/shell/Notice';
import { Arrived } from './Arrived';
import { useKeepsStock, useOrderDeed, useOrders } from './use-orders';

const today = (): string => new Date().toISOString().slice(0, 10);

/** What was said of a line: 'accepted, 3 by 2026-12-05'. */
function saidOf(line: OrderLine): string {
  const { answer, promised, promisedOn, replacedBy, sent } = line;
  return [
    answer === 'replaced' ? `${replacedBy} instead: enter it as a part, and judge it before it is fitted` : lineAnswerWords[answer],
    promised !== null && answer !== 'refused' ? `${promised} promised` : '',
    promisedOn ? `by ${promisedOn}` : '',
    sent > 0 ? `${sent} on the way` : '',
    isLate(line, today()) ? 'LATE' : '',
  ]
    .filter(Boolean)
    .join(', ');
}

function OneOrder({ order }: { order: Order }) {
  const send = useOrderDeed();
  const keeps = useKeepsStock();
  const [arriving, setArriving] = useState<number>();
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const doIt = async (work: () => Promise<string | undefined>) => {
    setBusy(true);
    setFault(await work());
    setBusy(false);
  };
  const bring = (file: File) =>
    doIt(async () =>
      file.size > LARGEST_ANSWER
        ? 'The file is larger than an answer is.'
        : faultWords(await send(order.id, 'answer', { xml: await file.text() })),
    );
  const columns: ListColumn<OrderLine>[] = [
    { head: 'Part', of: ({ name }) => name },
    { head: 'Order number', figure: true, of: ({ orderNumber }) => orderNumber ?? '' },
    { head: 'Ordered', figure: true, of: ({ quantity }) => quantity },
    { head: 'Answered', of: saidOf },
    { head: 'Come', figure: true, of: ({ received }) => received },
    { head: 'Expected', figure: true, of: (line) => (order.closed ? 0 : stillExpected(line)) },
    {
      head: 'Arrived',
      of: (line) =>
        keeps &&
        !order.closed && (
          <Button aria-label={`${line.name} has arrived`} onClick={() => setArriving(line.line)}>
            It is here
          </Button>
        ),
    },
  ];
  const line = order.lines.find((one) => one.line === arriving);
  return (
    <section className="stack" aria-label={`Order ${order.number}`}>
      <ListTable
        caption={`${order.number}: ${order.supplier}, ordered ${order.orderedOn.slice(0, 10)} by ${order.orderedBy}${order.closed ? ', closed' : ''}`}
        columns={columns}
        rows={order.lines}
        keyOf={(one) => String(one.line)}
      />
      {line && <Arrived key={line.line} orderId={order.id} line={line} onDone={() => setArriving(undefined)} />}
      {fault && (
        <Notice kind="fails" role="alert">
          {fault}
        </Notice>
      )}
      <div className="row-flex">
        <Button href={`/api/v1/orders/${order.id}/xml`} download>
          Order, UBL
        </Button>
        <Button href={`/api/v1/orders/${order.id}/csv`} download>
          CSV
        </Button>
        {keeps && (
          <>
            <FilePick accept=".xml,application/xml,text/xml" disabled={busy} onFile={(file) => void bring(file)}>
              Bring the supplier’s answer
            </FilePick>
            <Button
              disabled={busy}
              onClick={() => void doIt(async () => faultWords(await send(order.id, order.closed ? 'open' : 'close')))}
            >
              {order.closed ? 'Open again' : 'Nothing more is expected'}
            </Button>
          </>
        )}
      </div>
    </section>
  );
}

/** What is on order: open orders first, then those that are closed, when they are asked for. */
export function Orders({ siteId }: { siteId: string }) {
  const orders = useOrders(siteId).data?.orders ?? [];
  const [shown, setShown] = useState(false);
  const open = orders.filter(({ closed }) => !closed);
  const closed = orders.filter((order) => order.closed);
  if (orders.length === 0) return null;
  return (
    <section className="stack" aria-label="Orders">
      <h2>On order</h2>
      {open.length === 0 && <p className="muted">Nothing is expected.</p>}
      {open.map((order) => (
        <OneOrder key={order.id} order={order} />
      ))}
      {closed.length > 0 && (
        <div>
          <Button aria-expanded={shown} onClick={() => setShown(!shown)}>
            {shown ? 'Hide closed orders' : `${closed.length} closed`}
          </Button>
        </div>
      )}
      {shown && closed.map((order) => <OneOrder key={order.id} order={order} />)}
    </section>
  );
}
