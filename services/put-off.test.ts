/** Tests that are not done, or made later: named on the record, and what is later stands at the position until it is made up for. */
import { afterAll, beforeAll, expect, it } from 'vitest';
import { certain } from '@/core/certain';
import { signedByTester, tester } from '@/tests/crew';
import { readyJob } from '@/tests/job';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { beginChains } from './chain/append';
import { settlePoint } from './open-points';
import { panelsDesk } from './panels';
import { recordPdf } from './record-pdf';
import { loadRecord } from './records';
import { choiceDetail, signSwap } from './sign';
import { loadSwap, saveSwap } from './swaps';

let db: TestDatabase;
beforeAll(async () => {
  db = await demoDatabase();
  await beginChains(db.knex);
});
afterAll(() => db.drop());

const PLACE = 'kestrel-winch-k2';
const tile = async () =>
  (await panelsDesk()).flatMap(({ panels }) => panels.flatMap(({ positions }) => positions)).find(({ id }) => id === PLACE)!;
const save = async (id: string, changes: { path: string; value: unknown }[]) =>
  saveSwap(id, { version: (await loadSwap(id)).version, changes }, tester);
const sign = async (id: string) => signSwap(id, { version: (await loadSwap(id)).version }, signedByTester);

it('one is put off by name, with words; the record says it, and what is later is an open point', async () => {
  const { id } = await readyJob(PLACE);
  const { proofs } = await choiceDetail(id);
  const [first, second] = [certain(proofs[0]), certain(proofs[1])];
  const put = (proof: { id: string }, putOff: object) => save(id, [{ path: `proofs.${proof.id}`, value: { putOff } }]);
  // Words that say nothing are none, and a reason that nobody knows is not kept.
  await put(first, { why: 'no-instrument', words: 'no', by: 'Somebody Else' });
  await expect(sign(id)).rejects.toMatchObject({ status: 422, faults: [{ field: `proof-${first.id}` }] });
  await expect(put(first, { why: 'too lazy', words: 'it was late', by: '' })).rejects.toMatchObject({ status: 422 });
  await put(first, { why: 'no-instrument', words: 'the bridge is at the other site', by: 'Somebody Else' });
  await put(second, { why: 'hour', words: '', by: '' });
  const { recordId } = await sign(id);
  const { body, ...record } = await loadRecord(recordId);
  const of = (proof: { id: string }) => body.proofs.find((one) => one.id === proof.id)!;
  // Under the name of who is signed in, whatever was sent.
  expect(of(first)).toMatchObject({ verdict: 'not-done', putOff: { by: tester.person.name } });
  expect(of(first).putOff!.text).toBe(`not done: no instrument for it here, the bridge is at the other site (${tester.person.name})`);
  expect(of(second)).toMatchObject({ verdict: 'later', putOff: { text: `later: after an hour of running (${tester.person.name})` } });
  expect((await recordPdf({ body, ...record })).subarray(0, 5).toString()).toBe('%PDF-');
  const lineId = `test-${second.id}`;
  const open = (await tile()).openPoints;
  expect(open.map((one) => one.lineId)).toContain(lineId);
  expect(open.some((one) => one.lineId === `test-${first.id}`)).toBe(false);
  await settlePoint(PLACE, { recordId, lineId, found: '31 °C at the terminals' }, tester.person);
  const after = await tile();
  expect(after.openPoints.some((one) => one.lineId === lineId)).toBe(false);
  expect(after.history.some(({ text }) => text.endsWith(`is tested now: 31 °C at the terminals (${tester.person.name})`))).toBe(true);
});
