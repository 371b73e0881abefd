import { families, familyOf } from '../core/families/registry';
import { templateCsv } from '../core/parts-file/columns';
import { notFound } from './service-error';
import type { Field } from '../core/fields/field';
import { dutyFields } from '../core/fields/duty-fields';
import { loadFields } from '../core/fields/load-fields';
import { supplyFields } from '../core/fields/supply-fields';

/** The published shape is that of any field, not of each by its name. */
const asFields = (fields: readonly Field[]): readonly Field[] => fields;

/** Families with the fields that a case may give, their units and what is accepted. */
export const describeFamilies = () =>
  families.map(({ id, title, loads, fields }) => ({
    id,
    title,
    loads,
    spec: fields,
    supply: asFields(supplyFields),
    load: asFields(loadFields),
    duty: asFields(dutyFields),
  }));

/** An empty file of parts of a family, to be filled in. Throws ServiceError 404. */
export function partsTemplate(id: string): string {
  const family = familyOf(id);
  if (!family) throw notFound(`Family '${id.slice(0, 60)}'`);
  return templateCsv(family);
}
