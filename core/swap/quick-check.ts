/** A quick check is a job without a position: the same marks, and parts in the hand. It is kept on the device under one name. */
import { isRecord } from '../certain';
import { loadPlates, plateOf } from '../families/plates';
import { familyOf } from '../families/registry';
import { parsePlate } from '../plates/parse-plate';
import type { Readings } from '../readings/reading';
import { readingsOfPart, type CataloguePart } from '../readings/readings-of-spec';
import { emptySwap, freeHand, type PartInHand, type SwapState } from './swap';
import { reworded } from './typed-plate';

export const QUICK_CHECK = 'loyal-coil:quick-check';
export const FIRST = 'p1';

export type Check = { state: SwapState; /** Kind of the part as chosen by hand; else it is guessed from the wording. */ chosen: boolean };
export const emptyCheck = (): Check => ({
  state: { ...emptySwap('', ''), hand: { [FIRST]: { name: 'Part 1', readings: {} } } },
  chosen: false,
});
export const isCheck = (value: unknown): value is Check =>
  isRecord(value) && isRecord(value.state) && isRecord(value.state.hand) && isRecord(value.state.load) && isRecord(value.state.supply);

/** A part after its line was typed. */
export function typedPart(before: PartInHand, typed: string, family: string): PartInHand {
  const plate = plateOf(family);
  return { ...before, typed, readings: plate ? reworded(before.readings, plate, typed) : before.readings };
}

/** Parts as another family reads them: what was typed is read again, what was entered by hand belonged to the other plate. */
const reread = (hand: SwapState['hand'], family: string): SwapState['hand'] =>
  Object.fromEntries(
    Object.entries(hand ?? {}).map(([key, part]) => [key, typedPart({ ...part, readings: {} }, part.typed ?? '', family)]),
  );

/** The check of a part of another family. */
export function withFamily(state: SwapState, family: string): SwapState {
  if (state.family === family) return state;
  const loads = familyOf(family)?.loads ?? [];
  return {
    ...state,
    family,
    hand: reread(state.hand, family),
    loadKind: loads.includes(state.loadKind) ? state.loadKind : (loads[0] ?? ''),
  };
}

/** The check for another kind of load: what was typed is read again. */
export function withLoadKind(state: SwapState, loadKind: string): SwapState {
  if (state.loadKind === loadKind) return state;
  const plate = loadPlates[loadKind];
  return { ...state, loadKind, load: plate && state.typed.load ? parsePlate(state.typed.load, plate).readings : {} };
}

/** The check with a part of the catalogue: beside what is read of others of its kind, else in place of the first one. */
export function withCataloguePart(check: Check, part: CataloguePart): Check {
  const readings = readingsOfPart(part);
  const held = check.state.hand ?? {};
  const alone = check.state.family !== part.family || Object.values(held).every((one) => Object.keys(one.readings).length === 0);
  const hand = alone
    ? { [FIRST]: { name: part.name, readings } }
    : { ...held, [freeHand(new Set(Object.keys(held)))]: { name: part.name, readings } };
  return { chosen: true, state: { ...withFamily(check.state, part.family), hand } };
}

/** The check with a plate that was read elsewhere: of a load, or of a part in place of the first one. */
export function withPlate(check: Check, kind: string, text: string, readings: Readings): Check {
  if (plateOf(kind)?.side === 'load') {
    const state = withLoadKind(check.state, kind);
    return { ...check, state: { ...state, typed: { ...state.typed, load: text }, load: readings } };
  }
  const state = withFamily(check.state, kind);
  return {
    chosen: true,
    state: { ...state, hand: { ...state.hand, [FIRST]: { name: state.hand?.[FIRST]?.name ?? 'Part 1', typed: text, readings } } },
  };
}
