'use client';

import { cardsOf } from '@/core/cards/card';
import { cards } from '@/core/cards/registry';
import { CardText } from '@/ui/cards/CardText';
import { useSay } from '@/ui/language/practice';
import { useJob } from './use-job';

/** The cards of this kind of device, folded, under its requirements. */
export function GoodToKnow() {
  const { derived } = useJob();
  const say = useSay();
  const own = cardsOf(cards, derived.family.id);
  if (own.length === 0) return null;
  return (
    <section className="stack" aria-label="Good to know" style={{ gap: 6 }}>
      <p className="label">Good to know</p>
      {own.map((card) => (
        <details key={card.id} className="sheet" style={{ padding: '8px 14px' }}>
          <summary>{say(card.title)}</summary>
          <CardText card={card} />
        </details>
      ))}
    </section>
  );
}
