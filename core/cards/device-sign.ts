/** What a device shows and what it means, and which keys set it, from its maker's sheet: checked alike on the screen and on the server. */
import * as yup from 'yup';

/** `keys`: the sign is the name of a setting, as the sheet of settings writes it; the meaning is its key strokes, one after the other. */
export const signKinds = ['menu', 'lamp', 'keys'] as const;
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
  kind: yup
    .string()
    .strict()
    .oneOf(signKinds, `kind is one of ${signKinds.join(', ')}.`)
    .required('kind is missing.'),
  sign: line('sign', 60),
  means: line('means', 300),
});

/** Key strokes as they were entered, by semicolon or comma, one each. */
export const strokesOf = (means: string): string[] =>
  means
    .split(/[;,]/)
    .map((stroke) => stroke.trim())
    .filter(Boolean);

export type StrokeSign = { maker: string; kind: string; sign: string; means: string };
const same = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();

/** The key strokes of each setting of a maker's device, by the name of the setting; those that nobody entered are left out. */
export function strokesFor(signs: readonly StrokeSign[], maker: string, settings: readonly string[]): Record<string, string[]> {
  return Object.fromEntries(
    settings.flatMap((name) => {
      const found = signs.find((one) => one.kind === 'keys' && same(one.maker, maker) && same(one.sign, name));
      return found ? [[name, strokesOf(found.means)]] : [];
    }),
  );
}
