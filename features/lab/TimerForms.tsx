'use client';

import { useState } from 'react';
import { fieldText, readFieldText, type TextField } from '@/core/case/field-text';
import { certain } from '@/core/certain';
import { timingFunctionIds, timingFunctions, type TimingFunction } from '@/core/timing/functions';
import type { Trace } from '@/core/timing/trace';
import { NumberBox } from '@/ui/forms/NumberBox';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { useSay } from '@/ui/language/practice';
import relaysStyle from '@/ui/styles/relays.module.css';

export type Script = { supply?: Trace; signal?: Trace; output?: Trace };
const traceField: TextField = { label: 'Script', kind: 'trace' };
export const MAX_SECONDS = 3600;

/** Other names under which a function is known. */
export const wordsOf = (fn: TimingFunction): readonly string[] => timingFunctions[fn].words;

/** The function that is played, and its times. */
export function FunctionForm({
  fn,
  setFn,
  first,
  setFirst,
  second,
  setSecond,
}: {
  fn: TimingFunction;
  setFn: (fn: TimingFunction) => void;
  first: number;
  setFirst: (seconds: number) => void;
  second: number;
  setSecond: (seconds: number) => void;
}) {
  const say = useSay();
  const { times: count, signal } = timingFunctions[fn];
  const words = wordsOf(fn);
  return (
    <div className={`sheet ${relaysStyle.labForm}`}>
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
  );
}

/** Supply and signal over time as a line of text, taken when it is left or on Enter. */
export function ScriptLine({ label, script, onScript }: { label: string; script: Script; onScript: (script: Script) => void }) {
  const written = fieldText(traceField, script);
  const [typed, setTyped] = useState<{ over: string; text: string }>();
  const [fault, setFault] = useState<string>();
  // What was typed over another script is gone with it.
  const text = typed?.over === written ? typed.text : undefined;
  const take = () => {
    if (text === undefined) return;
    const read = readFieldText(traceField, text);
    setFault(read.ok ? undefined : read.fault);
    if (!read.ok) return;
    const next = read.value as Script;
    const rising = Object.values(next).every((trace) => certain(trace).every(([at], i, all) => i === 0 || at >= certain(all[i - 1])[0]));
    if (!rising) return setFault('Script: the times of a line go on, they never go back.');
    onScript(next);
    setTyped(undefined);
  };
  return (
    <label className={relaysStyle.labScript}>
      {label}
      <TextBox
        rows={2}
        value={text ?? written}
        aria-invalid={fault ? true : undefined}
        onChange={(event) => setTyped({ over: written, text: event.target.value })}
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
  );
}
