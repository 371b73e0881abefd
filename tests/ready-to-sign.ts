/** Every step of Make safe confirmed, every proof within its limits, and a search for the cause left open by name, as changes to a swap. */
import type { Proof } from '@/core/families/contract';
import { safeSteps } from '@/core/swap/make-safe';
import type { Change as PartChange } from '@/core/matching/changes';
import type { JudgedPart } from '@/core/matching/judge';
import { changeKey, changeSignature, lineSignature } from '@/core/swap/sign-off';
import { certain } from '@/core/certain';
import { failuresInAYear, huntOf, openState } from '@/core/swap/fault-hunt';
import { HUNT_KEY, type Change } from '@/core/swap/swap';
import type { SwapView } from '@/services/swaps';

const within = ({ low, high }: Proof): number => (high === null ? (low ?? 0.01) * 1.01 : (Math.max(0, low ?? 0) + high) / 2);

/** A search for the cause that this position asks for, left open by name. */
function leftOpen({ state, site, history }: Pick<SwapView, 'state' | 'site' | 'history'>, by: string): Change[] {
  const open = openState(certain(huntOf(state, site.practice, site.schools)), failuresInAYear(history));
  return open ? [{ path: `acknowledged.${HUNT_KEY}`, value: { by, reason: 'the search goes on', seen: open.seen } }] : [];
}

export const safeAndProved = (swap: SwapView, proofs: readonly Proof[], by: string): Change[] => [
  ...leftOpen(swap, by),
  ...safeSteps(swap.state, swap.site.practice).map((step) => ({ path: `safe.${step.id}`, value: by })),
  { path: 'safe.energise', value: by },
  ...proofs.map((proof) => ({
    path: `proofs.${proof.id}`,
    value: proof.kind === 'yes-no' ? { done: 'yes' } : { reading: within(proof) },
  })),
];

/** Everything that lines and changes of a choice ask for, said by name: overrides, what is not known, reasons of changes. */
export const saidOf = ({ judged, changes }: { judged: JudgedPart; changes: readonly PartChange[] }, by: string): Change[] => [
  ...judged.lines
    .filter((line) => line.verdict !== 'fits')
    .map((line) => ({
      path: `${line.verdict === 'fails' ? 'overrides' : 'acknowledged'}.${line.need.id}`,
      value: { by, reason: 'looked at on the bench', seen: lineSignature(line), settles: 'the data sheet of its maker' },
    })),
  ...changes
    .filter(({ ask }) => ask !== null)
    .map((change) => ({
      path: `acknowledged.${changeKey(change)}`,
      value: { by, reason: 'asked and found to be right', seen: changeSignature(change) },
    })),
];
