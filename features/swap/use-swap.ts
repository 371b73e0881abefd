'use client';

import { useMemo } from 'react';
import { api } from '@/client/api';
import { useVersionedDraft, type DraftKind } from '@/client/use-versioned-draft';
import { applyChanges, diffStates, type SwapState } from '@/core/swap/swap';
import type { SwapView } from '@/services/swaps';

const isState = (value: unknown): value is SwapState => typeof value === 'object' && value !== null && 'family' in value;

/** A swap under work: saved by itself, entry by entry. */
export function useSwap(initial: SwapView) {
  const { id, state, version, status } = initial;
  const kind = useMemo(
    (): DraftKind<SwapState> => ({
      apply: applyChanges,
      diff: diffStates,
      send: (over, changes) => api<{ version: number }>('PATCH', `/api/v1/swaps/${id}`, { version: over, changes }),
      standing: (body) =>
        isState(body.state) && typeof body.version === 'number' ? { version: body.version, value: body.state } : undefined,
      autosave: true,
    }),
    [id],
  );
  const { value, ...draft } = useVersionedDraft(id, { version, value: state }, kind, status === 'open');
  return { state: value, ...draft };
}
