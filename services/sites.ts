/** Sites and what each of them asks for, as an administrator sets it. */
import * as yup from 'yup';
import { database } from '../data/connection';
import { allSites, type SiteRow } from '../data/positions';
import { inTransaction } from '../data/transaction';
import { audit } from './audit';
import type { Caller } from './crew/caller';
import { notFound } from './service-error';
import { validate } from './validate';

export type SiteSettings = { id: string; name: string; secondPerson: boolean };

export const siteSchema = yup.object({
  /** Are overrides approved by a second person? */
  secondPerson: yup.boolean().strict().required('secondPerson is missing.'),
});

const settingsOf = ({ id, name, second_person }: SiteRow): SiteSettings => ({ id, name, secondPerson: second_person });

export const siteSettings = async (): Promise<SiteSettings[]> => (await allSites(database())).map(settingsOf);

/** Sets what a site asks for. Jobs that are open ask for it from now on. Throws 404 where there is no such site. */
export async function setSite(id: string, body: unknown, { actor }: Caller): Promise<SiteSettings> {
  const { secondPerson } = await validate(siteSchema, body);
  return inTransaction(database(), async (trx) => {
    const row = await trx<SiteRow>('sites').where({ id }).forUpdate().first();
    if (!row) throw notFound('This site');
    if (row.second_person === secondPerson) return settingsOf(row);
    await trx<SiteRow>('sites').where({ id }).update({ second_person: secondPerson });
    await audit(trx, actor, 'settings-changed', { site: row.name, secondPerson });
    return settingsOf({ ...row, second_person: secondPerson });
  });
}
