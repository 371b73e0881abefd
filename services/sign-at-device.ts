/**
 * Signing and approving at the device of who works: by a short PIN, made for gloves, or by a passkey. An apprentice's job is signed by a mentor beside them,
 * an override approved by a second person, each by their own.
 */
import { inTransaction } from '../data/transaction';
import * as yup from 'yup';
import { certain } from '../core/certain';
import { mayDo } from '../core/crew/rights';
import { applyChanges } from '../core/swap/swap';
import { database } from '../data/connection';
import { swapById } from '../data/swaps';
import { audit } from './audit';
import type { Caller } from './crew/caller';
import { answering, proofSchema } from './crew/people';
import { notFound, ServiceError } from './service-error';
import { signSchema, signSwap } from './sign';
import { loadSwap } from './swaps';
import { validate } from './validate';

const personField = yup.string().strict().max(80).optional();

export const signRequestSchema = signSchema.concat(proofSchema).shape({
  /** Who signs; left out, who is signed in. */
  signer: personField,
});
export const approveSchema = proofSchema.shape({
  needId: yup.string().strict().max(200).required('needId is missing: the line that is overridden.'),
  approver: personField,
});

/** Throws 403 where a token asks: a person answers for what is signed. */
export const isPerson = ({ session }: Caller): void => {
  if (session === null)
    throw new ServiceError(403, [{ field: 'token', reason: 'A token never signs or approves: a person does, by their PIN or passkey.' }]);
};

/** Signs a job off by the PIN or passkey of who answers for it. Throws 403 for a wrong one or a role that does not sign. */
export async function signAtDevice(id: string, body: unknown, caller: Caller, headers: Headers): Promise<{ recordId: string }> {
  isPerson(caller);
  const { signer: asked, pin, passkey, ...rest } = await validate(signRequestSchema, body);
  const signer = await answering(caller, asked, { pin, passkey, headers }, (role) => mayDo(role, 'sign'), 'sign jobs off');
  return signSwap(id, rest, {
    signer,
    ...(signer.id === caller.person.id ? {} : { doneBy: caller.person.name }),
    actor: caller.actor,
  });
}

/** Approves a named override. Throws 403 where the approver named it, has another role, or the PIN or passkey is wrong. */
export async function approveOverride(id: string, body: unknown, caller: Caller, headers: Headers): Promise<{ version: number }> {
  isPerson(caller);
  const { needId, approver: asked, pin, passkey } = await validate(approveSchema, body);
  const swap = await loadSwap(id);
  const approver = await answering(caller, asked, { pin, passkey, headers }, (role) => mayDo(role, 'approve'), 'approve overrides');
  return inTransaction(database(), async (trx) => {
    const row = await trx('swaps').where({ id: swap.id, status: 'open' }).forUpdate().first();
    const override = row?.state.overrides?.[needId];
    if (!row || !override) throw notFound('This override');
    // A second touch: it is approved already.
    if (override.approvedBy === approver.name) return { version: row.version };
    if (override.by === approver.name)
      throw new ServiceError(403, [{ field: 'approver', reason: `${approver.name} named this override; another person approves it.` }]);
    const state = applyChanges(row.state, [{ path: `overrides.${needId}`, value: { ...override, approvedBy: approver.name } }]);
    await trx('swaps')
      .where({ id })
      .update({ state: JSON.stringify(state), version: row.version + 1 });
    await audit(trx, caller.actor, 'override-approved', {
      tag: swap.position.tag,
      line: needId,
      by: override.by,
      approvedBy: approver.name,
    });
    return { version: certain(await swapById(trx, id)).version };
  });
}
