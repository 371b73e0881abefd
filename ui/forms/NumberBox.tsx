'use client';

import { TextBox } from '@/ui/forms/TextBox';
import { useId, useState } from 'react';
import { formatQuantity } from '@/core/quantities/format-quantity';
import { readQuantity } from '@/core/quantities/read-quantity';

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
  const shown = value === null ? '' : formatQuantity(value, unit);
  const [text, setText] = useState<string>();
  const [fault, setFault] = useState<string>();
  const take = () => {
    if (text === undefined) return;
    const clean = text.trim();
    if (clean === '' && empty) {
      setText(undefined);
      setFault(undefined);
      return onValue(null);
    }
    const read = readQuantity(clean, unit, label);
    if (!read.ok) return setFault(read.fault);
    if (read.value < min || read.value > max) return setFault(`${formatQuantity(min, unit)} to ${formatQuantity(max, unit)} is accepted.`);
    setFault(undefined);
    setText(undefined);
    onValue(read.value);
  };
  return (
    <label htmlFor={id} title={hint}>
      <span>{label}</span>
      <TextBox
        wide
        id={id}
        value={text ?? shown}
        placeholder={empty ? placeholder : ''}
        aria-label={name ? `${name}. ${label}` : undefined}
        inputMode="decimal"
        autoComplete="off"
        aria-invalid={fault !== undefined}
        aria-describedby={fault ? `${id}-fault` : undefined}
        onChange={(event) => setText(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => event.key === 'Enter' && take()}
      />
      {fault && (
        <small id={`${id}-fault`} role="alert" style={{ color: 'var(--fails)' }}>
          {fault}
        </small>
      )}
    </label>
  );
}
