'use client';

import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { read } from '@/client/Queries';
import type { CribColumn } from '@/core/stores/crib-columns';
import type { CribRow, ReorderRow } from '@/services/crib';
import type { LedgerEntry } from '@/services/stores';

/** What a crib is asked for: its site, words, and how it is ordered. */
export type CribAsked = { words: string; partId: string; below: boolean; by: CribColumn; down: boolean; page: number; size: number };
const start: CribAsked = { words: '', partId: '', below: false, by: 'name', down: false, page: 0, size: 50 };

export const CRIB = 'crib';

export const keyOfRow = ({ partId, place }: CribRow): string => `${partId} ${place ?? ''}`;

/** A page of the crib; what stood there stays until the next has come. */
export function useCrib(siteId: string, way: Pick<CribAsked, 'words' | 'partId'>) {
  const [asked, setAsked] = useState({ ...start, ...way });
  const { words, partId, below, by, down, page, size } = asked;
  const query = new URLSearchParams({
    ...{ siteId, q: words, by, order: down ? 'down' : 'up', page: String(page), size: String(size) },
    ...(below ? { only: 'below' } : {}),
    ...(partId ? { partId } : {}),
  }).toString();
  const answer = useQuery({
    queryKey: [CRIB, query],
    queryFn: ({ signal }) => read<{ rows: CribRow[]; total: number }>('GET', `/api/v1/stock?${query}`, undefined, signal),
    placeholderData: keepPreviousData,
  });
  // Whatever else is asked for begins at its first page.
  const ask = (change: Partial<CribAsked>) => setAsked((now) => ({ ...now, page: 0, ...change }));
  return {
    asked,
    ask,
    rows: answer.data?.rows ?? [],
    total: answer.data?.total ?? 0,
    busy: answer.isFetching,
    fault: answer.error?.message,
  };
}

export const useEntries = (siteId: string, partId: string) =>
  useQuery({
    queryKey: [CRIB, 'entries', siteId, partId],
    queryFn: ({ signal }) =>
      read<{ entries: LedgerEntry[] }>(
        'GET',
        `/api/v1/stock/entries?${new URLSearchParams({ siteId, partId }).toString()}`,
        undefined,
        signal,
      ),
  });

export const useReorder = (siteId: string) =>
  useQuery({
    queryKey: [CRIB, 'reorder', siteId],
    queryFn: ({ signal }) =>
      read<{ rows: ReorderRow[] }>('GET', `/api/v1/stock/reorder?${new URLSearchParams({ siteId }).toString()}`, undefined, signal),
  });

/** Asks for everything of the stores again, after something was done. */
export function useCribAgain(): () => void {
  const queries = useQueryClient();
  return () => void queries.invalidateQueries({ queryKey: [CRIB] });
}
