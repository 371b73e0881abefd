/** Quick checks kept by name: for the next shift, or at the position that they are about. */
import { randomUUID } from 'node:crypto';
import { isRecord } from '../core/certain';
import { familyIds } from '../core/families/registry';
import { keepCheckSchema } from '../core/swap/kept-check';
import { isCheck } from '../core/swap/quick-check';
import { changeFault } from '../core/swap/change-fault';
import { diffStates, emptySwap, type SwapState } from '../core/swap/swap';
import { database } from '../data/connection';
import { positionWithPlace } from '../data/positions';
import type { Caller } from './crew/caller';
import { notFound, ServiceError } from './service-error';
import { validate } from './validate';
import { isUuid } from './is-uuid';

type CheckRow = {
  id: string;
  name: string;
  family: string;
  position_id: string | null;
  state: SwapState;
  kept_by: string;
  kept_at: Date;
  version: number;
};
export type KeptCheck = {
  id: string;
  name: string;
  family: string;
  positionId: string | null;
  keptBy: string;
  keptAt: string;
  version: number;
};

const MOST = 500;
const LARGEST = 600_000; // characters, as of a job

const listed = ({ id, name, family, position_id, kept_by, kept_at, version }: CheckRow): KeptCheck => ({
  ...{ id, name, family, version, positionId: position_id, keptBy: kept_by, keptAt: kept_at.toISOString() },
});

/** The kept checks, newest first; of one position where one is named. */
export async function keptChecks(positionId?: string): Promise<{ checks: KeptCheck[] }> {
  const query = database()<CheckRow>('checks').orderBy('kept_at', 'desc').limit(MOST);
  if (positionId) void query.where({ position_id: positionId });
  return { checks: (await query).map(listed) };
}

/** A kept check with what was typed and read in it. Throws 404. */
export async function keptCheck(id: string): Promise<KeptCheck & { state: SwapState }> {
  const row = isUuid(id) ? await database()<CheckRow>('checks').where({ id }).first() : undefined;
  if (!row) throw notFound('This check');
  return { ...listed(row), state: row.state };
}

/** A check is a job without a position: every mark of it is held against what is declared. */
function stateOf(sent: unknown): SwapState {
  const refuse = (field: string, reason: string) => new ServiceError(422, [{ field, reason }]);
  if (!isCheck({ state: sent, chosen: true }) || !isRecord(sent) || typeof sent.family !== 'string' || typeof sent.loadKind !== 'string')
    throw refuse('state', 'A check holds family, loadKind, and marks of load, supply, duty and parts in the hand.');
  if (!familyIds().includes(sent.family)) throw refuse('state.family', `'${sent.family.slice(0, 40)}' is no kind of part.`);
  if (JSON.stringify(sent).length > LARGEST) throw refuse('state', `A check has at most ${LARGEST} characters.`);
  const blank = emptySwap(sent.family, sent.loadKind);
  const state: SwapState = { ...blank, ...sent };
  for (const change of diffStates(blank, state)) {
    const reason = changeFault(state.family, change);
    if (reason) throw refuse(change.path, reason);
  }
  return state;
}

/** Keeps a check under a name, in place of what stood there under it by the same person. Throws 422 where another keeps that name. */
export async function keepCheck(body: unknown, { person }: Pick<Caller, 'person'>): Promise<{ id: string }> {
  const { name, positionId = null, state: sent } = await validate(keepCheckSchema, body);
  const state = stateOf(sent);
  const knex = database();
  if (positionId !== null && !(await positionWithPlace(knex, positionId))) throw notFound('This position');
  const row = {
    name,
    family: state.family,
    position_id: positionId,
    state: JSON.stringify(state),
    kept_by: person.name,
    kept_at: new Date(),
  };
  const [kept] = await knex('checks')
    .insert({ id: randomUUID(), ...row })
    .onConflict('name')
    .merge({ ...row, version: knex.raw('checks.version + 1') })
    .where('checks.kept_by', person.name)
    .returning('id');
  if (!kept) throw new ServiceError(422, [{ field: 'name', reason: `Somebody else keeps a check '${name}'. Give it another name.` }]);
  return { id: kept.id };
}

/** Throws a check away; a second click changes nothing. Throws 404 for an id that is none. */
export async function dropCheck(id: string): Promise<{ gone: boolean }> {
  if (!isUuid(id)) throw notFound('This check');
  return { gone: (await database()('checks').where({ id }).delete()) > 0 };
}
