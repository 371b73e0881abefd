/**
 * What is a circuit? The positions of one load, or of one control supply, under one name: protective device, contactors, overload
 * relay. Each is judged by itself; what only the whole can answer stands in lines of the circuit.
 */
import { keysOf } from '../certain';
import type { PartSpec } from '../case/case';
import type { CircuitRole, NeedContext } from '../families/contract';
import type { JudgedPart } from '../matching/judge';
import type { Verdict } from '../needs/need';
import type { SourceId } from '../standards/source';

/** `load`: what stands before one load. `control`: what feeds the coils of a panel. */
export const circuitKinds = ['load', 'control'] as const;
export type CircuitKind = (typeof circuitKinds)[number];

/** A position as its circuit sees it, with the part that stands there or that is to go in. */
export type CircuitMember = {
  id: string;
  tag: string;
  /** Undefined: a kind of device that is not judged. */
  role: CircuitRole | undefined;
  deviceName: string;
  /** Its frame: what mounts in the same place. Null where it is not known. */
  frame: string | null;
  /** Day on which it was fitted, ISO; null where nobody knows. */
  fittedOn: string | null;
  need: NeedContext | undefined;
  spec: PartSpec | null;
  judged: JudgedPart | null;
};

/** What is seen at the panel and stands on no plate. */
export const circuitFacts = {
  mechanicalInterlock: 'Mechanical interlock between the two contactors is in place and moves freely',
  electricalInterlock: 'Electrical interlock is wired: a break contact of each in the coil circuit of the other',
  overloadMounted: 'Overload relay is mounted as its maker allows: on this contactor, or on a base of its own',
} as const;
export type FactId = keyof typeof circuitFacts;
export const factIds: readonly FactId[] = keysOf(circuitFacts);

type Seen = readonly [Pick<CircuitMember, 'tag' | 'frame' | 'deviceName'>, Pick<CircuitMember, 'tag' | 'frame' | 'deviceName'>];
/** What a fact was seen with: an interlock bar with two frames, its wiring with two places, a relay with the types of both. */
export const seenWith: Readonly<Record<FactId, (pair: Seen) => string>> = {
  mechanicalInterlock: ([a, b]) => `${a.frame ?? '?'} | ${b.frame ?? '?'}`,
  electricalInterlock: ([a, b]) => `${a.tag} | ${b.tag}`,
  overloadMounted: ([contactor, relay]) => `${contactor.deviceName} | ${relay.deviceName}`,
};

/** A fact holds for the devices that it was seen with: with another in place it has to be seen again. */
export type Fact = { answer: 'yes' | 'no'; seenWith: string };
export type CircuitFacts = Partial<Record<FactId, Fact>>;

export type Circuit = { kind: CircuitKind; name: string; facts: CircuitFacts };

export type CircuitLine = {
  id: string;
  title: string;
  verdict: Verdict;
  because: string;
  /** Tags that it speaks of. */
  about: readonly string[];
  source: SourceId;
  /** Which fact answers it, and the devices that the answer would hold for. */
  fact?: { id: FactId; seenWith: string };
};

const severity: readonly Verdict[] = ['fits', 'check', 'not-known', 'fails'];
/** The gravest of several. */
export const gravest = (verdicts: readonly Verdict[]): Verdict =>
  verdicts.reduce<Verdict>((worst, verdict) => (severity.indexOf(verdict) > severity.indexOf(worst) ? verdict : worst), 'fits');

export const tagsOf = (members: readonly Pick<CircuitMember, 'tag'>[]): string[] => members.map(({ tag }) => tag);
/** Example: 'K4, K5 and F4'. */
export function listed(words: readonly string[]): string {
  const last = words.at(-1);
  return words.length < 2 || last === undefined ? (last ?? '') : `${words.slice(0, -1).join(', ')} and ${last}`;
}

export const ofRole = (members: readonly CircuitMember[], role: CircuitRole): CircuitMember[] => members.filter((one) => one.role === role);

/** A number among the marks of a part; null where it is worn or was not read. */
export function partNumber({ spec }: Pick<CircuitMember, 'spec'>, name: string): number | null {
  const mark = spec?.[name];
  return typeof mark === 'number' ? mark : null;
}

/** How a fact stands for these devices: yes, no, or not seen with them. */
export function factState(facts: CircuitFacts, id: FactId, seen: string): 'yes' | 'no' | 'not-seen' {
  const fact = facts[id];
  return fact?.seenWith === seen ? fact.answer : 'not-seen';
}

/** The facts with one more answered; `not-seen` takes its answer back. */
export function withFact(
  facts: CircuitFacts,
  { id, answer, seenWith: seen }: { id: FactId; answer: 'yes' | 'no' | 'not-seen'; seenWith: string },
): CircuitFacts {
  const others: CircuitFacts = Object.fromEntries(Object.entries(facts).filter(([name]) => name !== id));
  return answer === 'not-seen' ? others : { ...others, [id]: { answer, seenWith: seen } };
}
