import * as yup from 'yup';
import { faultsOf } from '../core/case/schema';
import { ServiceError } from './service-error';

/** Returns the value as the schema casts it, or throws a ServiceError that names every fault. */
export async function validate<T>(schema: yup.ISchema<T>, value: unknown): Promise<T> {
  try {
    return await schema.validate(value, { abortEarly: false, stripUnknown: false });
  } catch (error) {
    if (error instanceof yup.ValidationError) throw new ServiceError(422, faultsOf(error).slice(0, 50));
    throw error;
  }
}
