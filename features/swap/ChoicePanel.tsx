'use client';

import { Notice } from '@/ui/shell/Notice';
import { TextBox } from '@/ui/forms/TextBox';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Change as PartChange } from '@/core/matching/changes';
import type { JudgedNeed, JudgedPart } from '@/core/matching/judge';
import type { Verdict } from '@/core/needs/need';
import { MIN_REASON_LETTERS } from '@/core/swap/said';
import { changeKey, changeSignature, lineSignature, partObstacles, type Obstacle } from '@/core/swap/sign-off';
import type { Change, SwapState } from '@/core/swap/swap';
import { VerdictMark } from '../../ui/marks/VerdictMark';

const asks: Record<Obstacle['kind'], string> = {
  safety: 'Cannot be installed',
  override: 'Override by name, with a reason',
  approve: '',
  acknowledge: 'Acknowledge by name',
  change: 'Give the reason by name',
  proof: '',
  safe: '',
  choice: '',
  cause: '',
  circuit: '',
};
const reasonHints: Partial<Record<Obstacle['kind'], string>> = {
  override: 'why it may be installed all the same',
  acknowledge: 'what was done to find out, and why it may be installed',
  change: 'why it is changed, and what was found',
};

/** Where the answer is kept, and what stood there when it was given. */
function keptAs(
  obstacle: Obstacle,
  line: JudgedNeed | undefined,
  change: PartChange | undefined,
): { path: string; seen: string } | undefined {
  if (change) return { path: `acknowledged.${changeKey(change)}`, seen: changeSignature(change) };
  if (!line) return undefined;
  return { path: `${obstacle.kind === 'override' ? 'overrides' : 'acknowledged'}.${line.need.id}`, seen: lineSignature(line) };
}

function ObstacleRow({
  obstacle,
  part,
  changes,
  name,
  onChange,
}: {
  obstacle: Obstacle;
  part: JudgedPart;
  changes: readonly PartChange[];
  name: string;
  onChange: (changes: Change[]) => void;
}) {
  const [reason, setReason] = useState('');
  const [settles, setSettles] = useState('');
  const line = part.lines.find((one) => one.need.id === obstacle.needId);
  const change = changes.find(({ id }) => id === obstacle.changeId);
  const verdict: Verdict = line?.verdict ?? 'check';
  const needsReason = obstacle.kind === 'override' || obstacle.kind === 'change' || verdict === 'not-known';
  const long = (text: string) => text.trim().length >= MIN_REASON_LETTERS;
  const ready = (!needsReason || long(reason)) && (!obstacle.settles || long(settles));
  const kept = keptAs(obstacle, line, change);
  const short = obstacle.text.slice(0, 80);
  return (
    <Notice kind={verdict} style={{ display: 'grid', gap: 6 }}>
      <p style={{ display: 'flex', gap: 8 }}>
        <VerdictMark verdict={verdict} /> <span>{obstacle.text}</span>
      </p>
      {obstacle.kind !== 'safety' && kept && (
        <div className="row-flex">
          {needsReason && (
            <TextBox
              wide
              style={{ maxWidth: 420 }}
              aria-label={`Reason for: ${short}`}
              placeholder={reasonHints[obstacle.kind]}
              value={reason}
              maxLength={500}
              onChange={(event) => setReason(event.target.value)}
            />
          )}
          {obstacle.settles && (
            <TextBox
              wide
              style={{ maxWidth: 420 }}
              aria-label={`What will settle: ${short}`}
              placeholder="what will settle it: data sheet, measurement, by when"
              value={settles}
              maxLength={500}
              onChange={(event) => setSettles(event.target.value)}
            />
          )}
          <Button
            disabled={!ready}
            onClick={() =>
              onChange([
                {
                  path: kept.path,
                  value: {
                    by: name,
                    reason: reason.trim(),
                    seen: kept.seen,
                    ...(obstacle.settles ? { settles: settles.trim() } : {}),
                  },
                },
              ])
            }
          >
            {asks[obstacle.kind]}
          </Button>
        </div>
      )}
    </Notice>
  );
}

/** What differs from the removed part: both values, why it matters, what to ask, or that it mends it. */
function ChangeList({ changes }: { changes: readonly PartChange[] }) {
  return (
    <div className="stack" style={{ gap: 6 }}>
      <h3 style={{ fontSize: 14 }}>Compared with the removed part</h3>
      {changes.map((change) => (
        <Notice kind={change.ask === null ? 'fits' : 'check'} key={change.id}>
          {change.because}
          {change.ask ? ` Ask first: ${change.ask}` : ''}
        </Notice>
      ))}
    </div>
  );
}

/** What the part under consideration still asks for before it may be taken. */
export function ChoicePanel({
  title,
  part,
  changes,
  state,
  name,
  onChange,
}: {
  title: string;
  part: JudgedPart;
  changes: readonly PartChange[];
  state: SwapState;
  name: string;
  onChange: (changes: Change[]) => void;
}) {
  const obstacles = partObstacles(part, state, changes);
  const safety = obstacles.filter(({ kind }) => kind === 'safety');
  // A change that still asks for its reason stands below as such.
  const said = changes.filter(({ id }) => !obstacles.some(({ changeId }) => changeId === id));
  if (obstacles.length === 0)
    return (
      <section className="stack" aria-label={`Before ${title} is installed`}>
        <Notice kind="fits">{title} meets every line, or what was open is acknowledged. It can be chosen.</Notice>
        {said.length > 0 && <ChangeList changes={said} />}
      </section>
    );
  const lines = obstacles.filter(({ kind }) => kind !== 'change');
  const changed = obstacles.filter(({ kind }) => kind === 'change');
  const row = (obstacle: Obstacle) => (
    <ObstacleRow key={`${obstacle.id}-${title}`} obstacle={obstacle} part={part} changes={changes} name={name} onChange={onChange} />
  );
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label={`Before ${title} is installed`}>
      <h2 style={{ fontSize: 15.5 }}>Before {title} goes in</h2>
      {safety.length > 0 && (
        <p className="muted">
          A safety line fails or is not known: nobody can choose this part. Look at another candidate, or read the missing field.
        </p>
      )}
      {safety.length === 0 && <p className="muted">What you say here stands under your name, {name}.</p>}
      {(safety.length > 0 ? safety : lines).map(row)}
      {safety.length === 0 && changed.length > 0 && <h3 style={{ fontSize: 14 }}>Compared with the removed part</h3>}
      {safety.length === 0 && changed.map(row)}
      {said.length > 0 && <ChangeList changes={said} />}
    </section>
  );
}
