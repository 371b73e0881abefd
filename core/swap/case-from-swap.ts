/**
 * The plain case of a swap: readings and marks map one to one, so screen and interface judge the same thing.
 * A list of amps belongs to the list of volts by position; the connection in use picks its own.
 */
import type { FieldValues, PartSpec, PlainCase, Practice } from '../case/case';
import { loadFields } from '../fields/load-fields';
import { ratingColumns } from '../fields/rating-columns';
import { familyOf } from '../families/registry';
import { connectedVolts } from '../loads/connected-volts';
import { swapSchools, type Methods } from '../loads/schools';
import { toMark, type Reading, type Readings } from '../readings/reading';
import type { PartInHand, SwapState } from './swap';

const marksOf = (readings: Readings): FieldValues =>
  Object.fromEntries(Object.entries(readings).map(([id, reading]) => [id, toMark(reading)]));

/** A plate carries more than a case holds: frame, bearings, maker. Only the names of the case go into it. */
const loadNames: ReadonlySet<string> = new Set(loadFields.map((field) => field.name));
const partNames = (family: string) => new Set((familyOf(family)?.fields ?? []).map((field) => field.name));

/** Of a list of amps the one of the connection in use; null where the lists do not pair. */
function ampsInUse(load: FieldValues, systemVolts: unknown): FieldValues {
  const volts = typeof load.plateVolts === 'string' ? load.plateVolts.split(/[/-]/).map(Number) : [];
  const inUse = typeof systemVolts === 'number' ? connectedVolts(load.plateVolts, systemVolts) : undefined;
  const index = inUse === undefined ? -1 : volts.indexOf(inUse);
  const picked = (['fullLoadAmps', 'lockedRotorAmps'] as const).flatMap((name) => {
    const amps = load[name];
    return Array.isArray(amps) ? [[name, index >= 0 && amps.length === volts.length ? amps[index] : null]] : [];
  });
  return { ...load, ...Object.fromEntries(picked) };
}

/** A unit plate may bound fuse and breaker apart; the case has one figure: the smaller. */
function deviceMaximum(load: FieldValues): FieldValues {
  const bounds = [load.maximumFuseAmps, load.maximumBreakerAmps].filter((amps): amps is number => typeof amps === 'number');
  return load.maximumOvercurrentAmps !== undefined || bounds.length === 0 ? load : { ...load, maximumOvercurrentAmps: Math.min(...bounds) };
}

const rowNames = new Set([...ratingColumns.map(({ name }) => name), 'volts', 'kind', 'polesInSeries']);
/** Rows of a plate hold more than those of a case: kW beside the amps. */
const caseRows = (mark: unknown): unknown =>
  Array.isArray(mark) && mark.every((row) => row !== null && typeof row === 'object')
    ? mark.map((row: object) => Object.fromEntries(Object.entries(row).filter(([name]) => rowNames.has(name))))
    : mark;

/** A list of words may stand as one word where it was typed. */
const asList = (family: string, id: string, mark: unknown): unknown =>
  typeof mark === 'string' && mark !== 'none' && familyOf(family)?.fields.find(({ name }) => name === id)?.kind === 'words'
    ? mark.split('/')
    : mark;

/** What was read on a part as a spec of the case; null where nothing of it has been read. */
function specOf(family: string, readings: Readings, supply: Readings): PartSpec | null {
  const known = partNames(family);
  const read = marksOf(readings);
  const named = familyOf(family)?.specFromPlate(read, marksOf(supply)) ?? read;
  const marks = Object.fromEntries(
    Object.entries(named)
      .filter(([id]) => known.has(id))
      .map(([id, mark]) => [id, id === 'ratings' ? caseRows(mark) : asList(family, id, mark)]),
  );
  return Object.keys(marks).length > 0 ? marks : null;
}

/** Spec of the removed part as a mark of the case; null where nothing of it has been read. */
export const removedSpec = (state: SwapState): PartSpec | null => specOf(state.family, state.removed, state.supply);

/** A mark that a machine read and nobody confirmed, or that was assumed, is not known on a part that is to go in. */
const asHeld = (reading: Reading): Reading =>
  reading.toConfirm || reading.state === 'assumed' ? { state: 'unreadable', from: reading.from } : reading;

/** Spec of a part in the hand; null where nothing of it has been read. */
export const handSpec = ({ family, supply }: Pick<SwapState, 'family' | 'supply'>, { readings }: PartInHand): PartSpec | null =>
  specOf(family, Object.fromEntries(Object.entries(readings).map(([id, reading]) => [id, asHeld(reading)])), supply);

/** Names of assumed marks, as need lines name their inputs. */
export function assumedMarks(state: SwapState): Set<string> {
  const named = (['load', 'duty', 'supply'] as const).flatMap((section) =>
    Object.entries(state[section])
      .filter(([, reading]) => reading.state === 'assumed' || reading.toConfirm)
      .map(([id]) => `${section}.${id}`),
  );
  return new Set(named);
}

/** Schools in force: the swap's choice over the site's over the default. */
export const schoolsOf = (state: SwapState, site: Partial<Methods>): Methods => ({
  ...swapSchools,
  ...site,
  ...state.schools,
});

/** Returns the case, without candidates. */
export function caseOfSwap(state: SwapState, practice: Practice): PlainCase {
  const supply = marksOf(state.supply);
  const inUse = deviceMaximum(ampsInUse(marksOf(state.load), supply.systemVolts));
  const plate = familyOf(state.family)?.loadFromPlate?.(inUse) ?? inUse;
  const load = Object.fromEntries(Object.entries(plate).filter(([id]) => loadNames.has(id)));
  const removed = removedSpec(state);
  return {
    practice,
    family: state.family,
    supply,
    load: { ...load, kind: state.loadKind },
    duty: marksOf(state.duty),
    removed: removed && { spec: removed },
    candidates: [],
  };
}
