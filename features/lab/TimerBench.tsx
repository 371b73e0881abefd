'use client';

import { SelectBox } from '@/ui/forms/SelectBox';
import { Pill } from '@/ui/forms/Pill';
import { TextBox } from '@/ui/forms/TextBox';
import { Notice } from '@/ui/shell/Notice';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableRow from '@mui/material/TableRow';
import TableCell from '@mui/material/TableCell';
import Button from '@mui/material/Button';
import { certain } from '@/core/certain';
import { useEffect, useMemo, useRef, useState } from 'react';
import { fieldText, readFieldText, seconds as secondsText, type TextField } from '@/core/case/field-text';
import { timingFunctionIds, timingFunctions, type TimingFunction } from '@/core/timing/functions';
import { functionsOfTrace } from '@/core/timing/find';
import { runTimer, type Stimulus, type Times } from '@/core/timing/run';
import { runStarDelta } from '@/core/timing/star-delta';
import { normalised, stateAt, type State, type Trace } from '@/core/timing/trace';
import { NumberBox } from '../../ui/forms/NumberBox';
import { TraceChart, type NamedTrace } from '../../ui/relays/TraceChart';
import { LaneEditor } from './LaneEditor';
import { useSay } from '../../ui/language/practice';

const traceField: TextField = { label: 'Script', kind: 'trace' };
type Script = { supply?: Trace; signal?: Trace; output?: Trace };
export type Catalogued = { count: number; names: string[]; millis: number };

const MAX_SECONDS = 3600;
const STEP_MS = 50;
const TAIL = 1.4;

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

const wordsOf = (fn: TimingFunction): readonly string[] => timingFunctions[fn].words;

/** Timing functions on a time axis: by hand, from a script, or found from the trace that a circuit shows. */
export function TimerBench({
  onMatch,
  matching,
}: {
  onMatch: (script: { stimulus: Stimulus; output: Trace; until: number }) => void;
  matching: Catalogued | 'busy' | undefined;
}) {
  const say = useSay();
  const [fn, setFn] = useState<TimingFunction>('delay on break with control signal');
  const [first, setFirst] = useState(4);
  const [second, setSecond] = useState(2);
  const [mode, setMode] = useState<'script' | 'hand' | 'find'>('script');
  const [script, setScript] = useState<Script>({
    supply: [[0, 1]],
    signal: [
      [2, 1],
      [6, 0],
    ],
  });
  const [text, setText] = useState<string>();
  const [fault, setFault] = useState<string>();
  const { times: count, signal } = timingFunctions[fn];
  const times: Times = count === 2 ? [first, second] : [first];
  const written = text ?? fieldText(traceField, script);
  const stimulus: Stimulus = { supply: script.supply ?? [[0, 1]], ...(script.signal ? { signal: script.signal } : {}) };
  const last = Math.max(1, ...[...stimulus.supply, ...(script.signal ?? []), ...(script.output ?? [])].map(([at]) => at));
  const until = Math.min(MAX_SECONDS, Math.max(last * TAIL, last + (mode === 'find' ? 2 : (first + second) * TAIL)));
  const take = () => {
    if (text === undefined) return;
    const read = readFieldText(traceField, text);
    setFault(read.ok ? undefined : read.fault);
    if (!read.ok) return;
    const next = read.value as Script;
    const rising = Object.values(next).every((trace) => certain(trace).every(([at], i, all) => i === 0 || at >= certain(all[i - 1])[0]));
    if (!rising) return setFault('Script: the times of a line go on, they never go back.');
    setScript(next);
    setText(undefined);
  };
  const words = wordsOf(fn);
  return (
    <div className="lab-bench">
      <div className="stack">
        <div className="row-flex" role="group" aria-label="How the timer is played">
          {(['script', 'hand', 'find'] as const).map((one) => (
            <Pill key={one} pressed={mode === one} onClick={() => setMode(one)}>
              {one === 'script' ? 'From a script' : one === 'hand' ? 'By hand' : 'Find it from a timing diagram'}
            </Pill>
          ))}
        </div>
        {mode !== 'find' && (
          <div className="sheet lab-form">
            <label>
              <span>Function</span>
              <SelectBox value={fn} options={timingFunctionIds.map((id) => [id, say(id)] as const)} onWord={setFn} />
            </label>
            {count > 0 && (
              <NumberBox
                label={count === 2 ? 'First time' : 'Time'}
                unit="s"
                value={first}
                min={0.01}
                max={MAX_SECONDS}
                onValue={(value) => value !== null && setFirst(value)}
              />
            )}
            {count === 2 && (
              <NumberBox
                label={fn === 'star-delta' ? 'Pause' : 'Second time'}
                unit="s"
                value={second}
                min={0.01}
                max={MAX_SECONDS}
                onValue={(value) => value !== null && setSecond(value)}
              />
            )}
            <p className="muted">
              {words.length > 0 ? `Also: ${say(words.join(', '))}.` : 'No other usual name.'}{' '}
              {signal === 'needed' ? 'Needs a control signal.' : signal === 'may' ? 'By supply or signal.' : 'Started by its supply.'}
            </p>
          </div>
        )}
        {mode !== 'hand' && (
          <label className="lab-script">
            {mode === 'find' ? 'Timing diagram of the circuit' : 'Script'}
            <TextBox
              rows={2}
              value={written}
              aria-invalid={fault ? true : undefined}
              onChange={(event) => setText(event.target.value)}
              onBlur={take}
              onKeyDown={(event) => {
                if (event.key !== 'Enter') return;
                event.preventDefault();
                take();
              }}
            />
            {fault && (
              <span className="fault-text" role="alert">
                {fault}
              </span>
            )}
          </label>
        )}
        {mode === 'script' && <Played fn={fn} times={times} stimulus={stimulus} until={until} />}
        {mode === 'hand' && <ByHand key={fn} fn={fn} times={times} />}
        {mode === 'find' && (
          <Finder
            script={script}
            until={until}
            onScript={(next) => {
              setScript(next);
              setText(undefined);
              setFault(undefined);
            }}
            onMatch={onMatch}
            matching={matching}
          />
        )}
      </div>
    </div>
  );
}

