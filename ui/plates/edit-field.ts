import { dutyFields, loadFields, supplyFields, type Field } from '@/core/case/fields';
import type { PlateDefinition, PlateField, PlateFieldKind } from '@/core/plates/plate-field';
import { formatQuantity } from '@/core/quantities/format-quantity';
import { readQuantity } from '@/core/quantities/read-quantity';
import type { Unit } from '@/core/quantities/units';
import type { Reading, ReadingValue } from '@/core/readings/reading';

/** A field as it stands on a plate of the bench. */
export type EditField = Pick<PlateField, 'id' | 'label' | 'kind' | 'unit' | 'words' | 'min' | 'max' | 'meaning' | 'recovery'> & {
  section: 'load' | 'duty' | 'supply' | 'removed';
};

const kinds: Record<Field['kind'], PlateFieldKind> = {
  number: 'number',
  word: 'word',
  words: 'word',
  flag: 'flag',
  hertz: 'hertz',
  'volts-text': 'volts',
  rows: 'rows',
  'coil-rows': 'text',
  'amps-by': 'text',
};
const recoveries: Record<string, string> = {
  prospectiveFaultAmps:
    'From the utility’s figure, the transformer’s kVA and impedance with the cable run, or a tester’s reading; the highest counts here.',
  controlVolts: 'From the drawing and the control transformer’s plate. An unloaded transformer reads up to 10 % high.',
  controlLoopOhms: 'Both conductors of the run, dead, far end joined; leads taken off.',
};

/** Shorter words where a card has little room; the full label stands in faults and for screen readers' search. */
const shortLabels: Record<string, string> = {
  prospectiveFaultAmps: 'Fault current',
  controlKind: 'Control kind',
  controlHertz: 'Control Hz',
  controlTransformerVA: 'Transformer',
  controlTransformerInrushVA: 'Its inrush',
  contactorPosition: 'Place',
  polesToSwitch: 'Poles',
  polesThatMustOpen: 'Must open',
  auxNormallyOpenNeeded: 'Aux NO used',
  auxNormallyClosedNeeded: 'Aux NC used',
  joggingPerMinute: 'Jogs a min.',
  startsPerHour: 'Starts an h',
  operationsPerDay: 'Oper. a day',
  lifeYearsWanted: 'Life wanted',
};

const fromField = (section: EditField['section'], all: readonly Field[], names: readonly string[]): EditField[] =>
  names.map((name) => {
    const field = all.find((one) => one.name === name)!;
    return {
      section,
      id: name,
      label: shortLabels[name] ?? field.label,
      kind: kinds[field.kind],
      unit: (field.unit ?? '') as Unit,
      words: field.words,
      min: field.above !== undefined ? undefined : field.min,
      max: field.max ?? Infinity,
      meaning: field.meaning,
      recovery: recoveries[name] ?? 'From the drawing, the panel schedule or the person who runs it.',
    };
  });

export const supplyCard: EditField[] = fromField('supply', supplyFields, [
  'systemVolts',
  'phases',
  'hertz',
  'currentKind',
  'prospectiveFaultAmps',
  'grounding',
  'controlVolts',
  'controlKind',
  'controlHertz',
  'controlTransformerVA',
  'controlTransformerInrushVA',
  'controlLoopOhms',
  'ambientC',
]);
export const wiringCard: EditField[] = [
  ...fromField('load', loadFields, [
    'control',
    'starter',
    'contactorPosition',
    'polesToSwitch',
    'polesThatMustOpen',
    'auxNormallyOpenNeeded',
    'auxNormallyClosedNeeded',
  ]),
  ...fromField('duty', dutyFields, ['startsPerHour', 'joggingPerMinute', 'operationsPerDay', 'lifeYearsWanted']),
];

/** Fields of a plate as they are edited, in the order printed. */
export const plateFieldsOf = (plate: PlateDefinition, section: EditField['section']): EditField[] =>
  plate.fields.map((field) => ({ ...field, section }));

