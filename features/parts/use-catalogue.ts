'use client';

import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { read } from '@/client/Queries';
import type { CataloguePage } from '@/services/parts-list';

/** What is looked for: a kind of device, words, and marks as they stand in the address: 'poles:3'. */
export type CatalogueAsked = { family: string; words: string; marks: readonly string[] };

const addressOf = ({ family, words, marks }: CatalogueAsked): string =>
  new URLSearchParams([
    ['family', family],
    ...(words ? [['q', words]] : []),
    ...marks.filter(isSaid).map((mark) => ['mark', mark]),
  ]).toString();

/** A mark that was chosen, and of which nothing is said yet, asks for nothing. */
const isSaid = (mark: string): boolean => !/:(?:\.\.)?$/.test(mark);

/** The catalogue page by page; what is asked stands in the address, so that it can be sent and comes back on reload. */
export function useCatalogue(start: CatalogueAsked) {
  const [asked, setAsked] = useState(start);
  const query = addressOf(asked);
  const answer = useInfiniteQuery({
    queryKey: ['catalogue', query],
    queryFn: ({ pageParam, signal }) =>
      read<CataloguePage>('GET', `/api/v1/parts?${query}${pageParam ? `&after=${pageParam}` : ''}`, undefined, signal),
    initialPageParam: '',
    getNextPageParam: ({ next }) => next ?? undefined,
    placeholderData: keepPreviousData,
  });
  const ask = (change: Partial<CatalogueAsked>) => {
    const next = { ...asked, ...change };
    setAsked(next);
    window.history.replaceState(null, '', `/parts?${addressOf(next)}`);
  };
  const pages = answer.data?.pages ?? [];
  return {
    asked,
    ask,
    rows: pages.flatMap(({ rows }) => rows),
    total: pages[0]?.total ?? 0,
    countedOut: pages[0]?.more ?? false,
    more: answer.hasNextPage,
    showMore: () => void answer.fetchNextPage(),
    busy: answer.isFetching,
    fault: answer.error?.message,
  };
}
