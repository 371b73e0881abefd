'use client';

import { useState } from 'react';
import { formatQuantity } from '@/core/quantities/format-quantity';
import type { QuantityReading } from '@/core/quantities/read-quantity';
import { TextBox } from '@/ui/forms/TextBox';
import swapStyle from '@/ui/styles/swap.module.css';

/** A figure as it is read or applied: taken when it is left or on Enter; what cannot be is said at the field. */
export function QuantityIn({
  label,
  unit,
  placeholder,
  value,
  read,
  onValue,
}: {
  label: string;
  unit: string;
  placeholder: string;
  value: number | undefined;
  /** What was typed, as a figure; `said` is what was typed the time before. */
  read: (text: string, said?: string) => QuantityReading;
  onValue: (value: number | undefined) => void;
}) {
  const [said, setSaid] = useState<string>();
  const [draft, setDraft] = useState<string>();
  const [fault, setFault] = useState<string>();
  const commit = (text: string) => {
    if (draft === undefined) return;
    if (text.trim() === '') {
      setFault(undefined);
      setDraft(undefined);
      return onValue(undefined);
    }
    const figure = read(text, said);
    const possible = figure.ok && figure.value >= 0 && figure.value <= 1e12;
    setFault(figure.ok ? (possible ? undefined : `${label} is outside what is possible.`) : figure.fault);
    setSaid(text.trim());
    if (!figure.ok || !possible) return;
    setDraft(undefined);
    onValue(figure.value);
  };
  return (
    <span style={{ display: 'inline-grid' }}>
      <TextBox
        aria-label={label}
        aria-invalid={fault ? true : undefined}
        placeholder={placeholder}
        value={draft ?? (value === undefined ? '' : formatQuantity(value, unit))}
        onChange={(event) => setDraft(event.target.value)}
        onBlur={(event) => commit(event.target.value)}
        onKeyDown={(event) => event.key === 'Enter' && commit(event.currentTarget.value)}
      />
      {fault && (
        <span className={swapStyle.faultText} role="alert" style={{ maxWidth: 220 }}>
          {fault}
        </span>
      )}
    </span>
  );
}
