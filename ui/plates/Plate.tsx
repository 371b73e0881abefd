'use client';

import type { ReactNode } from 'react';
import type { Readings } from '@/core/readings/reading';
import type { EditField } from './edit-field';
import { MarkField, type FieldChange } from './MarkField';

const wideIds = new Set(['type', 'standard', 'grounding', 'plateVolts']);

/** A plate: stamped for load and removed part, a card for the supply. */
export function Plate({ title, note, card, fields, readings, onChange, onFocus, children }: { title: string; note: string; card?: boolean; fields: readonly EditField[]; readings: Partial<Record<EditField['section'], Readings>>; onChange: FieldChange; onFocus: (field: EditField) => void; children?: ReactNode }) {
  return (
    <section className={`plate ${card ? 'card' : ''}`} aria-label={title}>
      <header>
        <span>{title}</span>
        <span>{note}</span>
      </header>
      <div className="marks">
        {fields.map((field) => (
          <MarkField key={`${field.section}.${field.id}`} field={field} reading={readings[field.section]?.[field.id]} wide={wideIds.has(field.id)} onChange={onChange} onFocus={onFocus} />
        ))}
      </div>
      {children}
    </section>
  );
}
