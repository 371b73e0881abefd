/**
 * Which parts stand to choice: as they are, with another coil where the one they have is wrong, and singles put together?
 * The parts come with what a store knows of them; nothing here knows where they are kept.
 */
import type { PartSpec } from '../case/case';
import type { Combined, DeviceFamily, NeedContext, ShelfPart } from '../families/contract';
import type { CanonicalSpec } from '../matching/canonical';
import { askedNeeds } from '../matching/judge';
import type { Need } from '../needs/need';
import { handSpec } from './case-from-swap';
import { choiceKey, type CoilChoice, type PartInHand, type SwapState } from './swap';

/** A part of a catalogue as judging needs it. */
export type OfferedPart = { id: string; name: string; raw: PartSpec; spec: CanonicalSpec };
export type Candidate<Part extends OfferedPart> = {
  id: string;
  spec: CanonicalSpec;
  onShelf: number;
  pieces?: number;
  part: Part;
  coil?: CoilChoice;
  beside?: readonly string[];
};
/** What is known of where parts lie. */
export type Store<Part extends OfferedPart> = { lying: (id: string) => number; coilIsExchangeable: (part: Part) => boolean };

/** A part with another coil asks for a line of its own: that the coil is to be ordered and fitted. */
export const coilSwapNeed: Need = {
  id: 'coil-swap',
  group: 'coil',
  severity: 'should',
  safety: false,
  optionalRating: true,
  ways: [
    {
      quantity: 'coilSwap',
      unit: '',
      relation: '=',
      figure: { kind: 'field', name: 'coilSwap' },
      limit: 'as it is',
    },
  ],
  because: 'Same contactor with another coil: the coil must be had, fitted and its mark read before it goes in.',
  brief: 'coil',
  source: 'commonPractice',
  inputs: [],
};

/** The coil that this control supply asks for, or undefined while that is not known. */
export function wantedCoil({ supply }: Pick<SwapState, 'supply'>): CoilChoice | undefined {
  const volts = supply.controlVolts?.value;
  const kind = supply.controlKind?.value;
  const hertz = supply.controlHertz?.value;
  if (typeof volts !== 'number' || (kind !== 'ac' && kind !== 'dc')) return undefined;
  return {
    coilVolts: volts,
    coilKind: kind,
    coilHertz: kind === 'ac' && typeof hertz === 'number' ? [hertz] : [],
  };
}

const coilNames = ['coilVolts', 'coilVoltsMin', 'coilVoltsMax', 'coilKind', 'coilHertz', 'coilMarks', 'coilOhms'];

/** Spec of a part with another coil: its power is kept within AC or within DC, else it is not known. */
export function withCoil(raw: PartSpec, coil: CoilChoice): PartSpec {
  const kept = Object.fromEntries(Object.entries(raw).filter(([name]) => !coilNames.includes(name)));
  const wasDc = raw.coilKind === 'dc';
  const power = wasDc === (coil.coilKind === 'dc') ? {} : { coilInrushVA: null, coilSealedVA: null, coilWatts: null };
  return { ...kept, ...power, ...coil };
}

const IN_HAND = 'hand:';
/** Is this a part that somebody holds, and none of the catalogue? */
export const isInHand = (partId: string): boolean => partId.startsWith(IN_HAND);

/** What a choice of one names. */
export const heldOf = (state: Pick<SwapState, 'hand'>, partId: string): PartInHand | undefined =>
  isInHand(partId) ? state.hand?.[partId.slice(IN_HAND.length)] : undefined;

/** Parts in the hand as they stand to choice; one of which nothing has been read is none. */
export function handParts(state: SwapState, family: DeviceFamily): OfferedPart[] {
  return Object.entries(state.hand ?? {}).flatMap(([key, part]) => {
    const raw = handSpec(state, part);
    return raw ? [{ id: `${IN_HAND}${key}`, name: part.name, raw, spec: family.canonical(raw) }] : [];
  });
}

const INSTALLED = 'installed';
/** Is this the part that stands there already, with another coil? */
export const isInstalled = (partId: string): boolean => partId === INSTALLED;

/** The installed body with the coil that the control supply asks for, where its family has one to exchange and anything of the body is read. */
export function installedWithCoil(state: SwapState, family: DeviceFamily, name: string): (OfferedPart & { coil: CoilChoice }) | undefined {
  const coil = family.coilSwap.scheme === 'always' ? wantedCoil(state) : undefined;
  const raw = handSpec(state, { name, readings: state.removed });
  if (!coil || !raw) return undefined;
  return { id: INSTALLED, name, raw, coil, spec: { ...family.canonical(withCoil(raw, coil)), coilSwap: 'another coil' } };
}

/** Of one part on the shelf, so many at the most enter a combination. */
const MAX_OF_ONE = 3;

/** What lies on the shelf in parallel, where the family can. */
export function combinedCandidates<Part extends OfferedPart>(
  parts: readonly Part[],
  { lying }: Store<Part>,
  family: DeviceFamily,
  context: NeedContext,
): Candidate<Part>[] {
  if (!family.parallelCombinations) return [];
  const byId = new Map(parts.map((part) => [part.id, part]));
  const pieces = parts.flatMap((part): ShelfPart[] => Array.from({ length: Math.min(lying(part.id), MAX_OF_ONE) }, () => part));
  return family.parallelCombinations(context, pieces).flatMap(({ ids, name, raw }: Combined): Candidate<Part>[] => {
    const [first, ...beside] = ids;
    const part = first === undefined ? undefined : byId.get(first);
    if (!part || beside.length === 0) return [];
    const spec = family.canonical(raw);
    const whole = { ...part, name, raw, spec };
    return [{ id: choiceKey({ partId: part.id, beside }), spec, onShelf: 1, pieces: ids.length, part: whole, beside }];
  });
}

/** Parts as they are; one on the shelf whose coil alone fails stands there a second time with the coil that is asked for. */
export function singleCandidates<Part extends OfferedPart>(
  parts: readonly Part[],
  { lying, coilIsExchangeable }: Store<Part>,
  state: Pick<SwapState, 'supply'>,
  family: DeviceFamily,
  needs: readonly Need[],
): Candidate<Part>[] {
  const coilLines = askedNeeds(
    needs.filter(({ group, severity }) => group === 'coil' && severity === 'must'),
    parts.map(({ spec }) => spec),
  );
  const coil = family.coilSwap.scheme === 'always' ? wantedCoil(state) : undefined;
  return parts.flatMap((part): Candidate<Part>[] => {
    const onShelf = lying(part.id);
    const own: Candidate<Part> = { id: part.id, spec: part.spec, onShelf, part };
    // In the catalogue the right coil can be ordered at once; another coil only helps what lies on the shelf.
    if (!coil || !coilIsExchangeable(part) || onShelf === 0 || !coilLines.some(({ verdict }) => verdict(part.spec) === 'fails'))
      return [own];
    const spec = { ...family.canonical(withCoil(part.raw, coil)), coilSwap: 'another coil' };
    return [own, { id: choiceKey({ partId: part.id, coil }), spec, onShelf, part, coil }];
  });
}
