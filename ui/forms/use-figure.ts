'use client';

import { useId, useState, type ChangeEvent, type FocusEvent, type KeyboardEvent } from 'react';

/** What a typed text comes to, or why it cannot be taken. */
export type Taken<T> = { ok: true; value: T } | { ok: false; fault: string };

/**
 * A figure while it is typed: taken when it is left or on Enter; what cannot be taken is said, stays as typed, and changes nothing.
 * @param stands what is shown while nobody types.
 * @param take reads what was typed, an empty text too; `said` is what was refused the time before.
 */
export function useFigure<T>(stands: string, take: (text: string, said?: string) => Taken<T>, onTaken: (value: T) => void) {
  const faultId = useId();
  const [draft, setDraft] = useState<string>();
  const [said, setSaid] = useState<string>();
  const [fault, setFault] = useState<string>();
  const commit = (text: string) => {
    if (draft === undefined) return;
    const taken = take(text.trim(), said);
    setSaid(text.trim());
    setFault(taken.ok ? undefined : taken.fault);
    if (!taken.ok) return;
    setDraft(undefined);
    onTaken(taken.value);
  };
  const input = {
    value: draft ?? stands,
    inputMode: 'decimal' as const,
    autoComplete: 'off',
    'aria-invalid': fault ? (true as const) : undefined,
    'aria-describedby': fault ? faultId : undefined,
    onChange: (event: ChangeEvent<HTMLInputElement>) => setDraft(event.target.value),
    onBlur: (event: FocusEvent<HTMLInputElement>) => commit(event.target.value),
    onKeyDown: (event: KeyboardEvent<HTMLInputElement>) => event.key === 'Enter' && commit(event.currentTarget.value),
  };
  return { input, fault, faultId };
}
