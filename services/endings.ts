/** Jobs that end without a new part, jobs that are discarded, and what is noted at a position outside of any job. */
import * as yup from 'yup';
import { mayDo } from '../core/crew/rights';
import { endingKinds, endingText, endingWords, openBeforeEnding } from '../core/swap/ending';
import { logSchema, saidWords } from '../core/swap/said';
import { causeText, huntObstacles, huntOf } from '../core/swap/fault-hunt';
import { database } from '../data/connection';
import { insertEvent, positionWithPlace } from '../data/positions';
import type { SwapRow } from '../data/swaps';
import { inTransaction } from '../data/transaction';
import type { Knex } from 'knex';
import { audit } from './audit';
import { appendRows } from './chain/append';
import type { Caller } from './crew/caller';
import { answering, proofSchema } from './crew/people';
import { notFound, ServiceError } from './service-error';
import { isPerson } from './sign-at-device';
import { loadSwap, type SwapView } from './swaps';
import { validate } from './validate';

const personField = yup.string().strict().max(80).optional();
const versionField = yup.number().strict().integer().min(1).required('version is missing.');

export const endSchema = proofSchema.shape({
  version: versionField,
  kind: yup
    .mixed<(typeof endingKinds)[number]>()
    .oneOf(endingKinds, `kind is one of: ${endingKinds.join(', ')}.`)
    .required('kind is missing.'),
  what: saidWords('What was done', 8).required('what is missing: say what was done.'),
  from: saidWords('The old setting', 1).when('kind', { is: 'adjusted', then: (field) => field.required('The old setting is missing.') }),
  to: saidWords('The new setting', 1).when('kind', { is: 'adjusted', then: (field) => field.required('The new setting is missing.') }),
  positionId: yup
    .string()
    .strict()
    .max(200)
    .when('kind', { is: 'elsewhere', then: (field) => field.required('The position is missing: where was it found?') }),
  signer: personField,
});
export const discardSchema = proofSchema.shape({
  version: versionField,
  reason: saidWords('The reason', 8).required('The reason is missing.'),
  approver: personField,
});
/** The job's row, locked, where it is open and of this version; null where it has ended already. */
async function openRow(trx: Knex.Transaction, swap: SwapView, version: number): Promise<SwapRow | null> {
  const row = await trx<SwapRow>('swaps').where({ id: swap.id }).forUpdate().first();
  if (!row) throw notFound('This job');
  if (row.status === 'ended') return null;
  if (row.status === 'signed') throw new ServiceError(409, [{ field: 'status', reason: 'This job is signed already.' }]);
  if (row.version !== version || swap.version !== version)
    throw new ServiceError(
      409,
      [{ field: 'version', reason: 'Somebody else saved this job meanwhile. Look at it again before you end it.' }],
      { version: row.version, state: row.state },
    );
  return row;
}

/**
 * Ends a job without a new part, by the PIN or passkey of who answers for it. What was read in the job stays with the position. Throws 422 where
 * it was not made safe though hands were on the circuit, 409 where it was changed meanwhile. A second touch ends nothing twice.
 */
