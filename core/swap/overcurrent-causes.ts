/**
 * Why does an overcurrent device or overload relay operate again and again? Each cause with the measurement that settles it.
 * Source: common practice; unbalance limit NEMA MG 1.
 */
import { familyOf } from '../families/registry';
import { isOneAcMotor } from '../loads/motor-kinds';
import { formatQuantity as q } from '../quantities/format-quantity';
import { INSULATION_OHMS, known, type Cause } from './cause';
import { removedSpec } from './case-from-swap';
import type { SwapState } from './swap';

const UNBALANCE_PERCENT = 5;
const TERMINAL_OHMS = 0.1;

/** A motor that is held back, or runs above its plate. */
const motorCauses = (full: number | undefined): Cause[] => [
  {
    id: 'single-phasing',
    title: 'A phase missing or weak',
    measure: 'Running amps of the three phases by meters fitted while dead: largest deviation from their mean.',
    unit: '%',
    limit: UNBALANCE_PERCENT,
    worseIs: 'above',
    remedy: 'Fuse, contact or terminal of that phase; then the supply.',
  },
  {
    id: 'locked-load',
    title: 'Load stiff or locked',
    measure: 'Isolated: turn the shaft by hand, coupled and uncoupled. Does it bind?',
    unit: '',
    limit: null,
    worseIs: 'yes',
    remedy: 'Bearing, belt, pump or valve before the protection.',
  },
  {
    id: 'overload',
    title: 'Runs above its plate',
    measure: `Running amps, highest phase, loaded as usual${full ? `; the plate says ${q(full, 'A')}` : ''}.`,
    unit: 'A',
    limit: full ?? null,
    worseIs: full === undefined ? 'yes' : 'above',
    remedy: 'Less load, or a motor for the load that is there.',
  },
];

/** More than the circuit is for. */
const overloadCause = (rated: number | undefined): Cause => ({
  id: 'overload',
  title: 'More load than the circuit is for',
  measure: `Current of the circuit at its busiest${rated ? `; the device is ${q(rated, 'A')}` : ''}.`,
  unit: 'A',
  limit: rated ?? null,
  worseIs: rated === undefined ? 'yes' : 'above',
  remedy: 'Divide the circuit or take load away.',
});

const fittingCauses: readonly Cause[] = [
  {
    id: 'loose-terminal',
    title: 'Loose or burnt terminal, weak clip',
    measure: 'Isolated: resistance across each joint or clip, worst one, leads taken off. Look for colour and smell.',
    unit: 'ohm',
    limit: TERMINAL_OHMS,
    worseIs: 'above',
    remedy: 'Clean or renew, tighten to the torque on the plate.',
  },
  {
    id: 'wrong-speed',
    title: 'Wrong speed, curve or class fitted',
    measure: 'Read the marks of the removed part: is it faster than the load needs?',
    unit: '',
    limit: null,
    worseIs: 'yes',
    remedy: 'The need lines of this swap say which it must be.',
  },
];

/** What the device that came out surely rides for a moment: at a recorder's peak, which on AC stands √2 above the rms of its curve. */
function riddenPeak(state: SwapState): number | undefined {
  const family = familyOf(state.family);
  const spec = removedSpec(state);
  if (!family?.ridesForAMoment || !spec) return undefined;
  const current = state.supply.currentKind?.value === 'dc' ? 'dc' : 'ac';
  const rms = family.ridesForAMoment(family.canonical(spec), current);
  return rms === null ? undefined : Number((rms * (current === 'dc' ? 1 : Math.SQRT2)).toPrecision(4));
}

const inrushCause = (peak: number | undefined, ridden: number | undefined): Cause => ({
  id: 'inrush',
  title: 'Inrush above what it rides',
  measure: `Recorder or clamp with peak hold, fitted while dead: highest peak at switching on${peak ? ` (the plate says ${q(peak, 'A')})` : ''}. ${
    ridden === undefined
      ? 'Is it above the lower edge of the curve of this device, taken as a peak?'
      : `This device surely rides a peak of ${q(ridden, 'A')}.`
  }`,
  unit: ridden === undefined ? '' : 'A',
  limit: ridden ?? null,
  worseIs: ridden === undefined ? 'yes' : 'above',
  remedy: 'A time-delay fuse or a later curve within what conductor and code allow; never more amps for it.',
});

/** Returns the causes why an overcurrent device or an overload relay operates, likeliest first for what stands here. */
export function overcurrentCauses(state: SwapState): Cause[] {
  const motor = isOneAcMotor(state.loadKind);
  const rated = known(state, 'removed', 'ratedAmps');
  const full = known(state, 'load', 'fullLoadAmps') ?? known(state, 'load', 'loadAmps');
  const ambient = known(state, 'removed', 'calibratedAmbientC') ?? 40;
  const peak = known(state, 'load', 'inrushPeakAmps');
  return [
    {
      id: 'earth-fault',
      title: 'Earth fault or short',
      measure: 'Isolated, proved dead, electronics disconnected: insulation resistance of each conductor to earth, worst one.',
      unit: 'ohm',
      limit: INSULATION_OHMS,
      worseIs: 'below',
      remedy: 'Find and mend the fault first; nothing is fitted on it.',
    },
    inrushCause(peak, riddenPeak(state)),
    ...(motor ? motorCauses(full) : [overloadCause(rated)]),
    ...fittingCauses,
    {
      id: 'ambient',
      title: 'Too warm around it',
      measure: `Air temperature at the device in service; it is calibrated at ${ambient} °C.`,
      unit: '°C',
      limit: ambient,
      worseIs: 'above',
      remedy: 'Space between devices, cooling, or the derating of its maker.',
    },
  ];
}
