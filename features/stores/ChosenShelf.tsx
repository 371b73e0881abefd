'use client';

import { useEffect, useRef } from 'react';
import { formatInstant } from '@/core/language/format-instant';
import { mayDo } from '@/core/crew/rights';
import { entryWords } from '@/core/stores/ledger';
import type { CribRow } from '@/services/crib';
import type { LedgerEntry } from '@/services/stores';
import { ListTable, type ListColumn } from '@/ui/forms/ListTable';
import { Link } from '@/ui/shell/Link';
import { Notice } from '@/ui/shell/Notice';
import { usePerson } from '@/ui/shell/person';
import { CodeOf, SheetOfLabels } from '../shell/SheetOfLabels';
import { Limits } from './Limits';
import { ShelfDeed } from './ShelfDeed';
import { useCribAgain, useEntries } from './use-crib';

const signed = (change: number): string => (change > 0 ? `+${change}` : String(change));
const columns: ListColumn<LedgerEntry>[] = [
  { head: 'When', of: ({ at }) => formatInstant(at, 'UTC') },
  { head: 'What', of: ({ kind, why }) => (why ? `${entryWords[kind]}: ${why}` : entryWords[kind]) },
  { head: 'Place', of: ({ place }) => place },
  { head: 'Pieces', figure: true, of: ({ change }) => signed(change) },
  { head: 'Left', figure: true, of: ({ left }) => left },
  { head: 'Who', of: ({ by }) => by },
];

/** One part of the crib: what is done with it, how few there may be, and what was done. */
export function ChosenShelf({ siteId, row: { partId, name, maker, place, least, most } }: { siteId: string; row: CribRow }) {
  const person = usePerson();
  const again = useCribAgain();
  const entries = useEntries(siteId, partId);
  const sheet = useRef<HTMLElement>(null);
  // What scrolling answers is no clean-up.
  useEffect(() => void sheet.current?.scrollIntoView({ block: 'nearest' }), []);
  return (
    <section ref={sheet} className="sheet stack" style={{ padding: 14 }} aria-label={name}>
      <div>
        <h2 style={{ margin: 0 }}>
          <Link href={`/parts/${encodeURIComponent(partId)}`}>{name}</Link>
        </h2>
        <p className="muted">{maker}</p>
      </div>
      <div className="row-flex">
        <CodeOf query={{ kind: 'part', siteId, partId }} name={name} />
        <SheetOfLabels words="Label of this part" query={{ kind: 'part', siteId, partId }} />
      </div>
      {person && mayDo(person.role, 'keep-stock') ? (
        <>
          <ShelfDeed key={`${partId} ${place}`} {...{ siteId, partId, place: place ?? '' }} onDone={again} />
          <Limits key={`${partId} ${least} ${most}`} {...{ siteId, partId, least, most }} onDone={again} />
        </>
      ) : (
        <p className="muted">You may look; stores, electricians and foremen keep the stock.</p>
      )}
      {entries.error && <Notice kind="fails">{entries.error.message}</Notice>}
      {entries.data && (
        <ListTable caption="Ledger" columns={columns} rows={entries.data.entries} keyOf={(entry) => JSON.stringify(entry)} />
      )}
    </section>
  );
}
