/**
 * Does the branch start, protect its motor and its cable, and clear its fault? Judged on the curves, edge by edge.
 * Starts: every device still holds when the start is over. Protects: some device has opened in time, at its slow edge.
 * Sources: IEC 60364-4-43 434.5.2 (adiabatic, 0.1 to 5 s), common practice for the start.
 */
import { certain } from '../certain';
import type { Verdict } from '../needs/need';
import { formatQuantity as q } from '../quantities/format-quantity';
import { adiabaticSeconds } from '../standards/conductors';
import { bandSeconds, type Band } from './band';
import type { Remark } from './models';

export type CurveDevice = {
  id: string;
  label: string;
  band: Band;
  /** Band of its earth-fault function. */
  earthBand?: Band;
  /** What is to be said of its settings by themselves. */
  remarks: readonly Remark[];
  /** Total I²t let through at the highest fault, A²s. */
  letThroughA2s: number | null;
  interruptingAmps: number | null;
  /** Opens short circuits; an overload relay does not. */ breaksFaults: boolean;
};
export type Branch = {
  devices: readonly CurveDevice[];
  /** Rms starting current, its length, and the first half cycle as rms; null where nothing starts. */
  start: { amps: number; seconds: number; firstPeakAmps: number } | null;
  runningAmps: number | null;
  /** Safe stall time from hot at the starting current, s. */
  stallSeconds: number | null;
  /** k²S² of the cable, A²s. */
  cableA2s: number | null;
  cableAmps: number | null;
  highestFaultAmps: number | null;
  lowestFaultAmps: number | null;
  leastFaultToEarth: boolean;
  /** NFPA practice. */
  nema: boolean;
  clearWithinSeconds: number | null;
};
export type BranchLine = { id: string; title: string; verdict: Verdict; because: string };

const FIRST_PEAK_SECONDS = 0.02;
/** A time that stands for a verdict: without end it is said so. */
export const heldWords = (seconds: number): string => (seconds === Infinity ? 'holds without end' : `holds ${time(seconds)}`);
export const openWords = (seconds: number): string => (seconds === Infinity ? 'no sure opening' : `open by ${time(seconds)}`);
const time = (seconds: number) => (seconds === Infinity ? 'never' : seconds > 3600 ? `${Math.round(seconds / 60)} min` : q(seconds, 's'));
const worst = (verdicts: Verdict[]): Verdict =>
  (['fails', 'not-known', 'check'] as const).find((verdict) => verdicts.includes(verdict)) ?? 'fits';

/** A device against a current that stands for some time: holds, may open, opens. */
function holding({ band, label }: CurveDevice, amps: number, seconds: number): { verdict: Verdict; words: string } {
  const { holdsUntil, openBy } = bandSeconds(band, amps);
  const words = `${label} at ${q(amps, 'A')}: ${band.fast ? heldWords(holdsUntil) : 'no published holding time'}, ${openWords(openBy)}`;
  if (band.fast && holdsUntil >= seconds) return { verdict: 'fits', words };
  if (openBy <= seconds) return { verdict: 'fails', words };
  return { verdict: band.fast ? 'check' : 'not-known', words };
}

function starts({ devices, start }: Branch): BranchLine {
  const base = { id: 'starts', title: 'Starts without tripping' };
  if (!start) return { ...base, verdict: 'not-known', because: 'How the load starts is not known.' };
  const held = devices.map((device) => holding(device, start.amps, start.seconds));
  const peaks = devices.map((device) => holding(device, start.firstPeakAmps, FIRST_PEAK_SECONDS));
  const peakVerdict = worst(peaks.map(({ verdict }) => (verdict === 'fails' ? 'check' : verdict === 'not-known' ? 'fits' : verdict)));
  const verdict = worst([...held.map(({ verdict: one }) => one), peakVerdict]);
  return {
    ...base,
    verdict,
    because: `${q(start.amps, 'A')} for ${q(start.seconds, 's')}: ${held.map(({ words }) => words).join('; ')}.${peakVerdict === 'check' ? ` The first half cycle, ${q(start.firstPeakAmps, 'A')}, may trip one.` : ''}`,
  };
}

