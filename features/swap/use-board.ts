'use client';

import type { Order } from '@/core/matching/rank';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { read } from '@/client/Queries';
import { choiceKey, type Choice } from '@/core/swap/swap';
import type { Answers } from '@/services/interface/routes';
import type { Comparison } from '@/services/match';

export type Filters = {
  inCrib: boolean;
  sameFootprint: boolean;
  coilSwap: boolean;
  hideChecks: boolean;
  order: Order;
};
export type BoardState = { board?: Comparison; fault?: string; busy: boolean };
export type ChoiceDetail = Answers['GET /api/v1/swaps/{id}/choice'];

const MOST_COLUMNS = 24;

/** The fit board for the saved state; asked again when the state or the filters change. */
export function useBoard(swapId: string, wanted: boolean, filters: Filters, stamp: string, flush: () => Promise<unknown>): BoardState {
  const { data, error, failureReason, isFetching } = useQuery({
    queryKey: ['board', swapId, stamp, filters],
    enabled: wanted,
    placeholderData: keepPreviousData,
    queryFn: async ({ signal }) => {
      await flush();
      return read<Comparison>('POST', `/api/v1/swaps/${swapId}/match`, { ...filters, limit: MOST_COLUMNS }, signal);
    },
  });
  // While it is asked again it is said why nothing comes.
  return { board: error ? undefined : data, fault: (error ?? failureReason)?.message, busy: isFetching };
}

/** The chosen part judged with its proofs and terminal map, worked out by the server from the catalogue. */
export function useChoiceDetail(
  swapId: string,
  choice: Choice | undefined,
  stamp: string,
  saved: boolean,
  flush: () => Promise<unknown>,
): ChoiceDetail | undefined {
  const { data } = useQuery({
    queryKey: ['choice', swapId, stamp, choice && [choiceKey(choice), choice.coil]],
    enabled: choice !== undefined && saved,
    placeholderData: keepPreviousData,
    queryFn: async ({ signal }) => {
      await flush();
      return read<ChoiceDetail>('GET', `/api/v1/swaps/${swapId}/choice`, undefined, signal);
    },
  });
  return choice === undefined ? undefined : data;
}
