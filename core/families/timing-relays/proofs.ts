/** What is proved of a timing relay on the bench, while fitting and at first start? Common practice. */
import { bandsMark } from '../../case/case';
import { seconds as secondsText } from '../../case/field-text';
import { contactProofs } from '../../relays/proofs';
import type { Proof, ProofContext } from '../contract';
import { figureProof, yesProof } from '../proof-makers';
import { requiredFunction } from './required';
import { settingsOf } from './needs';
import { dialSetting } from '../../timing/setting';

/** A dial is set within about 10 % of its figure. Common practice. */
const DIAL_TOLERANCE = 0.1;

/** A run for each time that is set, timed on the bench. */
function timedRuns(settings: readonly (number | null)[], ranges: ReturnType<typeof bandsMark>): Proof[] {
  return settings.map((seconds, i): Proof => {
    const dial = typeof seconds === 'number' ? dialSetting(ranges, seconds) : undefined;
    return figureProof({
      id: i === 0 ? 'timed-run' : 'second-run',
      when: 'bench',
      title: i === 0 ? 'One timed run' : 'Second time, timed',
      unit: 's',
      low: seconds === null ? null : seconds * (1 - DIAL_TOLERANCE),
      high: seconds === null ? null : seconds * (1 + DIAL_TOLERANCE),
      severity: 'should',
      how: 'On a bench supply, ohmmeter on the contact, stopwatch from the cause to the change; set, run once, enter the seconds.',
      because:
        seconds === null
          ? 'The time to be set is not known.'
          : `${secondsText(seconds)}${dial ? `: ${dial.words}` : ''}, within 10 % for a dial.`,
    });
  });
}

/** Returns the proofs in the order of the work. */
export function timingProofs(context: ProofContext): Proof[] {
  const { need, part } = context;
  const required = requiredFunction(need);
  return [
    yesProof(
      'plate',
      'bench',
      'Its own plate',
      'Read supply volts, kind, base and diagram on the timer itself.',
      'Timers of one body have many functions, and pins that differ.',
    ),
    ...contactProofs(context, true).filter(({ id }) => id.endsWith('rest')),
    ...timedRuns(settingsOf(need, required), bandsMark(part.rangesSeconds)),
    yesProof(
      'function',
      'bench',
      'Function by its run',
      `Bench supply${need.load.controlSignal === true ? ' and signal' : ''} on and off as the circuit does; the contact follows the trace wanted.`,
      required?.because ?? 'A function letter is the maker’s own.',
    ),
    yesProof(
      'loss',
      'bench',
      'Supply lost while timing',
      'Take the supply away half way, give it back: it starts anew, as the function asks.',
      'Most timers reset; two live on.',
    ),
    yesProof(
      'setting',
      'fitting',
      'Setting kept',
      'Function, range and dial as on the setting sheet, cover closed.',
      'A dial that is turned by a sleeve is a fault to come.',
    ),
    yesProof(
      'works',
      'first-start',
      'Timed in the circuit',
      'People clear: one full cycle of the machine; note the time beside the setting.',
      'The circuit decides when the time starts.',
    ),
  ];
}
