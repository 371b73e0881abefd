'use client';

import Button from '@mui/material/Button';
import { Controller } from 'react-hook-form';
import type { InferType } from 'yup';
import { newCircuitSchema } from '@/core/circuit/circuit-fields';
import { FormFault } from '@/ui/forms/FormFault';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { TickBox } from '@/ui/forms/TickBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';
import circuitsStyle from '@/ui/styles/circuits.module.css';

export type NewCircuit = InferType<typeof newCircuitSchema>;
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
  words,
  onSave,
  onCancel,
}: {
  start: NewCircuit;
  /** The circuit that is changed; absent: a new one, which has a kind to choose. */
  own?: string;
  positions: readonly Spot[];
  nameOf: (circuitId: string) => string;
  words: string;
  /** Resolves to why it was refused, or to nothing. */
  onSave: (circuit: NewCircuit) => Promise<string | undefined>;
  onCancel: () => void;
}) {
  const { register, control, errors, ready, onSubmit } = useSentForm(newCircuitSchema, start, onSave);
  return (
    <form className={circuitsStyle.form} onSubmit={onSubmit}>
      <label className="stack" style={{ gap: 4 }}>
        <span>Name of the circuit</span>
        <TextBox wide {...register('name', trimmed)} />
      </label>
      {own === undefined && (
        <label className="stack" style={{ gap: 4 }}>
          <span>What it is</span>
          <Controller
            control={control}
            name="kind"
            render={({ field: { value, onChange } }) => <SelectBox wide options={kinds} value={value} onWord={onChange} />}
          />
        </label>
      )}
      <fieldset style={{ border: 0, padding: 0, margin: 0 }}>
        <legend>Its positions</legend>
        <Controller
          control={control}
          name="positionIds"
          render={({ field: { value, onChange } }) => (
            <div className={circuitsStyle.picks}>
              {positions.map(({ id, tag, function: fn, circuitId }) => (
                <label key={id} className={circuitsStyle.pick}>
                  <TickBox
                    checked={value.includes(id)}
                    onTick={(on) => onChange(on ? [...value, id] : value.filter((one) => one !== id))}
                  />
                  <span>
                    <b>{tag}</b> {fn}
                    {circuitId && circuitId !== own ? <span className="muted"> now in {nameOf(circuitId)}</span> : ''}
                  </span>
                </label>
              ))}
            </div>
          )}
        />
      </fieldset>
      <FormFault errors={errors} />
      <div className="row-flex">
        <Button type="submit" variant="contained" disabled={!ready}>
          {words}
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </div>
    </form>
  );
}
