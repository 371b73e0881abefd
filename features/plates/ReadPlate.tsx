'use client';

import { rowsMark } from '@/core/case/case';
import { sayIn } from '@/core/language/by-practice';
import { stateMeaning } from '@/core/readings/reading';
import { PlateFindings } from '@/ui/photo/PlateFindings';
import type { EditField } from '@/ui/plates/edit-field';
import { Plate } from '@/ui/plates/Plate';
import { PlateRows } from '@/ui/plates/PlateRows';
import { RecoveryForm } from '@/ui/plates/RecoveryForm';
import { DrawnMarks } from '@/ui/residual/TypeSymbols';
import type { Reader } from './use-reader';

/** The plate as it was read, to be confirmed and typed over. */
export function ReadPlate({ reader, onFocus }: { reader: Reader; onFocus: (field: EditField) => void }) {
  const { plate, found, practice, readings, section, fields, put } = reader;
  if (!plate) return null;
  return (
    <>
      {found && <PlateFindings found={found} plate={plate} />}
      <Plate
        title={sayIn(practice, plate.title)}
        note={`${Object.values(readings).filter((one) => one.state !== 'unreadable').length} fields`}
        fields={fields.filter((field) => field.kind !== 'rows')}
        readings={{ [section]: readings }}
        onChange={(field, reading) => put(field.id, reading)}
        onFocus={onFocus}
      >
        {fields
          .filter((field) => field.kind === 'rows')
          .flatMap((field) => {
            const reading = readings[field.id];
            return reading && Array.isArray(reading.value)
              ? [<PlateRows key={field.id} title={field.label} rows={rowsMark(reading.value)} toConfirm={reading.toConfirm} />]
              : [];
          })}
      </Plate>
    </>
  );
}

/** What a mark means, how it stands, and how it may be recovered. */
export function MarkNote({ field, reader }: { field: EditField; reader: Reader }) {
  const { readings, section, put, change } = reader;
  const reading = readings[field.id];
  return (
    <div className="sheet" style={{ padding: 14 }}>
      <b>{field.label}</b>
      <p>{field.meaning}</p>
      {reading && (
        <p className="muted">
          {stateMeaning[reading.state]} {reading.from ? `From: ${reading.from}.` : ''}
        </p>
      )}
      <DrawnMarks
        fieldId={field.id}
        value={reading?.value}
        onPick={(value) => put(field.id, { state: 'read', value, from: 'its drawn symbol' })}
      />
      {(!reading || reading.state === 'unreadable') && (
        <RecoveryForm
          key={field.id}
          field={field}
          state={{ load: section === 'load' ? readings : {}, removed: section === 'removed' ? readings : {}, supply: {} }}
          onChange={change}
        />
      )}
    </div>
  );
}
