/**
 * Loads the demo once: catalogue, sites, stock, history. A database that holds sites is left as it is, unless the demo is asked for beside
 * them.
 */
import { inTransaction } from '../transaction';
import { certain } from '../../core/certain';
import type { Knex } from 'knex';
import { randomUUID } from 'node:crypto';
import { familyOf } from '../../core/families/registry';
import type { SwapState } from '../../core/swap/swap';
import { emptySwap } from '../../core/swap/swap';
import { demoPositionCodes } from './air-breakers';
import { demoParts } from './catalogue';
import { readingsOfSpec } from '../../core/readings/readings-of-spec';
import { factIds, seenWith } from '../../core/circuit/circuit';
import { placeMembers } from '../circuits';
import { enterInLedger } from '../ledger';
import type { DemoCircuit, DemoPanel, DemoPosition } from './site-words';
import { demoSites } from './sites';

const MONTH_MS = 30.44 * 24 * 3600 * 1000;
const PIECE = 400;
const json = (value: unknown) => JSON.stringify(value);

/** `beside`: beside what is there; `rules` names the rules of this build, where they are known. */
type How = { beside?: boolean; rules?: string | undefined };

/** Returns true when the demo was loaded, false when it was there. */
export async function loadDemo(knex: Knex, now: Date, { beside = false, rules }: How = {}): Promise<boolean> {
  return inTransaction(knex, async (trx) => {
    // Two starts wait for each other; who asks for it beside others is told that it is on its way.
    if (!beside) await trx.raw('select pg_advisory_xact_lock(20261)');
    else if (!(await trx.raw('select pg_try_advisory_xact_lock(20261) as mine')).rows[0].mine) return false;
    if (
      await trx('sites')
        .where(beside ? { demo: true } : {})
        .first()
    )
      return false;
    const [held] = await trx('sites').max('sort as sort');
    const firstSort = (held?.sort ?? -1) + 1;
    const parts = demoParts();
    const byId = new Map(parts.map((part) => [part.id, part]));
    const rows = parts.map((part) => ({
      id: part.id,
      family: part.family,
      maker: part.maker,
      name: part.name,
      footprint: part.footprint,
      coil_exchangeable: part.coilExchangeable,
      raw: json(part.raw),
      spec: json(certain(familyOf(part.family)).canonical(part.raw)),
      demo: true,
      ruled_by: rules ?? null,
    }));
    // What an own plant kept of a demo that was removed is there still.
    for (let at = 0; at < rows.length; at += PIECE)
      await trx('parts')
        .insert(rows.slice(at, at + PIECE))
        .onConflict('id')
        .ignore();
    for (const maker of new Set(demoPositionCodes.map((row) => row.maker)))
      await trx('position_codes')
        .insert({
          maker,
          rows: json(
            demoPositionCodes
              .filter((row) => row.maker === maker)
              .map(({ code, bay, function: fn, note }) => ({ code, bay, function: fn, note })),
          ),
        })
        .onConflict('maker')
        .ignore();

    const addPosition = async (panel: DemoPanel, position: DemoPosition, slot: number) => {
      const id = `${panel.id}-${position.tag.toLowerCase()}`;
      const part = position.device ? byId.get(position.device) : undefined;
      if (position.device && !part) throw new Error(`Demo position ${id} names a part '${position.device}' that the catalogue lacks.`);
      const removed = part ? { ...readingsOfSpec(part.name, part.raw), ...position.wear } : {};
      const readings = {
        load: position.load ?? {},
        duty: position.duty ?? {},
        supply: { ...panel.supply, ...position.supply },
        removed,
      };
      const fitted = position.fittedYearsAgo === undefined ? null : new Date(now.getTime() - position.fittedYearsAgo * 12 * MONTH_MS);
      await trx('positions').insert({
        id,
        panel_id: panel.id,
        tag: position.tag,
        function: position.function,
        family: position.family,
        rating: position.rating,
        rail: position.rail,
        slot,
        load_kind: position.loadKind ?? null,
        readings: json(readings),
        hazards: json(position.hazards ?? {}),
        device_name: part?.name ?? position.deviceName ?? '',
        footprint: part?.footprint ?? null,
        part_id: part?.id ?? null,
        fitted_on: fitted,
        run: position.run ? json(position.run) : null,
      });
      const events = (position.events ?? []).map((event) => ({
        position_id: id,
        at: new Date(now.getTime() - event.monthsAgo * MONTH_MS),
        kind: event.kind,
        text: event.text,
      }));
      if (events.length > 0) await trx('events').insert(events);
      if (position.openSwap) {
        const state: SwapState = {
          ...emptySwap(position.family, certain(position.loadKind)),
          ...readings,
          hazards: position.hazards ?? {},
        };
        await trx('swaps').insert({
          id: randomUUID(),
          position_id: id,
          status: 'open',
          version: 1,
          state: json(state),
          opened_at: now,
        });
      }
    };
    const addCircuit = async (panel: DemoPanel, { name, kind, tags, seen = {} }: DemoCircuit) => {
      const at = (tag: string) => {
        const position = certain(panel.positions.find((one) => one.tag === tag));
        const part = position.device ? byId.get(position.device) : undefined;
        return { tag, frame: part?.footprint ?? null, deviceName: part?.name ?? position.deviceName ?? '' };
      };
      const facts = Object.fromEntries(
        factIds.flatMap((fact) => {
          const pair = seen[fact];
          return pair ? [[fact, { answer: 'yes', seenWith: seenWith[fact]([at(pair[0]), at(pair[1])]) }]] : [];
        }),
      );
      const id = randomUUID();
      await trx('circuits').insert({ id, panel_id: panel.id, name, kind, facts: json(facts) });
      await placeMembers(
        trx,
        id,
        tags.map((tag) => `${panel.id}-${tag.toLowerCase()}`),
      );
    };
    for (const [siteSort, site] of demoSites.entries()) {
      await trx('sites').insert({
        id: site.id,
        name: site.name,
        practice: site.practice,
        time_zone: site.timeZone,
        tag_habit: site.practice === 'NFPA70' ? 'nfpa' : 'iec-81346',
        // Invented plants pay in what their practice mostly does.
        currency: site.practice === 'NFPA70' ? 'USD' : 'EUR',
        schools: '{}',
        demo: true,
        demo_parts: true,
        sort: firstSort + siteSort,
      });
      for (const [panelSort, panel] of site.panels.entries()) {
        const rails = 1 + Math.max(...panel.positions.map((position) => position.rail));
        await trx('panels').insert({
          id: panel.id,
          site_id: site.id,
          name: panel.name,
          note: panel.note,
          rails,
          sort: siteSort * 100 + panelSort,
          supply_path: panel.path ? json(panel.path) : null,
        });
        for (const [slot, position] of panel.positions.entries()) await addPosition(panel, position, slot);
        for (const circuit of panel.circuits ?? []) await addCircuit(panel, circuit);
      }
      await enterInLedger(
        trx,
        site.stock.map(([partId, place, change]) => ({
          siteId: site.id,
          partId,
          place,
          kind: 'opening',
          change,
          by: 'Loyal Coil',
          at: now,
        })),
      );
    }
    return true;
  });
}