function runs({ devices, runningAmps }: Branch): BranchLine {
  const base = { id: 'carries', title: 'Carries the load' };
  if (runningAmps === null) return { ...base, verdict: 'not-known', because: 'The running current is not known.' };
  const first = devices.filter(({ band }) => (band.slow ?? band.fast)?.[0] && bandSeconds(band, runningAmps).openBy < Infinity);
  const may = devices.filter(
    ({ band }) => band.fast && bandSeconds(band, runningAmps).holdsUntil < Infinity && !first.some((one) => one.band === band),
  );
  const verdict: Verdict = first.length > 0 ? 'fails' : may.length > 0 ? 'check' : 'fits';
  const names = (first.length > 0 ? first : may).map(({ label }) => label).join(', ');
  return {
    ...base,
    verdict,
    because: `${q(runningAmps, 'A')} without end${names ? `: ${names} ${first.length > 0 ? 'opens' : 'may open'} at that` : ' is below every curve'}.`,
  };
}

/** First device that has opened at this current, by its slow edge; an earth-fault function counts for a fault to earth. */
function openBy(devices: readonly CurveDevice[], amps: number, toEarth = false): { seconds: number; label: string } {
  let best = { seconds: Infinity, label: 'none' };
  for (const device of devices) {
    const bands = toEarth && device.earthBand ? [device.band, device.earthBand] : [device.band];
    const seconds = Math.min(...bands.map((band) => bandSeconds(band, amps).openBy));
    if (seconds < best.seconds) best = { seconds, label: device.label };
  }
  return best;
}

function motor({ devices, start, stallSeconds }: Branch): BranchLine {
  const base = { id: 'motor', title: 'Motor protected when stalled' };
  if (!start || stallSeconds === null) return { ...base, verdict: 'not-known', because: 'The safe stall time of the motor is not known.' };
  const { seconds, label } = openBy(devices, start.amps);
  return {
    ...base,
    verdict: seconds <= stallSeconds ? 'fits' : 'fails',
    because: `Stalled it stands ${q(stallSeconds, 's')}; ${label} has opened by ${time(seconds)}.`,
  };
}

const CABLE_STEPS = 60;

function cable({ devices, cableA2s, highestFaultAmps }: Branch): BranchLine {
  const base = { id: 'cable', title: 'Cable protected' };
  if (cableA2s === null) return { ...base, verdict: 'not-known', because: 'Size or insulation of the cable is not known.' };
  const breakers = devices.filter(({ breaksFaults }) => breaksFaults);
  const from = Math.sqrt(cableA2s / adiabaticSeconds.to);
  const to = Math.min(Math.sqrt(cableA2s / adiabaticSeconds.from), Math.max(highestFaultAmps ?? Infinity, from));
  for (let i = 0; i <= CABLE_STEPS; i += 1) {
    const amps = from * (to / from) ** (i / CABLE_STEPS);
    const { seconds, label } = openBy(breakers, amps);
    const stands = cableA2s / (amps * amps);
    if (seconds > stands * (1 + 1e-9))
      return {
        ...base,
        verdict: 'fails',
        because: `At ${q(amps, 'A')} the cable stands ${time(stands)}; ${label === 'none' ? 'nothing opens' : `${label} has opened by ${time(seconds)}`}.`,
      };
  }
  const above = highestFaultAmps !== null && highestFaultAmps > Math.sqrt(cableA2s / adiabaticSeconds.from);
  if (above) {
    const words = `It holds from 0.1 to 5 s. At ${q(highestFaultAmps, 'A')} the time is under 0.1 s: the device’s let-through I²t must be below ${q(cableA2s, 'A²s')}`;
    const known = breakers.filter(({ letThroughA2s }) => letThroughA2s !== null);
    const least = Math.min(...known.map(({ letThroughA2s }) => certain(letThroughA2s)));
    if (known.length === 0) return { ...base, verdict: 'check', because: `${words}; it is not known.` };
    const holds = least <= cableA2s;
    const rest = known.length < breakers.length ? 'check' : 'fails';
    return { ...base, verdict: holds ? 'fits' : rest, because: `${words}; it is ${q(least, 'A²s')}.` };
  }
  return {
    ...base,
    verdict: 'fits',
    because: `From ${q(from, 'A')} to ${q(to, 'A')} a device has opened before the cable is too hot.`,
  };
}

