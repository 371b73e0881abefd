/** Supply paths: what feeds a panel, the run to a position, and the fault current at every node. */
import { inTransaction } from '../data/transaction';
import * as yup from 'yup';
import { elementsSchema, pathSchema } from '../core/supply/element-fields';
import { faultNodes, type Node } from '../core/supply/fault-current';
import type { Element, SupplyPath } from '../core/supply/path';
import { systemReadings } from '../core/plant/system';
import { readingsOfPath } from '../core/supply/readings';
import type { Readings } from '../core/readings/reading';
import { database } from '../data/connection';
import { allPanels, allPositions, allSites, type PanelRow, type PositionRow, type SiteRow } from '../data/positions';
import { notFound, ServiceError } from './service-error';
import { validate } from './validate';

export type SupplyView = {
  panel: { id: string; name: string; note: string };
  site: { name: string; practice: 'IEC' | 'NFPA70' };
  path: SupplyPath | null;
  /** Counts up with every save; sent back so that nobody's work is written over unseen. */
  version: number;
  positions: { id: string; tag: string; function: string; run: Element[] }[];
};

async function placeOf(panelId: string): Promise<{ panel: PanelRow; site: SiteRow; positions: PositionRow[] }> {
  const knex = database();
  const [panels, sites, positions] = await Promise.all([allPanels(knex), allSites(knex), allPositions(knex)]);
  const panel = panels.find(({ id }) => id === panelId);
  const site = sites.find(({ id }) => id === panel?.site_id);
  if (!panel || !site) throw notFound('This panel');
  return { panel, site, positions: positions.filter(({ panel_id }) => panel_id === panelId) };
}

/** Returns what feeds a panel. Throws 404 where there is no such panel. */
export async function supplyOfPanel(panelId: string): Promise<SupplyView> {
  const { panel, site, positions } = await placeOf(panelId);
  return {
    panel: { id: panel.id, name: panel.name, note: panel.note },
    site: { name: site.name, practice: site.practice },
    path: panel.supply_path ?? null,
    version: panel.supply_version,
    positions: positions.map(({ id, tag, function: fn, run }) => ({ id, tag, function: fn, run: run ?? [] })),
  };
}

export const supplySchema = yup.object({
  version: yup.number().strict().integer().min(0).required('version is missing: send the one that you read.'),
  path: pathSchema.default(undefined).required('path is missing.'),
  runs: yup
    .array()
    .of(yup.object({ positionId: yup.string().strict().max(200).required('positionId is missing.'), run: elementsSchema }))
    .max(200)
    .default([]),
});

/** Walks a path; a conductor that the tables lack is a fault of the input. */
export function nodesOf(path: SupplyPath, run: readonly Element[], practice: 'IEC' | 'NFPA70'): Node[] {
  try {
    return faultNodes({ ...path, elements: [...path.elements, ...run] }, practice);
  } catch (error) {
    if (error instanceof RangeError) throw new ServiceError(422, [{ field: 'path', reason: error.message }]);
    throw error;
  }
}

/** Saves the path of a panel and the runs to the positions that are named. Throws 409 with what stands where somebody saved first. */
export async function saveSupply(panelId: string, body: unknown): Promise<{ nodes: Node[]; version: number }> {
  const { site, positions } = await placeOf(panelId);
  const sent = await validate(supplySchema, body);
  const nodes = nodesOf(sent.path, [], site.practice);
  for (const { positionId, run } of sent.runs) {
    if (!positions.some(({ id }) => id === positionId)) throw notFound('This position');
    nodesOf(sent.path, run, site.practice);
  }
  const kept = await inTransaction(database(), async (trx) => {
    const taken = await trx('panels')
      .where({ id: panelId, supply_version: sent.version })
      .update({ supply_path: JSON.stringify(sent.path), supply_version: sent.version + 1 });
    if (taken === 0) return false;
    for (const { positionId, run } of sent.runs)
      await trx('positions')
        .where({ id: positionId })
        .update({ run: JSON.stringify(run) });
    return true;
  });
  if (!kept)
    throw new ServiceError(
      409,
      [{ field: 'version', reason: 'Somebody saved this supply since you read it. Nothing was overwritten: choose which one stands.' }],
      { current: await supplyOfPanel(panelId) },
    );
  return { nodes, version: sent.version + 1 };
}

/** What the panel's system and the path say at a position, for the marks that nobody has read there. */
export function suppliedReadings(position: Pick<PositionRow, 'readings' | 'run' | 'load_kind'>, panel: PanelRow, site: SiteRow): Readings {
  return { ...systemAt(position, panel), ...pathAt(position, panel, site) };
}

/** What the system says, where neither the position nor what was drawn before the panel is at other volts. */
function systemAt({ readings, load_kind }: Pick<PositionRow, 'readings' | 'load_kind'>, { system, supply_path }: PanelRow): Readings {
  if (!system || (supply_path && (supply_path.volts !== system.volts || supply_path.system !== 'three-phase'))) return {};
  const own = readings.supply ?? {};
  if (own.systemVolts !== undefined && own.systemVolts.value !== system.volts) return {};
  return Object.fromEntries(Object.entries(systemReadings(system, load_kind)).filter(([id]) => own[id] === undefined));
}

function pathAt(position: Pick<PositionRow, 'readings' | 'run'>, panel: PanelRow, site: SiteRow): Readings {
  if (!panel.supply_path) return {};
  const own = position.readings.supply ?? {};
  // A position on a system of its own, such as 24 V behind a supply, is not fed at the panel's volts.
  if (typeof own.systemVolts?.value === 'number' && own.systemVolts.value !== panel.supply_path.volts) return {};
  try {
    const found = readingsOfPath(
      { ...panel.supply_path, elements: [...panel.supply_path.elements, ...(position.run ?? [])] },
      site.practice,
    );
    return Object.fromEntries(Object.entries(found).filter(([id]) => own[id] === undefined));
  } catch {
    return {};
  }
}
