/** Fault finding at a job: the tree of its family for what stands on its plates, and where the hunt stands with what was found. */
import type { PartSpec, Practice } from '../case/case';
import { modelOf } from '../curves/curve-device';
import type { Band, CurvePoint } from '../curves/band';
import type { DeviceFamily, FaultContext, NeedContext, PartCondition } from '../families/contract';
import { conditionOfPart } from '../families/contract';
import { choiceOfPart } from '../families/curve-of-part';
import { familyOf } from '../families/registry';
import { findFault, openHunt, settledFaults, type FaultState } from '../fault-finding/find-fault';
import { SYMPTOM, type FaultTree, type Findings, type Symptom } from '../fault-finding/tree';
import { contextOf } from '../judge-case';
import { inSentence } from '../language/in-sentence';
import type { Methods } from '../loads/schools';
import { askedNeeds, judgePart, type JudgedPart } from '../matching/judge';
import type { Obstacle } from './sign-off';
import { isNamed } from './sign-off';
import { assumedMarks, caseOfSwap, removedSpec, schoolsOf } from './case-from-swap';
import { HUNT_KEY, type SwapState } from './swap';

/** `band` is the removed device's own, `start` that of the load, where both of its figures are known. */
export type Hunt = {
  tree: FaultTree;
  symptoms: readonly Symptom[];
  findings: Findings;
  found: FaultState;
  band: Band | null;
  start: CurvePoint | null;
};

/** So many failures in a year ask for the cause before the same part goes in again. Common practice. */
export const REPEATS_ASK = 3;

/** Over which repeated failures are counted. */
export const YEAR_MS = 365 * 24 * 3600 * 1000;
/** How often it failed here in the year up to the newest entry of its history. */
export function failuresInAYear(history: readonly { kind: string; at: string }[]): number {
  const newest = Math.max(0, ...history.map(({ at }) => Date.parse(at)));
  return history.filter(({ kind, at }) => kind === 'fault' && newest - Date.parse(at) < YEAR_MS).length;
}

/** A recorder's peak that the removed device surely rides; on AC √2 above the rms of its curve. */
function riddenPeak(family: DeviceFamily, spec: PartSpec | null, dc: boolean): number | null {
  const rms = spec && family.ridesForAMoment ? family.ridesForAMoment(family.canonical(spec), dc ? 'dc' : 'ac') : null;
  return rms === null ? null : Number((rms * (dc ? 1 : Math.SQRT2)).toPrecision(4));
}

function bandOf(family: DeviceFamily, spec: PartSpec | null, { supply, practice }: NeedContext): Band | null {
  if (!spec) return null;
  const systemVolts = typeof supply.systemVolts === 'number' ? supply.systemVolts : null;
  const choice = choiceOfPart({ id: '', label: '', family: family.id, spec }, { systemVolts, dc: supply.currentKind === 'dc' });
  return (choice && modelOf(choice, practice === 'NFPA70')?.band) ?? null;
}

/** The load's start as one point: its amps for as long as it lasts. */
function startOf({ load }: NeedContext): CurvePoint | null {
  const amps = load.startAmps ?? load.lockedRotorAmps;
  const seconds = load.startSeconds;
  return typeof amps === 'number' && typeof seconds === 'number' ? { amps, seconds } : null;
}

/** Of two trees the one that knows the symptom, until it is known the first; and every symptom of both. */
function treeFor(family: DeviceFamily, context: FaultContext): { tree: FaultTree; symptoms: readonly Symptom[] } {
  const first = family.faultFinding(context);
  const further = family.furtherFaults?.(context);
  if (!further) return { tree: first, symptoms: first.symptoms };
  const symptom = context.findings[SYMPTOM]?.answer;
  return {
    tree: further.symptoms.some(({ id }) => id === symptom) ? further : first,
    symptoms: [...first.symptoms, ...further.symptoms],
  };
}

/** The hunt of a family for a removed part that was judged; findings are those of the job. */
export function huntFor(
  family: DeviceFamily,
  need: NeedContext,
  removed: { spec: PartSpec | null; judged: JudgedPart | null; condition: readonly PartCondition[] },
  findings: Findings,
): Hunt {
  const lines = removed.judged?.lines ?? [];
  const context: FaultContext = {
    ...{ need, findings, removed: removed.spec, condition: removed.condition },
    verdicts: Object.fromEntries(lines.map(({ need: { id }, verdict }) => [id, verdict])),
    riddenPeak: riddenPeak(family, removed.spec, need.supply.currentKind === 'dc'),
    band: bandOf(family, removed.spec, need),
  };
  const { tree, symptoms } = treeFor(family, context);
  return {
    tree,
    symptoms,
    findings,
    found: findFault(tree, findings),
    band: context.band,
    start: startOf(need),
  };
}

/** The hunt of a job, as its page shows it; undefined where its family is not known. */
export function huntOf(state: SwapState, practice: Practice, siteSchools: Partial<Methods>): Hunt | undefined {
  const family = familyOf(state.family);
  if (!family) return undefined;
  const need = contextOf(caseOfSwap(state, practice), { schools: schoolsOf(state, siteSchools), assumed: assumedMarks(state) });
  const spec = removedSpec(state);
  const canonical = spec && family.canonical(spec);
  const judged = canonical && judgePart(askedNeeds(family.needs(need), [canonical]), canonical, need.practice);
  return huntFor(family, need, { spec, judged, condition: conditionOfPart(family, need, spec) }, state.causes ?? {});
}

/** What keeps the hunt from being over: begun and nothing shown, or repeated failures and nobody looked. `seen` is where it stands. */
export function openState({ tree, found }: Hunt, repeats: number): { text: string; seen: string } | undefined {
  if (!found.begun && found.shown.length === 0 && repeats >= REPEATS_ASK)
    return {
      text: `It failed ${repeats} times within a year: find the cause before a part goes in again, or say why it is left open.`,
      seen: `${repeats} times, nobody looked`,
    };
  return openHunt(tree, found);
}

/** What a hunt still asks for before a signature: a cause that was shown, or its open state named, with a reason. */
export function huntObstacles(hunt: Hunt, state: SwapState, repeats: number): Obstacle[] {
  const open = openState(hunt, repeats);
  if (!open) return [];
  return isNamed(state.acknowledged[HUNT_KEY], open.seen) ? [] : [{ id: HUNT_KEY, kind: 'cause', text: open.text }];
}

/** The causes that were shown, for the history of a position; empty where none was. Example: '. Cause: coil is open (...)'. */
export function causeText({ tree, found, findings }: Hunt): string {
  const shown = settledFaults(tree, found, findings).filter(({ verdict }) => verdict === 'cause');
  return shown.length === 0 ? '' : `. Cause: ${shown.map(({ title, found: by }) => `${inSentence(title)} (${by})`).join('; ')}`;
}
