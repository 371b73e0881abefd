/**
 * Fields of each element of a supply path: what is entered, in which unit and range. One list serves form and checking.
 */
import { certain, keysOf } from '../certain';
import * as yup from 'yup';
import { flag, num, upTo, word, type Field } from '../fields/field';
import { conductorSizes } from '../standards/conductors';
import type { Element, SupplyPath } from './path';

const xOverR = num('xOverR', 'X/R', 'ratio', { min: 0.05, max: 60 }, 'Reactance to resistance.');

/** Fields beside `kind` and `name`, by kind, in the order shown. */
export const elementFields: Record<Element['kind'], readonly (Field & { optional?: boolean })[]> = {
  utility: [
    { ...num('faultVA', 'Fault power', 'VA', upTo(1e11), 'Of the network before it; empty: an infinite bus.'), optional: true },
    xOverR,
  ],
  transformer: [
    num('ratedVA', 'Rated power', 'VA', upTo(1e9), 'Rated power on its plate.'),
    num('impedancePercent', 'Impedance', '%', { min: 0.5, max: 25 }, '%Z or uk on its plate.'),
    xOverR,
    num('parallel', 'In parallel', 'count', { min: 1, max: 8 }, 'Equal transformers in parallel.'),
    { ...flag('centreTapped', 'Centre-tapped', 'Single-phase, three-wire.'), optional: true },
  ],
  generator: [
    num('ratedVA', 'Rated power', 'VA', upTo(1e9), 'Rated power.'),
    num('subtransientPercent', 'x″d', '%', { min: 1, max: 60 }, 'Subtransient reactance.'),
    xOverR,
  ],
  cable: [
    word('size', 'Conductor', conductorSizes, 'Size of one line conductor.'),
    word('metal', 'Metal', ['copper', 'aluminium'], 'Metal.'),
    num('metres', 'Length', 'm', { min: 0, max: 20000 }, 'One way.'),
    num('parallel', 'In parallel', 'count', { min: 1, max: 12 }, 'Conductors in parallel.'),
    { ...word('protectiveSize', 'Protective conductor', conductorSizes, 'Protective conductor; empty: as the line.'), optional: true },
    flag('steelConduit', 'Steel conduit', 'In steel conduit.'),
    num('hotCelsius', 'Operating temp.', '°C', { min: 20, max: 110 }, 'Temperature of the conductor in service.'),
  ],
  motors: [
    num('fullLoadAmps', 'Full-load amps', 'A', { min: 0, max: 20000 }, 'Sum of the motors that run behind this point.'),
    num('times', 'Contribution', 'ratio', { min: 0, max: 8 }, 'Times their amps for a moment: 4 to 6.'),
  ],
  battery: [
    num('volts', 'Volts', 'V', upTo(1500), 'Highest, at charging.'),
    num('internalOhms', 'Internal resistance', 'ohm', upTo(100), 'Internal resistance from the maker.'),
    num('parallel', 'In parallel', 'count', { min: 1, max: 200 }, 'Strings in parallel.'),
  ],
  'dc-supply': [
    num('ratedAmps', 'Rated current', 'A', upTo(10000), 'Rated current.'),
    num('limitRatio', 'Current limit', 'ratio', { min: 1, max: 10 }, 'Times its rated current.'),
  ],
  measured: [
    {
      ...num('highestAmps', 'Maximum fault current', 'A', upTo(200000), 'As measured; three-phase, or doubled from line to neutral.'),
      optional: true,
    },
    { ...num('loopOhms', 'Loop impedance, hot', 'ohm', upTo(2000), 'As measured, restated to working temperature.'), optional: true },
    { name: 'on', label: 'Measured on', kind: 'word', meaning: 'Date of the measurement.' },
  ],
};
export const elementKinds = keysOf(elementFields);
export const elementTitles: Record<Element['kind'], string> = {
  utility: 'Network',
  transformer: 'Transformer',
  generator: 'Generator',
  cable: 'Cable',
  motors: 'Motors',
  battery: 'Battery',
  'dc-supply': 'DC supply',
  measured: 'Measured',
};

