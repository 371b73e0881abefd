/**
 * Fields of the devices that interrupt or watch current: breakers, fuses, overload relays.
 * Words, units and ranges are those of the open interface; `rowFields` are the columns of a list of rows.
 */

export const tripClasses = ['2', '3', '5', '10A', '10', '15', '20', '30', '40', '5E', '10E', '20E', '30E', '40E'] as const;
export const breakerStandards = [
  'UL 489',
  'UL 489B',
  'UL 1066',
  'UL 1077',
  'IEC 60898-1',
  'IEC 60898-1/-2',
  'IEC 60898-2',
  'IEC 60898-3',
  'IEC 60947-2',
  'IEC 60934',
  'electronic',
] as const;
export const breakerMarks = ['HACR', 'SWD', 'HID', '1ph-3ph', 'series-rated', 'current-limiting'] as const;
export const arcEnergyMeans = [
  'maintenance-setting',
  'zone-interlocking',
  'differential',
  'active-mitigation',
  'instantaneous-trip',
] as const;
export const breakerCurves = ['B', 'C', 'D', 'K', 'Z', 'MA'] as const;
export const fuseStandards = [
  'UL 248',
  ...Array.from({ length: 18 }, (_, i) => `UL 248-${i + 2}`),
  'IEC 60269',
  ...['1', '2', '3', '4', '6'].map((part) => `IEC 60269-${part}`),
  'IEC 60127',
  'BS 88',
  'BS 1362',
  'ISO 8820-3',
] as const;
export const fuseClasses = [
  ...['C', 'CA', 'CB', 'CC', 'CD', 'CF', 'G', 'H', 'J', 'K1', 'K5', 'L', 'RK1', 'RK5', 'T'],
  ...['plug-Edison', 'plug-S', 'plug-T', 'plug-W', 'midget', '5x20', '6.3x32', '1/4x1-1/4'],
  ...['8x32', '10x38', '10x85', '14x51', '22x58', 'NH000', 'NH00', 'NH0', 'NH1', 'NH2', 'NH3', 'NH4', 'NH4a'],
  ...['D01', 'D02', 'D03', 'DII', 'DIII', 'DIV'],
  ...['A', 'B', 'C'].flatMap((letter) => ['1', '2', '3', '4'].map((n) => `BS88-${letter}${n}`)),
  ...['semiconductor-stud', 'semiconductor-square'],
  ...['blade-micro', 'blade-mini', 'blade-standard', 'blade-maxi'],
  // Not a fuse in the sense of the rules, and sold as one: told apart, so that it never goes in for one.
  'resettable',
] as const;
export const fuseHolders = [...fuseClasses.filter((one) => one !== 'resettable'), 'R-rejection', 'H/K'] as const;
export const utilisationCategories = ['gG', 'gL', 'gK', 'gM', 'gN', 'gD', 'gPV', 'gBat', 'gTr', 'gR', 'gS', 'aM', 'aR', 'aBat'] as const;
export const fuseSpeeds = ['fast', 'time-delay', 'FF', 'F', 'M', 'T', 'TT'] as const;
