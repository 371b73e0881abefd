'use client';

import { Pill } from '@/ui/forms/Pill';
import { Notice } from '@/ui/shell/Notice';
import Button from '@mui/material/Button';
import { useMemo, useState } from 'react';
import { seconds as secondsText } from '@/core/case/field-text';
import { timingFunctions, type TimingFunction } from '@/core/timing/functions';
import { functionsOfTrace } from '@/core/timing/find';
import { type Stimulus, type Times } from '@/core/timing/run';
import { type Trace } from '@/core/timing/trace';
import { LaneEditor } from '@/ui/relays/LaneEditor';
import { ByHand, Played } from './TimerPlay';
import { FunctionForm, MAX_SECONDS, ScriptLine, wordsOf, type Script } from './TimerForms';
import relaysStyle from '@/ui/styles/relays.module.css';

export type Catalogued = { count: number; names: string[]; millis: number };

const TAIL = 1.4;

/** Timing functions on a time axis: by hand, from a script, or found from the trace that a circuit shows. */
export function TimerBench({
  onMatch,
  matching,
}: {
  onMatch: (script: { stimulus: Stimulus; output: Trace; until: number }) => void;
  matching: Catalogued | 'busy' | undefined;
}) {
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
  const { times: count } = timingFunctions[fn];
  const times: Times = count === 2 ? [first, second] : [first];
  const stimulus: Stimulus = { supply: script.supply ?? [[0, 1]], ...(script.signal ? { signal: script.signal } : {}) };
  const last = Math.max(1, ...[...stimulus.supply, ...(script.signal ?? []), ...(script.output ?? [])].map(([at]) => at));
  const until = Math.min(MAX_SECONDS, Math.max(last * TAIL, last + (mode === 'find' ? 2 : (first + second) * TAIL)));
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
        {mode !== 'find' && <FunctionForm {...{ fn, setFn, first, setFirst, second, setSecond }} />}
        {mode !== 'hand' && (
          <ScriptLine label={mode === 'find' ? 'Timing diagram of the circuit' : 'Script'} script={script} onScript={setScript} />
        )}
        {mode === 'script' && <Played fn={fn} times={times} stimulus={stimulus} until={until} />}
        {mode === 'hand' && <ByHand key={fn} fn={fn} times={times} />}
        {mode === 'find' && <Finder script={script} until={until} onScript={setScript} onMatch={onMatch} matching={matching} />}
      </div>
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
          <ul className={relaysStyle.labFound}>
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