function Played({ fn, times, stimulus, until }: { fn: TimingFunction; times: Times; stimulus: Stimulus; until: number }) {
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

function Changes({ contacts }: { contacts: readonly NamedTrace[] }) {
  return (
    <Table>
      <caption className="over">Changes of the contact</caption>
      <TableBody>
        {contacts.map(({ name, trace }) => (
          <TableRow key={name}>
            <TableCell component="th" scope="row">
              {name}
            </TableCell>
            <TableCell className="figure">
              {trace.length === 0
                ? 'never moves'
                : trace
                    .slice(0, 12)
                    .map(([at, state]) => `${state ? 'closes' : 'opens'} ${secondsText(Number(at.toPrecision(4)))}`)
                    .join(', ')}
              {trace.length > 12 ? ` and ${trace.length - 12} more` : ''}
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}

/** Supply by a switch, signal by press and hold; the clock runs with the wall. */
function ByHand({ fn, times }: { fn: TimingFunction; times: Times }) {
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
      <div className="row-flex lab-hand">
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
          <p className="contact-now" role="status">
            {contacts.map(({ name, trace }) => `${name} ${stateAt(trace, now) === 1 ? 'closed' : 'open'}`).join(', ')}
          </p>
        </>
      )}
    </div>
  );
}

const sameFind = (fn: TimingFunction, times: Times) =>
  `${fn}${
    timingFunctions[fn].times > 0
      ? `, ${times
          .filter((one) => one !== undefined)
          .map((one) => secondsText(one))
          .join(' and ')}`
      : ''
  }`;

/** The trace drawn by clicking into its lanes, or typed; every function that gives it. */
function Finder({
  script,
  until,
  onScript,
  onMatch,
  matching,
}: {
  script: Script;
  until: number;
  onScript: (script: Script) => void;
  onMatch: (script: { stimulus: Stimulus; output: Trace; until: number }) => void;
  matching: Catalogued | 'busy' | undefined;
}) {
  const stimulus: Stimulus = useMemo(
    () => ({ supply: script.supply ?? [[0, 1]], ...(script.signal ? { signal: script.signal } : {}) }),
    [script],
  );
  const output = useMemo(() => script.output ?? [], [script]);
  const run = Math.max(until, 3 * until);
  const found = useMemo(() => functionsOfTrace(stimulus, output, run), [stimulus, output, run]);
  return (
    <div className="sheet" style={{ padding: 12 }}>
      <LaneEditor
        lanes={[
          { name: 'supply', trace: stimulus.supply },
          { name: 'signal', trace: script.signal ?? [] },
          { name: 'output', trace: output },
        ]}
        untilSeconds={Math.max(10, until)}
        onLane={(name, trace) => onScript({ ...script, [name]: trace })}
      />
      {output.length === 0 ? (
        <p className="muted">
          Click into the lane of the output where the contact changes; click again to take a change away. Or type the trace above.
        </p>
      ) : found.length === 0 ? (
        <Notice kind="check">No function known here gives this trace. Look for two devices, or draw it again.</Notice>
      ) : (
        <>
          <p>
            <b>
              {found.length === 1
                ? 'One function gives it:'
                : `${found.length} functions give it; play them where supply or signal is lost at another moment:`}
            </b>
          </p>
          <ul className="lab-found">
            {found.map(({ fn, times }) => (
              <li key={fn}>
                {sameFind(fn, times)}
                {wordsOf(fn).length > 0 && <small className="muted"> also {wordsOf(fn).join(', ')}</small>}
              </li>
            ))}
          </ul>
          <div className="row-flex">
            <Button disabled={matching === 'busy'} onClick={() => onMatch({ stimulus, output, until: run })}>
              {matching === 'busy' ? 'Looking' : 'Which timers of the catalogue do it'}
            </Button>
            {matching && matching !== 'busy' && (
              <span role="status">
                {matching.count} do it
                {matching.names.length > 0
                  ? `: ${matching.names.join(', ')}${matching.count > matching.names.length ? ' and more' : ''}`
                  : ''}
                .
              </span>
            )}
          </div>
        </>
      )}
    </div>
  );
}
