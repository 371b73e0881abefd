/** Every step of Make safe confirmed and every proof within its limits, as changes to a swap. */
import type { Practice } from '@/core/case/case';
import type { Proof } from '@/core/families/contract';
import { safeSteps } from '@/core/swap/make-safe';
import type { Change as PartChange } from '@/core/matching/changes';
import type { JudgedPart } from '@/core/matching/judge';
import { changeKey, changeSignature, lineSignature } from '@/core/swap/sign-off';
import type { Change, SwapState } from '@/core/swap/swap';

const within = ({ low, high }: Proof): number => (high === null ? (low ?? 0.01) * 1.01 : (Math.max(0, low ?? 0) + high) / 2);

export const safeAndProved = (state: SwapState, practice: Practice, proofs: readonly Proof[], by: string): Change[] => [
  ...safeSteps(state, practice).map((step) => ({ path: `safe.${step.id}`, value: by })),
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
