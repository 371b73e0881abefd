'use client';

import { useEffect, useState } from 'react';
import { findCards, type Card } from '@/core/cards/card';
import { TextBox } from '@/ui/forms/TextBox';
import { CardText } from '@/ui/cards/CardText';

/** Every card, found by any of its words; the address may name one. */
export function CardList({ cards }: { cards: readonly Card[] }) {
  const [query, setQuery] = useState('');
  const found = findCards(cards, query);
  useEffect(() => {
    const id = decodeURIComponent(window.location.hash.slice(1));
    if (id) document.getElementById(`card-${id}`)?.scrollIntoView({ block: 'center' });
  }, []);
  return (
    <div className="stack">
      <label className="row-flex">
        <span className="visually-hidden">Find a card</span>
        <TextBox
          wide
          style={{ maxWidth: 460 }}
          type="search"
          placeholder="neutral, myth, spare fuse, arc, altitude …"
          value={query}
          onChange={(event) => setQuery(event.target.value)}
        />
        <span className="muted" role="status">
          {found.length} card{found.length === 1 ? '' : 's'}
        </span>
      </label>
      {found.map((card) => (
        <section key={card.id} id={`card-${card.id}`} className="sheet" style={{ padding: '10px 14px' }} aria-label={card.title}>
          <CardText card={card} />
        </section>
      ))}
    </div>
  );
}
