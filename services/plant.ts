/** Sites, panels and positions that people draw themselves. What has a history is put away, never deleted. */
import type { Knex } from 'knex';
import { randomUUID } from 'node:crypto';
import { certain } from '../core/certain';
import { loadPlates, plateOf } from '../core/families/plates';
import { familyOf } from '../core/families/registry';
import type { PlateDefinition } from '../core/plates/plate-field';
import {
  copySchema,
  drawTemplateSchema,
  MOST_POSITIONS,
  newPanelSchema,
  newPositionSchema,
  newSiteSchema,
  savePanelSchema,
  savePositionSchema,
} from '../core/plant/plant-fields';
import { nextTag } from '../core/plant/tags';
import { FROM_TEMPLATE, templateOf, type TemplatePosition } from '../core/plant/templates';
import type { Readings } from '../core/readings/reading';
import { changeFault } from '../core/swap/change-fault';
import { applyChanges, type Change } from '../core/swap/swap';
import { reworded } from '../core/swap/typed-plate';
import { placeMembers } from '../data/circuits';
import { database } from '../data/connection';
import { panelWithSite, positionsOn, type PanelRow, type PositionReadings, type PositionRow, type SiteRow } from '../data/positions';
import { inTransaction } from '../data/transaction';
import { audit } from './audit';
import { beginChain } from './chain/append';
import type { Caller } from './crew/caller';
import { describeFitted } from './fitted-words';
import { notFound, ServiceError } from './service-error';
import { validate } from './validate';

type By = Pick<Caller, 'actor'>;
const refused = (field: string, reason: string) => new ServiceError(422, [{ field, reason }]);
const savedFirst = (what: string, current: object) =>
  new ServiceError(
    409,
    [{ field: 'version', reason: `Somebody saved this ${what} since you read it. Nothing was overwritten: look at it again.` }],
    { current },
  );
const after = async (query: Knex.QueryBuilder): Promise<number> => Number((await query.max('sort as most'))[0].most ?? -1) + 1;

/** Names a site. Its chain of records begins with it. Throws 422. */
export async function makeSite(body: unknown, { actor }: By): Promise<{ id: string }> {
  const {
    name,
    practice,
    timeZone,
    tagHabit = practice === 'IEC' ? 'iec-81346' : 'nfpa',
    currency = null,
    systems = [],
  } = await validate(newSiteSchema, body);
  const id = randomUUID();
  await inTransaction(database(), async (trx) => {
    await trx.raw('lock table sites in share row exclusive mode');
    if (await trx('sites').whereRaw('lower(name) = lower(?)', [name]).first())
      throw refused('name', `There is a site '${name}' already. Give it another name.`);
    await trx('sites').insert({
      ...{ id, name, practice, currency, time_zone: timeZone, tag_habit: tagHabit },
      ...{ systems: JSON.stringify(systems), sort: await after(trx('sites')) },
    });
    await beginChain(trx, id);
    await audit(trx, actor, 'plant-changed', { site: name, made: true });
  });
  return { id };
}

const taken = (name: string) => refused('name', `This site has a panel '${name}' already. Give it another name.`);
const nameInUse = (trx: Knex, siteId: string, name: string, but = '') =>
  trx('panels')
    .where({ site_id: siteId })
    .whereNull('archived_at')
    .whereNot({ id: but })
    .whereRaw('lower(name) = lower(?)', [name])
    .first();

/** Draws a panel of a site: rails, and nothing on them. Throws 404 and 422. */
export async function makePanel(siteId: string, body: unknown, { actor }: By): Promise<{ id: string }> {
  const { name, note = '', rails, system } = await validate(newPanelSchema, body);
  const id = randomUUID();
  await inTransaction(database(), async (trx) => {
    const site = await trx<SiteRow>('sites').where({ id: siteId }).forUpdate().first();
    if (!site) throw notFound('This site');
    if (await nameInUse(trx, siteId, name)) throw taken(name);
    const fed = system === undefined && site.systems.length === 1 ? site.systems[0] : system;
    await trx('panels').insert({
      ...{ id, site_id: siteId, name, note, rails, system: fed ? JSON.stringify(fed) : null },
      sort: await after(trx('panels').where({ site_id: siteId })),
    });
    await audit(trx, actor, 'plant-changed', { panel: name, made: true });
  });
  return { id };
}

