'use client';

import { useEffect, useRef } from 'react';
import { walkStateOf, type WalkState } from '@/core/plant/walk';
import { Link } from '@/ui/shell/Link';
import type { WalkedPosition } from './use-walked';

/** Large enough for a glove. */
const step = (here: boolean) => ({ padding: '11px 8px', fontWeight: here ? 700 : 400, textDecoration: here ? undefined : 'none' });
const signs: Record<WalkState, string> = { read: '●', 'in part': '◐', 'not read': '○' };

/** The positions of the panel in a row, each with how far it is read; where one stands is in sight. */
export function WalkStrip({
  positions,
  here,
  hrefOf,
  list,
}: {
  positions: readonly WalkedPosition[];
  here: string;
  hrefOf: (id: string) => string;
  list: { href: string; id: string };
}) {
  const strip = useRef<HTMLElement>(null);
  useEffect(() => {
    strip.current?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [here]);
  const done = positions.filter((position) => walkStateOf(position) === 'read').length;
  return (
    <div className="stack" style={{ gap: 4 }}>
      <nav ref={strip} aria-label="Positions of the panel" style={{ display: 'flex', gap: 4, overflowX: 'auto', whiteSpace: 'nowrap' }}>
        {positions.map((position) => {
          const state = walkStateOf(position);
          return (
            <Link
              key={position.id}
              href={hrefOf(position.id)}
              aria-current={position.id === here ? 'step' : undefined}
              aria-label={`${position.tag}, ${state}`}
              style={step(position.id === here)}
            >
              {signs[state]} {position.tag}
            </Link>
          );
        })}
        <Link href={list.href} aria-current={here === list.id ? 'step' : undefined} style={step(here === list.id)}>
          For the shutdown
        </Link>
      </nav>
      <p className="muted" role="status">
        {done} of {positions.length} read · ● read ◐ in part ○ not read
      </p>
    </div>
  );
}
