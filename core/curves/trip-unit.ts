/**
 * Breakers with a trip unit: long time (L), short time (S), instantaneous (I), earth fault (G), and the maintenance setting,
 * a switched state in which it opens at once from a low current. Tolerances: 10 % on current, 20 % on time (common practice).
 * Sources: IEC 60947-2; NFPA 70 230.95 for the largest earth-fault setting; both through core/standards.
 */
import { certain } from '../certain';
import { formatQuantity as q } from '../quantities/format-quantity';
import { groundFaultEquipment as gfpe } from '../standards/ground-fault';
import { alongI2t, type Band, type CurvePoint } from './band';
import { at, drop, FARTHEST, FASTEST, type Model, type Remark, type Setting } from './models';

/** Top of the instantaneous dial, times the rated current. Common practice. */
export const HIGHEST_INSTANTANEOUS = 15;

export type TripUnit = {
  longTimeAmps: number;
  longTimeSeconds: number;
  shortTimeAmps: number;
  shortTimeSeconds: number;
  instantaneousAmps: number;
  /** Absent: it has no earth-fault function. */
  groundFaultAmps?: number;
  groundFaultSeconds?: number;
  /** Instantaneous pick-up while the maintenance setting is on. */
  maintenanceAmps?: number;
};

/** Multiple of the long-time setting at which its time is stated. */
export const LONG_TIME_MULTIPLE = 6;
const TOLERANCE = { amps: 0.1, seconds: 0.2 } as const;
const MIN_OPEN_SECONDS = 0.05;
/** A maintenance setting skips every delay; what is left is the breaker itself. */
const MAINTENANCE_OPEN_SECONDS = 0.04;
const MAINTENANCE_MULTIPLE = 2.5;
const DEFAULT_GROUND_FAULT_SECONDS = 0.3;

/** Settings as delivered, by frame. Common practice: long time at the frame, 10 s; short time 5 x, 0.2 s; 10 x at once. */
export const tripUnitDefaults = (frameAmps: number): TripUnit => ({
  longTimeAmps: frameAmps,
  longTimeSeconds: 10,
  shortTimeAmps: 5 * frameAmps,
  shortTimeSeconds: 0.2,
  instantaneousAmps: 10 * frameAmps,
});
/** Earth-fault setting to begin with: 40 % of the frame, at most what NFPA 70 230.95 allows. */
export const groundFaultDefaults = (frameAmps: number) => ({
  groundFaultAmps: Math.min(gfpe.maxPickupAmps, 0.4 * frameAmps),
  groundFaultSeconds: DEFAULT_GROUND_FAULT_SECONDS,
});

const low = { amps: 1 - TOLERANCE.amps, seconds: 1 - TOLERANCE.seconds };
const high = { amps: 1 + TOLERANCE.amps, seconds: 1 + TOLERANCE.seconds };

/** A delay that is no longer than the breaker itself leaves a step of no height: it is no point. */
const distinct = (points: CurvePoint[]): CurvePoint[] =>
  points.filter(({ amps, seconds }, i) => amps !== points[i - 1]?.amps || seconds !== points[i - 1]?.seconds);

function edge(unit: TripUnit, frameAmps: number, by: typeof low, last: number): CurvePoint[] {
  const start = unit.longTimeAmps * 1.05 * (by.amps > 1 ? 1.15 : 1);
  const stated = unit.longTimeSeconds * by.seconds * (LONG_TIME_MULTIPLE * unit.longTimeAmps) ** 2;
  const shortFrom = Math.max(unit.shortTimeAmps * by.amps, start * 1.01);
  const instantFrom = Math.max(unit.instantaneousAmps * by.amps, start * 1.02);
  const points = alongI2t(at(start, stated / start ** 2), Math.min(shortFrom, instantFrom));
  // Instantaneous below the short-time pick-up: the delay is never reached.
  if (instantFrom <= shortFrom) return distinct(drop(points, instantFrom, last, FARTHEST * frameAmps));
  const delay = Math.min(Math.max(unit.shortTimeSeconds * by.seconds, last), certain(points.at(-1)).seconds);
  return distinct([...drop(points, shortFrom, delay, instantFrom), at(instantFrom, last), at(FARTHEST * frameAmps, last)]);
}

function earthBandOf(
  { groundFaultAmps, groundFaultSeconds = DEFAULT_GROUND_FAULT_SECONDS }: TripUnit,
  frameAmps: number,
): Band | undefined {
  if (groundFaultAmps === undefined) return undefined;
  const flat = (by: typeof low, least: number): CurvePoint[] => {
    const seconds = Math.max(groundFaultSeconds * by.seconds, least);
    return [at(groundFaultAmps * by.amps, seconds), at(FARTHEST * frameAmps, seconds)];
  };
  return { fast: flat(low, FASTEST * 3), slow: flat(high, MIN_OPEN_SECONDS) };
}

