'use client';

import { SelectBox } from '@/ui/forms/SelectBox';
import Button from '@mui/material/Button';
import { Notice } from '@/ui/shell/Notice';
import { TextBox } from '@/ui/forms/TextBox';
import { certain } from '@/core/certain';
import { useState } from 'react';
import Dialog from '@mui/material/Dialog';
import { guides, sheetRecoveries, type SheetRecovery } from '@/core/field-recovery/recoveries';
import type { Reading, Readings } from '@/core/readings/reading';
import type { Worksheet, WorksheetResult } from '@/core/worksheets/contract';
import { worksheetOf } from '@/core/worksheets/registry';
import { formatQuantity } from '@/core/quantities/format-quantity';
import { TraceRecovery } from '../relays/TraceRecovery';
import { BY_TRACE } from '../relays/TracedFunctions';
import { SheetAnswer, SheetInputs, useSheet } from '../worksheets/WorksheetForm';
import { readEdited, type EditField } from './edit-field';

type Change = { path: string; value: unknown };
export type PlateMarks = { load: Readings; removed: Readings; supply: Readings };

const conditionWords = {
  dead: 'Dead, disconnected.',
  'live by the site’s rules': 'Live: only under the site’s rules; the drawing first.',
  bench: 'Out of the panel, on a bench supply behind a fuse.',
  papers: 'No measurement: documents.',
} as const;

/** Values that an answer offers for a field: one figure, or ranked candidates. */
function offersOf(result: WorksheetResult | undefined, { output }: SheetRecovery): { value: number; label: string; ranked: boolean }[] {
  if (!result?.ok) return [];
  if (output.startsWith('*'))
    return result.outputs.flatMap(({ name, label, value }) => {
      const figure = Number(name.slice(output.length - 1));
      return name.startsWith(output.slice(1)) && Number.isFinite(figure)
        ? [{ value: figure, label: `${label}, ${value} %`, ranked: true }]
        : [];
    });
  const one = result.outputs.find(({ name }) => name === output);
  return one?.value ? [{ value: Number(one.value.toPrecision(4)), label: formatQuantity(one.value, one.unit), ranked: false }] : [];
}

function BySheet({
  field,
  recovery,
  marks,
  onTake,
}: {
  field: EditField;
  recovery: SheetRecovery;
  marks: PlateMarks;
  onTake: (reading: Reading) => void;
}) {
  const sheet = worksheetOf(recovery.sheet) as Worksheet;
  const given = recovery.prefill(marks);
  const start = Object.fromEntries(
    sheet.inputs.map((input) => [
      input.name,
      given[input.name] !== undefined ? String(given[input.name]) : input.kind === 'word' ? certain(certain(input.words)[0]) : '',
    ]),
  );
  const { texts, setTexts, faults, result } = useSheet(sheet, start);
  return (
    <section className="stack" aria-label={sheet.title}>
      <h3>{sheet.title}</h3>
      <SheetInputs sheet={sheet} texts={texts} faults={faults} onTexts={setTexts} />
      {result ? <SheetAnswer result={result} /> : <p className="muted">Fill in what you measured.</p>}
      <div className="row-flex">
        {offersOf(result, recovery).map(({ value, label, ranked }) => (
          <Button
            key={label}
            onClick={() =>
              onTake({
                state: recovery.state,
                value: ['coil', 'numbers', 'number'].includes(field.kind) || field.id === 'coilMarks' ? value : String(value),
                from: `${sheet.title}: ${certain(result).steps.join('; ')}${ranked ? `; ranked ${label}` : ''}`,
                // A candidate is a guess until somebody confirms it against the circuit.
                ...(ranked ? { toConfirm: true } : {}),
              })
            }
          >
            {ranked ? `Take ${label}` : `Use ${label}`}
          </Button>
        ))}
      </div>
    </section>
  );
}

/** A worn mark's way back: between which points, dead or live, the figures, and what was found, with its arithmetic. */
export function RecoveryForm({ field, state, onChange }: { field: EditField; state: PlateMarks; onChange: (changes: Change[]) => void }) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const [how, setHow] = useState('');
  const [fault, setFault] = useState<string>();
  const [found, setFound] = useState<'measured' | 'read' | 'worked-out' | 'assumed'>('measured');
  const guide = guides[field.id];
  const sheets = sheetRecoveries[field.id] ?? [];
  const path = `${field.section}.${field.id === 'coilMarks' ? 'coilVolts' : field.id}`;
  const take = (reading: Reading) => {
    onChange([...(field.id === 'coilMarks' ? [{ path: `${field.section}.coilMarks`, value: null }] : []), { path, value: reading }]);
    setOpen(false);
  };
  const enter = () => {
    const edited = readEdited(field, text);
    setFault(edited.ok ? (how.trim() === '' ? 'Say how it was found: instrument and points, or the document.' : undefined) : edited.fault);
    if (edited.ok && how.trim() !== '') take({ state: found, value: edited.value, from: how.trim().slice(0, 200) });
  };
  return (
    <div style={{ marginTop: 6 }}>
      <p>
        <b>How to recover it:</b> {field.recovery}
      </p>
      <Button style={{ marginTop: 6 }} onClick={() => setOpen(true)}>
        Recover it
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} fullWidth maxWidth="md" aria-labelledby="recover-title">
        <div className="stack" style={{ padding: 20 }}>
          <h2 id="recover-title">Recover: {field.label}</h2>
          {guide ? (
            <Notice kind={guide.condition === 'live by the site’s rules' ? 'fails' : 'note'}>
              <b>{conditionWords[guide.condition]}</b> {guide.points}
            </Notice>
          ) : (
            <Notice kind="note">{field.recovery}</Notice>
          )}
          {sheets.map((recovery) => (
            <BySheet key={recovery.sheet} field={field} recovery={recovery} marks={state} onTake={take} />
          ))}
          {field.id === 'functionWords' && (
            <TraceRecovery onFunction={({ fn }) => take({ state: 'measured', value: [fn], from: BY_TRACE })} />
          )}
          {field.kind !== 'rows' && field.id !== 'coilMarks' && (
            <section className="stack" aria-label="What was found">
              <h3>Or enter the value found</h3>
              <div className="row-flex">
                <SelectBox
                  aria-label="How it is known"
                  value={found}
                  options={[
                    ['measured', 'measured'],
                    ['read', 'read from a document'],
                    ['worked-out', 'worked out'],
                    ['assumed', 'assumed'],
                  ]}
                  onWord={setFound}
                />
                {field.words ? (
                  <SelectBox<string>
                    aria-label={`${field.label} found`}
                    value={text}
                    options={[['', '–'], ...field.words]}
                    onWord={setText}
                  />
                ) : (
                  <TextBox
                    aria-label={`${field.label} found`}
                    placeholder={field.unit === 'ohm' ? 'Ω' : field.unit === 'count' ? '' : field.unit}
                    value={text}
                    maxLength={60}
                    onChange={(event) => setText(event.target.value)}
                  />
                )}
                <TextBox
                  wide
                  style={{ flex: 1, minWidth: 200 }}
                  aria-label="How it was found"
                  placeholder="how: points and range, or the document"
                  value={how}
                  maxLength={200}
                  onChange={(event) => setHow(event.target.value)}
                />
                <Button onClick={enter}>Enter</Button>
              </div>
              {fault && (
                <p className="fault-text" role="alert">
                  {fault}
                </p>
              )}
            </section>
          )}
          <div className="row-flex" style={{ justifyContent: 'flex-end' }}>
            <Button onClick={() => setOpen(false)}>Leave as it is</Button>
          </div>
        </div>
      </Dialog>
    </div>
  );
}
