/**
 * How does a field look in print? Every field becomes patterns that are tried at one place of the text: its name with a
 * value behind it, then a value with a unit of its own. Longer names first, so that LOCKED ROTOR AMPS is not AMPS.
 * Patterns have bounded repeats only: time is linear in the text.
 */
import { bySize, FIGURE, LIST, LOOSE_FIGURE, LOOSE_LIST, namePattern } from './characters';
import type { Label, PlateDefinition, PlateField } from './plate-field';

export type Rule = { field: PlateField; pattern: RegExp; named: boolean; loose: boolean };

/** Words that end a type or serial number. */
const STOPS = ['MADE', 'OPEN TYPE', 'IEC', 'EN', 'UL', 'NEMA'];
/** Units that another quantity owns: "Un 50/60 Hz" with its volts worn is no 50 V. */
const FOREIGN = [
  'HZ',
  'KA',
  'KW',
  'HP',
  'RPM',
  'MA',
  'KV',
  'KVA',
  'VA',
  '%',
  '°C',
  'V',
  'VAC',
  'VDC',
  'A',
  'AMP',
  'AMPS',
  'W',
  'PH',
  'KG',
  'LB',
  'MIN-1',
];
const foreignTo = (field: PlateField): string => {
  const own = new Set(Object.keys(field.units ?? {}).map((unit) => unit.toUpperCase()));
  return bySize(FOREIGN.filter((unit) => !own.has(unit)));
};

/** Between a name and a word there is something, or NOM would be NO M. */
const APART = String.raw`(?:[ ]{1,4}|[ ]?[:=.][ ]{0,4})`;
const SEPARATOR = String.raw`(?:[ ]?\([^()\n]{1,6}\))?[ ]{0,4}[:=.]?[ ]{0,4}`;

/** Words that are read without a name before them. */
const bareWordsOf = ({ words, bareWords, printed }: PlateField): string[] => {
  const own = bareWords ?? words ?? [];
  return [...own, ...Object.entries(printed ?? {}).flatMap(([form, word]) => (!bareWords || own.includes(word) ? [form] : []))];
};

function valuePattern(field: PlateField, loose: boolean, stops: string): string {
  if (field.words) return `(?:${bySize([...field.words, ...Object.keys(field.printed ?? {})])})`;
  switch (field.kind) {
    case 'text':
      return String.raw`${field.withDigit ? '(?=[^\\n]{0,12}\\d)' : ''}[A-Z0-9][A-Z0-9.\-/+#]{0,24}(?: (?!(?:${stops})(?![A-Z]))[A-Z0-9][A-Z0-9.\-/+#]{0,24}(?![,.]\d)){0,3}`;
    case 'volts':
    case 'coil':
    case 'numbers':
    case 'hertz':
      return loose ? LOOSE_LIST : LIST;
    case 'range':
      return String.raw`\d{1,6}(?:[.,]\d{1,4})?\s?(?:[A-Z%]{1,4}\s?)?(?:-|TO|\.\.\.?)\s?\d{1,6}(?:[.,]\d{1,4})?`;
    default:
      if (field.unit === 'hp')
        return String.raw`(?:\d{1,3} \d{1,2}\/\d{1,2}|\d{1,3}\/\d{1,2}|${loose ? LOOSE_FIGURE : String.raw`\d{1,5}(?:[.,]\d{1,3})?`})`;
      return loose ? LOOSE_FIGURE : `-?${FIGURE}`;
  }
}

function unitsOf(field: PlateField, loose: boolean): string {
  if (!field.units) return '';
  return `(?:[ ]{0,2}(${bySize(Object.keys(field.units))})${loose ? '(?![A-Z])' : '(?![A-Z0-9])'})`;
}

