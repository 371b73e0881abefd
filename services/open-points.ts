/** What was signed as not known stands at its position until somebody has settled it. */
import { inTransaction } from '../data/transaction';
import { settleSchema } from '../core/swap/settle-point';
import { database } from '../data/connection';
import { openLines, settle, type OpenLineRow } from '../data/settlements';
import { notFound } from './service-error';
import { insertEvent } from '../data/positions';
import { appendRows } from './chain/append';
import type { Person } from '../core/crew/person';
import { validate } from './validate';

/** A test that was put off until later stands among the open points beside the lines that were not known. */
const isTest = (lineId: string): boolean => lineId.startsWith('test-');

export type OpenPoint = {
  recordId: string;
  lineId: string;
  term: string;
  /** Who took it on, why it was fitted all the same, and what was to settle it. */
  by: string;
  reason: string;
  settles: string;
  signedAt: string;
};

export const openPointOf = ({ record_id, signed_at, line }: OpenLineRow): OpenPoint => ({
  recordId: record_id,
  lineId: line.id,
  term: line.term,
  by: line.acknowledgedBy ?? '',
  reason: line.note ?? '',
  settles: line.settles ?? '',
  signedAt: signed_at.toISOString(),
});

/** Settles an open point of a position and notes it in its history. A second click changes nothing. Throws 404 where no such point is open. */
export async function settlePoint(positionId: string, body: unknown, { name: by }: Pick<Person, 'name'>): Promise<{ settled: true }> {
  const { recordId, lineId, found } = await validate(settleSchema, body);
  const at = new Date();
  return inTransaction(database(), async (trx) => {
    const row = (await openLines(trx, [positionId])).find((one) => one.record_id === recordId && one.line.id === lineId);
    if (!row) {
      const before = await trx('settlements').where({ record_id: recordId, line_id: lineId }).first();
      if (before) return { settled: true };
      throw notFound('This open point');
    }
    if (await settle(trx, { record_id: recordId, line_id: lineId, by, found: found.trim(), at })) {
      const event = await insertEvent(trx, {
        ...{ position_id: positionId, at, kind: 'note', record_id: recordId },
        text: `${row.line.term} ${isTest(lineId) ? 'is tested now' : 'is known now'}: ${found.trim()} (${by})`,
      });
      const rows = [['settlement', `${recordId}/${lineId}`] as const, ['event', event] as const];
      await appendRows(trx, rows, [], at);
    }
    return { settled: true };
  });
}
