'use client';

import swapStyle from '@/ui/styles/swap.module.css';
import { useState, type KeyboardEvent } from 'react';
import { confirmed } from '@/core/plates/merge-photo-readings';
import type { Reading, ReadingState } from '@/core/readings/reading';
import { readEdited, readingText, type EditField } from './edit-field';

export type FieldChange = (field: EditField, reading: Reading | null) => void;

/** State of a mark that was typed over: what was measured stays measured, what was assumed is read now. */
const typedState = (state: ReadingState | undefined): ReadingState =>
  state === undefined || state === 'unreadable' || state === 'absent' || state === 'assumed' ? 'read' : state;

/** Puts the cursor into the mark after this one. */
function goOn(from: HTMLElement) {
  const all = [...document.querySelectorAll<HTMLElement>(`.${swapStyle.plate} input, .${swapStyle.plate} select`)];
  all[all.indexOf(from) + 1]?.focus();
}

/** A mark while it is typed: taken whole or refused in words; Enter goes on, Escape takes back, Alt U says unreadable. */
export function useMark(field: EditField, reading: Reading | undefined, onChange: FieldChange) {
  const [draft, setDraft] = useState<string>();
  const [fault, setFault] = useState<string>();
  const stands = readingText(field, reading);
  const leave = () => {
    setDraft(undefined);
    setFault(undefined);
  };
  const commit = (text: string) => {
    if (text === stands) return leave();
    if (text.trim() === '') {
      onChange(field, null);
      return leave();
    }
    const edited = readEdited(field, text);
    if (!edited.ok) return setFault(edited.fault);
    onChange(field, { state: typedState(reading?.state), value: edited.value });
    leave();
  };
  const setState = (next: ReadingState) => {
    if (next === 'unreadable' || next === 'absent') onChange(field, { state: next });
    else if (reading?.value !== undefined) onChange(field, { ...confirmed(reading), state: next });
  };
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    const input = event.currentTarget;
    if (event.key === 'Enter') {
      // Enter on what the picture gave, unchanged, is the person's yes to it.
      if (reading?.toConfirm && reading.value !== undefined && input.value === stands) onChange(field, confirmed(reading));
      else commit(input.value);
      goOn(input);
    } else if (event.key === 'Escape') leave();
    else if (event.altKey && event.key.toLowerCase() === 'u') {
      event.preventDefault();
      setState('unreadable');
    }
  };
  return { stands, shown: draft ?? stands, fault, setDraft, commit, setState, onKeyDown };
}
export type Mark = ReturnType<typeof useMark>;
