/**
 * What does a family owe, whatever it is? Returns every duty of the contract that it does not keep, each in a sentence.
 * The contract test asks it of every family of the registry; `npm run mutate` breaks one duty at a time and sees that it says so.
 */
import { keysOf } from '@/core/certain';
import { contextOf } from '@/core/judge-case';
import type { FieldValues, PartSpec, PlainCase } from '@/core/case/case';
import type { DeviceFamily, NeedContext } from '@/core/families/contract';
import { loadPlates } from '@/core/families/plates';
import { dutyFields } from '@/core/fields/duty-fields';
import type { Field } from '@/core/fields/field';
import { loadFields, loadKinds } from '@/core/fields/load-fields';
import { ratingColumns } from '@/core/fields/rating-columns';
import { supplyFields } from '@/core/fields/supply-fields';
import { swapSchools } from '@/core/loads/schools';
import { compileNeed } from '@/core/matching/evaluate';
import { judgePart } from '@/core/matching/judge';
import type { FigureRef, Need, RatingBasis } from '@/core/needs/need';
import type { PlateDefinition } from '@/core/plates/plate-field';
import { parsePlate } from '@/core/plates/parse-plate';
import { terms } from '@/core/quantities/terms';
import { sources } from '@/core/standards/source';

/** A case and a part of the family, to hold it against. */
export type Sample = { plain: PlainCase; specs: readonly PartSpec[] };

