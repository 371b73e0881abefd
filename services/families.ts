import { families } from '../core/families/registry';
import { dutyFields } from '../core/fields/duty-fields';
import { loadFields } from '../core/fields/load-fields';
import { supplyFields } from '../core/fields/supply-fields';

/** Families with the fields that a case may give, their units and what is accepted. */
export const describeFamilies = () =>
  families.map(({ id, title, loads, fields }) => ({
    id,
    title,
    loads,
    spec: fields,
    supply: supplyFields,
    load: loadFields,
    duty: dutyFields,
  }));
