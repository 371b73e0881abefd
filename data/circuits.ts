/** Circuits: positions of one panel under one name. */
import type { Knex } from 'knex';
import type { CircuitFacts, CircuitKind } from '../core/circuit/circuit';

export type CircuitRow = { id: string; panel_id: string; name: string; kind: CircuitKind; facts: CircuitFacts; version: number };

export const circuitById = (knex: Knex, id: string): Promise<CircuitRow | undefined> => knex<CircuitRow>('circuits').where({ id }).first();
export const circuitsOn = (knex: Knex, panelId: string): Promise<CircuitRow[]> =>
  knex<CircuitRow>('circuits').where({ panel_id: panelId }).orderBy('name');

/** Its positions are these and no others. A position that stood in another circuit leaves it. */
export async function placeMembers(knex: Knex, circuitId: string, positionIds: readonly string[]): Promise<void> {
  await knex('positions').where({ circuit_id: circuitId }).whereNotIn('id', positionIds).update({ circuit_id: null });
  await knex('positions').whereIn('id', positionIds).update({ circuit_id: circuitId });
}
