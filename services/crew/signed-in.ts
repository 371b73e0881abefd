/** Who a page is made for, as `proxy.ts` found out and hands it to the page: in a header of the request that it always writes itself. */
import type { Person } from '../../core/crew/person';

export const SIGNED_IN = 'x-signed-in';

/** Letters that a header can carry. */
export const signedInText = (person: Person | null): string => encodeURIComponent(JSON.stringify(person));

export function signedInOf(headers: Pick<Headers, 'get'>): Person | null {
  const text = headers.get(SIGNED_IN);
  if (text === null) return null;
  const person: Person | null = JSON.parse(decodeURIComponent(text));
  return person;
}
