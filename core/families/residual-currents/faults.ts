/**
 * Faults of a residual-current device: it trips again and again, will not close, or does not trip when tested.
 * Sources: BS 7671 531.3.2 and table 64, IEC 61008-1, UL 943, from memory; the rest common practice.
 */
import { numberMark } from '../../case/case';
import { isOneOf, keysOf } from '../../certain';
import { limited, lineRead, oneOf, yesNo, type Cause, type FaultTest, type FaultTree, type Symptom } from '../../fault-finding/tree';
import { INSULATION_OHMS, INSULATION_SPAN } from '../../overcurrent/overcurrent-faults';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { groundFaultClasses, residualGate, standingShare } from '../../standards/residual-current';
import type { FaultContext } from '../contract';

const MILLI = 1000;
const AMPS_SPAN = [0, 100] as const;
/** Front ends whose filters and converters leak at other frequencies, or smooth DC. */
const converters = new Set(['single-phase-converter', 'two-phase-rectifier', 'three-phase-rectifier', 'ev-charger', 'pv-inverter']);

const hasConverter = ({ need }: FaultContext): boolean => converters.has(String(need.load.electronics));

const symptoms: readonly Symptom[] = [
  {
    id: 'trips-on',
    title: 'It trips as soon as it is closed',
    words: ['will not close', 'will not reset', 'trips at once', 'cannot be reset'],
  },
  {
    id: 'trips-with',
    title: 'It trips when something is switched on',
    words: ['trips when', 'trips with one appliance', 'trips at start'],
  },
  {
    id: 'trips-random',
    title: 'It trips at random',
    words: ['trips at random', 'at night', 'in rain', 'in storms', 'nuisance', 'now and then'],
  },
  { id: 'no-trip', title: 'Its test button does not trip it', words: ['test button', 'does not trip', 'stuck'] },
];

const insulation = (id: string, question: string, how: string): FaultTest =>
  limited(id, question, how, {
    unit: 'ohm',
    at: INSULATION_OHMS,
    wrong: 'below',
    says: `at least ${q(INSULATION_OHMS, 'ohm')}`,
    span: INSULATION_SPAN,
  });

const anyTrip = { symptom: ['trips-on', 'trips-with', 'trips-random'] };

/** From which residual current on it must hold, and when it must trip, A, by its marks. */
function gates(removed: FaultContext['removed']): { advised: number | null; holds: number | null; trips: number | null } {
  const figure = (name: string) => (removed ? numberMark(removed, name) : undefined);
  const milliamps = figure('sensitivityMilliamps') ?? figure('tripMilliamps');
  const share = (part: number) => (typeof milliamps === 'number' ? (milliamps * part) / MILLI : null);
  const ownClass = removed?.protectionClass;
  const people = isOneOf(keysOf(groundFaultClasses), ownClass) ? groundFaultClasses[ownClass] : undefined;
  return {
    advised: share(standingShare.advised),
    holds: people ? people.tripMilliamps[0] / MILLI : share(residualGate.holds),
    trips: people ? people.tripMilliamps[1] / MILLI : share(residualGate.trips),
  };
}

const wiringTests: readonly FaultTest[] = [
  oneOf(
    'loads-off',
    'Does it trip with every load of its own off, too?',
    'Ask; or all off on all poles, then closed once, by who may.',
    1,
    { yes: 'yes', no: 'no, only with some on', unknown: 'nobody knows' },
    { first: true },
  ),
  insulation(
    'leak-insulation',
    'Insulation of the line conductors to earth',
    'Isolated, proved dead, electronics disconnected: line conductors joined, circuit by circuit, worst one.',
  ),
  insulation('leak-neutral', 'Insulation of the neutral to earth', 'Isolated, neutral of the circuit lifted from its bar.'),
  yesNo(
    'shared-neutral',
    'Is there continuity to a neutral that does not go through this device?',
    'Isolated, its neutral lifted from the bar: ohmmeter to the neutrals of the other circuits.',
    3,
  ),
  yesNo(
    'one-appliance',
    'Everything off on all poles, then back one at a time: does it trip with the same one?',
    'Unplug or switch off on all poles; note the order.',
    2,
  ),
  oneOf(
    'tester',
    'Residual tester at its rating: does it trip?',
    'By the rules of the site, load off.',
    3,
    { trips: 'it trips', never: 'it does not trip' },
    { sound: 'trips' },
  ),
];

