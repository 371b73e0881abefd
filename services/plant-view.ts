/** One's own plant as it is looked at while it is drawn. */
import { platesAt } from '../core/plant/walk';
import { database } from '../data/connection';
import { allPanels, panelWithSite, type PanelRow, type PositionRow } from '../data/positions';
import { notFound } from './service-error';
import { siteSettings } from './sites';

/** Every site with its settings and its panels, those put away last. */
export async function plantView() {
  const knex = database();
  const [sites, panels, away] = await Promise.all([
    siteSettings(),
    allPanels(knex),
    knex<PanelRow>('panels').whereNotNull('archived_at').orderBy('sort'),
  ]);
  const count = await knex('positions').whereNull('archived_at').groupBy('panel_id').select('panel_id').count('id as positions');
  const held = new Map(count.map(({ panel_id, positions }) => [panel_id, Number(positions)]));
  return {
    sites: sites.map((site) => ({
      ...site,
      panels: [...panels, ...away]
        .filter(({ site_id }) => site_id === site.id)
        .map(({ id, name, note, version, archived_at }) => ({
          ...{ id, name, note, version, archived: archived_at !== null, positions: held.get(id) ?? 0 },
        })),
    })),
  };
}
export type PlantSite = Awaited<ReturnType<typeof plantView>>['sites'][number];

/** A panel as it is drawn: its rails, and what stands on them. Throws 404. */
export async function drawnPanel(id: string) {
  const knex = database();
  const place = await panelWithSite(knex, id);
  if (!place) throw notFound('This panel');
  const { panel, site } = place;
  const [rows, others] = await Promise.all([
    knex<PositionRow>('positions').where({ panel_id: id }).orderBy(['rail', 'slot']),
    knex<PanelRow>('panels').where({ site_id: site.id }).whereNot({ id }).whereNull('archived_at').orderBy('sort').select('id', 'name'),
  ]);
  return {
    others,
    site: { id: site.id, name: site.name, practice: site.practice, tagHabit: site.tag_habit, systems: site.systems },
    panel: {
      id: panel.id,
      name: panel.name,
      note: panel.note,
      rails: panel.rails,
      system: panel.system,
      version: panel.version,
      archived: panel.archived_at !== null,
    },
    positions: rows.map((row) => ({
      ...{ id: row.id, tag: row.tag, function: row.function, device: row.family, loadKind: row.load_kind, rail: row.rail, slot: row.slot },
      ...{ version: row.version, archived: row.archived_at !== null, deviceName: row.device_name, rating: row.rating },
      read: { load: Object.keys(row.readings.load ?? {}).length, part: Object.keys(row.readings.removed ?? {}).length },
    })),
  };
}
export type DrawnPanel = Awaited<ReturnType<typeof drawnPanel>>;

/** A panel as it is walked past: each position that has a plate, in the order of the rails, with what is read of it. Throws 404. */
export async function panelWalk(id: string) {
  const knex = database();
  const place = await panelWithSite(knex, id);
  if (!place) throw notFound('This panel');
  const rows = await knex<PositionRow>('positions').where({ panel_id: id }).whereNull('archived_at').orderBy(['rail', 'slot']);
  return {
    site: { name: place.site.name, practice: place.site.practice },
    panel: { id, name: place.panel.name },
    positions: rows
      .map(({ id: positionId, tag, function: what, family, load_kind, device_name, version, readings: { load = {}, removed = {} } }) => ({
        ...{ id: positionId, tag, function: what, deviceName: device_name, version },
        ...{ device: family, loadKind: load_kind, readings: { load, removed } },
      }))
      .filter((position) => platesAt(position).length > 0),
  };
}
export type PanelWalk = Awaited<ReturnType<typeof panelWalk>>;
