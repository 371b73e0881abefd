/**
 * The coil of a part in one form for judging, whatever the family: bands by kind of supply, kinds, frequencies, power.
 * Source: IEC 60947-4-1 and IEC 61810-1 coil limits, through core/standards.
 */
import { certain } from '../certain';
import { kindAliases } from '../fields/field';
import type { Band, Figures } from '../matching/canonical';
import type { CoilFigure, CoilSpec } from './figures';
import type { CoilSupply } from '../needs/need';
import { coilLimits, COIL_MARK_TOLERANCE } from '../standards/contactor-limits';

type Row = Record<string, unknown>;

/** A kind of current with its aliases read; anything else as it is. */
export const kindOf = (kind: unknown) => (typeof kind === 'string' ? (kindAliases[kind] ?? kind) : kind);

type CoilMark = { low: number | null; high: number | null; kind: unknown; hertz: unknown };

function coilMarks(spec: CoilSpec): CoilMark[] | null | 'none' | undefined {
  if (Array.isArray(spec.coilMarks))
    return spec.coilMarks.map((mark: Row) => {
      const volts = typeof mark.volts === 'number' ? mark.volts : null;
      return { low: volts, high: volts, kind: kindOf(mark.kind), hertz: mark.hertz };
    });
  if (spec.coilMarks === null) return null;
  const { coilVolts, coilVoltsMin, coilVoltsMax } = spec;
  if ([coilVolts, coilVoltsMin, coilVoltsMax].every((mark) => mark === undefined) && spec.coilKind === undefined) return undefined;
  const one = (mark: unknown) => (typeof mark === 'number' ? mark : null);
  const low = one(coilVoltsMin) ?? one(coilVolts);
  const high = one(coilVoltsMax) ?? one(coilVolts);
  return [{ low: low ?? high, high: high ?? low, kind: kindOf(spec.coilKind), hertz: spec.coilHertz }];
}

const supplies: readonly { key: CoilSupply; kind: 'ac' | 'dc'; hertz?: number }[] = [
  { key: 'ac50', kind: 'ac', hertz: 50 },
  { key: 'ac60', kind: 'ac', hertz: 60 },
  { key: 'ac', kind: 'ac' },
  { key: 'dc', kind: 'dc' },
];

const serves = (mark: CoilMark, kind: string) =>
  mark.kind === undefined || mark.kind === null || mark.kind === 'ac/dc' || mark.kind === kind;
const hasHertz = (mark: CoilMark, hertz: number) => Array.isArray(mark.hertz) && mark.hertz.includes(hertz);

/** Marks that speak for this supply: of its kind and frequency if there are such, else of its kind, else all. */
function marksFor(marks: CoilMark[], kind: 'ac' | 'dc', hertz: number | undefined): CoilMark[] {
  const ofKind = marks.filter((mark) => serves(mark, kind));
  const pool = ofKind.length > 0 ? ofKind : marks;
  const ofHertz = hertz === undefined ? [] : pool.filter((mark) => hasHertz(mark, hertz));
  return ofHertz.length > 0 ? ofHertz : pool;
}

type BandOf = (low: number, high: number, kind: 'ac' | 'dc') => Band;
/** Marks that speak for each kind of supply, with both ends known. */
const chosenMarks = (marks: CoilMark[]) =>
  supplies.map(({ key, kind, hertz }) => {
    const chosen = marksFor(marks, kind, hertz);
    return { key, kind, marks: chosen.filter((mark) => mark.low !== null && mark.high !== null) };
  });
/** Bands by kind of supply, null where no mark speaks for it. */
function layBands(chosen: ReturnType<typeof chosenMarks>, band: BandOf): Record<string, Band[] | null> {
  const out: Record<string, Band[] | null> = {};
  for (const { key, kind, marks } of chosen)
    out[key] = marks.length === 0 ? null : marks.map((mark) => band(certain(mark.low), certain(mark.high), kind));
  return out;
}

/** Bands of the coil by kind of supply; undefined where it carries no mark, null where its marks are worn. */
export function coilBands(spec: CoilSpec, band: BandOf): Record<string, Band[] | null> | null | undefined {
  const marks = coilMarks(spec);
  if (marks === undefined) return undefined;
  return marks === null || marks === 'none' ? null : layBands(chosenMarks(marks), band);
}

/**
 * Coil marks as bands by kind of supply: where it operates, what it is marked for. `pickUpDc` is the share of the mark at which a DC
 * coil pulls in, where its standard says other than 0.85.
 */
export function coilLayout(spec: CoilSpec, pickUpDc: number = coilLimits.pickUp): Figures<CoilFigure> {
  const marks = coilMarks(spec);
  if (marks === undefined) return {};
  if (marks === null || marks === 'none')
    return { coilOperating: null, coilMarked: null, coilRated: null, coilKinds: null, coilHertzAc: null };
  const chosen = chosenMarks(marks);
  const layout = (band: BandOf) => layBands(chosen, band);
  const kinds = marks.flatMap((mark) => (mark.kind === 'ac/dc' ? ['ac', 'dc'] : [mark.kind]));
  const known = kinds.filter((kind) => kind === 'ac' || kind === 'dc');
  const acMarks = marks.filter((mark) => serves(mark, 'ac'));
  const hertz = acMarks.flatMap((mark) => (Array.isArray(mark.hertz) ? mark.hertz : []));
  const universal = acMarks.some((mark) => mark.kind === 'ac/dc');
  const unread = acMarks.some((mark) => mark.hertz === null) || (universal && hertz.length === 0);
  const carriesHertz = acMarks.some((mark) => mark.hertz !== undefined);
  return {
    coilOperating: layout((low, high, kind) => [low * (kind === 'dc' ? pickUpDc : coilLimits.pickUp), high * coilLimits.highest]),
    coilMarked: layout((low, high) => [low / (1 + COIL_MARK_TOLERANCE), high * (1 + COIL_MARK_TOLERANCE)]),
    coilRated: layout((low, high) => [low, high]),
    coilVoltsMarked: voltsMarked(marks),
    ...(kinds.some((kind) => kind !== undefined) ? { coilKinds: known.length > 0 ? [...new Set(known)] : null } : {}),
    ...(carriesHertz ? { coilHertzAc: hertz.length > 0 ? [...new Set(hertz)] : unread ? null : 'none' } : {}),
    ...(marks.length === 1 && certain(marks[0]).low !== null ? pullInDc(spec, certain(marks[0]).low) : pullInDc(spec, null)),
  };
}

/** Volts of the marks: one figure, or the lowest and the highest; null where one is worn. */
function voltsMarked(marks: readonly CoilMark[]): number | [number, number] | null {
  const volts = marks.flatMap(({ low, high }) => [low, high]);
  if (!volts.every((one): one is number => one !== null) || volts.length === 0) return null;
  const [low, high] = [Math.min(...volts), Math.max(...volts)];
  return low === high ? low : [low, high];
}

/** DC coil power while pulling in: its watts, or V²/R of the marked volts. */
function pullInDc(spec: CoilSpec, volts: number | null): Figures<CoilFigure> {
  if (spec.coilWatts !== undefined) return { coilPullInWattsDc: spec.coilWatts };
  if (spec.coilOhms === undefined) return {};
  return {
    coilPullInWattsDc: typeof spec.coilOhms === 'number' && volts !== null ? (volts * volts) / spec.coilOhms : null,
  };
}
