/** What a device shows and what it means, from its maker's sheet: checked alike on the screen and on the server. */
import * as yup from 'yup';

export const signKinds = ['menu', 'lamp'] as const;
export type SignKind = (typeof signKinds)[number];

const line = (name: string, most: number) =>
  yup
    .string()
    .strict()
    .trim()
    .min(1, `${name} is empty.`)
    .max(most, `${name} is longer than ${most} characters.`)
    .required(`${name} is missing.`);

export const signSchema = yup.object({
  maker: line('maker', 80),
  kind: yup.string().strict().oneOf(signKinds, 'kind is menu or lamp.').required('kind is missing.'),
  sign: line('sign', 60),
  means: line('means', 300),
});
