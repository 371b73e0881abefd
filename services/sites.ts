/** Sites and what each of them asks for. */
import { siteSchema } from '../core/plant/plant-fields';
import { database } from '../data/connection';
import { allSites, type SiteRow } from '../data/positions';
import { inTransaction } from '../data/transaction';
import { audit } from './audit';
import type { Caller } from './crew/caller';
import { notFound, ServiceError } from './service-error';
import { validate } from './validate';

export type SiteSettings = {
  id: string;
  name: string;
  practice: SiteRow['practice'];
  timeZone: string;
  tagHabit: SiteRow['tag_habit'];
  currency: string | null;
  systems: SiteRow['systems'];
  secondPerson: boolean;
  /** Invented, with all that stands in it. */
  demo: boolean;
  /** Do the parts of the demo stand to choice here? */
  demoParts: boolean;
  schools: SiteRow['schools'];
};

const settingsOf = (row: SiteRow): SiteSettings => ({
  ...{ id: row.id, name: row.name, practice: row.practice, schools: row.schools, currency: row.currency, demo: row.demo },
  systems: row.systems,
  ...{ timeZone: row.time_zone, tagHabit: row.tag_habit, secondPerson: row.second_person, demoParts: row.demo_parts },
});

export const siteSettings = async (): Promise<SiteSettings[]> => (await allSites(database())).map(settingsOf);

/** Sets what a site asks for. Jobs that are open ask for it from now on. Throws 404 where there is no such site, 422 where a name is taken. */
export async function setSite(id: string, body: unknown, { actor }: Pick<Caller, 'actor'>): Promise<SiteSettings> {
  const { name, timeZone, tagHabit, currency, systems, secondPerson, demoParts, schools } = await validate(siteSchema, body);
  return inTransaction(database(), async (trx) => {
    const row = await trx<SiteRow>('sites').where({ id }).forUpdate().first();
    if (!row) throw notFound('This site');
    if (name !== undefined && (await trx('sites').whereNot({ id }).whereRaw('lower(name) = lower(?)', [name]).first()))
      throw new ServiceError(422, [{ field: 'name', reason: `There is a site '${name}' already. Give it another name.` }]);
    const next = {
      name: name ?? row.name,
      time_zone: timeZone ?? row.time_zone,
      tag_habit: tagHabit ?? row.tag_habit,
      currency: currency === undefined ? row.currency : currency,
      systems: systems ?? row.systems,
      second_person: secondPerson ?? row.second_person,
      demo_parts: demoParts ?? row.demo_parts,
      schools: { ...row.schools, ...schools },
    };
    const after = { ...row, ...next };
    if (JSON.stringify(settingsOf(after)) === JSON.stringify(settingsOf(row))) return settingsOf(row);
    await trx('sites')
      .where({ id })
      .update({ ...next, schools: JSON.stringify(next.schools), systems: JSON.stringify(next.systems) });
    await audit(trx, actor, 'settings-changed', { site: next.name, ...(secondPerson === undefined ? {} : { secondPerson }) });
    return settingsOf(after);
  });
}
