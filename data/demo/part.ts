import type { PartSpec } from '../../core/case/case';

/** One part of the demo catalogue. Makers, names and figures are invented. */
export type DemoPart = {
  id: string;
  family: string;
  maker: string;
  name: string;
  footprint: string;
  coilExchangeable: boolean;
  raw: PartSpec;
};

/** Id of a part from its maker and what tells it from its neighbours. */
export const partId = (...words: (string | number)[]): string =>
  words
    .join('-')
    .toLowerCase()
    .replace(/[^a-z0-9.]+/g, '-')
    .replace(/^-|-$/g, '');
