'use client';

import { Pill } from '@/ui/forms/Pill';
import { certain } from '@/core/certain';
import { useState } from 'react';
import type { TerminalMove } from '@/core/families/contract';
import { baseOf, pinPlaces, pinUses, type Base, type BaseView, type PinUse } from '@/core/relays/bases';
import relaysStyle from '@/ui/styles/relays.module.css';

const SIZE = 200;
const GAP = 120;
const TOP = 30;
const useWords: Record<PinUse['use'], string> = {
  coil: 'coil or supply',
  common: 'common',
  break: 'break (NC)',
  make: 'make (NO)',
  signal: 'control signal',
  free: 'free',
};
const useClass = (use: PinUse['use']) => `pin ${use}`;

type Spot = { x: number; y: number };

function spots(base: Base, view: BaseView, left: number): Map<string, Spot> {
  return new Map(pinPlaces(base, view).map(({ pin, x, y }) => [pin, { x: left + 12 + x * (SIZE - 24), y: TOP + 12 + y * (SIZE - 24) }]));
}

const Body = ({ base, left }: { base: Base; left: number }) =>
  base.arrangement === 'circle' ? (
    <>
      <circle cx={left + SIZE / 2} cy={TOP + SIZE / 2} r={SIZE / 2 - 4} className={relaysStyle.baseBody} />
      <path d={`M${left + SIZE / 2 - 8} ${TOP + SIZE / 2 + 22} h16 v-14 a8 8 0 0 0 -16 0 z`} className={relaysStyle.baseKey} />
    </>
  ) : (
    <rect x={left + 4} y={TOP + 4} width={SIZE - 8} height={SIZE - 8} rx={12} className={relaysStyle.baseBody} />
  );

function Drawn({ base, view, left, timer }: { base: Base; view: BaseView; left: number; timer: boolean }) {
  const at = spots(base, view, left);
  return (
    <g>
      {pinUses(base, timer).map(({ pin, use }) => {
        const spot = certain(at.get(pin));
        return (
          <g key={pin} className={useClass(use)}>
            <circle cx={spot.x} cy={spot.y} r={base.arrangement === 'rail' ? 11 : 13} />
            <text x={spot.x} y={spot.y + 4} textAnchor="middle">
              {pin}
            </text>
          </g>
        );
      })}
      <text x={left + SIZE / 2} y={18} textAnchor="middle" className={relaysStyle.baseName}>
        {base.title}
      </text>
    </g>
  );
}

/** One base by itself. */
export const DrawnBase = ({ base, view, timer }: { base: Base; view: BaseView; timer: boolean }) => (
  <svg
    viewBox={`0 0 ${SIZE} ${SIZE + TOP + 6}`}
    role="img"
    aria-label={`${base.title}, ${base.pins.length} pins`}
    style={{ width: '100%', maxHeight: 240 }}
  >
    <Body base={base} left={0} />
    <Drawn base={base} view={view} left={0} timer={timer} />
  </svg>
);

/** Two bases with every wire from the old to the new; the list beside it says the same in words. */
export function BaseMap({ from, to, moves, timer }: { from: unknown; to: unknown; moves: readonly TerminalMove[]; timer: boolean }) {
  const [view, setView] = useState<BaseView>('socket');
  const [old, fresh] = [baseOf(from), baseOf(to)];
  if (!old && !fresh) return null;
  const same = old !== undefined && old === fresh;
  const right = SIZE + GAP;
  const [a, b] = [old && spots(old, view, 0), fresh && spots(fresh, view, right)];
  const wires = same ? [] : moves.filter((move) => a?.has(move.from) && b?.has(move.to));
  const rail = [old, fresh].every((base) => !base || base.arrangement === 'rail');
  return (
    <figure className={relaysStyle.baseMap}>
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <figcaption>
          <b>{same ? 'Same socket' : 'Other socket: every wire moves'}</b>{' '}
          <small className="muted">Pins are common practice; the diagram on the part has the last word.</small>
        </figcaption>
        {!rail && (
          <Pill pressed={false} onClick={() => setView(view === 'socket' ? 'plug' : 'socket')}>
            {view === 'socket' ? 'Seen into the socket' : 'Seen from below the relay'}
          </Pill>
        )}
      </div>
      <svg
        viewBox={`0 0 ${same ? SIZE : right + SIZE} ${SIZE + TOP + 6}`}
        role="img"
        aria-label={`${old?.title ?? 'unknown socket'}${same ? '' : ` to ${fresh?.title ?? 'unknown socket'}, ${wires.length} wires drawn; the list gives each of them`}`}
        style={{ maxHeight: 300, width: '100%' }}
      >
        {/* Bodies below the wires, pins above them. */}
        {old && <Body base={old} left={0} />}
        {!same && fresh && <Body base={fresh} left={right} />}
        {wires.map((move, i) => {
          const [p, q] = [certain(certain(a).get(move.from)), certain(certain(b).get(move.to))];
          const bend = (q.x - p.x) / 2;
          return (
            <path
              key={`${move.from}-${move.to}-${i}`}
              className={`${relaysStyle.wire} ${move.circuit}`}
              d={`M${p.x + 13} ${p.y} C${p.x + bend} ${p.y}, ${q.x - bend} ${q.y}, ${q.x - 13} ${q.y}`}
            >
              <title>{`${move.from} to ${move.to}, ${move.note}`}</title>
            </path>
          );
        })}
        {old && <Drawn base={old} view={view} left={0} timer={timer} />}
        {!same && fresh && <Drawn base={fresh} view={view} left={right} timer={timer} />}
      </svg>
      <p className={relaysStyle.baseLegend}>
        {(['coil', 'common', 'break', 'make', ...(timer ? (['signal'] as const) : [])] as const).map((use) => (
          <span key={use} className={useClass(use)}>
            <svg width="16" height="16" aria-hidden="true">
              <circle cx="8" cy="8" r="6" />
            </svg>
            {useWords[use]}
          </span>
        ))}
      </p>
    </figure>
  );
}
