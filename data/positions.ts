/** Sites, panels, positions and their history. */
import type { EndingKind } from '../core/swap/ending';
import { certain } from '../core/certain';
import type { Knex } from 'knex';
import type { Practice } from '../core/case/case';
import type { Methods } from '../core/loads/schools';
import type { TagHabit } from '../core/plant/tags';
import type { SiteSystem } from '../core/plant/system';
import type { Readings } from '../core/readings/reading';
import type { Element, SupplyPath } from '../core/supply/path';

export type SiteRow = {
  id: string;
  name: string;
  practice: Practice;
  time_zone: string;
  /** Are overrides approved by a second person here? */
  second_person: boolean;
  schools: Partial<Methods>;
  /** Letters of its tags. */
  tag_habit: TagHabit;
  /** What it pays in, ISO 4217; null: nobody said. */
  currency: string | null;
  /** What feeds it. */
  systems: SiteSystem[];
  /** Invented, with all that stands in it. */
  demo: boolean;
  /** Do the parts of the demo stand to choice here? */
  demo_parts: boolean;
  sort: number;
};
export type PanelRow = {
  id: string;
  site_id: string;
  name: string;
  note: string;
  rails: number;
  sort: number;
  supply_path: SupplyPath | null;
  supply_version: number;
  /** At which system of the site it stands; null: nobody said. */
  system: SiteSystem | null;
  version: number;
  /** Put away, and since when. */
  archived_at: Date | null;
};
export type PositionReadings = { load?: Readings; duty?: Readings; supply?: Readings; removed?: Readings };
export type PositionRow = {
  id: string;
  panel_id: string;
  tag: string;
  function: string;
  family: string;
  rating: string;
  rail: number;
  slot: number;
  load_kind: string | null;
  readings: PositionReadings;
  hazards: Record<string, boolean>;
  device_name: string;
  footprint: string | null;
  /** The part of the catalogue that stands here, where it is one. */
  part_id: string | null;
  fitted_on: Date | null;
  /** Cable from the panel to this position. */
  run: Element[] | null;
  /** The circuit that it belongs to, where it was put into one. */
  circuit_id: string | null;
  /** What its settings were left at when the last job here was signed. */
  as_left: SettingLeft[] | null;
  version: number;
  archived_at: Date | null;
};
export type SettingLeft = { name: string; left: string };
export type EventRow = {
  id: number;
  position_id: string;
  at: Date;
  kind: 'fault' | 'swap' | 'measurement' | 'note' | EndingKind | 'discarded';
  text: string;
  record_id: string | null;
};

export const allSites = (knex: Knex): Promise<SiteRow[]> => knex<SiteRow>('sites').orderBy('sort');
export const sitesAndPanelCounts = async (knex: Knex): Promise<{ site: SiteRow; panels: number }[]> => {
  const [sites, counts] = await Promise.all([
    allSites(knex),
    knex('panels').whereNull('archived_at').groupBy('site_id').select('site_id').count<{ site_id: string; count: string }[]>('*'),
  ]);
  const by = new Map(counts.map(({ site_id, count }) => [site_id, Number(count)]));
  return sites.map((site) => ({ site, panels: by.get(site.id) ?? 0 }));
};
export const panelsOfSite = (knex: Knex, siteId: string): Promise<PanelRow[]> =>
  knex<PanelRow>('panels').where({ site_id: siteId }).whereNull('archived_at').orderBy('sort');
/** How many positions each panel of a site has. */
export async function positionCounts(knex: Knex, siteId: string): Promise<Map<string, number>> {
  const rows = await knex('positions')
    .join('panels', 'panels.id', 'positions.panel_id')
    .where({ site_id: siteId })
    .whereNull('positions.archived_at')
    .groupBy('panel_id')
    .select('panel_id')
    .count<{ panel_id: string; count: string }[]>('*');
  return new Map(rows.map(({ panel_id, count }) => [panel_id, Number(count)]));
}
export const positionsOnPanels = (knex: Knex, panelIds: readonly string[]): Promise<PositionRow[]> =>
  knex<PositionRow>('positions')
    .whereIn('panel_id', [...panelIds])
    .whereNull('archived_at')
    .orderBy(['panel_id', 'rail', 'slot']);
export const allPanels = (knex: Knex): Promise<PanelRow[]> => knex<PanelRow>('panels').whereNull('archived_at').orderBy('sort');
export const allPositions = (knex: Knex): Promise<PositionRow[]> =>
  knex<PositionRow>('positions').whereNull('archived_at').orderBy(['panel_id', 'rail', 'slot']);
export const positionsOn = (knex: Knex, panelId: string): Promise<PositionRow[]> =>
  knex<PositionRow>('positions').where({ panel_id: panelId }).whereNull('archived_at').orderBy(['rail', 'slot']);

/** A panel with its site, or undefined. */
export async function panelWithSite(knex: Knex, id: string): Promise<{ panel: PanelRow; site: SiteRow } | undefined> {
  const panel = await knex<PanelRow>('panels').where({ id }).first();
  return panel && { panel, site: certain(await knex<SiteRow>('sites').where({ id: panel.site_id }).first()) };
}

/** Adds to the history of a position. Returns the number of the event. */
export async function insertEvent(knex: Knex, event: Omit<EventRow, 'id'>): Promise<string> {
  const [row] = await knex('events').insert(event).returning('id');
  return String(row.id);
}

export const eventsOfPositions = (knex: Knex, positionIds: readonly string[]): Promise<EventRow[]> =>
  knex<EventRow>('events')
    .whereIn('position_id', [...positionIds])
    .orderBy('at', 'desc');

/** A position with its panel and site, or undefined. */
export async function positionWithPlace(
  knex: Knex,
  id: string,
): Promise<{ position: PositionRow; panel: PanelRow; site: SiteRow } | undefined> {
  const position = await knex<PositionRow>('positions').where({ id }).first();
  if (!position) return undefined;
  return { position, ...certain(await panelWithSite(knex, position.panel_id)) };
}

export const eventsOf = (knex: Knex, positionId: string): Promise<EventRow[]> =>
  knex<EventRow>('events').where({ position_id: positionId }).orderBy('at', 'desc');
