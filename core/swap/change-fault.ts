/**
 * May a change of a job be kept? Every name and value of it is held against what is declared: fields, kinds of load, hazards, steps,
 * methods. What passes can be shown, judged and printed.
 */
import { isOneOf, isRecord } from '../certain';
import { loadPlates, plateOf } from '../families/plates';
import { familyOf } from '../families/registry';
import { dutyFields } from '../fields/duty-fields';
import type { Field } from '../fields/field';
import { loadFields, loadKinds } from '../fields/load-fields';
import { supplyFields } from '../fields/supply-fields';
import { schoolChoices } from '../loads/schools';
import { readingFault } from '../readings/reading-fault';
import { hazards, safeStepIds } from './make-safe';
import { isPutOff } from './put-off';
import type { Change } from './swap';

const LONGEST_TYPED = 20_000; // characters of a typed plate
const LONGEST_SET = 200; // characters of what a setting was left at
const LARGEST_READING = 1e12; // of a proof: ohm of an insulation
const typedPlates = ['load', 'removed'];
/** Lines, proofs, causes and settings are named by their family; what nobody asks about has no effect. */
const ID = /^[A-Za-z0-9][A-Za-z0-9 .:/+-]{0,79}$/;

const byName = (fields: readonly Field[]): ReadonlyMap<string, Field> => new Map(fields.map((field) => [field.name, field]));
const supplyByName = byName(supplyFields);
const dutyByName = byName(dutyFields);
/** Of every kind of load: what was read stays while another kind is looked at. */
const loadByName = byName([...Object.values(loadPlates).flatMap(({ fields }) => fields.map(({ of }) => of)), ...loadFields]);
const partsByName = new Map<string, ReadonlyMap<string, Field>>();
function partByName(family: string): ReadonlyMap<string, Field> {
  const kept = partsByName.get(family);
  if (kept) return kept;
  const made = byName([...(plateOf(family)?.fields.map(({ of }) => of) ?? []), ...(familyOf(family)?.fields ?? [])]);
  if (familyOf(family)) partsByName.set(family, made);
  return made;
}

const isFigure = (value: unknown): boolean => typeof value === 'number' && Number.isFinite(value) && Math.abs(value) <= LARGEST_READING;
const isText = (value: unknown, longest: number): boolean => typeof value === 'string' && value.length <= longest;
const only = (value: Record<string, unknown>, accepted: Readonly<Record<string, (part: unknown) => boolean>>): boolean =>
  Object.entries(value).every(([name, part]) => part === undefined || accepted[name]?.(part) === true);
const listed = (names: Iterable<string>): string => {
  const all = [...names];
  return `${all.slice(0, 12).join(', ')}${all.length > 12 ? ' and more' : ''}`;
};
const known = (names: Iterable<string>, key: string, what: string): string | undefined => {
  const all = [...names];
  return all.includes(key) ? undefined : `There is no ${what} '${key.slice(0, 40)}'; known: ${listed(all)}.`;
};

const named = (what: string, key: string) => (ID.test(key) ? undefined : `'${key.slice(0, 40)}' is no name of a ${what}.`);
const isCoil = (value: unknown): boolean =>
  value === null ||
  (isRecord(value) &&
    only(value, {
      coilVolts: (volts) => isFigure(volts) && Number(volts) > 0 && Number(volts) <= 1500,
      coilKind: (kind) => kind === 'ac' || kind === 'dc',
      coilHertz: (hertz) => Array.isArray(hertz) && hertz.length <= 6 && hertz.every(isFigure),
    }) &&
    value.coilVolts !== undefined);

