/** What a record was judged by, as a person reads it: every reading with its state, by the plate that it stood on. */
import { loadPlates, plateOf } from '../families/plates';
import { familyOf } from '../families/registry';
import { dutyFields } from '../fields/duty-fields';
import { labelIn, type Field } from '../fields/field';
import { loadFields } from '../fields/load-fields';
import { plateFieldOf, notPrinted } from '../fields/print';
import { supplyFields } from '../fields/supply-fields';
import { wordText } from '../language/word-text';
import { formatValue } from '../quantities/format-quantity';
import type { Reading } from '../readings/reading';
import type { PlateField } from '../plates/plate-field';
import type { RecordBody } from './record';

export type ReadingOnRecord = {
  section: 'load' | 'supply' | 'duty' | 'removed';
  id: string;
  about: string;
  label: string;
  text: string;
  state: string;
};

const abouts = { load: 'Load', supply: 'Supply', duty: 'Duty', removed: 'Removed part' } as const;
const asPlate = (fields: readonly Field[]): PlateField[] => fields.map((field) => plateFieldOf(notPrinted(field)));

/** Fields by which a section may be read, those of its plate first. */
function fieldsOf(section: ReadingOnRecord['section'], { readings, family = '' }: RecordBody): readonly PlateField[] {
  if (section === 'supply') return asPlate(supplyFields);
  if (section === 'duty') return asPlate(dutyFields);
  if (section === 'load') return [...(loadPlates[readings.loadKind]?.fields ?? []), ...asPlate(loadFields)];
  return [...(plateOf(family)?.fields ?? []), ...asPlate(familyOf(family)?.fields ?? [])];
}

function textOf({ value, asPrinted }: Reading, unit: string): string {
  if (asPrinted !== undefined && asPrinted !== '') return asPrinted;
  if (value === undefined) return '';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  const rows = Array.isArray(value) && value.some((one) => typeof one === 'object') ? value : null;
  if (rows) return `${rows.length} row${rows.length > 1 ? 's' : ''}, in the JSON`;
  return typeof value === 'object' && !Array.isArray(value) ? 'in the JSON' : formatValue(value, unit);
}

/** Readings of a record in the order of its plates; what no field names any more stands under its own name. */
export function readingsOnRecord(body: RecordBody): ReadingOnRecord[] {
  const { readings, practice } = body;
  return (['load', 'supply', 'duty', 'removed'] as const).flatMap((section) => {
    const fields = fieldsOf(section, body);
    return Object.entries(readings[section] ?? {}).map(([id, reading]) => {
      const field = fields.find((one) => one.id === id);
      return {
        ...{ section, id, about: abouts[section], state: wordText(reading.state) },
        label: field ? labelIn(practice, field.of) : wordText(id),
        text: textOf(reading, field?.unit ?? ''),
      };
    });
  });
}
