'use client';

import ButtonBase from '@mui/material/ButtonBase';
import { useId, useState } from 'react';
import { wordText } from '@/core/language/word-text';
import type { Reading } from '@/core/readings/reading';
import { useSay } from '../language/practice';
import type { EditField } from './edit-field';
import { MarkMenu } from './MarkMenu';
import { stateSigns, stateWords, TO_CONFIRM } from './state-marks';
import { useMark, type FieldChange, type Mark } from './use-mark';
import swapStyle from '@/ui/styles/swap.module.css';

export type { FieldChange };

/** Characters that two columns of a plate show. */
const TWO_COLUMNS = 24;

type Common = { id: string; 'aria-invalid'?: true; 'aria-describedby'?: string; onFocus: () => void };

/** The mark itself: words to choose from, or what is typed. */
function MarkInput({
  field,
  mark,
  place,
  common,
  onClear,
}: {
  field: EditField;
  mark: Mark;
  /** Said where nothing stands. */
  place: string;
  common: Common;
  onClear: () => void;
}) {
  const say = useSay();
  const { stands } = mark;
  if (field.kind !== 'word' || !field.words)
    return (
      // eslint-disable-next-line no-restricted-syntax -- a plate is drawn: its marks are typed into the plate itself
      <input
        {...common}
        value={mark.shown}
        placeholder={place}
        autoComplete="off"
        spellCheck={false}
        onChange={(event) => mark.setDraft(event.target.value)}
        onBlur={(event) => mark.commit(event.target.value)}
        onKeyDown={mark.onKeyDown}
      />
    );
  // What stands there without being one of the words is shown too: "protected", or two words at once.
  const words = [...new Set([...field.words.map(wordText), stands])].filter((word) => word !== '');
  return (
    // eslint-disable-next-line no-restricted-syntax -- a plate is drawn: its marks are typed into the plate itself
    <select {...common} value={stands} onChange={(event) => (event.target.value === '' ? onClear() : mark.commit(event.target.value))}>
      <option value="">{place || '–'}</option>
      {words.map((word) => (
        <option key={word} value={word}>
          {say(word)}
        </option>
      ))}
    </select>
  );
}

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
  const say = useSay();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const mark = useMark(field, reading, onChange);
  const { fault, stands } = mark;
  const state = reading?.state;
  const word = state ? stateWords[state] : '';
  const said = reading?.toConfirm ? `${word}, to be confirmed` : state ? word : 'not entered';
  // What is longer than two columns takes the row, by what stands there and not while it is typed.
  const whole = wide && stands.length > TWO_COLUMNS;
  const classes = ['mark', state, reading?.toConfirm && 'to-confirm', wide && 'wide', whole && 'whole', fault && 'fault'];
  const explain = (at: HTMLElement) => {
    onFocus(field);
    setAnchor(at);
  };
  return (
    <div className={classes.filter(Boolean).join(' ')}>
      <label htmlFor={id}>
        <span title={field.label} style={{ overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }}>
          {field.short}
        </span>
        <ButtonBase
          className={`state-button ${swapStyle.tagState}`}
          tabIndex={-1}
          title={said}
          aria-label={`${field.label}: ${said}. Explain or change.`}
          onClick={(event) => {
            event.preventDefault();
            explain(event.currentTarget);
          }}
        >
          <span aria-hidden="true">{reading?.toConfirm ? TO_CONFIRM : state ? stateSigns[state] : '+'}</span>
          <span className={swapStyle.stateWord} aria-hidden="true">
            {said}
          </span>
        </ButtonBase>
      </label>
      <MarkInput
        field={field}
        mark={mark}
        place={state === 'unreadable' ? 'unreadable' : state === 'absent' ? 'not marked' : ''}
        common={{
          id,
          'aria-invalid': fault ? true : undefined,
          'aria-describedby': fault ? `${id}-fault` : undefined,
          onFocus: () => onFocus(field),
        }}
        onClear={() => onChange(field, null)}
      />
      {fault && (
        <span className="fault-text" id={`${id}-fault`} role="alert">
          {say(fault)}
        </span>
      )}
      <MarkMenu
        {...{ field, reading, stands, anchor }}
        onClose={() => setAnchor(null)}
        onState={(next) => {
          setAnchor(null);
          mark.setState(next);
          onFocus(field);
        }}
      />
    </div>
  );
}
