/** Sites, panels and positions as people draw them: checked alike on the screen and on the server. */
import * as yup from 'yup';
import { familyIds, familyOf } from '../families/registry';
import { schoolChoices } from '../loads/schools';
import { currencySchema } from '../stores/trade';
import { plateChangeSchema } from '../swap/change-schema';
import { systemSchema, systemsSchema } from './system';
import { otherDevices, tagHabits } from './tags';
import { panelTemplates } from './templates';

export const MOST_RAILS = 12;
/** Positions of one panel. */
export const MOST_POSITIONS = 400;

const words = (what: string, most: number) =>
  yup
    .string()
    .strict()
    .trim(`${what}: without spaces around it.`)
    .max(most, `${what} is longer than ${most} characters.`)
    .matches(/^[^\p{Cc}\p{Cs}]*$/u, `${what} holds no control characters.`);
const named = (what: string, most: number) => words(what, most).min(1, `${what} is missing.`).required(`${what} is missing.`);
const wording = (what: string) => yup.string().strict().max(2500, `${what}: at most 2500 characters are read.`);
const version = yup.number().strict().integer().min(1).required('version is missing: send the one that you read.');

const isTimeZone = (zone: string | undefined): boolean => {
  if (zone === undefined) return true;
  try {
    return new Intl.DateTimeFormat('en', { timeZone: zone }).format(0) !== '';
  } catch {
    return false;
  }
};
const siteFields = {
  name: named('The name of the site', 80),
  practice: yup
    .string()
    .strict()
    .oneOf(['IEC', 'NFPA70'] as const, 'The practice is IEC or NFPA70.')
    .required('The practice is missing.'),
  timeZone: named('The time zone', 60).test(
    'zone',
    ({ value }) => `'${String(value)}' is no time zone, such as Europe/London.`,
    isTimeZone,
  ),
  tagHabit: yup
    .string()
    .strict()
    .oneOf(tagHabits, `The letters are one of: ${tagHabits.join(', ')}.`),
};
export const newSiteSchema = yup.object({
  ...siteFields,
  tagHabit: siteFields.tagHabit.optional(),
  currency: currencySchema.nullable().optional(),
  systems: systemsSchema.optional(),
});

/** Which way each disputed method goes here; what is left out is the default. */
const schoolsSchema = yup.object(
  Object.fromEntries(
    schoolChoices.map(({ id, question, choices }) => [
      id,
      yup.mixed<string | number>().oneOf(
        choices.map(({ value }) => value),
        `${question}: one of ${choices.map(({ value }) => value).join(', ')}.`,
      ),
    ]),
  ),
);
export const siteSchema = yup.object({
  name: siteFields.name.optional(),
  timeZone: siteFields.timeZone.optional(),
  tagHabit: siteFields.tagHabit.optional(),
  currency: currencySchema.nullable().optional(),
  systems: systemsSchema.optional(),
  /** Are overrides approved by a second person? */
  secondPerson: yup.boolean().strict().optional(),
  /** Do the parts of the demo stand to choice here? Nobody sells them. */
  demoParts: yup.boolean().strict().optional(),
  schools: schoolsSchema.default(undefined).optional(),
});

const panelFields = {
  name: named('The name of the panel', 80),
  note: words('The note', 300),
  rails: yup
    .number()
    .strict()
    .integer('Rails are counted whole.')
    .min(1, 'A panel has one rail at least.')
    .max(MOST_RAILS, `A panel has at most ${MOST_RAILS} rails.`),
};
export const newPanelSchema = yup.object({
  name: panelFields.name,
  note: panelFields.note.optional(),
  rails: panelFields.rails.required('The rails are missing.'),
  /** Left out, it is the one of a site that has only one. */
  system: systemSchema.nullable().default(undefined).optional(),
});
export const savePanelSchema = yup.object({
  version,
  name: panelFields.name.optional(),
  note: panelFields.note.optional(),
  rails: panelFields.rails.optional(),
  system: systemSchema.nullable().default(undefined).optional(),
  /** Put away, or back. What has a history is never deleted. */
  archived: yup.boolean().strict().optional(),
});

/** Every kind of device that can stand at a position. */
export const deviceKinds = (): readonly string[] => [...familyIds(), ...otherDevices];
const rail = yup
  .number()
  .strict()
  .integer()
  .min(0)
  .max(MOST_RAILS - 1, 'The panel has no such rail.');
const place = {
  tag: named('The tag', 30),
  function: named('What it is for', 120),
};
const readFrom = {
  /** The wording of the plate of what it serves, and of the part that stands there. */
  loadPlate: wording('The plate of the load'),
  partPlate: wording('The plate of the part'),
};
export const newPositionSchema = yup.object({
  ...place,
  device: yup
    .string()
    .strict()
    .oneOf([...deviceKinds()], ({ value }) => `'${String(value)}' is no kind of device; accepted: ${deviceKinds().join(', ')}.`)
    .required('The kind of device is missing.'),
  loadKind: yup
    .string()
    .strict()
    .nullable()
    .optional()
    .test('served', 'This kind of device does not serve such a load.', (kind, { parent }) => {
      const loads = familyOf(String(parent.device))?.loads;
      return kind === undefined || kind === null || (loads?.some((one) => one === kind) ?? false);
    }),
  rail: rail.required('The rail is missing.'),
  loadPlate: readFrom.loadPlate.optional(),
  partPlate: readFrom.partPlate.optional(),
});
export const savePositionSchema = yup.object({
  version,
  tag: place.tag.optional(),
  function: place.function.optional(),
  /** Another panel: it moves there. */
  panelId: yup.string().strict().max(200).optional(),
  rail: rail.optional(),
  /** Which one on its rail, from 0. */
  slot: yup.number().strict().integer().min(0).max(MOST_POSITIONS).optional(),
  archived: yup.boolean().strict().optional(),
  loadPlate: readFrom.loadPlate.optional(),
  partPlate: readFrom.partPlate.optional(),
  /** Marks of its two plates as they were read one by one, by path, as in a job: `load.kilowatts`, `removed.poles`; null takes one back. */
  changes: yup.array().of(plateChangeSchema).max(300, 'At most 300 changes go in one save.').default(undefined).optional(),
});
export const drawTemplateSchema = yup.object({
  template: yup
    .string()
    .strict()
    .oneOf(
      panelTemplates.map(({ id }) => id),
      'There is no such template.',
    )
    .required('The template is missing.'),
  /** What the circuit is for. Example: 'Ballast pump 1'. */
  name: named('The name of the circuit', 80).min(2, 'A circuit has a name of two letters at least.'),
  rail: rail.required('The rail is missing.'),
  loadPlate: readFrom.loadPlate.optional(),
});
export const copySchema = yup.object({ name: named('The name of the copy', 80) });