function remarksOf(unit: TripUnit, frameAmps: number, maintenance: boolean, nema: boolean): Remark[] {
  const remarks: Remark[] = [];
  const { groundFaultAmps, groundFaultSeconds = DEFAULT_GROUND_FAULT_SECONDS } = unit;
  if (maintenance)
    remarks.push({
      verdict: 'check',
      words:
        'The maintenance setting is on: for the time of the work only. Selectivity is lost while it stands; switch it back and note who did.',
    });
  if (unit.instantaneousAmps <= unit.shortTimeAmps)
    remarks.push({ verdict: 'check', words: 'Instantaneous stands at or below short time: the short-time delay is never reached.' });
  if (nema && frameAmps >= gfpe.fromRatedAmps) {
    const where = `a solidly grounded wye above ${q(gfpe.aboveVoltsToGround, 'V')} to ground`;
    if (groundFaultAmps === undefined)
      remarks.push({ verdict: 'check', words: `From ${q(gfpe.fromRatedAmps, 'A')} on ${where} an earth-fault function is asked for.` });
    else if (groundFaultAmps > gfpe.maxPickupAmps || groundFaultSeconds > gfpe.maxSeconds)
      remarks.push({
        verdict: 'fails',
        words: `Earth fault at ${q(groundFaultAmps, 'A')}, ${q(groundFaultSeconds, 's')}: on ${where} at most ${q(gfpe.maxPickupAmps, 'A')} and ${q(gfpe.maxSeconds, 's')}.`,
      });
  }
  return remarks.length > 0 ? remarks : [{ verdict: 'fits', words: 'Long time, short time and instantaneous stand in order.' }];
}

/** Model of a breaker with a trip unit. `frameAmps` is its rated current; `nema` asks for what NFPA 70 asks. */
export function tripUnitBreaker(
  unit: TripUnit,
  frameAmps: number,
  { maintenance = false, nema = false }: { maintenance?: boolean; nema?: boolean } = {},
): Model {
  const maintenanceAmps = unit.maintenanceAmps ?? MAINTENANCE_MULTIPLE * frameAmps;
  const acting = maintenance ? { ...unit, instantaneousAmps: Math.min(unit.instantaneousAmps, maintenanceAmps) } : unit;
  const last = maintenance ? MAINTENANCE_OPEN_SECONDS : MIN_OPEN_SECONDS;
  const setting = (name: string, label: string, symbol: string, value: number, min: number, max: number): Setting => ({
    name,
    label,
    unit: symbol,
    value,
    min,
    max,
  });
  const earthBand = earthBandOf(unit, frameAmps);
  return {
    band: { fast: edge(acting, frameAmps, low, FASTEST * 3), slow: edge(acting, frameAmps, high, last) },
    ...(earthBand ? { earthBand } : {}),
    source: 'breakingCapacity',
    settings: [
      setting('longTimeAmps', 'Long-time pick-up', 'A', unit.longTimeAmps, 0.4 * frameAmps, frameAmps),
      setting('longTimeSeconds', 'Long-time delay at 6 x', 's', unit.longTimeSeconds, 0.5, 30),
      setting('shortTimeAmps', 'Short-time pick-up', 'A', unit.shortTimeAmps, 1.5 * unit.longTimeAmps, 10 * unit.longTimeAmps),
      setting('shortTimeSeconds', 'Short-time delay', 's', unit.shortTimeSeconds, 0.05, 0.5),
      setting('instantaneousAmps', 'Instantaneous', 'A', unit.instantaneousAmps, 1.5 * frameAmps, HIGHEST_INSTANTANEOUS * frameAmps),
      ...(unit.groundFaultAmps === undefined
        ? []
        : [
            setting('groundFaultAmps', 'Earth-fault pick-up', 'A', unit.groundFaultAmps, 0.2 * frameAmps, frameAmps),
            setting('groundFaultSeconds', 'Earth-fault delay', 's', unit.groundFaultSeconds ?? DEFAULT_GROUND_FAULT_SECONDS, 0.05, 1.5),
          ]),
      ...(maintenance ? [setting('maintenanceAmps', 'Maintenance pick-up', 'A', maintenanceAmps, 1.5 * frameAmps, 5 * frameAmps)] : []),
    ],
    note: 'Settings with 10 % on current and 20 % on time; the maker’s own tolerances go before these.',
    remarks: remarksOf(acting, frameAmps, maintenance, nema),
  };
}
