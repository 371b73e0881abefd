'use client';

import { yupResolver } from '@hookform/resolvers/yup';
import type { FormEvent } from 'react';
import { useForm, type DefaultValues, type FieldValues, type Resolver } from 'react-hook-form';
import type { ObjectSchema } from 'yup';

/**
 * A form that sends what its schema takes, once at a time.
 * @param send resolves to why it was refused, or to nothing; `startAgain` puts these values in place of what was typed.
 */
export function useSentForm<T extends FieldValues>(
  schema: ObjectSchema<T>,
  start: DefaultValues<T>,
  send: (values: T, startAgain: (values: DefaultValues<T>) => void) => Promise<string | undefined>,
) {
  const { register, control, watch, handleSubmit, setError, reset, formState } = useForm<T, unknown, T>({
    // The types of the two libraries do not meet for a schema that is handed in.
    resolver: yupResolver(schema) as unknown as Resolver<T, unknown, T>,
    mode: 'onTouched',
    defaultValues: start,
  });
  const { errors, isValid, isSubmitting } = formState;
  // What the server refused may be asked again as it is: the other one may have saved, or brought pieces, meanwhile.
  const refused = errors.root !== undefined && Object.keys(errors).length === 1;
  const submit = handleSubmit(async (values) => {
    const fault = await send(values, reset);
    if (fault) setError('root', { message: fault });
  });
  return {
    register,
    control,
    watch,
    errors,
    ready: (isValid || refused) && !isSubmitting,
    onSubmit: (event: FormEvent) => void submit(event),
  };
}
