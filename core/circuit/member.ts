/** A position as its circuit sees it: by its own plates, or with the part that a job is to put there. */
import type { Practice } from '../case/case';
import { familyOf } from '../families/registry';
import { contextOf } from '../judge-case';
import type { Methods } from '../loads/schools';
import { askedNeeds, judgePart, type JudgedPart } from '../matching/judge';
import type { PartSpec } from '../case/case';
import { assumedMarks, caseOfSwap, schoolsOf } from '../swap/case-from-swap';
import type { SwapState } from '../swap/swap';
import type { CircuitMember } from './circuit';

export type Place = Pick<CircuitMember, 'id' | 'tag' | 'deviceName' | 'frame' | 'fittedOn'> & { family: string };
export type PartForPlace = { deviceName: string; frame: string | null; spec: PartSpec; judged: JudgedPart };

/** @param chosen the part that is to go in, judged at this place; absent: what is fitted. */
export function memberOf(
  { family: familyId, frame, ...named }: Place,
  state: SwapState,
  site: { practice: Practice; schools: Partial<Methods> },
  chosen?: PartForPlace,
): CircuitMember {
  const family = familyOf(familyId);
  // What people enter from a plate has no frame: an empty word is none.
  const place = { ...named, frame: frame || null };
  if (!family || state.loadKind === '') return { ...place, role: family?.circuitRole, need: undefined, spec: null, judged: null };
  const plain = caseOfSwap(state, site.practice);
  const need = contextOf(plain, { schools: schoolsOf(state, site.schools), assumed: assumedMarks(state) });
  const base = { ...place, role: family.circuitRole, need };
  if (chosen) return { ...base, ...chosen, frame: chosen.frame || null, fittedOn: null };
  if (!plain.removed) return { ...base, spec: null, judged: null };
  const canonical = family.canonical(plain.removed.spec);
  return { ...base, spec: plain.removed.spec, judged: judgePart(askedNeeds(family.needs(need), [canonical]), canonical, site.practice) };
}
