'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { rowsMark, wordsMark } from '@/core/case/case';
import { loadFields } from '@/core/fields/load-fields';
import type { Field } from '@/core/fields/field';
import { NumberBox } from '@/ui/forms/NumberBox';
import { RowsEditor } from '@/ui/forms/RowsEditor';
import { LaneEditor } from '@/ui/relays/LaneEditor';
import { BY_TRACE, drawnOf, NOTHING_DRAWN, TracedFunctions, type Drawn } from '@/ui/relays/TracedFunctions';
import { useJob } from './use-job';

const allFields: readonly Field[] = loadFields;
const contactFields = allFields.find(({ name }) => name === 'contacts')?.rowFields ?? [];

/** What each contact switches, a row a contact. */
function Contacts() {
  const { state, practice, change } = useJob();
  const rows = rowsMark(state.load.contacts?.value);
  const control = state.supply.controlVolts?.value;
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="What its contacts switch">
      <b>What its contacts switch</b>
      <RowsEditor
        caption="Contacts"
        fields={contactFields}
        rows={rows}
        practice={practice}
        fresh={(now) => ({ pole: now.length + 1, ...(typeof control === 'number' ? { volts: control } : {}) })}
        onRows={(next) => change([{ path: 'load.contacts', value: next.length === 0 ? null : { state: 'read', value: next } }])}
      />
    </section>
  );
}

const SHOWN_SECONDS = 20;
const TAIL = 1.5;

/** What a timer with that diagram is called; a worn function of the removed one is recovered by it. */
function FoundFunctions({ drawn, until }: { drawn: Drawn; until: number }) {
  const { state, change } = useJob();
  const noted = wordsMark(state.removed.functionWords?.value);
  return (
    <>
      <TracedFunctions
        drawn={drawn}
        untilSeconds={until}
        onFunction={({ fn, times }) =>
          change([
            { path: 'removed.functionWords', value: { state: 'measured', value: [fn], from: BY_TRACE } },
            ...(state.load.settingSeconds === undefined && times[0] > 0
              ? [
                  {
                    path: 'load.settingSeconds',
                    value: { state: 'measured', value: times[1] === undefined ? times[0] : [...times], from: BY_TRACE },
                  },
                ]
              : []),
          ])
        }
      >
        Where the removed one did this on the bench, its worn function is found:
      </TracedFunctions>
      {noted.length > 0 && <p role="status">Noted of the removed one: {noted.join(', ')}.</p>}
    </>
  );
}

/** What the contact must do over time, drawn: a touch into a lane changes its state there. */
function Diagram() {
  const { state, change } = useJob();
  const wanted = drawnOf(state.load.requiredTrace?.value);
  const [drawing, setDrawing] = useState(false);
  const last = Math.max(0, ...Object.values(wanted ?? NOTHING_DRAWN).flatMap((trace) => (trace ?? []).map(([at]) => at)));
  const [until, setUntil] = useState(Math.max(SHOWN_SECONDS, Math.ceil(last * TAIL)));
  const put = (value: Drawn | null) => change([{ path: 'load.requiredTrace', value: value && { state: 'read', value } }]);
  const now = wanted ?? NOTHING_DRAWN;
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="What its contact must do, drawn">
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <b>What its contact must do</b>
        <Button aria-expanded={drawing} onClick={() => setDrawing(!drawing)}>
          {drawing ? 'Close' : 'Draw it'}
        </Button>
      </div>
      {drawing && (
        <>
          <p className="muted">Touch a lane where its state changes; touch a change to take it away. The same is typed under Circuit.</p>
          <LaneEditor
            lanes={[
              { name: 'supply', trace: now.supply ?? [[0, 1]] },
              ...(now.signal ? [{ name: 'signal', trace: now.signal }] : []),
              { name: 'output', trace: now.output ?? [[0, 0]] },
            ]}
            untilSeconds={until}
            onLane={(name, trace) => put({ ...now, [name]: trace })}
          />
          <FoundFunctions drawn={now} until={until} />
          <div className="row-flex">
            <NumberBox label="Drawn over" unit="s" value={until} min={1} max={100_000} onValue={(seconds) => setUntil(seconds ?? until)} />
            <Button onClick={() => put(now.signal ? { supply: now.supply, output: now.output } : { ...now, signal: [[1, 1]] })}>
              {now.signal ? 'No control signal' : 'With a control signal'}
            </Button>
            {wanted && <Button onClick={() => put(null)}>Take it away</Button>}
          </div>
        </>
      )}
    </section>
  );
}

/** Rows and pictures of what a position asks of contacts, for the families that ask it. */
export function WhatItSwitches() {
  const { derived } = useJob();
  const asks: readonly string[] = derived.family.positionFields.load;
  return (
    <>
      {asks.includes('contacts') && <Contacts />}
      {asks.includes('requiredTrace') && <Diagram />}
    </>
  );
}
