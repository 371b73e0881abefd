/** What devices show, in a table of the user's own: words of their menus, and how their lamps blink. Makers differ, so nothing is assumed. */
import { randomUUID } from 'node:crypto';
import { signSchema, type SignKind } from '../core/cards/device-sign';
import { database } from '../data/connection';
import type { Caller } from './crew/caller';
import { notFound } from './service-error';
import { validate } from './validate';
import { isUuid } from './is-uuid';

export type DeviceSign = { id: string; maker: string; kind: SignKind; sign: string; means: string; enteredBy: string };
type Row = Omit<DeviceSign, 'enteredBy'> & { entered_by: string };

const MOST = 2000;

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