/** Renames a panel, gives it other rails, puts it away or back. Throws 404, 422, and 409 where somebody saved first. */
export async function savePanel(id: string, body: unknown, { actor }: By): Promise<{ version: number }> {
  const { version, archived, system, ...named } = await validate(savePanelSchema, body);
  return inTransaction(database(), async (trx) => {
    const row = await trx<PanelRow>('panels').where({ id }).forUpdate().first();
    if (!row) throw notFound('This panel');
    if (row.version !== version) throw savedFirst('panel', row);
    if (named.name !== undefined && (await nameInUse(trx, row.site_id, named.name, id))) throw taken(named.name);
    const last = Math.max(0, ...(await positionsOn(trx, id)).map(({ rail }) => rail + 1));
    if (named.rails !== undefined && named.rails < last) throw refused('rails', `Something stands on rail ${last}. Move it first.`);
    if (
      archived &&
      (await trx('swaps')
        .whereIn('position_id', trx('positions').select('id').where({ panel_id: id }))
        .where({ status: 'open' })
        .first())
    )
      throw refused('archived', 'A job is open in this panel. End it first.');
    await trx('panels')
      .where({ id })
      .update({
        ...named,
        version: version + 1,
        ...(system === undefined ? {} : { system: system && JSON.stringify(system) }),
        ...(archived === undefined ? {} : { archived_at: archived ? new Date() : null }),
      });
    await audit(trx, actor, 'plant-changed', { panel: named.name ?? row.name, ...(archived === undefined ? {} : { archived }) });
    return { version: version + 1 };
  });
}

/** A panel under work, locked, with its site and what stands in it. */
async function panelAtWork(trx: Knex, id: string): Promise<{ panel: PanelRow; site: SiteRow; positions: PositionRow[] }> {
  await trx('panels').where({ id }).forUpdate().first();
  const place = await panelWithSite(trx, id);
  if (!place || place.panel.archived_at) throw notFound('This panel');
  return { ...place, positions: await positionsOn(trx, id) };
}

/** What the wordings of two plates say. */
function readPlates(
  device: string,
  loadKind: string | null,
  typed: { loadPlate?: string; partPlate?: string },
  before: PositionReadings = {},
) {
  const read = (own: Readings | undefined, text: string | undefined, plate: PlateDefinition | undefined): Readings =>
    text === undefined || !plate ? (own ?? {}) : reworded(own ?? {}, plate, text);
  return {
    ...before,
    load: read(before.load, typed.loadPlate, loadKind ? loadPlates[loadKind] : undefined),
    removed: read(before.removed, typed.partPlate, plateOf(device)),
  };
}

/** Readings of both plates with what was typed over them; the first mark that is none is named. Throws 422. */
function typedOver(device: string, readings: PositionReadings, sent: readonly Partial<Change>[]): PositionReadings {
  const changes = sent.map(({ path = '', value = null }): Change => ({ path, value }));
  for (const change of changes) {
    const reason = familyOf(device) ? changeFault(device, change) : 'This kind of device has no plate that is read.';
    if (reason) throw refused(change.path, reason);
  }
  return applyChanges(readings, changes);
}

type Drawn = { tag: string; function: string; device: string; loadKind: string | null; rail: number; readings: PositionReadings };
async function insertPosition(trx: Knex, { panel, site }: { panel: PanelRow; site: SiteRow }, drawn: Drawn, slot: number): Promise<string> {
  const id = randomUUID();
  const { device, loadKind, readings, ...place } = drawn;
  await trx('positions').insert({
    ...{ id, panel_id: panel.id, ...place, slot, family: device, load_kind: loadKind, readings: JSON.stringify(readings) },
    ...describeFitted({ family: device, load_kind: loadKind, readings }, panel, site),
  });
  return id;
}
function mustFit(positions: readonly PositionRow[], more: number, rail: number, { rails }: PanelRow): void {
  if (positions.length + more > MOST_POSITIONS) throw refused('panel', `A panel holds at most ${MOST_POSITIONS} positions.`);
  if (rail >= rails) throw refused('rail', 'The panel has no such rail.');
}
const sameTag = (tag: string) => refused('tag', `'${tag}' stands in this panel already. Each tag stands once.`);
const isTaken = (positions: readonly PositionRow[], tag: string, but = '') =>
  positions.some((one) => one.id !== but && one.tag.toLowerCase() === tag.toLowerCase());