function rulesOf(plate: PlateDefinition, loose: boolean): Rule[] {
  const longest = (field: PlateField) => Math.max(0, ...field.names.map((name) => name.length));
  const order = [...plate.fields].filter((field) => field.kind !== 'rows').sort((a, b) => longest(b) - longest(a));
  const stops = bySize([
    ...STOPS,
    ...plate.fields
      .filter((field) => field.kind !== 'rows')
      .flatMap((field) => [...field.names, ...(field.bareUnit && field.words ? bareWordsOf(field) : [])]),
  ]);
  const named = order.flatMap((field): Rule[] => {
    const least = field.kind === 'text' ? 5 : 2;
    const names = loose ? field.names.filter((name) => name.replace(/[^A-Z]/gi, '').length >= least) : field.names;
    if (names.length === 0) return [];
    const name = `(?:${bySize(names, loose)})`;
    if (field.kind === 'flag') return [{ field, named: true, loose, pattern: new RegExp(`(${name})()(?![A-Z0-9])`, 'iy') }];
    const unit = unitsOf(field, loose) || '()';
    const words = field.words !== undefined || field.kind === 'text';
    const value = valuePattern(field, loose, stops);
    const end = words ? '(?![A-Z0-9])' : String.raw`(?![0-9]|[.,]\d|[ ]?[/-][ ]?\d)`;
    // A unit with a figure behind it is the next name, not this one's unit: "HP 3 RPM 1755".
    const foreign = words ? '' : `(?![ ]{0,2}(?:${foreignTo(field)})(?![A-Z0-9/])(?! CODE|[ ]{0,4}[:=.]?[ ]{0,4}\\d))`;
    // A letter against the figure is its unit or makes it no figure: "FLA 2B" is not 2.
    const alone = loose ? '' : '(?![A-Z0-9])';
    const tail = unit === '()' ? `()${alone}` : loose ? `${unit}?` : `(?:${unit}|${alone})`;
    const separator = words && !(loose && field.kind !== 'text') ? APART : SEPARATOR;
    return [
      {
        field,
        named: true,
        loose,
        pattern: new RegExp(`${name}${separator}(${value})${end}${tail}${foreign}`, 'iy'),
      },
    ];
  });
  const bare = order.flatMap((field): Rule[] => {
    if (!field.bareUnit) return [];
    if (field.words)
      return loose ? [] : [{ field, named: false, loose, pattern: new RegExp(`((?:${bySize(bareWordsOf(field))}))()(?![A-Z0-9])`, 'iy') }];
    return [{ field, named: false, loose, pattern: new RegExp(`(${valuePattern(field, loose, stops)})${unitsOf(field, loose)}`, 'iy') }];
  });
  return [...named, ...bare];
}

const compiled = new WeakMap<PlateDefinition, { strict: Rule[]; loose: Rule[] }>();

/** Returns the rules of a plate, made once. */
export function plateRules(plate: PlateDefinition): { strict: Rule[]; loose: Rule[] } {
  const known = compiled.get(plate);
  if (known) return known;
  const rules = { strict: rulesOf(plate, false), loose: rulesOf(plate, true) };
  compiled.set(plate, rules);
  return rules;
}

type Heads = { strict: RegExp; loose: RegExp; labelOf: (printed: string) => Label | undefined };
const heads = new WeakMap<PlateDefinition, Heads>();

/** A printed name without its dots and spaces: INS. CL. and INS CL are the same. */
export const bareName = (text: string) => text.toUpperCase().replace(/[\s.:]/g, '');

/** Returns what recognises a head of a table: names of fields and of columns. */
export function plateHeads(plate: PlateDefinition): Heads {
  const known = heads.get(plate);
  if (known) return known;
  const labels: Label[] = [
    ...(plate.columns ?? []).flatMap(({ column, names }) => names.map((name) => ({ name, column }))),
    ...plate.fields.filter((field) => field.kind !== 'flag').flatMap((field) => field.names.map((name) => ({ name, field }))),
  ].sort((a, b) => b.name.length - a.name.length);
  const alternatives = (loose: boolean) => labels.map(({ name }) => namePattern(name, loose)).join('|');
  const tail = String.raw`(?:[ ]?\([^()\n]{1,6}\)|[ ]?%)?(?:[ .:,]*|[^A-Z0-9\s]{1,2})(?![A-Z0-9])`;
  const exact = new Map<string, Label>();
  for (const label of labels) if (!exact.has(bareName(label.name))) exact.set(bareName(label.name), label);
  const looseOnes = labels.map((label) => ({ label, pattern: new RegExp(`^(?:${namePattern(label.name, true)})$`, 'i') }));
  const made: Heads = {
    strict: new RegExp(`(${alternatives(false)})${tail}`, 'iy'),
    loose: new RegExp(`(${alternatives(true)})${tail}`, 'iy'),
    labelOf: (printed) => exact.get(bareName(printed)) ?? looseOnes.find(({ pattern }) => pattern.test(printed))?.label,
  };
  heads.set(plate, made);
  return made;
}
