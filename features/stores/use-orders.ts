'use client';

import { useQuery } from '@tanstack/react-query';
import { api } from '@/client/api';
import { read } from '@/client/Queries';
import { mayDo } from '@/core/crew/rights';
import type { Order } from '@/core/orders/order';
import { usePerson } from '@/ui/shell/person';
import { CRIB, useCribAgain } from './use-crib';

/** True for those who keep the stock; the others look. */
export function useKeepsStock(): boolean {
  const person = usePerson();
  return person !== undefined && person !== null && mayDo(person.role, 'keep-stock');
}

/** Orders of a site. */
export const useOrders = (siteId: string) =>
  useQuery({
    queryKey: [CRIB, 'orders', siteId],
    queryFn: ({ signal }) =>
      read<{ orders: Order[] }>('GET', `/api/v1/orders?${new URLSearchParams({ siteId }).toString()}`, undefined, signal),
  });

/** Sends something of an order, and asks for the stores again. */
export function useOrderDeed() {
  const again = useCribAgain();
  return async (orderId: string, what: 'answer' | 'arrived' | 'close' | 'open', body: unknown = {}) => {
    const answer = await api('POST', `/api/v1/orders/${orderId}/${what}`, body);
    if (answer.ok) again();
    return answer;
  };
}
