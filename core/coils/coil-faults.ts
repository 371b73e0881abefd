/**
 * Faults that every device with a coil shares: no command, too few volts, an open or shorted coil, the wrong coil, volts that stay.
 * Limits: a coil works from 85 % to 110 % of its mark, IEC 60947-4-1 and 61810-1 class 2; it may hold from 20 % on. The rest is common practice.
 */
import { numberMark, rowsMark } from '../case/case';
import type { FaultContext } from '../families/contract';
import { lineRead, oneOf, yesNo, type Cause, type FaultTest } from '../fault-finding/tree';
import { formatQuantity as q } from '../quantities/format-quantity';

const WORKS = 0.85;
const MOST = 1.1;
const NONE = 0.1;
/** An AC coil may hold from a fifth of its mark on: IEC 60947-4-1, from memory. */
const HOLDS = 0.2;

/** The mark of the coil, V: its own figure, or of several marks the one that is the control supply's. */
function markOf({ removed, need }: FaultContext): number | null {
  if (!removed) return null;
  const own = numberMark(removed, 'coilVolts');
  if (typeof own === 'number' && own > 0) return own;
  const { controlVolts } = need.supply;
  return typeof controlVolts === 'number' && rowsMark(removed.coilMarks).some(({ volts }) => volts === controlVolts) ? controlVolts : null;
}

const VOLTS_HOW =
  'Meter at the coil terminals fitted while dead, lowest value held, everybody clear; or at test terminals by the site’s rules.';

/** Volts at the coil under command and without, its ohms, and whether its mark agrees. */
export function coilTests(context: FaultContext): FaultTest[] {
  const { verdicts } = context;
  const mark = markOf(context);
  const under: FaultTest = {
    ...oneOf(
      'coil-volts',
      'Volts at the coil while the command is given',
      VOLTS_HOW,
      3,
      { none: 'none', low: 'below 85 % of its mark', enough: 'within its band', high: 'above 110 % of its mark' },
      { sound: 'enough' },
    ),
    ...(mark === null
      ? {}
      : {
          figure: {
            ...{ unit: 'V', min: 0, max: 1500, limit: `${q(mark * WORKS, 'V')} to ${q(mark * MOST, 'V')}, its mark is ${q(mark, 'V')}` },
            sort: (volts: number) =>
              volts < mark * NONE ? 'none' : volts < mark * WORKS ? 'low' : volts > mark * MOST ? 'high' : 'enough',
          },
        }),
  };
  const left: FaultTest = {
    ...yesNo('coil-volts-left', 'With the command off: do volts stay at the coil?', `${VOLTS_HOW} Command off.`, 3),
    answers: { yes: 'some stay', no: 'none to speak of' },
    ...(mark === null
      ? {}
      : {
          figure: {
            ...{ unit: 'V', min: 0, max: 1500, limit: `less than ${q(mark * HOLDS, 'V')}` },
            sort: (volts: number) => (volts >= mark * HOLDS ? 'yes' : 'no'),
          },
        }),
  };
  return [
    under,
    left,
    oneOf(
      'coil-ohms',
      'Resistance of the coil',
      'Isolated, proved dead, one lead off: ohmmeter across the coil, against a like coil or its data.',
      3,
      { open: 'without end', short: 'near nothing, or far below a like one', sound: 'as a like one' },
      { sound: 'sound' },
    ),
    yesNo(
      'coil-other',
      'Is the coil marked for other volts, another frequency or the other kind of current?',
      'Read the mark on the coil itself and hold it against the control supply; AC and DC bodies look alike.',
      1,
      lineRead(verdicts, ['coil-volts', 'coil-kind']),
    ),
  ];
}

/** By symptom of its own tree: what keeps it out, what makes it weak, and what holds it. Empty lists leave those causes away. */
export const coilCauses = (by: {
  out: readonly string[];
  weak: readonly string[];
  held: readonly string[];
  burnt: readonly string[];
}): Cause[] => [
  {
    id: 'no-command',
    title: 'The command does not reach the coil',
    shows: { symptom: by.out },
    provedBy: { 'coil-volts': 'none' },
    remedy: 'Follow the control circuit with the drawing: fuse, stop, limit and overload contact, selector, wire. The part stays.',
    then: 'elsewhere',
  },
  {
    id: 'few-volts',
    title: 'Too few volts at the coil',
    shows: { symptom: [...by.out, ...by.weak] },
    provedBy: { 'coil-volts': 'low' },
    remedy:
      'Control transformer, a long or thin run, a burnt contact in it, or a supply that dips while the motor starts. Mend that first.',
    then: 'elsewhere',
  },
  {
    id: 'coil-open',
    title: 'Coil is open',
    shows: { symptom: [...by.out, ...by.burnt], 'coil-volts': ['enough', 'high'], when: ['first-start', 'always'] },
    provedBy: { 'coil-ohms': 'open' },
    remedy: 'New coil or new part with the same coil mark; look at why it went: volts too high, a short-time coil left on, heat.',
    then: 'new part',
  },
  {
    id: 'coil-short',
    title: 'Turns of the coil are shorted',
    shows: { symptom: [...by.burnt, ...by.weak, ...by.out] },
    provedBy: { 'coil-ohms': 'short' },
    remedy: 'New coil or new part with the same coil mark; first look for volts above its band and for what kept it from sealing.',
    then: 'new part',
  },
  {
    id: 'coil-wrong',
    title: 'Another coil than the control supply needs',
    shows: { symptom: [...by.out, ...by.weak, ...by.burnt], when: ['first-start', 'always'] },
    provedBy: { 'coil-other': 'yes' },
    remedy: 'Fit the coil that the requirements name. An AC coil on DC burns; a DC coil on AC chatters or does nothing.',
    then: 'another part',
  },
  {
    id: 'volts-left',
    title: 'Volts stay at the coil with the command off',
    shows: { symptom: by.held },
    provedBy: { 'coil-volts-left': 'yes' },
    remedy:
      'Capacitance of a long AC run, leakage of a solid-state output or snubber, or a feed from elsewhere. A bleeder or another output; the part stays.',
    then: 'elsewhere',
  },
];
