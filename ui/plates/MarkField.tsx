'use client';

import ButtonBase from '@mui/material/ButtonBase';
import { useId, useState } from 'react';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { confirmed } from '@/core/plates/merge-photo-readings';
import { stateMeaning, type Reading, type ReadingState } from '@/core/readings/reading';
import { wordText } from '@/core/language/word-text';
import { useSay } from '../language/practice';
import { stateSigns, stateWords, TO_CONFIRM } from './state-marks';
import { readEdited, readingText, type EditField } from './edit-field';

export type FieldChange = (field: EditField, reading: Reading | null) => void;

/** Characters that two columns of a plate show. */
const TWO_COLUMNS = 24;
const order: ReadingState[] = ['read', 'measured', 'worked-out', 'assumed', 'unreadable', 'absent'];

/** One mark of a plate, edited in place. Its sign opens what it means and in which state it is. */
export function MarkField({
  field,
  reading,
  wide,
  onChange,
  onFocus,
}: {
  field: EditField;
  reading: Reading | undefined;
  wide?: boolean;
  onChange: FieldChange;
  onFocus: (field: EditField) => void;
}) {
  const id = useId();
  const [draft, setDraft] = useState<string>();
  const [fault, setFault] = useState<string>();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const stands = readingText(field, reading);
  const shown = draft ?? stands;
  const state = reading?.state;
  const commit = (text: string) => {
    if (text === stands) {
      setDraft(undefined);
      setFault(undefined);
      return;
    }
    if (text.trim() === '') {
      onChange(field, null);
      setDraft(undefined);
      setFault(undefined);
      return;
    }
    const edited = readEdited(field, text);
    setFault(edited.ok ? undefined : edited.fault);
    if (!edited.ok) return;
    onChange(field, {
      state: state && state !== 'unreadable' && state !== 'absent' ? (state === 'assumed' ? 'read' : state) : 'read',
      value: edited.value,
    });
    setDraft(undefined);
  };
  const setState = (next: ReadingState) => {
    setAnchor(null);
    if (next === 'unreadable' || next === 'absent') onChange(field, { state: next });
    else if (reading?.value !== undefined) onChange(field, { ...confirmed(reading), state: next });
    onFocus(field);
  };
  // What is longer than two columns takes the row, by what stands there and not while it is typed.
  const whole = wide && stands.length > TWO_COLUMNS;
  const say = useSay();
  const common = {
    id,
    'aria-invalid': fault ? true : undefined,
    'aria-describedby': fault ? `${id}-fault` : undefined,
    onFocus: () => onFocus(field),
  } as const;
  const said = reading?.toConfirm ? `${state ? stateWords[state] : ''}, to be confirmed` : state ? stateWords[state] : 'not entered';
  const place = state === 'unreadable' ? 'unreadable' : state === 'absent' ? 'not marked' : '';
  return (
    <div
      className={`mark ${state ?? ''} ${reading?.toConfirm ? 'to-confirm' : ''} ${wide ? 'wide' : ''} ${whole ? 'whole' : ''} ${fault ? 'fault' : ''}`}
    >
      <label htmlFor={id}>
        <span title={field.label} style={{ overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }}>
          {field.short}
        </span>
        <ButtonBase
          className="state-button tag-state"
          tabIndex={-1}
          title={said}
          aria-label={`${field.label}: ${said}. Explain or change.`}
          onClick={(event) => {
            event.preventDefault();
            onFocus(field);
            setAnchor(event.currentTarget);
          }}
        >
          <span aria-hidden="true">{reading?.toConfirm ? TO_CONFIRM : state ? stateSigns[state] : '+'}</span>
          <span className="state-word" aria-hidden="true">
            {said}
          </span>
        </ButtonBase>
      </label>
      {field.kind === 'word' && field.words ? (
        // eslint-disable-next-line no-restricted-syntax -- a plate is drawn: its marks are typed into the plate itself
        <select
          {...common}
          value={stands}
          onChange={(event) => (event.target.value === '' ? onChange(field, null) : commit(event.target.value))}
        >
          <option value="">{place || '–'}</option>
          {/* What stands there without being one of the words is shown too: "protected", or two words at once. */}
          {[...new Set([...field.words.map(wordText), stands])]
            .filter((word) => word !== '')
            .map((word) => (
              <option key={word} value={word}>
                {say(word)}
              </option>
            ))}
        </select>
      ) : (
        // eslint-disable-next-line no-restricted-syntax -- a plate is drawn: its marks are typed into the plate itself
        <input
          {...common}
          value={shown}
          placeholder={place}
          autoComplete="off"
          spellCheck={false}
          onChange={(event) => setDraft(event.target.value)}
          onBlur={(event) => commit(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') {
              // Enter on what the picture gave, unchanged, is the person's yes to it.
              if (reading?.toConfirm && reading.value !== undefined && event.currentTarget.value === stands)
                onChange(field, confirmed(reading));
              else commit(event.currentTarget.value);
              const all = [...document.querySelectorAll<HTMLElement>('.plate input, .plate select')];
              all[all.indexOf(event.currentTarget) + 1]?.focus();
            } else if (event.key === 'Escape') {
              setDraft(undefined);
              setFault(undefined);
            } else if (event.altKey && event.key.toLowerCase() === 'u') {
              event.preventDefault();
              setState('unreadable');
            }
          }}
        />
      )}
      {fault && (
        <span className="fault-text" id={`${id}-fault`} role="alert">
          {say(fault)}
        </span>
      )}
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)} slotProps={{ paper: { sx: { maxWidth: 340 } } }}>
        <MenuItem disabled sx={{ whiteSpace: 'normal', opacity: '1 !important' }}>
          {field.meaning}
        </MenuItem>
        {reading?.toConfirm && reading.value !== undefined && (
          <MenuItem sx={{ minHeight: 44, whiteSpace: 'normal', display: 'block' }} onClick={() => setState(state ?? 'read')}>
            <b>✓ Confirm {stands}</b>
            <small style={{ display: 'block' }}>{reading.from ?? 'Read automatically.'}</small>
          </MenuItem>
        )}
        <MenuItem component="a" href={`/plates/glossary#${field.id}`} sx={{ minHeight: 44 }}>
          Open in the glossary
        </MenuItem>
        {order.map((one) => (
          <MenuItem
            key={one}
            selected={one === state}
            disabled={reading?.value === undefined && one !== 'unreadable' && one !== 'absent'}
            onClick={() => setState(one)}
            sx={{ minHeight: 44, whiteSpace: 'normal', display: 'block' }}
          >
            <b>
              {stateSigns[one]} {stateWords[one]}
            </b>
            <small style={{ display: 'block' }}>{stateMeaning[one]}</small>
          </MenuItem>
        ))}
      </Menu>
    </div>
  );
}
