'use client';

import { mayDo } from '@/core/crew/rights';
import { formatInstant } from '@/core/language/format-instant';
import { tradeWords, type Trade } from '@/core/stores/trade';
import { usePerson } from '@/ui/shell/person';
import { TradeForm } from './TradeForm';

export type SaidTrade = { trade: Trade; saidBy: string; saidAt: string };
const nothing: Trade = {
  ...{ supplier: '', price: null, currency: null, leadDays: null, state: 'current', replacedBy: '', otherNumbers: '' },
};

/** From whom a part is bought, for how much, how soon it is here, and whether it is still made; with who said so and when. */
export function PartTrade({ partId, kept }: { partId: string; kept: SaidTrade | undefined }) {
  const person = usePerson();
  const words = kept && [kept.trade.supplier, tradeWords(kept.trade)].filter(Boolean).join(': ');
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="Buying">
      <div>
        <h2 style={{ margin: 0 }}>Buying</h2>
        <p className="muted">
          {kept
            ? `${words || 'made and sold'}. Said by ${kept.saidBy}, ${formatInstant(kept.saidAt, 'UTC')}.`
            : 'Nobody said how it is bought.'}
        </p>
      </div>
      {person && mayDo(person.role, 'keep-stock') && <TradeForm key={kept?.saidAt ?? ''} partId={partId} start={kept?.trade ?? nothing} />}
    </section>
  );
}
