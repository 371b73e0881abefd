/**
 * Why does a residual-current device operate again and again? Leakage current, where it goes, and whether it is the device itself.
 * Sources: BS 7671 531.3.2 and table 64, IEC 61008-1, UL 943, from memory; the rest common practice.
 */
import { certain, isOneOf, keysOf } from '../certain';
import { formatQuantity as q } from '../quantities/format-quantity';
import { groundFaultClasses, residualGate, standingShare } from '../standards/residual-current';
import { INSULATION_OHMS, known, type Cause } from './cause';
import type { SwapState } from './swap';

const MILLI = 1000;
/** Front ends whose filters and converters leak at other frequencies, or smooth DC. */
const converters = new Set(['single-phase-converter', 'two-phase-rectifier', 'three-phase-rectifier', 'ev-charger', 'pv-inverter']);

/** What goes to earth, or to another circuit's neutral. */
const wiringCauses: readonly Cause[] = [
  {
    id: 'leak-insulation',
    title: 'Insulation of a line conductor',
    measure: 'Isolated, proved dead, electronics disconnected: line conductors joined, insulation to earth, circuit by circuit, worst one.',
    unit: 'ohm',
    limit: INSULATION_OHMS,
    worseIs: 'below',
    remedy: 'Halve the circuit until the length or appliance is found, and mend it; damp places and heaters first.',
  },
  {
    id: 'leak-neutral',
    title: 'Neutral touches earth behind it',
    measure: 'Isolated, neutral of the circuit lifted from its bar: insulation of the neutral to earth.',
    unit: 'ohm',
    limit: INSULATION_OHMS,
    worseIs: 'below',
    remedy: 'Part of the load current of other circuits returns by earth, so it trips with its own loads off. Find and mend it.',
  },
  {
    id: 'shared-neutral',
    title: 'A neutral shared with another circuit',
    measure: 'Isolated, its neutral lifted: is there continuity to a neutral that does not go through this device?',
    unit: '',
    limit: null,
    worseIs: 'yes',
    remedy: 'Every live conductor of the circuit, the neutral too, goes and returns through the same device.',
  },
];

/** Returns the causes to settle, likeliest first for what stands here. */
export function leakCauses(state: SwapState): Cause[] {
  const milliamps = known(state, 'removed', 'sensitivityMilliamps') ?? known(state, 'removed', 'tripMilliamps');
  const share = (part: number) => (milliamps === undefined ? null : (milliamps * part) / MILLI);
  const advised = share(standingShare.advised);
  const ownClass = state.removed.protectionClass?.value;
  const personnel = isOneOf(keysOf(groundFaultClasses), ownClass) ? groundFaultClasses[ownClass] : undefined;
  const holds = personnel ? personnel.tripMilliamps[0] / MILLI : share(residualGate.holds);
  const trips = personnel ? personnel.tripMilliamps[1] / MILLI : share(residualGate.trips);
  const leakageAsked =
    advised === null
      ? ': is it above 30 % of the rated residual current?'
      : `; 30 % of ${q(certain(milliamps) / MILLI, 'A')} is ${q(advised, 'A')}.`;
  const gateAsked =
    holds === null ? 'Below half of its rating?' : `It must hold at ${q(holds, 'A')}; above ${q(certain(trips), 'A')} it protects nobody.`;
  const electronics = state.load.electronics?.value;
  const converter = typeof electronics === 'string' && converters.has(electronics);
  return [
    ...wiringCauses,
    {
      id: 'standing-leakage',
      title: 'Leakage of many loads together',
      measure: `Leakage clamp around all live conductors, fitted while dead, loads on as usual${leakageAsked}`,
      unit: 'A',
      limit: advised,
      worseIs: advised === null ? 'yes' : 'above',
      remedy: 'Divide the loads over more devices; above half of its rating it may trip with no fault at all.',
    },
    {
      id: 'one-appliance',
      title: 'One appliance',
      measure: 'Everything unplugged or switched off on all poles, then back one at a time: does it trip with the same one?',
      unit: '',
      limit: null,
      worseIs: 'yes',
      remedy: 'That appliance goes out of service until its insulation is mended.',
    },
    {
      id: 'switching-surge',
      title: converter ? 'Charging of filters and high-frequency leakage' : 'Surges at switching or in storms',
      measure: converter
        ? 'Does it trip when the converter is switched on or runs, and hold while that is off?'
        : 'By the log of its trips: only at switching, in storms, or when several loads start together?',
      unit: '',
      limit: null,
      worseIs: 'yes',
      remedy: converter
        ? 'The type that the converter’s maker names, its filter for residual-current devices, a shorter motor cable; start loads one after another.'
        : 'A short-time delayed type where the rules allow it, surge protection before it; never a coarser one for people.',
    },
    {
      id: 'device-too-fine',
      title: 'The device itself',
      measure: `Load disconnected, residual tester rising slowly: where does it trip? ${gateAsked}`,
      unit: 'A',
      limit: holds,
      worseIs: holds === null ? 'yes' : 'below',
      remedy: 'It trips too soon: replace it.',
    },
  ];
}