const nextSlot = (positions: readonly PositionRow[], rail: number) =>
  Math.max(-1, ...positions.filter((one) => one.rail === rail).map(({ slot }) => slot)) + 1;

/** Places a position on a rail; what its plates say is read at once. Throws 404 and 422. */
export async function makePosition(panelId: string, body: unknown, { actor }: By): Promise<{ id: string }> {
  const { tag, function: fn, device, loadKind, rail, ...typed } = await validate(newPositionSchema, body);
  const serves = familyOf(device) ? (loadKind ?? familyOf(device)?.loads[0] ?? null) : null;
  return inTransaction(database(), async (trx) => {
    const place = await panelAtWork(trx, panelId);
    mustFit(place.positions, 1, rail, place.panel);
    if (isTaken(place.positions, tag)) throw sameTag(tag);
    const readings = readPlates(device, serves, typed);
    const id = await insertPosition(
      trx,
      place,
      { tag, function: fn, device, loadKind: serves, rail, readings },
      nextSlot(place.positions, rail),
    );
    await audit(trx, actor, 'plant-changed', { panel: place.panel.name, position: tag, made: true });
    return { id };
  });
}

/** The positions of a template on a rail, tagged in the habit of the site, and their circuit. Throws 404 and 422. */
export async function drawTemplate(panelId: string, body: unknown, { actor }: By): Promise<{ circuitId: string; positionIds: string[] }> {
  const { template: templateId, name, rail, loadPlate } = await validate(drawTemplateSchema, body);
  const template = certain(templateOf(templateId));
  return inTransaction(database(), async (trx) => {
    const place = await panelAtWork(trx, panelId);
    mustFit(place.positions, template.positions.length, rail, place.panel);
    if (await trx('circuits').where({ panel_id: panelId, name }).first())
      throw refused('name', `This panel has a circuit '${name}' already. Give it another name.`);
    const tags = place.positions.map(({ tag }) => tag);
    const first = nextSlot(place.positions, rail);
    const positionIds: string[] = [];
    for (const [i, one] of template.positions.entries()) {
      const tag = nextTag(place.site.tag_habit, one.device, tags);
      tags.push(tag);
      positionIds.push(await insertPosition(trx, place, { tag, rail, ...drawnOf(one, name, loadPlate) }, first + i));
    }
    const circuitId = randomUUID();
    await trx('circuits').insert({ id: circuitId, panel_id: panelId, name, kind: template.circuit });
    await placeMembers(trx, circuitId, positionIds);
    await audit(trx, actor, 'plant-changed', { panel: place.panel.name, circuit: name, template: templateId });
    return { circuitId, positionIds };
  });
}

function drawnOf({ device, role, loadKind, load = {} }: TemplatePosition, name: string, loadPlate: string | undefined) {
  const known: Readings = Object.fromEntries(
    Object.entries(load).map(([id, value]) => [id, { state: 'read' as const, value, from: FROM_TEMPLATE }]),
  );
  const plate = loadPlate?.trim() ? loadPlate : undefined;
  return {
    function: role === '' ? name : `${name}, ${role}`,
    ...{ device, loadKind },
    readings: readPlates(device, loadKind, { loadPlate: plate }, { load: known }),
  };
}

/** Puts a position to its place on a rail; those behind it make room. */
async function arrange(trx: Knex, row: PositionRow, positions: readonly PositionRow[], rail: number, slot: number): Promise<void> {
  const others = positions.filter((one) => one.rail === rail && one.id !== row.id);
  const order = [...others.slice(0, slot), row, ...others.slice(slot)];
  for (const [i, one] of order.entries())
    if (one.id === row.id || one.slot !== i) await trx('positions').where({ id: one.id }).update({ rail, slot: i });
}

async function mayBePutAway(trx: Knex, id: string): Promise<void> {
  if (await trx('swaps').where({ position_id: id, status: 'open' }).first())
    throw refused('archived', 'A job is open at this position. End it first.');
  await trx('positions').where({ id }).update({ circuit_id: null });
}

