/** Columns that a crib can be ordered by. Words of the open interface. */
export const cribColumns = ['name', 'maker', 'orderNumber', 'family', 'place', 'quantity', 'total', 'least', 'most', 'countedAt'] as const;
export type CribColumn = (typeof cribColumns)[number];
