/** Parts that people enter themselves, from a plate that they read; and pieces of a part taken into stock. */
import { certain, isRecord } from '../core/certain';
import { familyOf } from '../core/families/registry';
import { ownPartId } from '../core/parts-file/part-key';
import { newPartSchema } from '../core/parts-file/new-part';
import { changeFault } from '../core/swap/change-fault';
import { handSpec } from '../core/swap/case-from-swap';
import type { PartInHand } from '../core/swap/swap';
import { tradeSchema, type Trade } from '../core/stores/trade';
import { partById } from '../data/catalogue';
import { keepTrade } from '../data/trade';
import { database } from '../data/connection';
import { inTransaction } from '../data/transaction';
import { audit } from './audit';
import type { Caller } from './crew/caller';
import { notFound, ServiceError } from './service-error';
import { validate } from './validate';

/** Enters a part. Only what is surely read counts: a mark to confirm, or assumed, is not known. Throws 422; 409 with the id where it is there. */
export async function enterPart(body: unknown, { person, actor }: Pick<Caller, 'person' | 'actor'>): Promise<{ id: string }> {
  const { family: familyId, maker, name, readings } = await validate(newPartSchema, body);
  const family = certain(familyOf(familyId));
  const fault = isRecord(readings)
    ? changeFault(familyId, { path: 'hand.p1', value: { name: 'part', readings } })
    : 'readings is no object.';
  if (fault) throw new ServiceError(422, [{ field: 'readings', reason: fault }]);
  const raw = handSpec({ family: familyId, supply: {} }, { name, readings } as PartInHand);
  if (!raw)
    throw new ServiceError(422, [
      { field: 'readings', reason: 'Nothing has been read on it: a part of the catalogue is judged by its marks.' },
    ]);
  const id = ownPartId(maker, name);
  return inTransaction(database(), async (trx) => {
    const [entered] = await trx('parts')
      .insert({
        ...{ id, family: familyId, maker, name: `${maker} ${name}`, footprint: '', coil_exchangeable: false },
        ...{ raw: JSON.stringify(raw), spec: JSON.stringify(family.canonical(raw)), entered_by: person.name, entered_at: new Date() },
      })
      .onConflict('id')
      .ignore()
      .returning('id');
    if (!entered)
      throw new ServiceError(409, [{ field: 'name', reason: `${maker} ${name} is in the catalogue already, perhaps written otherwise.` }], {
        id,
      });
    await audit(trx, actor, 'part-entered', { part: id });
    return { id };
  });
}

/** Says how a part is bought, in place of what was said before. Throws 404 and 422. */
export async function sayTrade(id: string, body: unknown, { person, actor }: Pick<Caller, 'person' | 'actor'>): Promise<Trade> {
  const trade = await validate(tradeSchema, body);
  return inTransaction(database(), async (trx) => {
    if (!(await partById(trx, id))) throw notFound('This part');
    await keepTrade(trx, id, trade, person.name);
    await audit(trx, actor, 'part-bought', { part: id, supplier: trade.supplier, state: trade.state });
    return trade;
  });
}

/** A part of the catalogue with its marks, as an interface asks for it. Throws 404. */
export async function onePart(id: string) {
  const part = await partById(database(), id);
  if (!part) throw notFound('This part');
  const { family, maker, name, footprint, raw } = part;
  return { id, family, maker, name, footprint, raw };
}
