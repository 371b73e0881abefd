/** A job at a position of the demo, made ready through the use cases with the first part that the board offers. */
import { chooseChanges } from '@/core/swap/swap';
import { matchSwap } from '@/services/match';
import { choiceDetail } from '@/services/sign';
import { loadSwap, openSwap, saveSwap } from '@/services/swaps';
import { tester } from './crew';
import { safeAndProved, saidOf } from './ready-to-sign';

/** Everything said, made safe and proved: what is left is the signature. */
export async function readyJob(positionId: string): Promise<{ id: string; version: number; partId: string }> {
  const { id } = await openSwap({ positionId });
  const swap = await loadSwap(id);
  const save = async (changes: { path: string; value: unknown }[]) =>
    saveSwap(id, { version: (await loadSwap(id)).version, changes }, tester);
  const column = (await matchSwap(id, {})).columns[0]!;
  const choice = { partId: column.partId, name: column.name, ...(column.coil ? { coil: column.coil } : {}) };
  await save(chooseChanges(swap.state, choice));
  const { proofs } = await choiceDetail(id);
  await save([
    { path: 'choice.part', value: { ...choice, taken: true } },
    ...saidOf({ judged: column.part, changes: column.changes }, 'R. Tester'),
    ...safeAndProved(swap, proofs, 'R. Tester'),
  ]);
  return { id, version: (await loadSwap(id)).version, partId: column.partId };
}
