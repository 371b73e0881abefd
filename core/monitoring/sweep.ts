/**
 * In which region of two settings is nothing missed and nothing tripped falsely? Stretches of a function are reckoned once for each
 * of its own values and kept; delays are then held on them, so an hour of samples is walked a hundred times, not 2 500.
 */
import { certain } from '../certain';
import type { Recording } from './samples';
import { countOf } from './samples';
import { delayOf, derive, faultNames, stretchesOf, tripsOf, weigher, type FaultName, type FunctionStretches, type Stretch } from './run';
import type { MonitoringSettings } from './settings';

/** Settings that may be swept, and the function whose stretches each moves (null: delays alone). */
export const sweepable = {
  underVolts: 'undervoltage',
  overVolts: 'overvoltage',
  asymmetryPercent: 'asymmetry',
  phaseLossPercent: 'phaseLoss',
  tripDelaySeconds: null,
  returnDelaySeconds: null,
  lossDelaySeconds: null,
} as const satisfies Partial<Record<keyof MonitoringSettings, FaultName | null>>;
export type Sweepable = keyof typeof sweepable;
export type Axis = { setting: Sweepable; low: number; high: number; steps: number };

export type SweepCell = { missed: number; nuisance: number; trips: number };
export type SweepResult = { x: number[]; y: number[]; cells: SweepCell[][] };

export const valuesOf = ({ low, high, steps }: Axis): number[] =>
  Array.from({ length: steps }, (_, i) => (steps === 1 ? low : low + ((high - low) * i) / (steps - 1)));

/**
 * Sweeps two settings. `onRow` is called after each row with its number and may return false to stop: the result is then undefined.
 * Throws RangeError for axes of the same setting, or without steps.
 */
export function sweep(
  recording: Recording,
  settings: MonitoringSettings,
  x: Axis,
  y: Axis,
  onRow: (row: number) => boolean = () => true,
): SweepResult | undefined {
  if (x.setting === y.setting) throw new RangeError('The two axes must be two settings.');
  if (!(x.steps > 0) || !(y.steps > 0) || x.steps * y.steps > 40_000) throw new RangeError('A sweep has 1 to 40 000 points.');
  const { samples, events } = recording;
  const derived = derive(samples, settings.nominalVolts);
  const weigh = weigher(events);
  const end = countOf(samples) * samples.stepSeconds;
  const known = new Map<string, Stretch[] | undefined>();
  const of = (fault: FaultName, at: MonitoringSettings): Stretch[] | undefined => {
    const moved = [x.setting, y.setting].filter((name) => sweepable[name] === fault);
    const key = `${fault} ${moved.map((name) => at[name]).join(' ')}`;
    if (!known.has(key)) known.set(key, stretchesOf(fault, samples, derived, at));
    return known.get(key);
  };
  const xs = valuesOf(x);
  const ys = valuesOf(y);
  const cells: SweepCell[][] = [];
  for (const [row, yValue] of ys.entries()) {
    cells.push(
      xs.map((xValue) => {
        const at: MonitoringSettings = { ...settings, [x.setting]: xValue, [y.setting]: yValue };
        const faults = faultNames.flatMap((fault): FunctionStretches[] => {
          const stretches = of(fault, at);
          return stretches ? [{ fault, delaySeconds: delayOf(fault, at), stretches }] : [];
        });
        const trips = tripsOf(faults, at, end);
        const { missed, nuisance } = weigh(trips);
        return { missed: missed.length, nuisance: nuisance.length, trips: trips.length };
      }),
    );
    if (!onRow(row + 1)) return undefined;
  }
  return { x: xs, y: ys, cells };
}

/** Middle of the widest square of points at which nothing is missed and nothing trips falsely; undefined where there is none. */
export function bestPoint({ x, y, cells }: SweepResult): { x: number; y: number } | undefined {
  const clear = cells.map((row) => row.map((cell) => cell.missed === 0 && cell.nuisance === 0));
  // Distance of each good point from the nearest bad one or the border, by rings.
  let best: { i: number; j: number; room: number } | undefined;
  for (let j = 0; j < y.length; j += 1)
    for (let i = 0; i < x.length; i += 1) {
      let room = 0;
      const good = (r: number) => {
        for (let dj = -r; dj <= r; dj += 1)
          for (let di = -r; di <= r; di += 1) if (Math.max(Math.abs(di), Math.abs(dj)) === r && !clear[j + dj]?.[i + di]) return false;
        return true;
      };
      while (good(room)) room += 1;
      if (room > (best?.room ?? 0)) best = { i, j, room };
    }
  return best && { x: certain(x[best.i]), y: certain(y[best.j]) };
}