/** By section: what is wrong with a value under a key. Null, which takes an entry away, is asked about by nobody. */
const rules: Readonly<Record<string, (family: string, key: string, value: unknown) => string | undefined>> = {
  supply: (_family, key, value) => readingUnder(supplyByName, key, value, 'mark of a supply'),
  duty: (_family, key, value) => readingUnder(dutyByName, key, value, 'mark of a duty'),
  load: (_family, key, value) => readingUnder(loadByName, key, value, 'mark of a load'),
  removed: (family, key, value) => readingUnder(partByName(family), key, value, 'mark of this part'),
  typed: (_family, key, value) =>
    known(typedPlates, key, 'typed plate') ??
    (isText(value, LONGEST_TYPED) ? undefined : `What is typed is a text of at most ${LONGEST_TYPED} characters.`),
  hazards: (_family, key, value) =>
    known(
      hazards.map(({ id }) => id),
      key,
      'hazard',
    ) ?? (typeof value === 'boolean' ? undefined : 'A hazard is there, true, or not, false.'),
  safe: (_family, key, value) =>
    known(safeStepIds, key, 'step') ??
    (value === true || isText(value, LONGEST_SET)
      ? undefined
      : 'A step is confirmed by true, and stands under the name of who is signed in; null takes the confirmation back.'),
  schools: (_family, key, value) => {
    const school = schoolChoices.find(({ id }) => id === key);
    if (!school)
      return known(
        schoolChoices.map(({ id }) => id),
        key,
        'method',
      );
    const choices = school.choices.map((one) => one.value);
    return choices.some((one) => one === value) ? undefined : `${school.question}: accepted are ${choices.join(', ')}.`;
  },
  choice: (_family, key, value) =>
    known(['part'], key, 'choice') ??
    (isRecord(value) &&
    typeof value.partId === 'string' &&
    only(value, {
      partId: (id) => isText(id, LONGEST_SET),
      name: (name) => isText(name, 500),
      coil: isCoil,
      beside: (ids) => ids === null || (Array.isArray(ids) && ids.length <= 12 && ids.every((id) => isText(id, LONGEST_SET))),
      taken: (taken) => typeof taken === 'boolean',
    })
      ? undefined
      : 'A choice is a part by its partId and name, with coil, beside and taken where they apply.'),
  acknowledged: (_family, key) => named('line', key),
  overrides: (_family, key) => named('line', key),
  proofs: (_family, key, value) =>
    named('test', key) ??
    (isRecord(value) &&
    only(value, { reading: isFigure, leadOhms: isFigure, done: (done) => done === 'yes' || done === 'no', putOff: isPutOff })
      ? undefined
      : 'A test holds a reading and leadOhms, figures, done, yes or no, or putOff: why it is not done, or when it is.'),
  causes: (_family, key, value) =>
    named('test', key) ??
    (isRecord(value) &&
    only(value, { reading: isFigure, yes: (yes) => typeof yes === 'boolean', answer: (answer) => isText(answer, LONGEST_SET) })
      ? undefined
      : 'What is found on a test is a reading, a figure, yes, true or false, or the name of an answer.'),
  asFound: (_family, key, value) =>
    named('setting', key) ??
    (isText(value, LONGEST_SET) ? undefined : `What a setting was found at is a text of at most ${LONGEST_SET} characters.`),
  asLeft: (_family, key, value) =>
    named('setting', key) ??
    (isText(value, LONGEST_SET) ? undefined : `What a setting was left at is a text of at most ${LONGEST_SET} characters.`),
  hand: (family, key, value) =>
    named('part in the hand', key) ??
    (isRecord(value) &&
    only(value, {
      name: (name) => isText(name, 200) && String(name).trim() !== '',
      typed: (typed) => isText(typed, LONGEST_TYPED),
      readings: isRecord,
    }) &&
    isRecord(value.readings) &&
    value.name !== undefined
      ? Object.entries(value.readings)
          .map(([id, reading]) => readingUnder(partByName(family), id, reading, 'mark of this part'))
          .find((fault) => fault !== undefined)
      : 'A part in the hand has a name and its readings, and what was typed off its plate.'),
};

function readingUnder(fields: ReadonlyMap<string, Field>, key: string, value: unknown, what: string): string | undefined {
  const field = fields.get(key);
  return field ? readingFault(field, value) : known(fields.keys(), key, what);
}

/** What is wrong with a change of a job of this family, or undefined. Its path has passed `isPath`. */
export function changeFault(family: string, { path, value }: Change): string | undefined {
  if (path === 'loadKind')
    return isOneOf(loadKinds, value)
      ? undefined
      : `The kind of load is ${JSON.stringify(value)?.slice(0, 40)}; accepted: ${loadKinds.join(', ')}.`;
  if (value === null || value === undefined) return undefined;
  const dot = path.indexOf('.');
  return rules[path.slice(0, dot)]?.(family, path.slice(dot + 1), value);
}
