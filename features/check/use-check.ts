'use client';

import { useCallback, useMemo } from 'react';
import { useKept } from '@/client/use-kept';
import { guessPlate, loadPlates, plateOf } from '@/core/families/plates';
import { familyOf } from '@/core/families/registry';
import { contextOf } from '@/core/judge-case';
import { askedNeeds, judgePart } from '@/core/matching/judge';
import type { PlateReading } from '@/core/plates/parse-plate';
import type { CataloguePart } from '@/core/readings/readings-of-spec';
import { assumedMarks, caseOfSwap, schoolsOf } from '@/core/swap/case-from-swap';
import { handParts } from '@/core/swap/candidates';
import { emptyCheck, isCheck, QUICK_CHECK, typedPart, withCataloguePart, withFamily, withLoadKind } from '@/core/swap/quick-check';
import { applyChanges, type Change, type SwapState } from '@/core/swap/swap';
import { reworded } from '@/core/swap/typed-plate';
import { withUnreadPlace } from '@/core/swap/unread-place';
import { useSpokenPractice } from '@/ui/language/practice';

/** The likeliest kind of the side that is meant. */
const guessOf = (text: string, side: 'load' | 'part'): string | undefined =>
  guessPlate(text).find(({ id }) => (plateOf(id)?.side === 'load') === (side === 'load'))?.id;

/** Judges the parts in the hand by the lines of what is known. */
export function judged(state: SwapState, practice: ReturnType<typeof useSpokenPractice>) {
  const family = familyOf(state.family);
  if (!family) return undefined;
  const options = { schools: schoolsOf(state, {}), assumed: assumedMarks(state) };
  const context = contextOf(withUnreadPlace(family, caseOfSwap(state, practice), options), options);
  const parts = handParts(state, family);
  const needs = family.needs(context);
  const asked = askedNeeds(
    needs,
    parts.map(({ spec }) => spec),
  );
  return {
    ...{ family, context, needs },
    cautions: family.cautions(context),
    parts: parts.map((part) => ({ ...part, judged: judgePart(asked, part.spec, practice) })),
  };
}

/** The quick check of this device: kept on it while it is typed, so that a reload loses nothing. */
export function useCheck() {
  const practice = useSpokenPractice(undefined);
  const [check, setCheck] = useKept(QUICK_CHECK, emptyCheck, isCheck);
  const { state } = check;
  const put = useCallback(
    (next: (state: SwapState) => SwapState, chosen?: true) => {
      setCheck((now) => ({ state: next(now.state), chosen: chosen ?? now.chosen }));
    },
    [setCheck],
  );
  const answer = useMemo(() => judged(state, practice), [state, practice]);
  return {
    ...{ practice, state, chosen: check.chosen, answer },
    change: (changes: readonly Change[]) => put((now) => applyChanges(now, changes)),
    chooseFamily: (family: string) => put((now) => withFamily(now, family), true),
    chooseLoad: (loadKind: string) => put((now) => withLoadKind(now, loadKind)),
    typePart: (key: string, text: string) =>
      put((now) => {
        const guessed = check.chosen ? now.family : (guessOf(text, 'part') ?? now.family);
        const next = withFamily(now, guessed);
        const part = next.hand?.[key];
        return part ? { ...next, hand: { ...next.hand, [key]: typedPart(part, text, guessed) } } : next;
      }),
    typeLoad: (text: string) =>
      put((now) => {
        const loads = familyOf(now.family)?.loads;
        const guessed = guessOf(text, 'load');
        const kind = guessed && (!loads || loads.includes(guessed)) ? guessed : now.loadKind;
        const plate = loadPlates[kind];
        return {
          ...now,
          loadKind: kind,
          typed: { ...now.typed, load: text },
          load: plate ? reworded(now.load, plate, text) : now.load,
        };
      }),
    /** What a picture says of a part or of the load. */
    pictured: (target: string, kind: string, found: PlateReading) =>
      put((now) => {
        if (target === 'load') return { ...withLoadKind(now, kind), load: found.readings, typed: {} };
        const next = withFamily(now, kind);
        const part = next.hand?.[target];
        return part ? { ...next, hand: { ...next.hand, [target]: { ...part, typed: '', readings: found.readings } } } : next;
      }),
    addPart: () =>
      put((now) => {
        const nth = Object.keys(now.hand ?? {}).length + 1;
        return { ...now, hand: { ...now.hand, [`p${nth}`]: { name: `Part ${nth}`, readings: {} } } };
      }),
    /** A part of the catalogue, to be judged as it is, or entered anew with what differs. */
    bringPart: (part: CataloguePart) => setCheck((now) => withCataloguePart(now, part)),
    /** Puts a check in place of this one. */
    replace: (next: SwapState) => setCheck(() => ({ state: next, chosen: true })),
    clear: () => setCheck(emptyCheck),
  };
}
export type QuickCheck = ReturnType<typeof useCheck>;
