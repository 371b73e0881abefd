'use client';

import type { Drawing } from '@/core/cards/card';
import { useSay } from '../language/practice';

/** A small drawing of a card. */
export function CardDrawing({ drawing: { shows, lines, words } }: { drawing: Drawing }) {
  const say = useSay();
  return (
    <svg
      viewBox="0 0 240 92"
      role="img"
      aria-label={say(shows)}
      style={{ width: '100%', maxWidth: 300, display: 'block', margin: '4px 0' }}
    >
      {lines.map((points, i) => (
        <polyline key={i} points={points.map((point) => point.join(',')).join(' ')} fill="none" stroke="currentColor" strokeWidth={1.6} />
      ))}
      {words.map(([x, y, text]) => (
        <text key={text} x={x} y={y} fontSize={8.5} fill="currentColor">
          {say(text)}
        </text>
      ))}
    </svg>
  );
}
