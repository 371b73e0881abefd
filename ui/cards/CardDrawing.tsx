import type { Drawing } from '@/core/cards/card';

/** A small drawing of a card. */
export const CardDrawing = ({ drawing: { shows, lines, words } }: { drawing: Drawing }) => (
  <svg viewBox="0 0 240 92" role="img" aria-label={shows} style={{ width: '100%', maxWidth: 300, display: 'block', margin: '4px 0' }}>
    {lines.map((points, i) => (
      <polyline key={i} points={points.map((point) => point.join(',')).join(' ')} fill="none" stroke="currentColor" strokeWidth={1.6} />
    ))}
    {words.map(([x, y, text]) => (
      <text key={text} x={x} y={y} fontSize={8.5} fill="currentColor">
        {text}
      </text>
    ))}
  </svg>
);
