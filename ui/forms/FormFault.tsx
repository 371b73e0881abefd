'use client';

import type { FieldErrors } from 'react-hook-form';
import { FaultNotice } from '../shell/Notice';

/** That a field is still empty is seen; it is not said. */
const SEEN = ['optionality', 'required'];

/** Why a form was not taken: what the server said, else what stands against a field that was filled and left. */
export function FormFault({ errors }: { errors: FieldErrors }) {
  const words = errors.root?.message ?? Object.values(errors).find((error) => !SEEN.includes(String(error?.type)))?.message;
  return <FaultNotice words={typeof words === 'string' ? words : undefined} />;
}
