import * as yup from 'yup';
import { faultsOf } from '../core/case/schema';
import { isRecord } from '../core/certain';
import { ServiceError } from './service-error';

/** What the form declares of a value; a name that it does not know is passed over here, so that it never becomes a column. */
function declared<T>(schema: yup.ISchema<T>, value: T): T {
  if (!(schema instanceof yup.ObjectSchema) || !isRecord(value)) return value;
  const kept = { ...value };
  for (const name of Object.keys(value)) if (!Object.hasOwn(schema.fields, name)) delete kept[name];
  return kept;
}

/** Returns the value as the schema casts it, with the names that it declares, or throws a ServiceError that names every fault. */
export async function validate<T>(schema: yup.ISchema<T>, value: unknown): Promise<T> {
  try {
    return declared(schema, await schema.validate(value, { abortEarly: false, stripUnknown: false }));
  } catch (error) {
    if (error instanceof yup.ValidationError) throw new ServiceError(422, faultsOf(error).slice(0, 50));
    throw error;
  }
}