function schemaOf(field: Field & { optional?: boolean }): yup.AnySchema {
  const words = `${field.label} is not accepted: ${field.meaning}`;
  if (field.kind === 'flag') return field.optional ? yup.boolean().strict().optional() : yup.boolean().strict().required(words);
  if (field.name === 'on')
    return yup
      .string()
      .strict()
      .matches(/^\d{4}-\d{2}-\d{2}$/, 'A measurement needs its date, such as 2026-05-04.')
      .required('A measurement needs its date.');
  if (field.kind === 'word') {
    const one = yup
      .string()
      .strict()
      .oneOf([...certain(field.words)], words);
    return field.optional ? one.optional() : one.required(`${field.label} is missing.`);
  }
  const range = `${field.label} is outside ${field.above !== undefined ? `above ${field.above}` : field.min} to ${field.max} ${field.unit ?? ''}.`;
  let one = yup.number().strict().typeError(`${field.label} is no number.`).max(certain(field.max), range);
  one = field.above !== undefined ? one.moreThan(field.above, range) : one.min(certain(field.min), range);
  if (field.unit === 'count') one = one.integer(`${field.label} must be whole.`);
  return field.optional ? one.nullable().defined() : one.required(`${field.label} is missing.`);
}

const schemaOfKind = (kind: Element['kind']) =>
  yup.object({
    kind: yup.string().strict().oneOf([kind]).required(),
    name: yup.string().strict().trim().min(1, 'An element needs a name.').max(60).required('An element needs a name.'),
    ...Object.fromEntries(elementFields[kind].map((field) => [field.name, schemaOf(field)])),
  });
const schemas: ReadonlyMap<unknown, yup.AnySchema> = new Map(elementKinds.map((kind) => [kind, schemaOfKind(kind)]));
const noKind = yup.object({
  kind: yup
    .string()
    .oneOf(elementKinds, `An element is one of ${elementKinds.join(', ')}.`)
    .required('An element needs its kind.'),
});

/** An element by its kind; `choices` are the schemas among which it chooses. */
const elementSchema = Object.assign(
  yup.lazy((value: { kind?: unknown } | null | undefined) => schemas.get(value?.kind) ?? noKind),
  { choices: [...schemas.values()] },
);

/** Elements in their order from the source on. */
export const elementsSchema = yup
  .array<yup.AnyObject, Element>()
  .of(elementSchema)
  .max(30, 'At most 30 elements.')
  .required('elements is missing.');

export const pathSchema = yup.object({
  system: yup.string<SupplyPath['system']>().strict().oneOf(['three-phase', 'single-phase', 'dc']).required('system is missing.'),
  volts: yup.number().strict().moreThan(0, 'volts must be above 0.').max(1500, 'At most 1500 V.').required('volts is missing.'),
  voltsToGround: yup.number().strict().min(0).max(1500).nullable().defined('voltsToGround is missing.'),
  elements: elementsSchema,
});

/** A new element to begin with, plausible. */
export const newElement = (kind: Element['kind']): Element =>
  ({
    utility: { kind: 'utility', name: 'Network', faultVA: null, xOverR: 5 },
    transformer: { kind: 'transformer', name: 'Transformer', ratedVA: 250000, impedancePercent: 4, xOverR: 3, parallel: 1 },
    generator: { kind: 'generator', name: 'Generator', ratedVA: 60000, subtransientPercent: 14, xOverR: 20 },
    cable: { kind: 'cable', name: 'Cable', size: '16 mm²', metal: 'copper', metres: 10, parallel: 1, steelConduit: false, hotCelsius: 70 },
    motors: { kind: 'motors', name: 'Motors running', fullLoadAmps: 40, times: 4 },
    battery: { kind: 'battery', name: 'Battery', volts: 120, internalOhms: 0.02, parallel: 1 },
    'dc-supply': { kind: 'dc-supply', name: 'Supply', ratedAmps: 10, limitRatio: 1.5 },
    measured: { kind: 'measured', name: 'Measured here', highestAmps: null, loopOhms: null, on: '2026-01-01' },
  })[kind] as Element;