function tests(context: FaultContext): FaultTest[] {
  const { removed, verdicts } = context;
  const { advised, holds, trips } = gates(removed);
  const converter = hasConverter(context);
  return [
    ...wiringTests,
    limited(
      'standing-leakage',
      'Leakage of all loads together',
      'Leakage clamp around all live conductors, fitted while dead, loads on as usual.',
      {
        ...{
          unit: 'A',
          at: advised,
          wrong: 'above',
          says: advised === null ? '' : `at most ${q(advised, 'A')}, 30 % of its rating`,
          span: AMPS_SPAN,
        },
      },
    ),
    yesNo(
      'switching-surge',
      converter
        ? 'Does it trip when the converter is switched on or runs, and hold while that is off?'
        : 'Only at switching, in storms, or when several loads start together?',
      'By the log of its trips.',
      1,
    ),
    limited(
      'device-too-fine',
      'Residual current at which it trips, rising slowly',
      'Load disconnected on all poles, residual tester of the site.',
      {
        ...{
          unit: 'A',
          at: holds,
          wrong: 'below',
          says:
            holds === null
              ? 'below half of its rating?'
              : `it must hold at ${q(holds, 'A')}${trips === null ? '' : ` and trip by ${q(trips, 'A')}`}`,
          span: AMPS_SPAN,
        },
      },
    ),
    yesNo(
      'button-dead',
      'Does its button work between poles that are not connected here?',
      'Plate: which poles it works between; a four-pole device in three-pole use may have it dead.',
      1,
      lineRead(verdicts, ['test-circuit']),
    ),
  ];
}

const causes: readonly Cause[] = [
  {
    ...{ id: 'leak-insulation', title: 'Insulation of a line conductor', then: 'elsewhere' },
    ...{ shows: anyTrip, provedBy: { 'leak-insulation': 'yes' } },
    remedy: 'Halve the circuit until the length or appliance is found, and mend it; damp places and heaters first.',
  },
  {
    ...{ id: 'leak-neutral', title: 'Neutral touches earth behind it', then: 'elsewhere' },
    ...{ shows: anyTrip, provedBy: { 'leak-neutral': 'yes' } },
    remedy: 'Part of the load current of other circuits returns by earth, so it trips with its own loads off. Find and mend it.',
  },
  {
    ...{ id: 'shared-neutral', title: 'A neutral shared with another circuit', then: 'elsewhere' },
    ...{ shows: anyTrip, provedBy: { 'shared-neutral': 'yes' } },
    remedy: 'Every live conductor of the circuit, the neutral too, goes and returns through the same device.',
  },
  {
    ...{ id: 'standing-leakage', title: 'Leakage of many loads together', then: 'elsewhere' },
    shows: { symptom: ['trips-with', 'trips-random'], 'loads-off': ['no', 'unknown'] },
    provedBy: { 'standing-leakage': 'yes' },
    remedy: 'Divide the loads over more devices; above half of its rating it may trip with no fault at all.',
  },
  {
    ...{ id: 'one-appliance', title: 'One appliance', then: 'elsewhere' },
    shows: { ...anyTrip, 'loads-off': ['no', 'unknown'] },
    provedBy: { 'one-appliance': 'yes' },
    remedy: 'That appliance goes out of service until its insulation is mended.',
  },
  {
    ...{ id: 'device-too-fine', title: 'The device itself trips too soon', then: 'new part' },
    ...{ shows: anyTrip, provedBy: { 'device-too-fine': 'yes' } },
    remedy: 'It trips below what it must hold: replace it.',
  },
  {
    ...{ id: 'device-dead', title: 'The device does not trip', then: 'new part' },
    shows: { symptom: ['no-trip'] },
    provedBy: { tester: 'never' },
    remedy: 'Replace it at once: nobody is protected. Contacts that are never worked stick; the button belongs in the calendar.',
  },
  {
    ...{ id: 'test-circuit', title: 'Only its test circuit has no volts', then: 'mend' },
    shows: { symptom: ['no-trip'], tester: 'trips' },
    provedBy: { 'button-dead': 'yes' },
    needs: ['tester'],
    remedy: 'Wire it as its plate shows, so that its button works.',
  },
];

/** Surges, or what a converter sends to earth. */
const surge = (converter: boolean): Cause => ({
  ...{
    id: 'switching-surge',
    title: converter ? 'Charging of filters and high-frequency leakage' : 'Surges at switching or in storms',
    then: 'another part',
  },
  shows: { symptom: ['trips-with', 'trips-random'] },
  provedBy: { 'switching-surge': 'yes' },
  remedy: converter
    ? 'The type that the converter’s maker names, its filter for residual-current devices, a shorter motor cable; start loads one after another.'
    : 'A short-time delayed type where the rules allow it, surge protection before it; never a coarser one for people.',
});

export const residualCurrentFaults = (context: FaultContext): FaultTree => ({
  symptoms,
  tests: tests(context),
  causes: [...causes, surge(hasConverter(context))],
  noAnswer: 'A coarser or slower device is no answer.',
  beyond: 'it is none of these: log leakage over a day, and look at what else runs then.',
});
