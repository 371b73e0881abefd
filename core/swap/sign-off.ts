/**
 * May this part be chosen, and may this record be signed? If not, what stands in the way?
 * A check needs an acknowledgement; a failing must-line a named override with its reason; a failing safety line ends it.
 * Lines that are not known need an acknowledgement with a note: the record says in plain words that they were not judged.
 */
import { MIN_REASON_LETTERS } from './said';
import { certain, isOneOf } from '../certain';
import type { Practice } from '../case/case';
import { loadKinds } from '../fields/load-fields';
import type { Proof } from '../families/contract';
import type { Change } from '../matching/changes';
import type { JudgedNeed, JudgedPart } from '../matching/judge';
import { formatQuantity, formatRange } from '../quantities/format-quantity';
import { energiseConfirmed, energiseStep, openSafeSteps } from './make-safe';
import { isSaid, putOffKind, type PutOffKind } from './put-off';
import type { Named, ProofEntry, SwapState } from './swap';

export type Obstacle = {
  id: string;
  needId?: string;
  /** Which change from the removed part asks for its reason. */
  changeId?: string;
  /** A safety line that is not known asks for what will settle it, too. */
  settles?: boolean;
  kind: 'safety' | 'override' | 'approve' | 'acknowledge' | 'change' | 'proof' | 'safe' | 'choice' | 'cause' | 'circuit';
  text: string;
};

/** What stands on a line now; an acknowledgement of other figures does not count. */
export const lineSignature = ({ verdict, have, limit }: JudgedNeed): string => JSON.stringify([verdict, have, limit]);

const byName = (entry: Named | undefined, line: JudgedNeed) => Boolean(entry?.by?.trim()) && certain(entry).seen === lineSignature(line);
const withReason = (entry: Named | undefined, line: JudgedNeed) =>
  byName(entry, line) && (certain(entry).reason ?? '').trim().length >= MIN_REASON_LETTERS;

/** A safety line that is not known is signed only with what will settle it. */
const withSettlement = (entry: Named | undefined, line: JudgedNeed) =>
  withReason(entry, line) && (!line.need.safety || (certain(entry).settles ?? '').trim().length >= MIN_REASON_LETTERS);

/** What this line still asks for before its part may go in. */
export function lineObstacle(line: JudgedNeed, state: SwapState): Obstacle | undefined {
  const { id, safety, mustBeKnown } = line.need;
  const base = { id: `line-${id}`, needId: id };
  if (line.verdict === 'fails') {
    if (safety) return { ...base, kind: 'safety', text: `${line.because} A safety line cannot be overridden.` };
    return withReason(state.overrides[id], line) ? undefined : { ...base, kind: 'override', text: line.because };
  }
  if (line.verdict === 'fits') return undefined;
  const unknown = line.verdict === 'not-known';
  if (unknown && mustBeKnown)
    return { ...base, kind: 'safety', text: `${line.because} This must be known before anything is signed: read it, or measure it.` };
  const noted = unknown ? withSettlement(state.acknowledged[id], line) : byName(state.acknowledged[id], line);
  return noted ? undefined : { ...base, kind: 'acknowledge', text: line.because, ...(unknown && safety ? { settles: true } : {}) };
}

/** Key under which the reason of a change is kept beside the acknowledged lines. */
export const changeKey = ({ id }: Pick<Change, 'id'>): string => `change-${id}`;
/** Both values as they stand: a reason given for others does not count. */
export const changeSignature = ({ from, to }: Pick<Change, 'from' | 'to'>): string => JSON.stringify([from, to]);

/** Named by somebody, with a reason that says something, for exactly what stands there. */
export const isNamed = (said: Named | undefined, seen: string): boolean =>
  said?.seen === seen && said.by.trim() !== '' && said.reason.trim().length >= MIN_REASON_LETTERS;

/** What the changes from the removed part still ask for: a reason each, save those that mend it or lose nothing. */
export const changeObstacles = (changes: readonly Change[], state: SwapState): Obstacle[] =>
  changes.flatMap((change): Obstacle[] => {
    const said = state.acknowledged[changeKey(change)];
    const given = isNamed(said, changeSignature(change));
    return change.ask === null || given
      ? []
      : [{ id: changeKey(change), changeId: change.id, kind: 'change', text: `${change.because} Ask first: ${change.ask}` }];
  });

/** What still stands between a judged part and its place, in the order of the lines. */
export const partObstacles = (part: JudgedPart, state: SwapState, changes: readonly Change[] = []): Obstacle[] => [
  ...part.lines.map((line) => lineObstacle(line, state)).filter((obstacle): obstacle is Obstacle => obstacle !== undefined),
  ...changeObstacles(changes, state),
];

export type ProofVerdict = 'open' | 'fits' | 'check' | 'fails' | PutOffKind;

/** Resistance readings have their leads taken off; other readings stand as they are. */
export const netReading = (proof: Proof, entry: ProofEntry | undefined): number | undefined =>
  entry?.reading === undefined ? undefined : proof.leads ? entry.reading - (entry.leadOhms ?? 0) : entry.reading;

