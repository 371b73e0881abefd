'use client';

import { Slide } from '@/ui/forms/Slide';
import { SelectBox } from '@/ui/forms/SelectBox';
import { Pill } from '@/ui/forms/Pill';
import Button from '@mui/material/Button';
import { TickBox } from '@/ui/forms/TickBox';
import { useState } from 'react';
import {
  blockersOf,
  closingPercent,
  motorRuns,
  releasePercent,
  soundBreaker,
  type BreakerState,
  type Carriage,
} from '@/core/close-failure/breaker-state';
import { alter, press, type Action } from '@/core/close-failure/operate';
import { BreakerFront } from './BreakerFront';
import closingStyle from '@/ui/styles/closing.module.css';

const whole = { motor: true, undervoltage: true, shuntTrip: true, carriage: true, interlock: true } as const;
type Change = Partial<Omit<BreakerState, 'fitted'>>;

const actions: readonly (readonly [Action, string])[] = [
  ['charge-hand', 'Charge by hand'],
  ['close-hand', 'Close button'],
  ['open-hand', 'Open button'],
  ['trip', 'Trip unit trips'],
  ['reset', 'Reset'],
];
const shares: readonly (readonly [name: 'motorPercent' | 'controlPercent' | 'releaseSourcePercent' | 'shuntPercent', words: string])[] = [
  ['motorPercent', 'Charging motor'],
  ['controlPercent', 'Control supply'],
  ['releaseSourcePercent', 'Undervoltage source'],
  ['shuntPercent', 'Shunt trip'],
];
const switches: readonly (readonly [name: keyof Change & string, words: string])[] = [
  ['motorSwitchOn', 'Motor switch on'],
  ['motorSound', 'Motor in order'],
  ['controlFuseSound', 'Control fuse in order'],
  ['commandArrives', 'Close command arrives'],
  ['closingCoilSound', 'Closing coil in order'],
  ['closingBayRight', 'Right part in its bay'],
  ['releaseFuseSound', 'Release fuse in order'],
  ['releaseCoilSound', 'Release coil in order'],
  ['shuntFree', 'Shunt plunger free'],
  ['interlockFree', 'Interlock free'],
  ['springHolds', 'Spring latch holds'],
  ['latchSound', 'Closing latch holds'],
];
const carriages: readonly Carriage[] = ['connected', 'test', 'between', 'disconnected'];
const MAX_LINES = 8;

/** A breaker to press: set its states and supplies, press open, close, charge, and see. */
export function BreakerSim() {
  const [state, setState] = useState<BreakerState>(() => soundBreaker(whole));
  const [said, setSaid] = useState<string[]>(['In order: open, charged, every supply there.']);
  const take = ({ state: next, said: words }: { state: BreakerState; said: string[] }) => {
    setState(next);
    if (words.length > 0) setSaid((before) => [...words, ...before].slice(0, MAX_LINES));
  };
  const change = (part: Change) => take(alter(state, part));
  const blocked = blockersOf(state, 'signal').filter((one) => one !== 'closed-already');
  return (
    <section className={closingStyle.breakerSim} aria-label="Breaker to press">
      <div className="stack">
        <BreakerFront state={state} />
        <div className="row-flex" role="group" aria-label="Press">
          {actions.map(([action, words]) => (
            <Pill pressed={false} key={action} onClick={() => take(press(state, action))}>
              {words}
            </Pill>
          ))}
          <Pill pressed={state.closeHeld} onClick={() => take(press(state, state.closeHeld ? 'close-signal-off' : 'close-signal'))}>
            {state.closeHeld ? 'End the close signal' : 'Close signal'}
          </Pill>
          <Button
            onClick={() => {
              setState(soundBreaker(whole));
              setSaid(['In order again.']);
            }}
          >
            All in order
          </Button>
        </div>
        <ul className={`sheet ${closingStyle.simLog}`} aria-live="polite" aria-label="What happened, newest first">
          {said.map((words, i) => (
            <li key={`${i}${words}`} className={i === 0 ? '' : 'muted'}>
              {words}
            </li>
          ))}
        </ul>
      </div>
      <div className="stack">
        <div className={`sheet ${closingStyle.simForm}`}>
          <p className="label">Volts, percent of the mark</p>
          {shares.map(([name, words]) => (
            <label key={name}>
              <span>
                {words} <b className="figure">{state[name]} %</b>
              </span>
              <Slide min={0} max={110} step={5} value={state[name]} onSlide={(value) => change({ [name]: value })} />
            </label>
          ))}
          <label>
            <span>Carriage</span>
            <SelectBox value={state.carriage} options={carriages} onWord={(carriage) => change({ carriage })} />
          </label>
          <label>
            <span>Release is fed from the</span>
            <SelectBox
              value={state.releaseFedFrom}
              options={[
                ['line-side', 'line side'],
                ['load-side', 'load side'],
              ]}
              onWord={(releaseFedFrom) => change({ releaseFedFrom })}
            />
          </label>
        </div>
        <div className={`sheet ${closingStyle.simSwitches}`}>
          {switches.map(([name, words]) => (
            <label key={name} className="row-flex">
              <TickBox checked={state[name] === true} onTick={(ticked) => change({ [name]: ticked })} />
              {words}
            </label>
          ))}
        </div>
        <p className="muted" role="status">
          Release {Math.round(releasePercent(state))} %, closing coil on a signal {Math.round(closingPercent(state))} %, motor{' '}
          {motorRuns(state) ? 'ready' : 'does not run'}.{' '}
          {blocked.length === 0 ? 'A signal would close it.' : 'A signal would not close it.'}
        </p>
      </div>
    </section>
  );
}
