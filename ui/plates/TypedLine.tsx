'use client';

import { Notice } from '@/ui/shell/Notice';
import { useId, useMemo, useRef } from 'react';
import { parsePlate, type PlateReading } from '@/core/plates/parse-plate';
import type { PlateDefinition } from '@/core/plates/plate-field';
import swapStyle from '@/ui/styles/swap.module.css';

/** A line to type or paste plate text into; the characters that became readings are marked under it. */
export function TypedLine({
  plate,
  label,
  text,
  example,
  onType,
}: {
  plate: PlateDefinition;
  label: string;
  text: string;
  example: string;
  onType: (text: string, found: PlateReading) => void;
}) {
  const id = useId();
  const under = useRef<HTMLDivElement>(null);
  const found = useMemo(() => parsePlate(text, plate), [text, plate]);
  const pieces: { text: string; taken: boolean }[] = [];
  let at = 0;
  for (const span of found.spans) {
    pieces.push({ text: text.slice(at, span.start), taken: false }, { text: text.slice(span.start, span.end), taken: true });
    at = span.end;
  }
  pieces.push({ text: text.slice(at), taken: false });
  const count = Object.keys(found.readings).length;
  return (
    <div className="stack" style={{ gap: 4 }}>
      <div className={swapStyle.typed}>
        <label htmlFor={id}>{label}</label>
        <div className={swapStyle.field}>
          <div className={swapStyle.under} aria-hidden="true" ref={under}>
            {pieces.map((piece, i) => (piece.taken ? <mark key={i}>{piece.text}</mark> : <span key={i}>{piece.text}</span>))}
          </div>
          {/* eslint-disable-next-line no-restricted-syntax -- its words lie exactly over the marks drawn under them */}
          <textarea
            id={id}
            rows={1}
            value={text}
            placeholder={example}
            spellCheck={false}
            onScroll={(event) => under.current && (under.current.scrollTop = event.currentTarget.scrollTop)}
            onChange={(event) => onType(event.target.value, parsePlate(event.target.value, plate))}
          />
        </div>
      </div>
      {text.trim() !== '' && (
        <p className="muted" style={{ fontSize: 12.5 }} role="status">
          {count} mark{count === 1 ? '' : 's'} read.
          {found.rest.length > 0 && ` Not used: ${found.rest.join(' · ').slice(0, 160)}.`}
          {found.conflicts.map(
            ({ field, values }) =>
              ` ${plate.fields.find((one) => one.id === field)?.label ?? field} stands there twice, ${values.join(' and ')}: none was taken.`,
          )}
          {found.faults.map((fault) => ` ${fault}`)}
          {Object.entries(found.readings).some(([, reading]) => reading.toConfirm) &&
            ` Repaired, to confirm: ${Object.entries(found.readings)
              .filter(([, reading]) => reading.toConfirm)
              .map(([id, reading]) => `${plate.fields.find((one) => one.id === id)?.label ?? id}, ${reading.from?.split('; ')[1] ?? ''}`)
              .join('; ')}.`}
        </p>
      )}
      {text.trim() !== '' &&
        found.findings.map((one) => (
          <Notice kind={one.severity === 'impossible' ? 'fails' : 'check'} key={one.text} role="status">
            {one.text} <span className="muted">{one.source}.</span>
          </Notice>
        ))}
    </div>
  );
}
