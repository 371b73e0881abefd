/** A test that is not done now: why, or when it is made up for, under the name of who says so. It stands on the record. */
import { isRecord } from '../certain';

export type PutOffKind = 'not-done' | 'later';
/** Reasons of a test that is not done, and times of one that is made later; common practice. */
export const putOffWhys = {
  'no-instrument': { kind: 'not-done', words: 'no instrument for it here' },
  'not-dead': { kind: 'not-done', words: 'cannot be made dead now' },
  'not-here': { kind: 'not-done', words: 'cannot be done on this part' },
  'by-others': { kind: 'not-done', words: 'is done by others' },
  hour: { kind: 'later', words: 'after an hour of running' },
  start: { kind: 'later', words: 'at the next start' },
  shutdown: { kind: 'later', words: 'at the next shutdown' },
} as const satisfies Record<string, { kind: PutOffKind; words: string }>;
export type PutOffWhy = keyof typeof putOffWhys;
export type PutOff = { why: PutOffWhy; words: string; by: string };

export const isWhy = (value: unknown): value is PutOffWhy => typeof value === 'string' && Object.hasOwn(putOffWhys, value);
export const putOffKind = ({ why }: PutOff): PutOffKind => putOffWhys[why].kind;

/** What was not done asks for words of its own; what is made later says when. */
export const MIN_WORDS = 8; // characters
const LONGEST_WORDS = 300;
export const isSaid = ({ why, words }: Pick<PutOff, 'why' | 'words'>): boolean =>
  putOffWhys[why].kind === 'later' || words.trim().length >= MIN_WORDS;

export const isPutOff = (value: unknown): boolean =>
  isRecord(value) &&
  isWhy(value.why) &&
  typeof value.words === 'string' &&
  value.words.length <= LONGEST_WORDS &&
  (value.by === undefined || typeof value.by === 'string') &&
  Object.keys(value).every((name) => name === 'why' || name === 'words' || name === 'by');

/** Example: 'not done: no instrument for it here, the tester is at the other site (Orla Fenwick)'. */
export function putOffText({ why, words, by }: PutOff): string {
  const said = words.trim() ? `, ${words.trim()}` : '';
  return `${putOffWhys[why].kind === 'later' ? 'later' : 'not done'}: ${putOffWhys[why].words}${said} (${by})`;
}