const BAD_WORDS = /undefined|NaN|null|\[object/;
const sections: Record<string, readonly Field[]> = { supply: supplyFields, load: loadFields, duty: dutyFields };
/** Marks of the load's plate that a family may take as its own. */
const platesOfLoads = new Set(Object.values(loadPlates).flatMap(({ fields }) => fields.map(({ id }) => `load.${id}`)));
const nameOf = ({ name }: Field) => name;

const contextsOf = (samples: readonly Sample[]): NeedContext[] => samples.map(({ plain }) => contextOf(plain, { schools: swapSchools }));

/** What a way of rating may say; a name beside these is said to nobody. */
const wayNames: ReadonlySet<string> = new Set<keyof RatingBasis>([
  ...(['quantity', 'unit', 'relation', 'figure', 'limit', 'checkFrom', 'notKnownFrom', 'upperEdge', 'possible'] as const),
  ...(['alternative', 'verdictCap', 'source', 'verdictCapReason'] as const),
]);

/** Figures that a line reads of a part, by the name under which its canonical spec holds them. */
const namesRead = (way: RatingBasis): string[] => {
  const own = (figure: FigureRef | undefined): string[] =>
    figure?.kind === 'field' || figure?.kind === 'bands' ? [figure.name] : figure?.kind === 'rating' ? [`ratings.${figure.column}`] : [];
  return [...own(way.figure), ...own(way.upperEdge), ...own(way.possible), ...own(way.alternative?.figure)];
};

function fieldFaults({ fields, ratingColumns: columns, positionFields, loads }: DeviceFamily): string[] {
  const names = fields.map(nameOf);
  const strange = (section: string, list: readonly string[]) =>
    list
      .filter((name) => !sections[section]!.some((one) => one.name === name))
      .map((name) => `positionFields.${section}: no field '${name}'`);
  return [
    ...names.filter((name, i) => names.indexOf(name) !== i).map((name) => `field '${name}' stands twice`),
    ...fields.flatMap(({ name, label, meaning, kind, unit, max, words, plateOnly }) => [
      ...(/^[A-Z0-9]/.test(label) ? [] : [`field '${name}': label '${label}' is not in sentence case`]),
      ...(/\.$/.test(meaning) ? [] : [`field '${name}': its meaning is no sentence`]),
      ...(kind === 'number' && (unit === undefined || max === undefined) ? [`field '${name}' has no unit or no upper end`] : []),
      ...(words?.some((word) => word.trim() === '') ? [`field '${name}' has an empty word`] : []),
      ...(plateOnly ? [`field '${name}' stands on plates alone and is no field of a case`] : []),
    ]),
    ...columns.filter((name) => !ratingColumns.some((one) => one.name === name)).map((name) => `no rating column '${name}'`),
    ...(['supply', 'load', 'duty'] as const).flatMap((section) => strange(section, positionFields[section])),
    ...loads.filter((kind) => !loadKinds.some((one) => one === kind)).map((kind) => `no kind of load '${kind}'`),
    ...(loads.length === 0 ? ['no kind of load'] : []),
  ];
}

function lineFaults(need: Need, family: DeviceFamily, carried: ReadonlySet<string>): string[] {
  const own = family.fields.map(nameOf);
  const gone = (input: string) => {
    const [section = '', name = ''] = input.split('.');
    return !sections[section]?.some((one) => one.name === name) && !platesOfLoads.has(input);
  };
  return [
    ...(sources[need.source] ? [] : [`line '${need.id}': no source '${need.source}'`]),
    ...(/\.$/.test(need.because) && !BAD_WORDS.test(need.because) ? [] : [`line '${need.id}': its reason is no sentence: ${need.because}`]),
    ...need.inputs.filter(gone).map((input) => `line '${need.id}' rests on '${input}', which no case holds`),
    ...need.ways.filter(({ quantity }) => !(quantity in terms)).map(({ quantity }) => `line '${need.id}': no term '${quantity}'`),
    ...need.ways
      .flatMap(namesRead)
      .filter((name) => !own.includes(name) && !carried.has(name) && !family.derivedNames?.test(name) && name !== 'nothing')
      .map((name) => `line '${need.id}' reads '${name}', which no part of the family carries`),
    ...need.ways
      .flatMap((way) => keysOf(way).filter((name) => !wayNames.has(name)))
      .map((name) => `line '${need.id}' says '${name}' to nobody`),
    ...(need.safety && need.severity !== 'must' ? [`line '${need.id}' is of safety and no must`] : []),
  ];
}

/** Names that canonical specs of the family hold, columns of rating rows as 'ratings.name'. */
function carriedNames(family: DeviceFamily, specs: readonly PartSpec[]): Set<string> {
  const found = new Set(specs.flatMap((spec) => Object.keys(family.canonical(spec))));
  for (const { name } of ratingColumns) found.add(`ratings.${name}`);
  for (const spec of specs) {
    const { ratings } = family.canonical(spec) as { ratings?: unknown };
    if (Array.isArray(ratings)) for (const row of ratings) for (const name of Object.keys(row as object)) found.add(`ratings.${name}`);
  }
  return found;
}

function needFaults(family: DeviceFamily, samples: readonly Sample[], specs: readonly PartSpec[]): string[] {
  const carried = carriedNames(family, specs);
  const all = contextsOf(samples).map((context) => ({ context, needs: family.needs(context) }));
  const ids = new Set(all.flatMap(({ needs }) => needs.map(({ id }) => id)));
  const twice = all.flatMap(({ needs }) => needs.filter(({ id }, i) => needs.findIndex((one) => one.id === id) !== i).map(({ id }) => id));
  const empty = all.filter(
    ({ needs }) => needs.length > 0 && judgePart(needs.map(compileNeed), family.canonical({}), 'IEC').verdict === 'fits',
  );
  const assumed = all.flatMap(({ context, needs }) =>
    needs
      // A mark that nobody could read is not assumed.
      .filter(({ id, inputs }) => inputs.length > 0 && !id.startsWith('unread-'))
      .filter(({ id, inputs }) => {
        const again = family.needs({ ...context, assumed: new Set(inputs) });
        return again.some((one) => one.id === id && !one.assumed);
      })
      .map(({ id }) => `line '${id}' rests on an assumed mark and does not say so`),
  );
  return [
    ...all.flatMap(({ needs }) => needs.flatMap((need) => lineFaults(need, family, carried))),
    ...twice.map((id) => `line '${id}' stands twice`),
    ...(ids.size === 0 ? ['no lines at all'] : []),
    ...(all.some(({ needs }) => needs.some(({ alwaysAsked }) => alwaysAsked)) ? [] : ['no line is asked whatever the parts carry']),
    ...(all.some(({ needs }) => needs.some(({ safety }) => safety)) ? [] : ['no line of safety']),
    ...(empty.length > 0 ? ['a part that says nothing fits'] : []),
    ...assumed,
    ...(family.summary.length > 0 ? [] : ['no summary']),
    ...family.summary
      .flatMap((template) => [...template.matchAll(/\{([a-z][a-z0-9-]*)(\*?)\}/g)])
      .filter(([, id, open]) => id !== 's' && id !== 'about' && ![...ids].some((one) => (open ? one.startsWith(id!) : one === id)))
      .map(([, id]) => `summary of '${id}', which is never asked`),
    ...family.keeps.flatMap(({ name, why, ask, lines }) => [
      ...(carried.has(name) || family.fields.some((one) => one.name === name) ? [] : [`keeps '${name}', which no part carries`]),
      ...(lines.some((id) => [...ids].some((one) => one === id || one.startsWith(`${id}-`))) || lines.length === 0
        ? []
        : [`keeps '${name}' for lines that are never asked: ${lines.join(', ')}`]),
      ...(/\.$/.test(why) && /[?.]$/.test(ask) ? [] : [`keeps '${name}' without a reason and a question`]),
    ]),
  ];
}

function workFaults(family: DeviceFamily, samples: readonly Sample[], specs: readonly PartSpec[]): string[] {
  const parts = specs.slice(0, 12).map((spec) => family.canonical(spec));
  const contexts = contextsOf(samples);
  const proofs = contexts.flatMap((need) => parts.slice(0, 3).flatMap((part) => family.proofs({ need, part })));
  const cautions = contexts.flatMap((context) => family.cautions(context));
  const settings = contexts.flatMap((need) => parts.slice(0, 3).flatMap((part) => family.settings({ need, part }).rows));
  const frozen = <T>(value: T): T => {
    if (value !== null && typeof value === 'object' && !(value instanceof Set)) Object.values(Object.freeze(value)).forEach(frozen);
    return value;
  };
  const changes = (work: () => unknown): boolean => {
    try {
      work();
      return false;
    } catch (error) {
      return error instanceof TypeError;
    }
  };
  const still = contexts.slice(0, 3).some((context) => {
    const held = frozen(structuredClone({ ...context, assumed: undefined }));
    const own: NeedContext = { ...held, assumed: new Set() };
    const spec = frozen(structuredClone(specs[0] ?? {}));
    return changes(() => {
      const part = frozen(family.canonical(spec));
      return [family.needs(own), family.cautions(own), family.proofs({ need: own, part }), family.terminals(own, part, part)];
    });
  });
  return [
    ...(proofs.length === 0 ? ['no tests at all'] : []),
    ...proofs.flatMap(({ id, low, high, kind, unit, because, source, how }) => [
      ...(low !== null && high !== null && low > high ? [`test '${id}': its limits are the wrong way round`] : []),
      ...(kind === 'figure' && unit === '' ? [`test '${id}' has no unit`] : []),
      ...(because && source && how ? [] : [`test '${id}' has no reason, source or way of doing it`]),
      ...(BAD_WORDS.test(`${how} ${because}`) ? [`test '${id}' says ${how} ${because}`] : []),
    ]),
    ...cautions.filter((text) => !/[.!?]$/.test(text) || BAD_WORDS.test(text)).map((text) => `caution is no sentence: ${text}`),
    ...settings
      .filter(({ reason, source, value }) => !reason || !source || !value)
      .map(({ id }) => `setting '${id}' has no reason or source`),
    ...(still ? ['changes what it is given'] : []),
    ...(family.drill.length > 0 && family.drill.every(({ question, answer }) => question.length > 10 && answer.length > 5)
      ? []
      : ['an exercise has no question or no answer']),
  ];
}

function faceFaults(family: DeviceFamily, plate: PlateDefinition | undefined, specs: readonly PartSpec[]): string[] {
  const { id, title, plural, example, coilSwap } = family;
  const read = plate && Object.keys(parsePlate(example, plate).readings).length;
  const brief = specs.slice(0, 20).map((spec) => family.shortDescription(spec));
  const known = new Set([...family.fields.map(nameOf), ...(plate?.fields ?? []).map((one) => one.id)]);
  const marks: FieldValues = Object.fromEntries((plate?.fields ?? []).map((one) => [one.id, null]));
  const strange = Object.keys(family.specFromPlate(marks, {})).filter((name) => !known.has(name));
  return [
    ...(/^[a-z]+(-[a-z]+)*$/.test(id) ? [] : [`id '${id}' is no word`]),
    ...(title.iec && title.nfpa && plural ? [] : ['no title in both practices, or no plural']),
    ...(plate ? [] : ['no plate']),
    ...(read !== undefined && read < 2 ? [`its example line reads ${read} marks`] : []),
    ...brief.filter((text) => text.trim() === '' || /undefined|NaN|\[object/.test(text)).map((text) => `short description '${text}'`),
    ...strange.map((name) => `specFromPlate makes '${name}', which is no field`),
    ...(coilSwap.scheme === 'always' || (coilSwap.scheme === 'never' && coilSwap.reason.length > 10)
      ? []
      : ['does not say what it does for a coil']),
    ...(plate?.fields ?? []).flatMap(({ id: name, of }) => {
      const own = family.fields.find((one) => one.name === name);
      if (!own || own === of) return [];
      const differs = own.unit !== of.unit || own.min !== of.min || own.max !== of.max || own.words !== of.words;
      return differs ? [`plate and case declare '${name}' apart`] : [];
    }),
  ];
}

/** A family that throws where it is asked does not keep its contract either. */
function guarded(step: () => string[]): string[] {
  try {
    return step();
  } catch (error) {
    return [`throws: ${(error as Error).message}`];
  }
}

/** Returns the duties that a family does not keep; empty where it keeps all. `samples` are cases of that family with parts. */
export function contractFaults(family: DeviceFamily, plate: PlateDefinition | undefined, samples: readonly Sample[]): string[] {
  const specs = samples.flatMap(({ specs: own }) => own);
  const steps = [
    () => fieldFaults(family),
    () => needFaults(family, samples, specs),
    () => workFaults(family, samples, specs),
    () => faceFaults(family, plate, specs),
  ];
  return [...new Set(steps.flatMap(guarded))];
}
