/** What decides whether a device can be wired and stands where the old one stood. Names in print: common practice. */
import { declared, num, upTo } from './field';
import { sheet } from './print';

export const torque = num(
  'torqueInLb',
  'Torque',
  'in-lb',
  upTo(2000),
  'Torque of the terminal screws. Loose is hot, overtight breaks threads.',
  {
    print: {
      names: ['TIGHTENING TORQUE', 'TORQUE'],
      units: { 'LB-IN': 1, 'IN-LB': 1, 'IN LB': 1, 'LB IN': 1, 'IN.-LB': 1, 'LBF-IN': 1, 'LB-FT': 12, 'N.M': 8.851, NM: 8.851 },
      bare: true,
    },
    recovery: sheet,
  },
);

export const wireRange = declared({
  name: 'wireRangeMm2',
  label: 'Wire range',
  kind: 'band',
  unit: 'mm²',
  min: 0.05,
  max: 1000,
  meaning: 'Smallest and largest conductor that its terminals hold. A strand cut away to fit is a hot joint.',
  print: {
    names: ['WIRE RANGE', 'WIRE SIZE', 'CU ONLY', 'CU/AL', 'CU WIRE', 'AWG'],
    units: { AWG: 1, 'MM²': 1, MM2: 1 },
    bare: true,
  },
  recovery: sheet,
});

export const mountingWidth = num(
  'mountingWidthMm',
  'Mounting width',
  'mm',
  { min: 5, max: 1500 },
  'Room that it takes on the rail or plate, with what is mounted beside it.',
  { short: 'Width', print: { names: ['WIDTH'], units: { MM: 1 } }, recovery: 'Measure it; the maker’s sheet by type.' },
);
