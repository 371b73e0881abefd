'use client';

import { SelectBox } from '@/ui/forms/SelectBox';
import { Notice } from '@/ui/shell/Notice';
import { TextBox } from '@/ui/forms/TextBox';
import { certain } from '@/core/certain';
import { useId, useMemo, useState } from 'react';
import { acceptedWords } from '@/core/case/schema';
import { formatQuantity } from '@/core/quantities/format-quantity';
import { readQuantity } from '@/core/quantities/read-quantity';
import { citeSource } from '@/core/standards/source';
import type { Worksheet, WorksheetInput, WorksheetResult, WorksheetValues } from '@/core/worksheets/contract';
import { worksheetOf } from '@/core/worksheets/registry';
import { useSay } from '../language/practice';

type Parsed = { values: WorksheetValues; faults: Record<string, string> };

function readOne(input: WorksheetInput, text: string): { value?: number | string; fault?: string } {
  if (input.kind === 'word') return { value: text };
  if (text.trim() === '') return input.optional ? {} : { fault: `${input.label} is empty; ${acceptedWords(input)} is accepted.` };
  const unit = input.unit === 'kW' || input.unit === 'ratio' || input.unit === 'count' ? '' : (input.unit ?? '');
  const read = readQuantity(input.unit === 'kW' ? text.replace(/\s*kW$/i, '') : text, unit, input.label);
  if (!read.ok) return { fault: read.fault };
  const holds =
    (input.above === undefined || read.value > input.above) &&
    (input.min === undefined || read.value >= input.min) &&
    (input.max === undefined || read.value <= input.max);
  return holds ? { value: read.value } : { fault: `${input.label} is ${text.trim().slice(0, 20)}; accepted: ${acceptedWords(input)}.` };
}

/** The figures of a worksheet with their steps and cautions. */
export function SheetAnswer({ result }: { result: WorksheetResult }) {
  const say = useSay();
  if (!result.ok)
    return (
      <Notice kind="fails" role="status">
        {result.refusal}
      </Notice>
    );
  return (
    <div className="stack" role="status">
      <div className="row-flex" style={{ alignItems: 'stretch' }}>
        {result.outputs.map((output) => (
          <div key={output.name} className="sheet" style={{ padding: '10px 16px', minWidth: 130 }}>
            <p className="label">{say(output.label)}</p>
            <p className="figure" style={{ fontSize: 20, fontWeight: 600 }}>
              {output.value === null ? 'not known' : formatQuantity(output.value, output.unit)}
            </p>
          </div>
        ))}
      </div>
      <ol style={{ margin: 0, paddingLeft: 20 }}>
        {result.steps.map((step) => (
          <li key={step} className="figure" style={{ padding: '2px 0' }}>
            {say(step)}
          </li>
        ))}
      </ol>
      {result.cautions.map((caution) => (
        <Notice kind="check" key={caution}>
          {say(caution)}
        </Notice>
      ))}
    </div>
  );
}

/** Typed inputs of a worksheet with what they give; nothing is computed until every input can be read. */
export function useSheet(sheet: Worksheet, start: Record<string, string>) {
  const [texts, setTexts] = useState(start);
  const { values, faults } = useMemo(() => {
    const parsed: Parsed = { values: {}, faults: {} };
    for (const input of sheet.inputs) {
      const { value, fault } = readOne(input, texts[input.name] ?? '');
      if (fault) parsed.faults[input.name] = fault;
      else if (value !== undefined) parsed.values[input.name] = value;
    }
    return parsed;
  }, [sheet, texts]);
  const result = Object.keys(faults).length === 0 ? sheet.compute(values) : undefined;
  return { texts, setTexts, faults, result };
}

/** The inputs of a worksheet, each with its unit and what it means. */
export function SheetInputs({
  sheet,
  texts,
  faults,
  onTexts,
}: {
  sheet: Worksheet;
  texts: Record<string, string>;
  faults: Record<string, string>;
  onTexts: (texts: Record<string, string>) => void;
}) {
  const say = useSay();
  const id = useId();
  return (
    <div className="sheet" style={{ padding: 16, display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(180px, 1fr))', gap: 14 }}>
      {sheet.inputs.map((input) => {
        const fault = texts[input.name] === '' && !input.optional ? undefined : faults[input.name];
        return (
          <label key={input.name} className="stack" style={{ gap: 3 }}>
            <span>
              {say(input.label)}
              {input.unit && input.unit !== 'count' && input.unit !== 'ratio' ? `, ${input.unit === 'ohm' ? 'Ω' : input.unit}` : ''}
              {input.optional ? ' (optional)' : ''}
            </span>
            {input.kind === 'word' ? (
              <SelectBox
                wide
                value={texts[input.name] ?? ''}
                options={certain(input.words)}
                onWord={(word) => onTexts({ ...texts, [input.name]: word })}
              />
            ) : (
              <TextBox
                wide
                inputMode="decimal"
                value={texts[input.name]}
                maxLength={40}
                aria-invalid={fault ? true : undefined}
                aria-describedby={`${id}-${input.name}`}
                onChange={(event) => onTexts({ ...texts, [input.name]: event.target.value })}
              />
            )}
            <small id={`${id}-${input.name}`} className={fault ? 'fault-text' : 'muted'}>
              {fault ?? input.meaning}
            </small>
          </label>
        );
      })}
    </div>
  );
}

/** One worksheet: inputs with units, the answer with its steps and sources; recomputed as one types. */
export function WorksheetForm({ id }: { id: string }) {
  const say = useSay();
  const sheet = worksheetOf(id) as Worksheet;
  const { texts, setTexts, faults, result } = useSheet(
    sheet,
    Object.fromEntries(sheet.inputs.map((input) => [input.name, String(input.sample)])),
  );
  return (
    <div className="stack" style={{ maxWidth: 860 }}>
      <div>
        <h1>{say(sheet.title)}</h1>
        <p className="muted">{say(sheet.question)}</p>
      </div>
      <SheetInputs sheet={sheet} texts={texts} faults={faults} onTexts={setTexts} />
      {result ? (
        <SheetAnswer result={result} />
      ) : (
        <Notice kind="not-known" role="status">
          Not known until every input can be read.
        </Notice>
      )}
      <p className="muted">
        Source: {sheet.sources.map(citeSource).join('; ')}. The same sheet answers POST /api/v1/worksheets/
        {sheet.id}.
      </p>
    </div>
  );
}
