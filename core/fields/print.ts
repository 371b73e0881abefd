/**
 * How does a plate print a mark? Names before its value, units behind it, other spellings of its words.
 * A printed mark has the unit, the range and the words of its field: nothing is narrowed or widened here.
 */
import type { PlateField } from '../plates/plate-field';
import type { Field, PlateFieldKind, Print } from './field';

export const AMPS = { AMPERES: 1, AMPS: 1, AMP: 1, A: 1 };
export const VOLTS = { VOLTS: 1, VAC: 1, VDC: 1, 'V~': 1, V: 1 };
export const KILOAMPS = { KA: 1000, KAIC: 1000, A: 1 };
export const KILO = { KA: 1000, A: 1 };
export const sheet = 'The maker’s sheet by type; size suggests only an order of magnitude. It stays not known until found.';
const drawing = 'From the drawing, the panel schedule or the person who runs it.';

const kinds: Record<Field['kind'], PlateFieldKind> = {
  number: 'number',
  word: 'word',
  words: 'text',
  flag: 'flag',
  hertz: 'hertz',
  'volts-text': 'volts',
  rows: 'rows',
  'coil-rows': 'text',
  'amps-by': 'text',
  counts: 'text',
  flags: 'text',
  trace: 'text',
  times: 'text',
  bands: 'text',
  feed: 'text',
  band: 'range',
  numbers: 'numbers',
  amounts: 'text',
};

/** Returns a field as a plate prints it, or as a card of the bench shows it where no plate does. */
export function plateFieldOf(field: Field): PlateField {
  const print = field.print ?? {};
  const words = field.words?.length ? [...field.words, ...(print.sets ?? [])] : print.known;
  const bare = print.bare;
  // A plate writes the unit of the field itself, whatever else it may write.
  const units = print.units ?? (field.unit && field.unit !== 'count' && print.names ? { [field.unit.toUpperCase()]: 1 } : undefined);
  return {
    of: field,
    id: field.name,
    label: field.label,
    short: field.short ?? field.label,
    kind: print.kind ?? (field.kind === 'word' && !words ? 'text' : kinds[field.kind]),
    unit: field.unit ?? '',
    names: print.names ?? [],
    ...(units ? { units } : {}),
    ...(bare ? { bareUnit: true } : {}),
    ...(Array.isArray(bare) ? { bareWords: bare } : {}),
    ...(field.above === undefined && field.min !== undefined ? { min: field.min } : {}),
    max: field.max ?? (field.unit ? Infinity : 0),
    ...(print.withDigit ? { withDigit: true } : {}),
    ...(words ? { words } : {}),
    ...(print.printed ? { printed: print.printed } : {}),
    ...(print.tail ? { tail: print.tail } : {}),
    meaning: field.meaning,
    recovery: field.recovery ?? (field.print ? sheet : drawing),
  };
}

/** Returns the marks that a plate of these fields prints, in the order declared. */
export const plateFieldsOf = (fields: readonly Field[]): PlateField[] =>
  fields.filter(({ print }) => print !== undefined).map(plateFieldOf);

/** Returns a field that this plate prints in its own way: other names before the same mark. */
export const printedAs = <F extends Field>(field: F, print: Print, more: { recovery?: string; short?: string } = {}): F => ({
  ...field,
  ...more,
  print: { ...field.print, ...print },
});

/** Returns a field that this family's plates do not print: it is read under another name, or kept by the maker's sheet alone. */
export const notPrinted = <F extends Field>(field: F): F => ({ ...field, print: undefined });
