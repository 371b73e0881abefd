'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { TickBox } from '@/ui/forms/TickBox';
import circuitsStyle from '@/ui/styles/circuits.module.css';

export type Drawn = { name: string; kind: 'load' | 'control'; positionIds: string[] };
type Spot = { id: string; tag: string; function: string; circuitId: string | null };

const kinds = [
  ['load', 'before one load'],
  ['control', 'control supply of this panel'],
] as const;

/** Name, kind and positions of a circuit; what stands in another one says so, and leaves it. */
export function CircuitForm({
  start,
  own,
  positions,
  nameOf,
  busy,
  words,
  onSave,
  onCancel,
}: {
  start: Drawn;
  /** The circuit that is changed; absent: a new one, which has a kind to choose. */
  own?: string;
  positions: readonly Spot[];
  nameOf: (circuitId: string) => string;
  busy: boolean;
  words: string;
  onSave: (drawn: Drawn) => void;
  onCancel: () => void;
}) {
  const [drawn, setDrawn] = useState(start);
  const put = (more: Partial<Drawn>) => setDrawn({ ...drawn, ...more });
  const ready = drawn.name.trim().length >= 2 && drawn.positionIds.length > 0 && !busy;
  return (
    <form
      className={circuitsStyle.form}
      onSubmit={(event) => {
        event.preventDefault();
        if (ready) onSave({ ...drawn, name: drawn.name.trim() });
      }}
    >
      <label className="stack" style={{ gap: 4 }}>
        <span>Name of the circuit</span>
        <TextBox wide maxLength={80} value={drawn.name} onChange={(event) => put({ name: event.target.value })} />
      </label>
      {own === undefined && (
        <label className="stack" style={{ gap: 4 }}>
          <span>What it is</span>
          <SelectBox wide options={kinds} value={drawn.kind} onWord={(kind) => put({ kind })} />
        </label>
      )}
      <fieldset style={{ border: 0, padding: 0, margin: 0 }}>
        <legend>Its positions</legend>
        <div className={circuitsStyle.picks}>
          {positions.map(({ id, tag, function: fn, circuitId }) => (
            <label key={id} className={circuitsStyle.pick}>
              <TickBox
                checked={drawn.positionIds.includes(id)}
                onTick={(on) => put({ positionIds: on ? [...drawn.positionIds, id] : drawn.positionIds.filter((one) => one !== id) })}
              />
              <span>
                <b>{tag}</b> {fn}
                {circuitId && circuitId !== own ? <span className="muted"> now in {nameOf(circuitId)}</span> : ''}
              </span>
            </label>
          ))}
        </div>
      </fieldset>
      <div className="row-flex">
        <Button type="submit" variant="contained" disabled={!ready}>
          {words}
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </div>
    </form>
  );
}
