'use client';

import { useEffect, useState } from 'react';
import type { Comparison } from '@/services/match';
import { api } from '../../client/api';

export type Filters = { inCrib: boolean; sameFootprint: boolean; coilSwap: boolean; hideChecks: boolean };
export type BoardState = { board?: Comparison; fault?: string; busy: boolean };

/** The fit board for the saved state; asked again when the state or the filters change. */
export function useBoard(swapId: string, wanted: boolean, filters: Filters, stamp: string, flush: () => Promise<void>): BoardState {
  const [answer, setAnswer] = useState<BoardState>({ busy: false });
  const query = JSON.stringify(filters);
  useEffect(() => {
    if (!wanted) return;
    const stop = new AbortController();
    const ask = async () => {
      await flush();
      if (stop.signal.aborted) return;
      setAnswer((before) => ({ ...before, busy: true }));
      const result = await api<Comparison>('POST', `/api/v1/swaps/${swapId}/match`, { ...JSON.parse(query), limit: 24 }, stop.signal);
      if (stop.signal.aborted) return;
      setAnswer(result.ok ? { board: result.value, busy: false } : { fault: result.faults[0]?.reason, busy: false });
    };
    void ask();
    return () => stop.abort();
  }, [swapId, wanted, query, stamp, flush]);
  return answer;
}
