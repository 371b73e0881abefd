'use client';

import Button from '@mui/material/Button';
import { stateMeaning } from '@/core/readings/reading';
import type { Change, SwapState } from '@/core/swap/swap';
import type { EditField } from '@/ui/plates/edit-field';
import { RecoveryForm } from '@/ui/plates/RecoveryForm';
import { DrawnMarks } from '@/ui/residual/TypeSymbols';
import { Note } from '../RunningCard';

/** The coil of the removed part from the circuit that fed it. */
function coilFromCircuit({ controlVolts, controlKind, controlHertz }: SwapState['supply']): Change[] {
  const from = 'the control circuit that fed it';
  const [kind, hertz] = [controlKind?.value, controlHertz?.value];
  const worked = (path: string, value: unknown): Change => ({ path: `removed.${path}`, value: { state: 'worked-out', value, from } });
  return [
    { path: 'removed.coilMarks', value: null },
    worked('coilVolts', controlVolts?.value),
    ...(typeof kind === 'string' ? [worked('coilKind', kind)] : []),
    ...(typeof hertz === 'number' ? [worked('coilHertz', [hertz])] : []),
  ];
}

/** What a field means, how it stands, and how it may be recovered where nobody can read it. */
export function FocusNote({ field, state, onChange }: { field: EditField; state: SwapState; onChange: (changes: Change[]) => void }) {
  const path = `${field.section}.${field.id}`;
  const reading = state[field.section][field.id];
  const worn = reading?.state === 'unreadable';
  const control = state.supply.controlVolts?.value;
  const coil = field.section === 'removed' && (field.id === 'coilVolts' || field.id === 'coilMarks') && worn && typeof control === 'number';
  return (
    <Note title={`${worn ? 'Unreadable' : 'Field'}: ${field.label}`} tone={worn ? 'not-known' : 'note'}>
      <p>{field.meaning}</p>
      {reading && (
        <p className="muted">
          {stateMeaning[reading.state]}
          {reading.from ? ` From: ${reading.from}.` : ''}
        </p>
      )}
      <DrawnMarks
        fieldId={field.id}
        value={reading?.value}
        onPick={(value) => onChange([{ path, value: { state: 'read', value, from: 'its drawn symbol' } }])}
      />
      {(worn || !reading) && <RecoveryForm key={path} field={field} state={state} onChange={onChange} />}
      {!worn && (
        <p style={{ marginTop: 6 }}>
          <Button onClick={() => onChange([{ path, value: { state: 'unreadable' } }])}>Unreadable</Button>
        </p>
      )}
      {coil && (
        <p style={{ marginTop: 6 }}>
          <Button onClick={() => onChange(coilFromCircuit(state.supply))}>Use the circuit’s {control} V</Button>
        </p>
      )}
    </Note>
  );
}
