/** What devices show, in a table of the user's own: words of their menus, and how their lamps blink. Makers differ, so nothing is assumed. */
import { randomUUID } from 'node:crypto';
import * as yup from 'yup';
import { database } from '../data/connection';
import type { Caller } from './crew/caller';
import { notFound } from './service-error';
import { validate } from './validate';
import { isUuid } from './is-uuid';

export const signKinds = ['menu', 'lamp'] as const;
export type DeviceSign = { id: string; maker: string; kind: (typeof signKinds)[number]; sign: string; means: string; enteredBy: string };
type Row = Omit<DeviceSign, 'enteredBy'> & { entered_by: string };

const MOST = 2000;
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

/** Every sign, by maker. */
export async function deviceSigns(): Promise<{ signs: DeviceSign[] }> {
  const rows = await database()<Row>('device_signs').orderBy(['maker', 'kind', 'sign']).limit(MOST);
  return { signs: rows.map(({ entered_by, ...row }) => ({ ...row, enteredBy: entered_by })) };
}

/** Enters what a sign means, in place of what stood there for it. */
export async function enterSign(body: unknown, { person }: Pick<Caller, 'person'>): Promise<{ id: string }> {
  const sent = await validate(signSchema, body);
  const [row] = await database()('device_signs')
    .insert({ id: randomUUID(), ...sent, entered_by: person.name })
    .onConflict(database().raw('(lower(maker), kind, lower(sign))'))
    .merge({ means: sent.means, entered_by: person.name })
    .returning('id');
  return { id: row.id };
}

/** Strikes a sign; a second click changes nothing. Throws 404 for an id that is none. */
export async function strikeSign(id: string): Promise<{ gone: boolean }> {
  if (!isUuid(id)) throw notFound('This sign');
  return { gone: (await database()('device_signs').where({ id }).delete()) > 0 };
}
