/** What does a timer's contact do, and when? One function played against a supply and a signal. IEC 61812-1 and common practice. */
import { messageOf } from '../certain';
import { formatQuantity as q } from '../quantities/format-quantity';
import { timingFunctionIds, timingFunctions } from '../timing/functions';
import { runTimer } from '../timing/run';
import type { State, Trace } from '../timing/trace';
import { answer, numberInput, refuse, wordInput, worksheet } from './contract';

const MAX_SHOWN = 8;
const hours = { min: 0, max: 360_000 };

/** On at one time and off at another; never on where the first is left out. */
function window(on: number | undefined, off: number | undefined): Trace | string {
  if (on === undefined) return [];
  if (off !== undefined && off <= on) return 'goes before it comes';
  const changes: [number, State][] = [[on, 1]];
  if (off !== undefined) changes.push([off, 0]);
  return changes;
}

export const timerRun = worksheet({
  id: 'timer-run',
  subject: 'timer',
  title: 'Timer on a time axis',
  question: 'When does its contact close and open?',
  inputs: [
    wordInput('function', 'Function', timingFunctionIds, 'What it does with its time; names differ by maker, this is what happens.'),
    numberInput('firstSeconds', 'Time', 's', { above: 0, max: 360_000 }, 4, 'As set; of a cycle the time of the state it begins with.'),
    numberInput('secondSeconds', 'Second time', 's', { above: 0, max: 360_000 }, 3, 'Where the function has two.', true),
    numberInput('supplyOffAtSeconds', 'Supply goes at', 's', { above: 0, max: 360_000 }, 20, 'It comes at 0; empty: it stays.', true),
    numberInput('signalOnAtSeconds', 'Signal comes at', 's', hours, 2, 'Empty: there is none.', true),
    numberInput('signalOffAtSeconds', 'Signal goes at', 's', hours, 9, 'Empty: it stays.', true),
  ],
  compute: (v) => {
    const fn = v.function;
    const { times, signal: asked } = timingFunctions[fn];
    const [first, second] = [v.firstSeconds, v.secondSeconds];
    if (times === 2 && second === undefined) return refuse(`${fn} has two times: enter the second.`);
    const [off, on] = [v.supplyOffAtSeconds, v.signalOnAtSeconds];
    if (asked === 'needed' && on === undefined) return refuse(`${fn} waits for a signal: enter when it comes.`);
    const supply = window(0, off);
    const signal = window(on, v.signalOffAtSeconds);
    if (typeof supply === 'string') return refuse(`The supply ${supply}.`);
    if (typeof signal === 'string') return refuse(`The signal ${signal}.`);
    const last = Math.max(...[...supply, ...signal].map(([seconds]) => seconds));
    const until = last + 3 * (first + (second ?? 0));
    let trace: Trace;
    try {
      trace = runTimer(fn, second === undefined ? [first] : [first, second], { supply, signal }, until);
    } catch (error) {
      return refuse(messageOf(error));
    }
    const at = (state: State) => trace.find(([, one]) => one === state)?.[0] ?? null;
    return answer(
      [
        { name: 'onAtSeconds', label: 'Contact closes at', value: at(1), unit: 's' },
        { name: 'offAtSeconds', label: 'Opens again at', value: at(0), unit: 's' },
        { name: 'changes', label: 'Changes', value: trace.length, unit: '' },
      ],
      trace.length === 0
        ? [`Up to ${q(until, 's')} the contact never moves`]
        : trace.slice(0, MAX_SHOWN).map(([seconds, state]) => `at ${q(seconds, 's')} the contact ${state === 1 ? 'closes' : 'opens'}`),
      [
        ...(trace.length > MAX_SHOWN ? [`And so on: ${trace.length} changes up to ${q(until, 's')}.`] : []),
        ...(on === 0 ? ['A signal that is there when the supply comes counts as given here; makers differ, read the sheet.'] : []),
        'Closing means leaving the state in which the diagram is drawn; a break contact does the opposite.',
      ],
    );
  },
  sources: ['timingRelays', 'commonPractice'],
  checks: [
    {
      values: { function: 'on-delay', firstSeconds: 4, supplyOffAtSeconds: 20 },
      expect: { onAtSeconds: 4, offAtSeconds: 20, changes: 2 },
      tolerance: 1e-9,
      source: 'IEC 61812-1, delay on operate, from memory',
    },
    {
      values: { function: 'delay on break with control signal', firstSeconds: 9, signalOnAtSeconds: 3, signalOffAtSeconds: 7.5 },
      expect: { onAtSeconds: 3, offAtSeconds: 16.5, changes: 2 },
      tolerance: 1e-9,
      source: 'IEC 61812-1, delay on release with control signal, from memory',
    },
  ],
});
