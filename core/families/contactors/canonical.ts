/**
 * One form of a contactor's spec for judging.
 * Kinds are in small letters; rows carry `kind` and `polesInSeries`; volts of NEMA and UL rows stand at the top of their
 * class (460 serves 480); a NEMA size fills its horsepower; horsepower gives the running and locked-rotor amps that it
 * stands for; the coil is laid out as bands by kind of supply. Marks keep their states: null, "none", left out.
 * Sources: NEMA ICS 2, NFPA 70 tables, IEC 60947-4-1 coil limits, all through core/standards.
 */
import type { PartSpec } from '../../case/case';
import { kindAliases } from '../../case/fields';
import type { Band, Canonical } from '../../matching/evaluate';
import type { CoilSupply } from '../../needs/need';
import { coilLimits, COIL_MARK_TOLERANCE } from '../../standards/contactor-limits';
import { tableFullLoadAmps } from '../../standards/motor-tables';
import { nemaRatingRows, nemaSizes } from '../../standards/nema-sizes';
import { voltageClassOf } from '../../standards/voltage-class';

type Row = Record<string, unknown>;

const kindOf = (kind: unknown) => (typeof kind === 'string' ? (kindAliases[kind] ?? kind) : kind);

/** NEMA class A controllers make and break ten times the motor current of their horsepower. */
const NEMA_LOCKED_ROTOR_MULTIPLE = 10;

/** Amps that a horsepower rating stands for; a rating between two table steps stands for the step below it. */
function ampsOfHorsepower(hp: unknown, volts: unknown, phases: 1 | 3): unknown {
  if (typeof hp !== 'number' || typeof volts !== 'number') return hp === undefined ? undefined : hp === 'none' ? 'none' : null;
  const column = voltageClassOf(volts)?.column;
  return (column && tableFullLoadAmps(hp, column, phases)) ?? null;
}

const times = (value: unknown, factor: number) => (typeof value === 'number' ? value * factor : value);
const withColumn = (row: Row, name: string, value: unknown): Row => (value === undefined ? row : { ...row, [name]: value });

function canonicalRow(row: Row, raiseToClass: boolean): Row {
  const volts = row.volts ?? null;
  const served = raiseToClass && typeof volts === 'number' ? (voltageClassOf(volts)?.high ?? volts) : volts;
  const three = ampsOfHorsepower(row.normalHp, volts, 3);
  const single = ampsOfHorsepower(row.normalHpSinglePhase ?? row.normalHp, volts, 1);
  let out: Row = {
    ...row,
    volts: served,
    kind: row.kind === null ? 'ac/dc' : (kindOf(row.kind) ?? 'ac'),
    polesInSeries: row.polesInSeries ?? 1,
  };
  out = withColumn(out, 'hpRunningAmps3', three);
  out = withColumn(out, 'hpRunningAmps1', single);
  out = withColumn(out, 'hpLockedRotorAmps3', times(three, NEMA_LOCKED_ROTOR_MULTIPLE));
  return withColumn(out, 'hpLockedRotorAmps1', times(single, NEMA_LOCKED_ROTOR_MULTIPLE));
}

function ratingRows(spec: PartSpec): unknown {
  const size = spec.nemaSize;
  const given = spec.ratings;
  const table = typeof size === 'string' ? nemaRatingRows(size) : undefined;
  if (given === undefined && table) return table.map((row) => canonicalRow(row, true));
  if (!Array.isArray(given)) return given === false ? 'none' : given;
  const standard = typeof spec.standard === 'string' ? spec.standard : '';
  const raise = standard !== '' ? !standard.startsWith('IEC') : true;
  const rows = given.map((row: Row) => canonicalRow(row, raise || row.normalHp !== undefined || row.fullLoadAmps !== undefined));
  const hasHorsepower = rows.some((row) => row.normalHp !== undefined);
  return table && !hasHorsepower ? [...rows, ...table.map((row) => canonicalRow(row, true))] : rows;
}

type CoilMark = { low: number | null; high: number | null; kind: unknown; hertz: unknown };

