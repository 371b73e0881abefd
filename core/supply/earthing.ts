/**
 * What do the earthing and the load say of a supply: AC or DC, and the volts of each live conductor to earth?
 * What contradicts them is refused at the edge; inside, a contradiction leaves the kind of current not known.
 * Sources: NFPA 70 240.85 (volts to ground of each pole), 250.26 (which conductor is earthed), IEC 60364-1 types of earthing; from memory.
 */
import { numberMark, wordMark, type FieldValues } from '../case/case';
import type { LoadMarks } from '../fields/load-fields';
import type { SupplyMarks } from '../fields/supply-fields';

type Place = { supply: SupplyMarks; load: LoadMarks };

/** Systems in which a live conductor stays at its nominal volts to earth. */
const wyes = new Set(['TN-S', 'TN-C', 'TN-C-S', 'TT', 'solidly-grounded-wye']);
const deltas = new Set(['solidly-grounded-midpoint', 'high-leg-delta', 'corner-grounded-delta']);
export const isSolidlyGrounded = (grounding: string): boolean => wyes.has(grounding) || deltas.has(grounding);
/** IEC names its types of earthing for both kinds of current. */
const eitherKind = new Set(['TN-S', 'TN-C', 'TN-C-S', 'TT', 'IT']);

const dcLoads = new Set(['battery', 'dc-string', 'motor-dc']);
const acLoads = new Set(['motor-3ph', 'motor-1ph', 'hermetic-compressor', 'transformer', 'capacitor-bank', 'discharge-lamps']);

type Kind = 'ac' | 'dc';
const kindOfEarthing = ({ supply }: Place): Kind | undefined => {
  const grounding = wordMark(supply, 'grounding');
  return grounding ? (grounding.startsWith('dc-') ? 'dc' : 'ac') : undefined;
};
const kindOfLoad = ({ load }: Place): Kind | undefined =>
  dcLoads.has(String(load.kind)) ? 'dc' : acLoads.has(String(load.kind)) ? 'ac' : undefined;

export type Contradiction = { fields: readonly [string, string]; reason: string };

function kindContradictions(place: Place): Contradiction[] {
  const { supply, load } = place;
  const given = supply.currentKind === 'ac' || supply.currentKind === 'dc' ? supply.currentKind : undefined;
  const grounding = wordMark(supply, 'grounding') ?? '';
  const [byEarthing, byLoad] = [kindOfEarthing(place), kindOfLoad(place)];
  const soft = eitherKind.has(grounding);
  const found: Contradiction[] = [];
  if (given && byEarthing && given !== byEarthing && !soft)
    found.push({
      fields: ['supply.currentKind', 'supply.grounding'],
      reason: `The supply is stated as ${given.toUpperCase()}, its grounding ${grounding} is ${byEarthing.toUpperCase()}.`,
    });
  if (given && byLoad && given !== byLoad)
    found.push({
      fields: ['supply.currentKind', 'load.kind'],
      reason: `The supply is stated as ${given.toUpperCase()}, a ${String(load.kind)} is on ${byLoad.toUpperCase()}.`,
    });
  if (!given && byEarthing && byLoad && byEarthing !== byLoad && !soft)
    found.push({
      fields: ['supply.grounding', 'load.kind'],
      reason: `Grounding ${grounding} is ${byEarthing.toUpperCase()}, a ${String(load.kind)} is on ${byLoad.toUpperCase()}.`,
    });
  return found;
}

const ROOT3 = Math.sqrt(3);
/** Nominal volts are rounded: 400 V over √3 is called 230. */
const NOMINAL_TOLERANCE = 0.07;

/** Volts to earth that a live conductor may have by the earthing, V; undefined where the earthing bounds nothing. */
function voltsAllowed(grounding: string, system: number, phases: number | null | undefined): number[] | undefined {
  const single = phases === 1 || phases === undefined || phases === null ? [system, system / 2] : [];
  if (wyes.has(grounding)) return [system / ROOT3, ...single];
  if (grounding === 'solidly-grounded-midpoint') return [system / 2, system];
  if (grounding === 'high-leg-delta') return [system / 2, (system * ROOT3) / 2, ...(phases === 1 ? [system] : [])];
  return grounding === 'corner-grounded-delta' ? [system] : undefined;
}

function voltContradictions({ supply }: Place): Contradiction[] {
  const grounding = wordMark(supply, 'grounding');
  const [system, given] = [numberMark(supply, 'systemVolts'), numberMark(supply, 'voltsToGround')];
  if (!grounding || typeof system !== 'number' || typeof given !== 'number') return [];
  const allowed = voltsAllowed(grounding, system, numberMark(supply, 'phases'));
  if (!allowed || allowed.some((volts) => Math.abs(given - volts) <= volts * NOMINAL_TOLERANCE)) return [];
  const words = [...new Set(allowed.map((volts) => Math.round(volts)))].join(' or ');
  return [
    {
      fields: ['supply.voltsToGround', 'supply.grounding'],
      reason: `${given} V to ground is stated, on a ${system} V ${grounding} system a live conductor has ${words} V.`,
    },
  ];
}