/** Put off by name, and nothing entered: not done, or later. */
const putOffAs = (entry: ProofEntry | undefined): PutOffKind | undefined =>
  entry?.putOff && entry.putOff.by.trim() !== '' && isSaid(entry.putOff) ? putOffKind(entry.putOff) : undefined;

/** Something was entered, not put off. */
const answered = (entry: ProofEntry | undefined): boolean => entry?.done !== undefined || entry?.reading !== undefined;

/** Verdict of a proof on what was entered. */
export function proofVerdict(proof: Proof, entry: ProofEntry | undefined): ProofVerdict {
  if (proof.kind === 'yes-no') return entry?.done === 'yes' ? 'fits' : entry?.done === 'no' ? 'fails' : (putOffAs(entry) ?? 'open');
  const net = netReading(proof, entry);
  if (net === undefined) return putOffAs(entry) ?? 'open';
  if (!Number.isFinite(net) || net < 0) return 'fails';
  if (proof.low === null && proof.high === null) return 'check';
  const holds = (proof.low === null || net >= proof.low) && (proof.high === null || net <= proof.high);
  if (holds) return 'fits';
  if (proof.rejectAbove !== undefined && net > proof.rejectAbove) return 'fails';
  if (proof.rejectBelow !== undefined && net < proof.rejectBelow) return 'fails';
  return proof.severity === 'must' ? 'fails' : 'check';
}

/** The limits of a proof in words. Example: 'at most 100 mΩ'. */
export function proofLimits({ kind, unit, low, high }: Proof): string {
  if (kind === 'yes-no') return 'yes';
  if (low === null && high === null) return 'not known';
  if (high === null) return `at least ${formatQuantity(certain(low), unit)}`;
  return low === null || low === 0 ? `at most ${formatQuantity(high, unit)}` : formatRange(low, high, unit);
}

/** Overrides that a second person has still to approve, where the site wants one. */
export const approvalObstacles = (part: JudgedPart, state: SwapState): Obstacle[] =>
  part.lines
    .filter((line) => line.verdict === 'fails' && withReason(state.overrides[line.need.id], line))
    .filter(({ need }) => !state.overrides[need.id]?.approvedBy)
    .map(({ need, because }) => ({
      id: `approve-${need.id}`,
      needId: need.id,
      kind: 'approve',
      text: `${because} ${certain(state.overrides[need.id]).by} overrides it; a second person has to approve.`,
    }));

/**
 * Everything that stands between a swap and its signature; `conflicts` are settings that cannot stand together, `secondPerson` whether the
 * site wants overrides approved; `beside` what the search for the cause and the circuit still ask for.
 */
export function signObstacles(
  state: SwapState,
  chosen: { judged: JudgedPart; changes: readonly Change[] } | null,
  proofs: readonly Proof[],
  practice: Practice,
  conflicts: readonly string[] = [],
  secondPerson = false,
  beside: readonly Obstacle[] = [],
): Obstacle[] {
  if (!chosen || !state.choice.part?.taken) return [{ id: 'choice', kind: 'choice', text: 'No part is chosen yet.' }];
  const safe = openSafeSteps(state, practice).map((step): Obstacle => ({
    id: `safe-${step.id}`,
    kind: 'safe',
    text: `Make safe: ${step.title} is not confirmed.`,
  }));
  const proving = proofs.flatMap((proof): Obstacle[] => {
    const verdict = proofVerdict(proof, state.proofs[proof.id]);
    if (verdict === 'open') return [{ id: `proof-${proof.id}`, kind: 'proof', text: `${proof.title} has not been proved.` }];
    return verdict === 'fails' ? [{ id: `proof-${proof.id}`, kind: 'proof', text: `${proof.title} failed its proof.` }] : [];
  });
  // Tests of the first start were made on something energised: that it was safe to is asked again, by itself.
  const started = proofs.some(({ id, when }) => when === 'first-start' && answered(state.proofs[id]));
  const energised: Obstacle[] =
    started && !energiseConfirmed(state)
      ? [{ id: 'safe-energise', kind: 'proof', text: `Tests: ${energiseStep(state, practice).title} is not confirmed.` }]
      : [];
  const refused = conflicts.map((words, i): Obstacle => ({ id: `setting-${i}`, kind: 'proof', text: `Settings refused: ${words}` }));
  const kind = isOneOf(loadKinds, state.loadKind)
    ? []
    : [
        {
          id: 'load-kind',
          kind: 'choice' as const,
          text: 'What this position feeds is not a kind of load that is known here. Choose it again.',
        },
      ];
  const approvals = secondPerson ? approvalObstacles(chosen.judged, state) : [];
  return [
    ...safe,
    ...kind,
    ...beside,
    ...partObstacles(chosen.judged, state, chosen.changes),
    ...approvals,
    ...refused,
    ...energised,
    ...proving,
  ];
}
