'use client';

import { useId } from 'react';
import { formatQuantity } from '@/core/quantities/format-quantity';
import { readInRange, readQuantity } from '@/core/quantities/read-quantity';
import { FigureBox } from './FigureBox';
import type { Taken } from './use-figure';

/** A figure with its unit, taken when it is left or on Enter; what cannot be read is said at the field and changes nothing. */
export function NumberBox({
  label,
  unit,
  value,
  min,
  max,
  empty = false,
  name,
  placeholder = 'not known',
  hint,
  onValue,
}: {
  label: string;
  unit: string;
  value: number | null;
  min: number;
  max: number;
  /** May be left empty: not known. */
  empty?: boolean;
  /** What a screen reader says before the label. */
  name?: string;
  placeholder?: string;
  /** What the figure means, in a sentence. */
  hint?: string;
  onValue: (value: number | null) => void;
}) {
  const id = useId();
  const take = (text: string): Taken<number | null> => {
    const read = readInRange(text, { unit, label, min, max });
    if (!read.ok) return read;
    if (read.value === undefined && !empty) return readQuantity('', unit, label);
    return { ok: true, value: read.value ?? null };
  };
  return (
    <label htmlFor={id} title={hint}>
      <span>{label}</span>
      <FigureBox
        wide
        id={id}
        stands={value === null ? '' : formatQuantity(value, unit)}
        placeholder={empty ? placeholder : ''}
        aria-label={name ? `${name}. ${label}` : undefined}
        take={take}
        onTaken={onValue}
      />
    </label>
  );
}
