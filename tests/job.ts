/** A job at a position of the demo, made ready through the use cases with the first part that the board offers. */
import { circuitSignature } from '@/core/circuit/circuit-obstacles';
import { chooseChanges, CIRCUIT_KEY, type Change, type Choice } from '@/core/swap/swap';
import { matchSwap, type BoardColumn } from '@/services/match';
import { choiceDetail } from '@/services/sign';
import { loadSwap, openSwap, saveSwap } from '@/services/swaps';
import { tester } from './crew';
import { safeAndProved, saidOf } from './ready-to-sign';

const save = async (id: string, changes: Change[]) => saveSwap(id, { version: (await loadSwap(id)).version, changes }, tester);

/** Chooses a column of the board with all that it asks for, made safe and tested. */
export async function takeAndProve(id: string, choice: Choice, { part: judged, changes }: BoardColumn): Promise<void> {
  const swap = await loadSwap(id);
  await save(id, chooseChanges(swap.state, choice));
  const { proofs, circuit } = await choiceDetail(id);
  await save(id, [
    { path: 'choice.part', value: { ...choice, taken: true } },
    ...saidOf({ judged, changes }, 'R. Tester'),
    // The other one of a pair that stays as it was.
    {
      path: `acknowledged.${CIRCUIT_KEY}`,
      value: { by: 'R. Tester', reason: 'the other one follows', seen: circuitSignature(circuit?.lines ?? []) },
    },
    ...safeAndProved(swap, proofs, 'R. Tester'),
  ]);
}

/** Everything said, made safe and proved: what is left is the signature. */
export async function readyJob(positionId: string): Promise<{ id: string; version: number; partId: string }> {
  const { id } = await openSwap({ positionId });
  const column = (await matchSwap(id, {})).columns[0]!;
  await takeAndProve(id, { partId: column.partId, name: column.name, ...(column.coil ? { coil: column.coil } : {}) }, column);
  return { id, version: (await loadSwap(id)).version, partId: column.partId };
}
