'use client';

import type { Card } from '@/core/cards/card';
import { useSay } from '../language/practice';

/** A card as it is read: its title, its sentences, and where they come from. */
export function CardText({ card: { title, sentences, source } }: { card: Card }) {
  const say = useSay();
  return (
    <>
      <h2 style={{ fontSize: 15.5, margin: '0 0 4px' }}>{say(title)}</h2>
      {sentences.map((sentence) => (
        <p key={sentence} style={{ margin: '0 0 4px' }}>
          {say(sentence)}
        </p>
      ))}
      <small className="muted">{source ?? 'Common practice.'}</small>
    </>
  );
}
