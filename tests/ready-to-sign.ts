/** Every step of Make safe confirmed and every proof within its limits, as changes to a swap. */
import type { Practice } from '@/core/case/case';
import type { Proof } from '@/core/families/contract';
import { safeSteps } from '@/core/swap/make-safe';
import type { Change, SwapState } from '@/core/swap/swap';

const within = ({ low, high }: Proof): number => (high === null ? (low ?? 0.01) * 1.01 : (Math.max(0, low ?? 0) + high) / 2);

export const safeAndProved = (state: SwapState, practice: Practice, proofs: readonly Proof[], by: string): Change[] => [
  ...safeSteps(state, practice).map((step) => ({ path: `safe.${step.id}`, value: by })),
  ...proofs.map((proof) => ({
    path: `proofs.${proof.id}`,
    value: proof.kind === 'yes-no' ? { done: 'yes' } : { reading: within(proof) },
  })),
];
