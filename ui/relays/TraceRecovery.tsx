'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { fieldText, readFieldText } from '@/core/case/field-text';
import { certain } from '@/core/certain';
import { loadFields } from '@/core/fields/load-fields';
import type { FoundFunction } from '@/core/timing/find';
import { FigureBox } from '@/ui/forms/FigureBox';
import { NumberBox } from '@/ui/forms/NumberBox';
import { LaneEditor } from './LaneEditor';
import { drawnOf, NOTHING_DRAWN, TracedFunctions, type Drawn } from './TracedFunctions';

const traceField = certain(loadFields.find(({ name }) => name === 'requiredTrace'));
const SHOWN_SECONDS = 20;

/** What a timer did on the bench, drawn or typed, and the functions that do just that. */
export function TraceRecovery({ onFunction }: { onFunction: (found: FoundFunction) => void }) {
  const [drawn, setDrawn] = useState<Drawn>(NOTHING_DRAWN);
  const [until, setUntil] = useState(SHOWN_SECONDS);
  return (
    <section className="stack" aria-label="What it did on the bench">
      <h3>What it did on the bench</h3>
      <p className="muted">Touch a lane where its state changed; touch a change to take it away. Or type it.</p>
      <LaneEditor
        lanes={[
          { name: 'supply', trace: drawn.supply ?? [] },
          ...(drawn.signal ? [{ name: 'signal', trace: drawn.signal }] : []),
          { name: 'output', trace: drawn.output ?? [] },
        ]}
        untilSeconds={until}
        onLane={(name, trace) => setDrawn({ ...drawn, [name]: trace })}
      />
      <FigureBox
        aria-label="What it did, typed"
        wide
        style={{ width: '100%' }}
        stands={fieldText(traceField, drawn)}
        take={(text) => {
          const read = readFieldText(traceField, text);
          return read.ok ? { ok: true, value: drawnOf(read.value) ?? NOTHING_DRAWN } : read;
        }}
        onTaken={setDrawn}
      />
      <div className="row-flex">
        <NumberBox label="Drawn over" unit="s" value={until} min={1} max={100_000} onValue={(seconds) => setUntil(seconds ?? until)} />
        <Button onClick={() => setDrawn(drawn.signal ? { supply: drawn.supply, output: drawn.output } : { ...drawn, signal: [[1, 1]] })}>
          {drawn.signal ? 'No control signal' : 'With a control signal'}
        </Button>
      </div>
      <TracedFunctions drawn={drawn} untilSeconds={until} onFunction={onFunction}>
        Take the one that it is:
      </TracedFunctions>
    </section>
  );
}
