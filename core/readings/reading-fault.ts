/**
 * May a reading be kept? What is kept once is shown, printed and judged for years: a value of a form that its field never has would
 * break a page later, so that it is refused when it is saved. Whether a figure is plausible is said on its line.
 */
import { acceptedWords, accepts } from '../case/schema';
import { isOneOf, isRecord } from '../certain';
import type { Field } from '../fields/field';
import { plateFieldOf } from '../fields/print';
import type { ReadingState } from './reading';

const states = ['read', 'measured', 'worked-out', 'assumed', 'unreadable', 'absent'] as const satisfies readonly ReadingState[];
const parts = ['state', 'value', 'asPrinted', 'from', 'toConfirm', 'words'];

const LONGEST_TEXT = 200; // characters of a mark
const LONGEST_STORY = 2000; // characters of what it came from
const MOST_VALUES = 60; // rows of a table, figures of a list

const isText = (value: unknown, longest: number) => value === undefined || (typeof value === 'string' && value.length <= longest);
const isFigure = (value: unknown): boolean => typeof value === 'number' && Number.isFinite(value);
const isShort = (value: unknown): boolean => typeof value === 'string' && value.length <= LONGEST_TEXT;
const isCell = (value: unknown): boolean =>
  value === null || typeof value === 'boolean' || isFigure(value) || isShort(value) || (Array.isArray(value) && value.every(isFigure));

/** A value in the form in which a plate prints the field: several figures for one, a text for a list of words, a table with more columns. */
function isPrinted(field: Field, value: unknown): boolean {
  const { kind } = plateFieldOf(field);
  const held = (one: unknown) => isFigure(one) && accepts({ ...field, kind: 'number' }, one);
  if (Array.isArray(value) && value.length > MOST_VALUES) return false;
  switch (kind) {
    case 'number':
      return held(value);
    case 'coil':
    case 'numbers':
    case 'hertz':
    case 'range':
      return Array.isArray(value) ? value.length > 0 && value.every(held) : held(value);
    case 'volts':
      return held(value) || accepts({ ...field, kind: 'volts-text' }, value);
    case 'letter':
    case 'word':
      return isShort(value) && accepts({ ...field, kind: 'word', words: plateFieldOf(field).words }, value);
    case 'text':
      return isShort(value);
    case 'flag':
      return typeof value === 'boolean';
    case 'rows':
      return Array.isArray(value) && value.every((row) => isShort(row) || (isRecord(row) && Object.values(row).every(isCell)));
  }
}

/** What is wrong with a reading of this field, or undefined. */
export function readingFault(field: Field, reading: unknown): string | undefined {
  if (!isRecord(reading) || !isOneOf(states, reading.state)) return `A reading needs a state: ${states.join(', ')}.`;
  const { state, value, asPrinted, from, toConfirm, words } = reading;
  const strange = Object.keys(reading).find((name) => !parts.includes(name));
  if (strange !== undefined) return `A reading has no part '${strange.slice(0, 40)}'; it has ${parts.join(', ')}.`;
  if (!isText(asPrinted, LONGEST_STORY) || !isText(from, LONGEST_STORY))
    return `asPrinted and from are texts of at most ${LONGEST_STORY} characters.`;
  if (toConfirm !== undefined && typeof toConfirm !== 'boolean') return 'toConfirm is true or false.';
  if (words !== undefined && !(Array.isArray(words) && words.length <= 200 && words.every((word) => Number.isInteger(word) && word >= 0)))
    return 'words are the numbers of at most 200 words of the picture.';
  if (state === 'unreadable' || state === 'absent')
    return value === undefined ? undefined : `What is ${state} has no value; leave it out, or give the state under which it was read.`;
  if (value === undefined || value === null) return `A reading that is ${state} needs a value.`;
  // In a case false, "none" and an empty list say that there is no such mark; a reading has a state for that.
  const isNone = value === 'none' || (value === false && field.kind !== 'flag') || (Array.isArray(value) && value.length === 0);
  const isMark = accepts(field, value) && !isNone;
  if (isMark || isPrinted(field, value)) return undefined;
  const seen = JSON.stringify(value) ?? '';
  return `${field.label} is ${seen.length > 60 ? `${seen.slice(0, 60)}…` : seen}; accepted: ${acceptedWords(field)}.`;
}
