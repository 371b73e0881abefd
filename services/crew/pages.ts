/** What each page asks of who opens it; a test holds this list against the pages that are there. */
import type { Access } from '../../core/crew/rights';

/** By the first words of the address; the longest that fits counts. Whatever is not listed asks for `see`. */
export const pageRights: Readonly<Record<string, Access>> = {
  '/': 'see',
  '/sign-in': 'open',
  '/out-of-reach': 'open',
  '/not-yours': 'own',
  '/crew': 'own',
  '/crew/people': 'administer',
  '/crew/tokens': 'administer',
  '/crew/log': 'administer',
  '/crew/care': 'administer',
  '/check': 'see',
  '/circuits': 'see',
  '/curves': 'see',
  '/empty': 'open',
  '/interface': 'see',
  '/lab': 'see',
  '/logbook': 'see',
  '/panels': 'keep-plant',
  '/parts': 'see',
  '/parts/import': 'keep-stock',
  '/plant': 'keep-plant',
  '/plates': 'see',
  '/reading-engine': 'judge',
  '/records': 'see',
  '/stores': 'see',
  '/supply': 'see',
  '/swaps': 'see',
  '/symptoms': 'see',
  '/worksheets': 'see',
  '/icon.svg': 'open',
};

/** The right that a page asks for. */
export function pageRight(pathname: string): Access {
  const words = pathname.split('/').filter(Boolean);
  for (let length = words.length; length > 0; length -= 1) {
    const right = pageRights[`/${words.slice(0, length).join('/')}`];
    if (right) return right;
  }
  return 'see';
}