function clears({ devices, lowestFaultAmps, leastFaultToEarth, clearWithinSeconds }: Branch): BranchLine {
  const base = { id: 'clears', title: 'Clears the least fault in time' };
  if (lowestFaultAmps === null || clearWithinSeconds === null)
    return { ...base, verdict: 'not-known', because: 'The least fault current, or the time asked for, is not known.' };
  const { seconds, label } = openBy(
    devices.filter(({ breaksFaults }) => breaksFaults),
    lowestFaultAmps,
    leastFaultToEarth,
  );
  return {
    ...base,
    verdict: seconds <= clearWithinSeconds ? 'fits' : 'fails',
    because: `${q(lowestFaultAmps, 'A', 'down')} at the least, within ${q(clearWithinSeconds, 's')}: ${label === 'none' ? 'nothing opens for sure' : `${label} has opened by ${time(seconds)}`}.`,
  };
}

function interrupts({ devices, highestFaultAmps }: Branch): BranchLine {
  const base = { id: 'interrupts', title: 'Interrupting rating' };
  if (highestFaultAmps === null) return { ...base, verdict: 'not-known', because: 'The prospective fault current is not known.' };
  const breakers = devices.filter(({ breaksFaults }) => breaksFaults);
  if (breakers.length === 0) return { ...base, verdict: 'fails', because: 'Nothing here breaks a short circuit.' };
  const verdict = worst(
    breakers.map(({ interruptingAmps }) =>
      interruptingAmps === null ? 'not-known' : interruptingAmps >= highestFaultAmps ? 'fits' : 'fails',
    ),
  );
  const words = breakers
    .map(({ label, interruptingAmps }) => `${label} ${interruptingAmps === null ? 'not known' : q(interruptingAmps, 'A', 'down')}`)
    .join(', ');
  return { ...base, verdict, because: `${q(highestFaultAmps, 'A')} at the most; ${words}.` };
}

/** Overload of a cable: at this multiple of what it carries a device must open in its conventional time. IEC 60364-4-43 433.1. */
const OVERLOAD_MULTIPLE = 1.45;

function overload({ devices, cableAmps, nema }: Branch): BranchLine {
  const base = { id: 'overload', title: 'Cable protected from overload' };
  if (cableAmps === null) return { ...base, verdict: 'not-known', because: 'What the cable carries is not known.' };
  const amps = OVERLOAD_MULTIPLE * cableAmps;
  const { seconds, label } = openBy(devices, amps);
  const words = `The cable carries ${q(cableAmps, 'A')}. At 1.45 times that, ${q(amps, 'A')},`;
  if (seconds < Infinity) return { ...base, verdict: 'fits', because: `${words} ${label} has opened by ${time(seconds)}.` };
  return {
    ...base,
    verdict: nema ? 'check' : 'fails',
    because: `${words} nothing opens for sure.${nema ? ' NFPA practice goes by the rating: the next size up may be permitted, the need lines say so.' : ''}`,
  };
}

/** Settings that are wrong or worth a word whatever the branch; no line where no device has a trip unit. */
function settings({ devices }: Branch): BranchLine[] {
  const remarks = devices.flatMap(({ label, remarks: own }) => own.map((remark) => ({ ...remark, label })));
  if (remarks.length === 0) return [];
  return [
    {
      id: 'settings',
      title: 'Settings of the trip unit',
      verdict: worst(remarks.map(({ verdict }) => verdict)),
      because: remarks.map(({ label, words }) => `${label}: ${words}`).join(' '),
    },
  ];
}

/** Returns the lines in the order shown. Pure; fast enough to run while a setting is dragged. */
export const judgeBranch = (branch: Branch): BranchLine[] => [
  runs(branch),
  starts(branch),
  motor(branch),
  cable(branch),
  overload(branch),
  clears(branch),
  interrupts(branch),
  ...settings(branch),
];
