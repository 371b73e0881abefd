/**
 * The views that people open most, with the demo alone and with a plant of 200 sites, 2 000 panels, 20 000 positions and 100 000 contactors: how
 * many times as long each takes. History is not grown with it: each of its entries stands signed in a chain, which nobody may write past.
 */
import { certain } from '../core/certain';
import { connect } from '../data/connection';
import { copyRows } from '../tests/copy-rows';
import { percentile } from './percentile';

type Say = (what: string, figure: string, against: string) => void;
type Session = { header: string };

const TIMES = 30;
const ALLOWED = { candidates: 3, other: 1.5 };
/** Of the demo: 2 sites, 8 panels, 70 positions; so many copies of each. */
const COPIES = { sites: 99, panels: 249, positions: 285, parts: 30 };

/**
 * Copies rows as the owner, and past the triggers that keep the words and the chain.
 * The copies of positions stand in the copies of panels, those in the copies of sites.
 */
async function grow(ownerUrl: string): Promise<void> {
  const knex = connect(ownerUrl);
  await knex.transaction(async (trx) => {
    await trx.raw(`set local session_replication_role = replica; set local statement_timeout = 0`);
    const copy = (table: string, copies: number, changes: string, where?: string) => copyRows(trx, table, copies, changes, where);
    await copy(
      'positions',
      COPIES.positions,
      `jsonb_build_object('id', r.id || '-x' || i, 'panel_id', r.panel_id || '-x' || (i % ${COPIES.panels} + 1), 'tag', r.tag || '/' || i, 'circuit_id', null)`,
    );
    await copy(
      'panels',
      COPIES.panels,
      `jsonb_build_object('id', r.id || '-x' || i, 'site_id', r.site_id || '-x' || (i % ${COPIES.sites} + 1))`,
    );
    await copy('sites', COPIES.sites, `jsonb_build_object('id', r.id || '-x' || i, 'name', r.name || ' ' || i, 'sort', r.sort + 10 * i)`);
    await copy(
      'parts',
      COPIES.parts,
      `jsonb_build_object('id', r.id || '-x' || i, 'changed', pg_current_xact_id()::text)`,
      `family = 'contactor'`,
    );
  });
  await knex.raw('analyze');
  await knex.destroy();
}

async function measure(url: string, { header }: Session, swapId: string): Promise<Map<string, number>> {
  const headers = { cookie: header, 'content-type': 'application/json' };
  const get = (path: string) => () => fetch(url + path, { headers });
  const views: Record<string, () => Promise<Response>> = {
    'home desk': get('/'),
    'a panel': get('/panels/kestrel-ramp'),
    search: get('/api/v1/find?q=ramp%20k4'),
    candidates: () => fetch(`${url}/api/v1/swaps/${swapId}/match`, { method: 'POST', headers, body: '{}' }),
    logbook: get('/logbook'),
    crib: get('/stores?site=kestrel'),
    'catalogue by two marks': get('/api/v1/parts?family=contactor&mark=poles:3&mark=coilSealedVA:..12'),
  };
  const found = new Map<string, number>();
  for (const [name, ask] of Object.entries(views)) {
    const times: number[] = [];
    for (let i = 0; i < TIMES + 3; i += 1) {
      const start = performance.now();
      const answer = await ask();
      await answer.arrayBuffer();
      if (!answer.ok) throw new Error(`${name} answers ${answer.status}.`);
      if (i >= 3) times.push(performance.now() - start);
    }
    found.set(name, percentile(times, 95));
  }
  return found;
}

export async function benchGrowth(say: Say, url: string, session: Session, ownerUrl: string): Promise<void> {
  const headers = { cookie: session.header, 'content-type': 'application/json' };
  const opened = await fetch(`${url}/api/v1/swaps`, { method: 'POST', headers, body: JSON.stringify({ positionId: 'kestrel-ramp-k4' }) });
  const { id }: { id: string } = await opened.json();
  const alone = await measure(url, session, id);
  await grow(ownerUrl);
  const grown = await measure(url, session, id);
  for (const [name, ms] of grown) {
    const before = certain(alone.get(name));
    const allowed = name === 'candidates' ? ALLOWED.candidates : ALLOWED.other;
    say(
      `${name} of a large plant, p95 of ${TIMES}`,
      `${Math.round(ms)} ms`,
      `${(ms / before).toFixed(2)} x with the demo alone (${Math.round(before)} ms); ${allowed} asked for`,
    );
  }
}
