'use client';

import { NameField } from '../swap/NameField';
import { useState } from 'react';
import type { JudgedPart } from '@/core/matching/judge';
import { LEAST_REASON, lineSignature, partObstacles, type Obstacle } from '@/core/swap/gate';
import type { Change, SwapState } from '@/core/swap/swap';
import { VerdictMark } from '../marks/VerdictMark';

const asks: Record<Obstacle['kind'], string> = {
  safety: 'Cannot go in',
  override: 'Override by name, with a reason',
  acknowledge: 'Looked at by name',
  proof: '',
  safe: '',
  choice: '',
};

function ObstacleRow({
  obstacle,
  part,
  name,
  onChange,
}: {
  obstacle: Obstacle;
  part: JudgedPart;
  name: string;
  onChange: (changes: Change[]) => void;
}) {
  const [reason, setReason] = useState('');
  const line = part.lines.find((one) => one.need.id === obstacle.needId)!;
  const needsReason = obstacle.kind === 'override' || line.verdict === 'not-known';
  const ready = name.trim().length >= 2 && (!needsReason || reason.trim().length >= LEAST_REASON);
  const section = obstacle.kind === 'override' ? 'overrides' : 'acknowledged';
  return (
    <div className={`say ${line.verdict}`} style={{ display: 'grid', gap: 6 }}>
      <p style={{ display: 'flex', gap: 8 }}>
        <VerdictMark verdict={line.verdict} /> <span>{obstacle.text}</span>
      </p>
      {obstacle.kind !== 'safety' && (
        <div className="row-flex">
          {needsReason && (
            <input
              className="text-in wide"
              style={{ maxWidth: 420 }}
              aria-label={`Reason for: ${obstacle.text.slice(0, 80)}`}
              placeholder={
                obstacle.kind === 'override' ? 'why it may go in all the same' : 'what was done to find out, and why it may go in'
              }
              value={reason}
              maxLength={500}
              onChange={(event) => setReason(event.target.value)}
            />
          )}
          <button
            type="button"
            className="quiet"
            disabled={!ready}
            onClick={() =>
              onChange([
                {
                  path: `${section}.${obstacle.needId}`,
                  value: { by: name.trim(), reason: reason.trim(), seen: lineSignature(line) },
                },
              ])
            }
          >
            {asks[obstacle.kind]}
          </button>
        </div>
      )}
    </div>
  );
}

/** What the part under consideration still asks for before it may be taken. */
export function ChoicePanel({
  title,
  part,
  state,
  name,
  onName,
  onChange,
}: {
  title: string;
  part: JudgedPart;
  state: SwapState;
  name: string;
  onName: (name: string) => void;
  onChange: (changes: Change[]) => void;
}) {
  const obstacles = partObstacles(part, state);
  const safety = obstacles.filter(({ kind }) => kind === 'safety');
  if (obstacles.length === 0) return <p className="say fits">{title} holds, and everything it asks for has been said. It can be taken.</p>;
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label={`Before ${title} goes in`}>
      <h2 style={{ fontSize: 15.5 }}>Before {title} goes in</h2>
      {safety.length > 0 && <p className="muted">A safety line fails: this part cannot be chosen by anyone. Look at another column.</p>}
      {safety.length === 0 && <NameField label="Your name" name={name} onName={onName} />}
      {(safety.length > 0 ? safety : obstacles).map((obstacle) => (
        <ObstacleRow key={`${obstacle.id}-${title}`} obstacle={obstacle} part={part} name={name} onChange={onChange} />
      ))}
    </section>
  );
}
