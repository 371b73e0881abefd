/** Marks of a fuse. Names and synonyms: common practice. */
import type { MarksOf } from '../../fields/mark-types';
import { flag, mark, num, upTo, word, type Field } from '../../fields/field';
import { maker, serial, standardField, type, approvals } from '../../fields/plate-marks';
import { AMPS, sheet } from '../../fields/print';
import { fuseClasses, fuseSpeeds, fuseStandards, utilisationCategories } from '../../fields/protection-fields';

const bladeSizes = ['000', '00', '0', '1', '2', '3', '4', '4a'];
const ferrules = ['5x20', '6.3x32', '8x32', '10x38', '14x51', '22x58'];
const bodies = [...bladeSizes.map((n) => `NH${n}`), ...ferrules, 'D01', 'D02', 'D03', 'DII', 'DIII', 'DIV'];

export const fuseFields = [
  maker,
  type,
  serial,
  approvals,
  standardField(
    fuseStandards,
    Object.fromEntries(['', '-1', '-2', '-3', '-4', '-6'].map((part) => [`EN 60269${part}`, `IEC 60269${part}`])),
  ),
  word(
    'fuseClass',
    'Class or body size',
    fuseClasses,
    'UL class: it fixes size, interrupting rating and limiting together. A rejecting class keeps others out.',
    {
      short: 'Class',
      print: { names: ['CLASS', 'CL.'], printed: { RESETTABLE: 'resettable', 'PTC FUSE': 'resettable' } },
      recovery: 'Measure length and diameter; a groove or pin shows a rejecting type.',
    },
  ),
  word(
    'utilisation',
    'Utilisation category',
    [...utilisationCategories, ...fuseSpeeds],
    'IEC 60269: g breaks any overcurrent, a short circuits only; G lines, M motors, R semiconductors.',
    {
      short: 'Category',
      print: { names: ['CATEGORY'], bare: utilisationCategories },
      recovery: sheet,
    },
  ),
  mark(
    'bodySize',
    'Body',
    'word',
    {
      words: bodies,
      names: ['BODY', 'SIZE'],
      bare: true,
      printed: Object.fromEntries([
        ...bladeSizes.map((n) => [`NH ${n}`.toUpperCase(), `NH${n}`]),
        ...ferrules.map((size) => [size.toUpperCase().replace('X', ' X '), size]),
      ]),
    },
    'Size of the body; the holder takes no other.',
    'Measure diameter and length.',
  ),
  num('ratedAmps', 'Rated current', 'A', { min: 0.002, max: 6000 }, 'Current that it carries for good (In).', {
    print: {
      names: ['RATED CURRENT', 'RATING', 'AMPERES', 'AMPS', 'IN', 'I HOLD', 'HOLD CURRENT'],
      units: { ...AMPS, MA: 0.001 },
      bare: true,
    },
    recovery: 'On the handle, the body’s side or the end cap; never from the conductor’s size.',
  }),
  num('voltsAc', 'Rated voltage, AC', 'V', { min: 12, max: 1500 }, 'Highest AC volts of the circuit.', {
    short: 'Volts AC',
    print: {},
    recovery: 'End cap or barrel; the maker’s sheet by type.',
  }),
  num('voltsDc', 'Rated voltage, DC', 'V', { min: 12, max: 1500 }, 'Highest DC volts. Without this mark it is not rated for DC.', {
    short: 'Volts DC',
    print: {},
    recovery: 'End cap or barrel; the maker’s sheet by type.',
  }),
  num('interruptingAmpsAc', 'Breaking capacity, AC', 'A', { min: 10, max: 300000 }, 'Fault current it breaks on AC.', {
    short: 'Breaking AC',
    nfpa: { label: 'Interrupting rating, AC', short: 'Int. rating AC' },
    print: {},
    recovery: 'Unmarked cartridge fuse in NFPA 70 practice: 10 kA by rule, AC only; otherwise not known.',
  }),
  num('interruptingAmpsDc', 'Breaking capacity, DC', 'A', { min: 10, max: 300000 }, 'Fault current it breaks on DC.', {
    short: 'Breaking DC',
    nfpa: { label: 'Interrupting rating, DC', short: 'Int. rating DC' },
    print: {},
    recovery: 'Unmarked cartridge fuse in NFPA 70 practice: 10 kA by rule, AC only; otherwise not known.',
  }),
  word(
    'speed',
    'Speed',
    [...fuseSpeeds, ...utilisationCategories],
    'How it answers a short overcurrent. Only a fuse marked so is time-delay.',
    {
      print: {
        names: ['SPEED'],
        printed: {
          'FAST-ACTING': 'fast',
          'FAST ACTING': 'fast',
          'TIME DELAY': 'time-delay',
          'TIME-DELAY': 'time-delay',
          'SLOW-BLOW': 'time-delay',
          'SLOW BLOW': 'time-delay',
        },
      },
      recovery: sheet,
    },
  ),
  mark(
    'timeDelay',
    'Time delay',
    'flag',
    { names: ['TIME-DELAY', 'TIME DELAY'] },
    'Holds a start that a fast fuse would not; only when marked.',
    sheet,
  ),
  mark(
    'dualElement',
    'Dual element',
    'flag',
    { names: ['DUAL-ELEMENT', 'DUAL ELEMENT'] },
    'Overload and short-circuit elements in one.',
    sheet,
  ),
  mark(
    'currentLimiting',
    'Limiting',
    'flag',
    { names: ['CURRENT LIMITING', 'CURRENT-LIMITING'] },
    'Cuts the fault before its first peak.',
    sheet,
  ),
  mark(
    'rejectionType',
    'Rejecting',
    'flag',
    { names: ['REJECTION TYPE', 'REJECTION'] },
    'Its holder refuses other classes.',
    'A groove, a pin or one ferrule of another size.',
  ),
  num('powerLossWatts', 'Power loss', 'W', { min: 0, max: 500 }, 'Heat at rated current; the base must be able to take it.', {
    print: { names: ['PV', 'POWER LOSS'], units: { W: 1 } },
    recovery: sheet,
  }),
  flag('supplementary', 'Supplementary fuse only', 'Supplementary fuse only.', { short: 'Supplementary' }),
  num('minMeltSecondsAtStart', 'Melting time at the starting current', 's', upTo(100000), 'Least melting time at the starting current.', {
    short: 'Melting time',
  }),
  num('meltingI2tA2s', 'Melting I²t', 'A²s', upTo(1e12), 'Pre-arcing I²t.'),
  num('clearingI2tA2s', 'Clearing I²t', 'A²s', upTo(1e12), 'Total I²t.'),
] as const satisfies readonly Field[];

/** Marks of a part, as a case gives them. */
export type FuseSpec = MarksOf<typeof fuseFields>;