export async function endJob(id: string, body: unknown, caller: Caller, headers: Headers): Promise<{ ended: true }> {
  isPerson(caller);
  const { version, signer: asked, pin, passkey, ...ending } = await validate(endSchema, body);
  const swap = await loadSwap(id);
  const signer = await answering(caller, asked, { pin, passkey, headers }, (role) => mayDo(role, 'sign'), 'sign jobs off');
  const open = openBeforeEnding(ending.kind, swap.state, swap.site.practice);
  if (open.length > 0)
    throw new ServiceError(422, [
      { field: 'safe', reason: `${endingWords[ending.kind].name}: make safe first. Not confirmed yet: ${open.join('; ')}.` },
    ]);
  const hunt = huntOf(swap.state, swap.site.practice, swap.site.schools);
  const unsettled = hunt && endingWords[ending.kind].settled ? huntObstacles(hunt, swap.state, 0) : [];
  if (unsettled.length > 0)
    throw new ServiceError(
      422,
      unsettled.map(({ id: field, text }) => ({ field, reason: `${text} Find it under Requirements, or leave it open there by name.` })),
    );
  const other = ending.kind === 'elsewhere' ? await positionWithPlace(database(), ending.positionId ?? '') : undefined;
  if (ending.kind === 'elsewhere' && (!other || other.position.id === swap.position.id))
    throw new ServiceError(422, [{ field: 'positionId', reason: 'The cause was found at another position: choose which.' }]);
  const by = signer.id === caller.person.id ? signer.name : `${signer.name}, for ${caller.person.name}`;
  return inTransaction(database(), async (trx) => {
    const row = await openRow(trx, swap, version);
    if (!row) return { ended: true };
    const at = new Date();
    const { load, duty, supply, removed } = swap.state;
    await trx('swaps').where({ id }).update({ status: 'ended' });
    await trx('positions')
      .where({ id: row.position_id })
      .update({
        load_kind: swap.state.loadKind,
        hazards: JSON.stringify(swap.state.hazards),
        readings: JSON.stringify({ load, duty, supply, removed }),
      });
    const note = { at, record_id: null };
    const own = await insertEvent(trx, {
      ...note,
      position_id: row.position_id,
      kind: ending.kind,
      text: `${endingText(ending, by, other?.position.tag)}${hunt ? causeText(hunt) : ''}`,
    });
    await appendRows(trx, [['event', own]], [], at);
    if (other) {
      const text = `Found from ${swap.position.tag}: ${ending.what}, signed by ${by}`;
      await appendRows(trx, [['event', await insertEvent(trx, { ...note, position_id: other.position.id, kind: 'fault', text })]], [], at);
    }
    await audit(trx, caller.actor, 'ended', { tag: swap.position.tag, kind: ending.kind, by });
    return { ended: true };
  });
}

/** Discards an open job, by the PIN or passkey of a foreman; the reason stands in the history and in the log. */
export async function discardJob(id: string, body: unknown, caller: Caller, headers: Headers): Promise<{ discarded: true }> {
  isPerson(caller);
  const { version, reason, approver: asked, pin, passkey } = await validate(discardSchema, body);
  const swap = await loadSwap(id);
  const approver = await answering(
    caller,
    asked,
    { pin, passkey, headers },
    (role) => mayDo(role, 'approve'),
    'approve that a job is discarded',
  );
  return inTransaction(database(), async (trx) => {
    const row = await openRow(trx, swap, version);
    if (!row) return { discarded: true };
    const at = new Date();
    await trx('swaps').where({ id }).update({ status: 'ended' });
    const text = `Job discarded by ${caller.person.name}, approved by ${approver.name}: ${reason}`;
    await appendRows(
      trx,
      [['event', await insertEvent(trx, { at, record_id: null, position_id: row.position_id, kind: 'discarded', text })]],
      [],
      at,
    );
    await audit(trx, caller.actor, 'discarded', { tag: swap.position.tag, reason, approvedBy: approver.name });
    return { discarded: true };
  });
}

/** Notes a fault, a measurement or a remark at a position. The same words within a minute are one note: a double touch. */
export async function logAtPosition(positionId: string, body: unknown, { person }: Caller): Promise<{ noted: true }> {
  const { kind, text } = await validate(logSchema, body);
  return inTransaction(database(), async (trx) => {
    const position = await trx('positions').where({ id: positionId }).forUpdate().first();
    if (!position) throw notFound('This position');
    const at = new Date();
    const line = `${text} (${person.name})`;
    const twice = await trx('events')
      .where({ position_id: positionId, kind, text: line })
      .andWhere('at', '>', new Date(at.getTime() - 60_000))
      .first();
    if (twice) return { noted: true };
    const event = await insertEvent(trx, { at, record_id: null, position_id: positionId, kind, text: line });
    await appendRows(trx, [['event', event]], [], at);
    return { noted: true };
  });
}