/** Renames, moves or re-reads a position, puts it away or back. Throws 404, 422, and 409 where somebody saved first. */
export async function savePosition(id: string, body: unknown, { actor }: By): Promise<{ version: number }> {
  const { version, panelId, rail, slot, archived, loadPlate, partPlate, changes = [], ...named } = await validate(savePositionSchema, body);
  return inTransaction(database(), async (trx) => {
    const seen = await trx<PositionRow>('positions').where({ id }).first();
    if (!seen) throw notFound('This position');
    const place = await panelAtWork(trx, panelId ?? seen.panel_id);
    // Its history stands in the chain of its site: there it stays.
    if (place.panel.site_id !== certain(await panelWithSite(trx, seen.panel_id)).site.id)
      throw refused('panelId', 'A position stays in its site: its history is signed there. Draw it anew in the other one.');
    const row = certain(await trx<PositionRow>('positions').where({ id }).forUpdate().first());
    if (row.version !== version) throw savedFirst('position', row);
    const there = rail ?? Math.min(row.rail, place.panel.rails - 1);
    mustFit(place.positions, row.panel_id === place.panel.id ? 0 : 1, there, place.panel);
    const tag = named.tag ?? row.tag;
    if (archived !== true && isTaken(place.positions, tag, id)) throw sameTag(tag);
    if (archived) await mayBePutAway(trx, id);
    const moves = row.panel_id !== place.panel.id;
    const typed = { ...(loadPlate === undefined ? {} : { loadPlate }), ...(partPlate === undefined ? {} : { partPlate }) };
    const readings = typedOver(row.family, readPlates(row.family, row.load_kind, typed, row.readings), changes);
    await trx('positions')
      .where({ id })
      .update({
        ...named,
        ...(moves ? { panel_id: place.panel.id, circuit_id: null } : {}),
        ...(Object.keys(typed).length + changes.length > 0
          ? { readings: JSON.stringify(readings), ...describeFitted({ ...row, readings }, place.panel, place.site) }
          : {}),
        ...(archived === undefined ? {} : { archived_at: archived ? new Date() : null }),
        version: version + 1,
      });
    if (moves || rail !== undefined || slot !== undefined)
      await arrange(trx, row, place.positions, there, slot ?? nextSlot(place.positions, there));
    await audit(trx, actor, 'plant-changed', { panel: place.panel.name, position: tag, ...(archived === undefined ? {} : { archived }) });
    return { version: version + 1 };
  });
}

/** A panel once more under another name: its positions, circuits and supply, with the plates of their loads; what was read of the parts fitted is not copied. Throws 404 and 422. */
export async function copyPanel(id: string, body: unknown, { actor }: By): Promise<{ id: string }> {
  const { name } = await validate(copySchema, body);
  const copy = randomUUID();
  await inTransaction(database(), async (trx) => {
    const { panel, site, positions } = await panelAtWork(trx, id);
    if (await nameInUse(trx, panel.site_id, name)) throw taken(name);
    const { note, rails, supply_path, system } = panel;
    await trx('panels').insert({
      ...{ id: copy, site_id: site.id, name, note, rails, sort: await after(trx('panels').where({ site_id: site.id })) },
      supply_path: supply_path && JSON.stringify(supply_path),
      system: system && JSON.stringify(system),
    });
    const made = { panel: certain(await trx<PanelRow>('panels').where({ id: copy }).first()), site };
    const copyOf = new Map<string, string>();
    for (const { id: from, tag, function: fn, family, load_kind, rail, slot, readings } of positions) {
      const { load, duty, supply } = readings;
      const drawn = { tag, function: fn, device: family, loadKind: load_kind, rail, readings: { load, duty, supply } };
      copyOf.set(from, await insertPosition(trx, made, drawn, slot));
    }
    for (const { id: circuit, name: called, kind } of await trx('circuits').where({ panel_id: id })) {
      const circuitId = randomUUID();
      await trx('circuits').insert({ id: circuitId, panel_id: copy, name: called, kind });
      const members = positions.filter(({ circuit_id }) => circuit_id === circuit).map(({ id: from }) => certain(copyOf.get(from)));
      await placeMembers(trx, circuitId, members);
    }
    await audit(trx, actor, 'plant-changed', { panel: name, copyOf: panel.name });
  });
  return { id: copy };
}
