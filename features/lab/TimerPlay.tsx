'use client';

import Button from '@mui/material/Button';
import { useEffect, useMemo, useRef, useState } from 'react';
import { seconds as secondsText } from '@/core/case/field-text';
import { type TimingFunction } from '@/core/timing/functions';
import { runTimer, type Stimulus, type Times } from '@/core/timing/run';
import { runStarDelta } from '@/core/timing/star-delta';
import { normalised, stateAt, type State, type Trace } from '@/core/timing/trace';
import { ListTable } from '@/ui/forms/ListTable';
import { Pill } from '@/ui/forms/Pill';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TraceChart, type NamedTrace } from '@/ui/relays/TraceChart';
import { Notice } from '@/ui/shell/Notice';
import { MAX_SECONDS } from './TimerForms';
import relaysStyle from '@/ui/styles/relays.module.css';

const STEP_MS = 50;

function contactsOf(fn: TimingFunction, times: Times, stimulus: Stimulus, until: number): NamedTrace[] | string {
  try {
    if (fn === 'star-delta') {
      const { star, delta } = runStarDelta(times[0], times[1] ?? 0.05, stimulus.supply, until);
      return [
        { name: 'Star', trace: star },
        { name: 'Delta', trace: delta },
      ];
    }
    return [{ name: 'Contact', trace: runTimer(fn, times, stimulus, until) }];
  } catch (error) {
    return error instanceof RangeError ? error.message : 'This run cannot be worked out.';
  }
}

/** A run of the function, drawn and as a list of what changes when. */
export function Played({ fn, times, stimulus, until }: { fn: TimingFunction; times: Times; stimulus: Stimulus; until: number }) {
  const contacts = useMemo(() => contactsOf(fn, times, stimulus, until), [fn, times, stimulus, until]);
  if (typeof contacts === 'string') return <Notice kind="fails">{contacts}</Notice>;
  const traces: NamedTrace[] = [
    { name: 'Supply', trace: stimulus.supply },
    ...(stimulus.signal ? [{ name: 'Signal', trace: stimulus.signal }] : []),
    ...contacts.map((one) => ({ ...one, wanted: true })),
  ];
  return (
    <div className="sheet" style={{ padding: 12 }}>
      <TraceChart traces={traces} untilSeconds={until} />
      <Changes contacts={contacts} />
    </div>
  );
}

const MOST_CHANGES = 12;
const changesText = (trace: Trace): string =>
  trace.length === 0
    ? 'never moves'
    : trace
        .slice(0, MOST_CHANGES)
        .map(([at, state]) => `${state ? 'closes' : 'opens'} ${secondsText(Number(at.toPrecision(4)))}`)
        .join(', ') + (trace.length > MOST_CHANGES ? ` and ${trace.length - MOST_CHANGES} more` : '');

const Changes = ({ contacts }: { contacts: readonly NamedTrace[] }) => (
  <ListTable
    caption="Changes of the contact"
    columns={[
      { head: 'Contact', of: ({ name }) => name },
      { head: 'It', figure: true, of: ({ trace }) => changesText(trace) },
    ]}
    rows={contacts}
    keyOf={({ name }) => name}
  />
);

/** Supply by a switch, signal by press and hold; the clock runs with the wall. */
export function ByHand({ fn, times }: { fn: TimingFunction; times: Times }) {
  const [inputs, setInputs] = useState<{ supply: Trace; signal: Trace }>({ supply: [], signal: [] });
  const [now, setNow] = useState(0);
  const [speed, setSpeed] = useState(1);
  const clock = useRef({ at: 0, wall: 0 });
  const running = inputs.supply.length > 0 || inputs.signal.length > 0;
  useEffect(() => {
    if (!running) return;
    clock.current.wall = performance.now();
    const timer = setInterval(() => {
      const wall = performance.now();
      clock.current = { at: Math.min(MAX_SECONDS, clock.current.at + ((wall - clock.current.wall) / 1000) * speed), wall };
      setNow(clock.current.at);
    }, STEP_MS);
    return () => clearInterval(timer);
  }, [running, speed]);
  const put = (name: 'supply' | 'signal', state: State) =>
    setInputs((before) =>
      stateAt(before[name], Infinity) === state ? before : { ...before, [name]: normalised([...before[name], [clock.current.at, state]]) },
    );
  const again = () => {
    clock.current = { at: 0, wall: 0 };
    setInputs({ supply: [], signal: [] });
    setNow(0);
  };
  const on = stateAt(inputs.supply, Infinity) === 1;
  const held = stateAt(inputs.signal, Infinity) === 1;
  const until = Math.max(10, now * 1.15, (times[0] + (times[1] ?? 0)) * 1.5);
  const contacts = contactsOf(fn, times, inputs, now);
  return (
    <div className="sheet" style={{ padding: 12 }}>
      <div className={`row-flex ${relaysStyle.labHand}`}>
        <Pill pressed={on} onClick={() => put('supply', on ? 0 : 1)}>
          Supply {on ? 'on' : 'off'}
        </Pill>
        <Pill
          pressed={held}
          onPointerDown={() => put('signal', 1)}
          onPointerUp={() => put('signal', 0)}
          onPointerLeave={() => put('signal', 0)}
          onKeyDown={(event) => event.key === ' ' && put('signal', 1)}
          onKeyUp={(event) => event.key === ' ' && put('signal', 0)}
        >
          Press and hold: signal
        </Pill>
        <label className="row-flex">
          Clock
          <SelectBox
            style={{ width: 90 }}
            value={String(speed)}
            options={['0.5', '1', '5', '20'].map((one) => [one, `x ${one}`] as const)}
            onWord={(one) => setSpeed(Number(one))}
          />
        </label>
        <Button onClick={again} disabled={!running}>
          Start again
        </Button>
        <span className="figure" aria-live="off">
          {now.toFixed(1)} s
        </span>
      </div>
      {typeof contacts === 'string' ? (
        <Notice kind="fails">{contacts}</Notice>
      ) : (
        <>
          <TraceChart
            traces={[
              { name: 'Supply', trace: inputs.supply },
              { name: 'Signal', trace: inputs.signal },
              ...contacts.map((one) => ({ ...one, wanted: true })),
            ]}
            untilSeconds={until}
            now={now}
          />
          <p className={relaysStyle.contactNow} role="status">
            {contacts.map(({ name, trace }) => `${name} ${stateAt(trace, now) === 1 ? 'closed' : 'open'}`).join(', ')}
          </p>
        </>
      )}
    </div>
  );
}
