/** Under which id does a part stand that people bring themselves? One for its maker and number, however they are written: entered by hand or by a file. */
const folded = (text: string): string =>
  text
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '');

/** Maker and number as one word: written otherwise they are the same part. */
export const partKey = (maker: string, number: string): string => `${folded(maker)}-${folded(number)}`;

export const ownPartId = (maker: string, number: string): string => `own-${partKey(maker, number)}`.slice(0, 180);
