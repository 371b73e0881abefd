/** Service for which ratings of low-voltage gear hold where nothing else is printed; source: `usualService`. */
export const usualService = { ambientC: 40, altitudeM: 2000 } as const;