/** Text of a reading as it stands in its field: as printed where that is short, else formatted. */
export function readingText(field: EditField, reading: Reading | undefined): string {
  if (!reading || reading.value === undefined) return '';
  const { value } = reading;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (field.id === 'coilMarks')
    return (value as { volts: number; kind?: string; hertz?: number[] }[])
      .map(({ volts, kind, hertz }) => `${volts}\u2009V ${hertz?.length ? `${hertz.join('/')}\u2009Hz` : (kind ?? '').toUpperCase()}`)
      .join(', ');
  if (Array.isArray(value))
    return (
      value.map((entry) => (typeof entry === 'number' ? formatQuantity(entry, '') : String(entry))).join('/') +
      (field.unit && field.kind !== 'volts' ? `\u2009${field.unit}` : '')
    );
  if (typeof value === 'number') return formatQuantity(value, field.id === 'kilowatts' ? 'kW' : field.unit);
  return field.kind === 'volts' ? `${value}\u2009V` : value;
}

export type Edited = { ok: true; value: ReadingValue } | { ok: false; fault: string };

/** Reads what was typed into a field: whole or not at all. */
export function readEdited(field: EditField, text: string): Edited {
  const clean = text.trim().replace(/\u2009/g, ' ');
  const outside = (value: number) => !(value >= (field.min ?? 0) && value <= field.max && (value > 0 || field.min !== undefined));
  const range = (value: number): Edited =>
    outside(value)
      ? {
          ok: false,
          fault: `${field.label} is ${formatQuantity(value, field.unit)}; ${field.min !== undefined ? `${field.min}` : 'above 0'} to ${formatQuantity(field.max, field.unit)} is accepted. Read it again.`,
        }
      : field.unit === 'count' && field.max <= 1000 && !Number.isInteger(value)
        ? { ok: false, fault: `${field.label} is ${value}; a whole number is needed.` }
        : { ok: true, value };
  if (field.id === 'coilMarks') {
    const marks = [...clean.matchAll(/(\d+(?:\.\d+)?)\s*V?\s*(AC|DC)?\s*(?:(\d+(?:\/\d+)?)\s*Hz)?/gi)].map(([, volts, kind, hertz]) => ({
      volts: Number(volts),
      kind: kind?.toLowerCase() ?? (hertz ? 'ac' : null),
      hertz: hertz ? hertz.split('/').map(Number) : [],
    }));
    return marks.length > 0 && marks.every(({ volts }) => volts > 0 && volts <= 690)
      ? { ok: true, value: marks }
      : { ok: false, fault: 'Coil marks are written such as 110 V 50 Hz, 120 V 60 Hz; up to 690 V.' };
  }
  if (field.kind === 'text') return { ok: true, value: clean.slice(0, 120) };
  if (field.kind === 'word' || field.kind === 'letter') {
    const word = field.words?.find((one) => one.toLowerCase() === clean.toLowerCase());
    return word === undefined
      ? {
          ok: false,
          fault: `${field.label} is '${clean.slice(0, 24)}'; accepted: ${field.words?.slice(0, 24).join(', ')}.`,
        }
      : { ok: true, value: word };
  }
  if (field.kind === 'volts' && /^\d+(\.\d+)?([/-]\d+(\.\d+)?)+\s*V?$/i.test(clean))
    return { ok: true, value: clean.replace(/\s*V$/i, '') };
  if (
    (field.kind === 'numbers' || (field.kind === 'hertz' && field.id === 'coilHertz')) &&
    (clean.includes('/') || field.id === 'coilHertz')
  ) {
    const parts = clean
      .replace(/\s*(A|Hz)$/i, '')
      .split('/')
      .map((part) => readQuantity(part, field.unit, field.label));
    const bad = parts.find((part) => !part.ok);
    if (bad && !bad.ok) return { ok: false, fault: bad.fault };
    const values = parts.map((part) => (part as { value: number }).value);
    return values.some(outside)
      ? { ok: false, fault: `${field.label} is outside what is possible. Read it again.` }
      : { ok: true, value: values };
  }
  if (field.id === 'kilowatts') {
    const read = readQuantity(clean.replace(/\s*kW$/i, ''), 'count', field.label);
    return read.ok ? range(read.value) : read;
  }
  const read = readQuantity(clean, field.unit === ('K' as Unit) ? '' : field.unit, field.label);
  return read.ok ? range(read.value) : read;
}
