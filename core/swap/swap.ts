/**
 * What is held about a swap while it is worked on? Plain data in sections; a change is one path and its new value, so
 * that two people's changes can be laid over each other. Stages may be visited in any order; nothing is lost half way.
 */
import { isOneOf } from '../certain';
import type { Finding } from '../fault-finding/tree';
import type { Methods } from '../loads/schools';
import type { Readings } from '../readings/reading';
import type { PutOff } from './put-off';

export type CoilChoice = { coilVolts: number; coilKind: 'ac' | 'dc'; coilHertz: number[] };
/** A part looked at; `taken` once nothing stood in its way. */
export type Choice = {
  partId: string;
  name: string;
  coil?: CoilChoice;
  /** Further parts that go in with it, by id. */
  beside?: readonly string[];
  taken?: boolean;
};
/** What tells one choice from another: the part, with another coil, or with further parts. */
export const choiceKey = ({ partId, coil, beside }: { partId: string; coil?: unknown; beside?: readonly string[] | null }): string =>
  [partId, ...(beside ?? []), ...(coil ? ['coil'] : [])].join('+');
export type ProofEntry = { reading?: number; leadOhms?: number; done?: 'yes' | 'no'; putOff?: PutOff };
/** Who looked at a line and why; `seen` is what stood there then, so that a changed figure asks again. */
export type Named = {
  by: string;
  reason: string;
  seen: string;
  /** What will settle a line that is signed as not known. */ settles?: string;
  /** The second person of an override, where the site wants one. */ approvedBy?: string;
};

/** A part that somebody holds: what it is called, what was typed off its plate, and what was read on it. */
export type PartInHand = { name: string; typed?: string; readings: Readings };

/** A name for a further part in the hand, beside those that are taken. */
export function freeHand(taken: ReadonlySet<string>): string {
  for (let nth = 1; ; nth += 1) if (!taken.has(`p${nth}`)) return `p${nth}`;
}

export type SwapState = {
  family: string;
  loadKind: string;
  load: Readings;
  duty: Readings;
  supply: Readings;
  removed: Readings;
  /** Typed lines, kept as they were typed. */
  typed: Record<string, string>;
  /** Hazards present at this position, by id of `hazards`. */
  hazards: Record<string, boolean>;
  /** Confirmed steps of Make safe: who said so. */
  safe: Record<string, string>;
  schools: Partial<Methods>;
  choice: { part?: Choice };
  /** Check lines that were looked at, by need id. */
  acknowledged: Record<string, Named>;
  /** Failing must-lines overridden, by need id. */
  overrides: Record<string, Named>;
  proofs: Record<string, ProofEntry>;
  /** What fault finding found, by id of the test; absent in older swaps. */
  causes?: Record<string, Finding>;
  /** What each setting stood at before anything was touched, by id of its row; absent in older swaps. */
  asFound?: Record<string, string>;
  /** What each setting was left at, by id of its row; absent in older swaps. */
  asLeft?: Record<string, string>;
  /** Parts in the hand, which stand to choice beside what the board offers; absent in older swaps. */
  hand?: Record<string, PartInHand>;
};

export const emptySwap = (family: string, loadKind: string): SwapState => ({
  family,
  loadKind,
  load: {},
  duty: {},
  supply: {},
  removed: {},
  typed: {},
  hazards: {},
  safe: {},
  schools: {},
  choice: {},
  acknowledged: {},
  overrides: {},
  proofs: {},
});

export const sections = [
  'load',
  'duty',
  'supply',
  'removed',
  'typed',
  'hazards',
  'safe',
  'schools',
  'choice',
  'acknowledged',
  'overrides',
  'proofs',
  'causes',
  'asFound',
  'asLeft',
  'hand',
] as const;
export type Section = (typeof sections)[number];

/** One change: 'load.codeLetter' and its new value; null takes the entry away. */
export type Change = { path: string; value: unknown };

/** True for a path that a swap has: 'loadKind', or a section and a key. */
export function isPath(path: string): boolean {
  if (path === 'loadKind') return true;
  const dot = path.indexOf('.');
  return (
    dot > 0 &&
    dot < path.length - 1 &&
    path.length < 100 &&
    !/__proto__|constructor|prototype/.test(path) &&
    isOneOf(sections, path.slice(0, dot))
  );
}

/** Returns a new state, or the part of one that is given, with the changes laid over it. Paths must have passed `isPath`. */
export function applyChanges<S extends Partial<SwapState>>(state: S, changes: readonly Change[]): S {
  const next = { ...state };
  for (const { path, value } of changes) {
    if (path === 'loadKind') {
      Object.assign(next, { loadKind: String(value) });
      continue;
    }
    const dot = path.indexOf('.');
    const section = path.slice(0, dot);
    if (!isOneOf(sections, section)) continue;
    const key = path.slice(dot + 1);
    const entries: Record<string, unknown> = { ...next[section] };
    if (value === null || value === undefined) delete entries[key];
    else entries[key] = value;
    Object.assign(next, { [section]: entries });
  }
  return next;
}

/** Returns the changes that lead from one state to another, by path. */
export function diffStates(from: SwapState, to: SwapState): Change[] {
  const changes: Change[] = from.loadKind === to.loadKind ? [] : [{ path: 'loadKind', value: to.loadKind }];
  for (const section of sections) {
    const a: Record<string, unknown> = { ...from[section] };
    const b: Record<string, unknown> = { ...to[section] };
    for (const key of new Set([...Object.keys(a), ...Object.keys(b)]))
      if (JSON.stringify(a[key]) !== JSON.stringify(b[key])) changes.push({ path: `${section}.${key}`, value: b[key] ?? null });
  }
  return changes;
}

/** Under which a search for the cause that is left open stands, among what was named: it says nothing of a part. */
export const HUNT_KEY = 'fault-finding';

/** Under which failing lines of the circuit stand, once they are named: with another part they are asked again. */
export const CIRCUIT_KEY = 'circuit';

/** Changes that put another part under consideration: what was said and proved of the one before does not carry over. */
export const chooseChanges = (state: SwapState, choice: Choice): Change[] => [
  { path: 'choice.part', value: choice },
  ...(['acknowledged', 'overrides', 'proofs'] as const).flatMap((section) =>
    Object.keys(state[section])
      .filter((key) => key !== HUNT_KEY)
      .map((key) => ({ path: `${section}.${key}`, value: null })),
  ),
  ...Object.keys(state.asLeft ?? {}).map((key) => ({ path: `asLeft.${key}`, value: null })),
];
