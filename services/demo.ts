/** The demo beside a plant of one's own: loaded on demand, and taken out whole. */
import type { Knex } from 'knex';
import { database } from '../data/connection';
import { loadDemo } from '../data/demo/load';
import { removeDemo, type DemoHeld } from '../data/demo/remove';
import { audit, type Actor } from './audit';
import { beginChains } from './chain/append';
import { forgetHead } from './chain/head';
import type { Caller } from './crew/caller';
import { ServiceError } from './service-error';

/** Loads sites, panels and catalogue of the demo beside what is there; its crew, whose PIN everybody knows, is not named. Throws 409 where it stands. */
export async function loadDemoBeside({ actor }: Pick<Caller, 'actor'>): Promise<{ loaded: true }> {
  const knex = database();
  if (!(await loadDemo(knex, new Date(), { beside: true })))
    throw new ServiceError(409, [{ field: '', reason: 'The demo stands here already, or is just being loaded.' }]);
  await beginChains(knex);
  await audit(knex, actor, 'plant-changed', { demo: 'loaded' });
  return { loaded: true };
}

/** Takes the demo out, by the role that owns the tables, and forgets the chains of its sites. */
export async function takeDemoOut(owner: Knex, actor: Actor): Promise<DemoHeld> {
  const { chains, ...held } = await removeDemo(owner);
  for (const { site, hash } of chains) forgetHead(hash, site);
  const { sites, positions, records, parts, kept } = held;
  await audit(owner, actor, 'plant-changed', { demo: 'taken out', sites: sites.join(', '), positions, records, parts, kept: kept.length });
  return held;
}