function coilMarks(spec: PartSpec): CoilMark[] | null | 'none' | undefined {
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
function marksFor(marks: CoilMark[], supply: (typeof supplies)[number]): CoilMark[] {
  const ofKind = marks.filter((mark) => serves(mark, supply.kind));
  const pool = ofKind.length > 0 ? ofKind : marks;
  const ofHertz = supply.hertz === undefined ? [] : pool.filter((mark) => hasHertz(mark, supply.hertz!));
  return ofHertz.length > 0 ? ofHertz : pool;
}

function coilLayout(spec: PartSpec): Canonical {
  const marks = coilMarks(spec);
  if (marks === undefined) return {};
  if (marks === null || marks === 'none')
    return { coilOperating: null, coilMarked: null, coilRated: null, coilKinds: null, coilHertzAc: null };
  const nema = typeof spec.standard === 'string' && !spec.standard.startsWith('IEC');
  const layout = (band: (low: number, high: number, kind: 'ac' | 'dc') => Band) =>
    Object.fromEntries(
      supplies.map((supply) => {
        const chosen = marksFor(marks, supply).filter((mark) => mark.low !== null && mark.high !== null);
        return [supply.key, chosen.length === 0 ? null : chosen.map((mark) => band(mark.low!, mark.high!, supply.kind))];
      }),
    );
  const kinds = marks.flatMap((mark) => (mark.kind === 'ac/dc' ? ['ac', 'dc'] : [mark.kind]));
  const known = kinds.filter((kind) => kind === 'ac' || kind === 'dc');
  const acMarks = marks.filter((mark) => serves(mark, 'ac'));
  const hertz = acMarks.flatMap((mark) => (Array.isArray(mark.hertz) ? mark.hertz : []));
  const universal = acMarks.some((mark) => mark.kind === 'ac/dc');
  const unread = acMarks.some((mark) => mark.hertz === null) || (universal && hertz.length === 0);
  const carriesHertz = acMarks.some((mark) => mark.hertz !== undefined);
  return {
    coilOperating: layout((low, high, kind) => [
      low * (kind === 'dc' && nema ? coilLimits.pickUpDcNema : coilLimits.pickUp),
      high * coilLimits.highest,
    ]),
    coilMarked: layout((low, high) => [low / (1 + COIL_MARK_TOLERANCE), high * (1 + COIL_MARK_TOLERANCE)]),
    coilRated: layout((low, high) => [low, high]),
    ...(kinds.some((kind) => kind !== undefined) ? { coilKinds: known.length > 0 ? [...new Set(known)] : null } : {}),
    ...(carriesHertz ? { coilHertzAc: hertz.length > 0 ? [...new Set(hertz)] : unread ? null : 'none' } : {}),
    ...(marks.length === 1 && marks[0]!.low !== null ? pullInDc(spec, marks[0]!.low) : pullInDc(spec, null)),
  };
}

/** DC coil power while pulling in: its watts, or V²/R of the marked volts. */
function pullInDc(spec: PartSpec, volts: number | null): Canonical {
  if (spec.coilWatts !== undefined) return { coilPullInWattsDc: spec.coilWatts };
  if (spec.coilOhms === undefined) return {};
  return {
    coilPullInWattsDc: typeof spec.coilOhms === 'number' && volts !== null ? (volts * volts) / spec.coilOhms : null,
  };
}

/** Highest volts of the rows of one kind of current. */
function topVolts(rows: unknown, kind: 'ac' | 'dc'): unknown {
  if (!Array.isArray(rows)) return rows;
  const suiting = (rows as Row[]).filter((row) => row.kind === kind || row.kind === 'ac/dc');
  if (suiting.length === 0) return 'none';
  const volts = suiting.map((row) => row.volts).filter((v): v is number => typeof v === 'number');
  return volts.length < suiting.length ? null : Math.max(...volts);
}

/** Returns the canonical form. The input is not changed. */
export function canonicalContactor(spec: PartSpec): Canonical {
  const ratings = ratingRows(spec);
  const clean = Object.fromEntries(
    Object.entries(spec).map(([name, mark]) => [name, mark === false || (Array.isArray(mark) && mark.length === 0) ? 'none' : mark]),
  );
  const kinds = Array.isArray(ratings)
    ? [...new Set((ratings as Row[]).flatMap((row) => (row.kind === 'ac/dc' ? ['ac', 'dc'] : [row.kind])))]
    : ratings;
  const size = typeof spec.nemaSize === 'string' ? nemaSizes[spec.nemaSize] : undefined;
  return {
    ...clean,
    ...(ratings === undefined
      ? {}
      : {
          ratings,
          ratingKinds: kinds,
          topVoltsAc: topVolts(ratings, 'ac'),
          topVoltsDc: topVolts(ratings, 'dc'),
        }),
    ...(size && spec.continuousAmps === undefined ? { continuousAmps: size.continuousAmps } : {}),
    ...coilLayout(spec),
  };
}
