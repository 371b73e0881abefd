/**
 * What does a signed record hold, and over which text is its hash taken?
 * The record is complete in itself: readings, needs, verdicts of the old and the new part, proofs, acknowledgements and
 * overrides with names. The hash is SHA-256 over the canonical JSON of the body, so any later change shows.
 * Format: docs/formats/record.md.
 */
import { ended } from '../language/sentence';
import type { Practice } from '../case/case';
import type { TerminalMove } from '../families/contract';
import type { Line } from '../matching/judge';
import type { Verdict } from '../needs/need';
import type { Readings } from '../readings/reading';
import type { Settled } from '../fault-finding/find-fault';
import type { SwapState } from '../swap/swap';
import type { ProofVerdict } from '../swap/sign-off';
import { inSentence } from '../language/in-sentence';

export type RecordLine = Line & {
  id: string;
  term: string;
  /** Where the figure does not hold and another one makes it fit: that one, short. Absent otherwise and in older records. */
  instead?: string;
  acknowledgedBy?: string;
  note?: string;
  /** What will settle a line that was signed as not known. */
  settles?: string;
  overriddenBy?: string;
  /** The second person of an override, where the site wants one. */
  approvedBy?: string;
  reason?: string;
};
export type RecordProof = {
  id: string;
  when: string;
  title: string;
  reading: number | null;
  leadOhms: number | null;
  net: number | null;
  unit: string;
  limits: string;
  verdict: ProofVerdict;
  /** Why it was not done, or when it is made up for, and who said so. */
  putOff?: { text: string; by: string };
};

export type RecordBody = {
  format: 'loyal-coil/swap-record';
  version: 1;
  position: { site: string; panel: string; tag: string; function: string };
  practice: Practice;
  /** Family of the position; absent in older records. */
  family?: string;
  signedAt: string;
  signedBy: string;
  /** Who did the job, where a mentor signed it for them. */
  doneBy?: string;
  remark: string;
  removed: {
    name: string;
    verdict: Verdict;
    lines: RecordLine[];
    /** What readings on it said of its state; absent where none were taken and in older records. */
    condition?: { about: string; word: string; found: string; verdict: Verdict }[];
  } | null;
  fitted: {
    partId: string;
    /** Further parts that went in with it; absent where it is one. */
    besidePartIds?: readonly string[];
    name: string;
    verdict: Verdict;
    lines: RecordLine[];
    coil: string | null;
    /** What tells it from its neighbours; absent in older records. */ brief?: string;
    /** Of a part that somebody held, none of the catalogue: what was read on it. */ held?: Readings;
  };
  /** What differs from the removed part where it should be the same; absent where nothing does and in older records. */
  changes?: { label: string; from: string; to: string; because: string; mends: boolean; by?: string; reason?: string }[];
  terminals: TerminalMove[];
  /** Settings, what each stood at before and was left at; absent in older records, `asFound` where nobody noted it. */
  settings?: { name: string; value: string; asFound?: string; asLeft: string }[];
  proofs: RecordProof[];
  madeSafe: { step: string; by: string }[];
  stock: { place: string; before: number; after: number } | null;
  /** Of parts that go in beside it, each with its place; absent where none do, and in older records. */
  stockBeside?: { partId: string; taken: RecordBody['stock'] }[];
  /** Causes that a hunt settled; absent in older records. */
  causes?: Settled[];
  /** A cause that stays open, by whom and why; absent where it was shown, nobody looked, or in older records. */
  causeLeftOpen?: { by: string; reason: string };
  /** The circuit of the position with this part in it, and who answers for what fails there; absent where it stands in none, and in older records. */
  circuit?: { name: string; lines: { title: string; verdict: Verdict; because: string }[]; by?: string; reason?: string };
  readings: Pick<SwapState, 'loadKind' | 'load' | 'duty' | 'supply' | 'removed'>;
};

/** What was found at the position and on the part that came out, as sentences: causes that were settled, readings of its state. */
export const foundText = ({ causes = [], causeLeftOpen, removed }: RecordBody): string[] => [
  ...(removed?.condition ?? []).map(({ about, word, found }) => `Removed part, ${inSentence(about)}: ${word}, ${found}`),
  ...causes.map(({ title, verdict, found }) => `${title}: ${verdict === 'cause' ? 'a cause' : 'ruled out'}, ${found}`),
  ...(causeLeftOpen ? [`Cause left open by ${causeLeftOpen.by}: ${causeLeftOpen.reason}`] : []),
];

const circuitWords: Record<Verdict, string> = { fits: 'fits', check: 'check', 'not-known': 'not known', fails: 'FAILS' };
/** What the circuit says with this part in it, a sentence each; nothing where the position stands in none. */
export const circuitText = ({ circuit }: RecordBody): string[] =>
  circuit
    ? [
        ...circuit.lines.map(({ title, verdict, because }) => `${title}, ${circuitWords[verdict]}: ${because}`),
        ...(circuit.by ? [`What fails is accepted by ${circuit.by}: ${circuit.reason}`] : []),
      ]
    : [];

/** A change from the removed part in a sentence, with who gave which reason. */
export const changeText = ({ because, mends, by, reason }: NonNullable<RecordBody['changes']>[number]): string =>
  mends || !by ? because : `${because} Reason given by ${by}: ${ended(reason)}`;

/** What was fitted, told from its neighbours: its coil, or its rating. */
export const fittedBrief = ({ fitted }: RecordBody): string => fitted.brief ?? `coil ${fitted.coil}`;

/** JSON with keys in order and no white space: equal bodies give equal text. */
export function canonicalJson(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map((entry) => canonicalJson(entry ?? null)).join(',')}]`;
  if (value !== null && typeof value === 'object') {
    const entries = Object.entries(value)
      .filter(([, entry]) => entry !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0));
    return `{${entries.map(([key, entry]) => `${JSON.stringify(key)}:${canonicalJson(entry)}`).join(',')}}`;
  }
  return JSON.stringify(value);
}

/** Said of a part that somebody held. */
export const HELD = 'A part in the hand: not from the catalogue, judged by what was read on it.';
