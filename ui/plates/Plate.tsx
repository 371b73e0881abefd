'use client';

import ButtonBase from '@mui/material/ButtonBase';
import { useState, type ReactNode } from 'react';
import type { Readings } from '@/core/readings/reading';
import type { EditField } from './edit-field';
import { MarkField, type FieldChange } from './MarkField';
import swapStyle from '@/ui/styles/swap.module.css';

const MIN_SHOWN = 4;
const wideIds = new Set([
  ...['wireRangeMm2', 'torqueInLb', 'conductorMm2'],
  'coilMarks',
  'type',
  'standard',
  'grounding',
  'plateVolts',
  'technology',
  'loopImpedanceBasis',
  'electronics',
  'action',
  'function',
  'accessories',
  'sourceNeeded',
  'school',
  'protectionClass',
  'connectedTo',
]);
const isWide = ({ id, rowFields, asText }: EditField) =>
  rowFields !== undefined || (asText !== undefined && !['counts', 'times', 'feed'].includes(asText.kind)) || wideIds.has(id);

/** A plate: stamped for load and removed part, a card for the supply. */
export function Plate({
  title,
  note,
  card,
  brief,
  fields,
  readings,
  onChange,
  onFocus,
  children,
}: {
  title: string;
  note: string;
  card?: boolean;
  /** What was not looked at waits behind one touch, however little was read. */
  brief?: boolean;
  fields: readonly EditField[];
  readings: Partial<Record<EditField['section'], Readings>>;
  onChange: FieldChange;
  onFocus: (field: EditField) => void;
  children?: ReactNode;
}) {
  const [all, setAll] = useState(false);
  const looked = (field: EditField) => readings[field.section]?.[field.id] !== undefined;
  const seen = fields.filter(looked);
  // With some marks read, those nobody looked at wait behind one touch.
  const few = brief ? 1 : MIN_SHOWN;
  const shown = all || seen.length < few ? fields.filter((field) => field.id !== 'coilMarks' || looked(field)) : seen;
  const hidden = fields.length - shown.length;
  return (
    <section className={`${swapStyle.plate} ${card ? swapStyle.card : ''}`} aria-label={title}>
      <header>
        <span>{title}</span>
        <span>{note}</span>
      </header>
      <div className={swapStyle.marks}>
        {shown.map((field) => (
          <MarkField
            key={`${field.section}.${field.id}`}
            field={field}
            reading={readings[field.section]?.[field.id]}
            wide={isWide(field)}
            onChange={onChange}
            onFocus={onFocus}
          />
        ))}
        {(all || hidden > 0) && seen.length >= few && (
          <ButtonBase className={`plain ${swapStyle.more}`} aria-expanded={all} onClick={() => setAll(!all)}>
            {all ? 'Fewer fields' : `${hidden} more field${hidden === 1 ? '' : 's'}`}
          </ButtonBase>
        )}
      </div>
      {children}
    </section>
  );
}