/** What of this supply and load, as they came, contradicts itself; empty where nothing does. */
export function contradictionsOf(stated: { supply: FieldValues; load: FieldValues }): Contradiction[] {
  const place = stated as Place;
  return [...kindContradictions(place), ...voltContradictions(place)];
}

/**
 * Returns the supply with its kind of current: as stated, else by earthing and load; null where they contradict each other.
 * Example: a battery with nothing stated is DC.
 */
export function supplyWithKind(place: Place): SupplyMarks {
  const { supply } = place;
  if (kindContradictions(place).length > 0) return { ...supply, currentKind: null };
  if (supply.currentKind !== undefined) return supply;
  const kind = kindOfLoad(place) ?? kindOfEarthing(place);
  return kind === undefined ? supply : { ...supply, currentKind: kind };
}

/** Highest volts to earth on a pole. `notKnownFrom`: it depends on which conductors are switched; below this it is surely too little. */
export type VoltsToEarth = { volts: number | null; notKnownFrom?: number; words: string; input: string };

const round = (value: number) => Number(value.toPrecision(4));

/** On a high-leg delta one conductor stands √3/2 of the line volts from earth, the others half of them. */
function onHighLeg({ supply, load }: Place, system: number, given: number | null | undefined): VoltsToEarth {
  const high = round((system * ROOT3) / 2);
  const poles = numberMark(load, 'polesToSwitch') ?? (load.kind === 'motor-3ph' ? 3 : undefined);
  const all = typeof poles === 'number' ? poles >= 3 : numberMark(supply, 'phases') !== 1;
  const stated = typeof given === 'number' && Math.abs(given - high) <= high * NOMINAL_TOLERANCE;
  return all || stated
    ? { volts: high, words: 'on the high leg', input: 'supply.grounding' }
    : {
        volts: high,
        notKnownFrom: round(system / 2),
        words: 'if the high leg is one of the poles; which conductors they are was not stated',
        input: 'supply.grounding',
      };
}

/** Returns the highest volts to earth on a pole, V: stated for the poles used, else by the earthing, else stated; undefined where nothing tells. */
export function voltsToEarth(place: Place): VoltsToEarth | undefined {
  const { supply, load } = place;
  const ofPole = numberMark(load, 'voltsToGroundOfPole');
  if (ofPole !== undefined) return { volts: ofPole, words: 'on the poles used', input: 'load.voltsToGroundOfPole' };
  const grounding = wordMark(supply, 'grounding');
  const system = numberMark(supply, 'systemVolts');
  const given = numberMark(supply, 'voltsToGround');
  if (grounding && typeof system === 'number' && supply.currentKind !== 'dc') {
    const byEarthing = (volts: number, words: string): VoltsToEarth => ({ volts, words, input: 'supply.grounding' });
    if (!isSolidlyGrounded(grounding)) return byEarthing(Math.max(system, given ?? 0), `in a ${grounding} system`);
    if (grounding === 'corner-grounded-delta') return byEarthing(system, `in a ${grounding} system`);
    if (grounding === 'high-leg-delta') return onHighLeg(place, system, given);
    if (grounding === 'solidly-grounded-wye' && given === undefined && numberMark(supply, 'phases') === 3)
      return byEarthing(Math.floor(system / ROOT3), 'of the wye');
  }
  if (typeof given === 'number') return { volts: given, words: 'of the system', input: 'supply.voltsToGround' };
  return given === null ? { volts: null, words: '', input: 'supply.voltsToGround' } : undefined;
}

/**
 * Which mark of a part counts the poles in series that a DC earth fault meets.
 * Unearthed: all of them. One line earthed: those in the other. Where both lines are opened and nothing says how the poles are
 * connected, half of them.
 */
export function polesInFault({ supply, load }: Place): { sure: string; perhaps?: string } {
  const grounding = wordMark(supply, 'grounding');
  const line =
    grounding === 'dc-negative-grounded' ? 'seriesPositive' : grounding === 'dc-positive-grounded' ? 'seriesNegative' : undefined;
  if (!line) return { sure: 'seriesTotal' };
  const bothOpen = [load.polesToSwitch, load.polesThatMustOpen].some(
    (count) => count === null || (typeof count === 'number' && count >= 2),
  );
  return bothOpen ? { sure: `${line}Half`, perhaps: `${line}Most` } : { sure: line };
}
