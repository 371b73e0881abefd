import { describe, expect, it } from 'vitest';
import { contextOf } from '../../judge-case';
import { swapSchools } from '../../loads/schools';
import { compileNeed } from '../../matching/evaluate';
import { breakers } from '.';
import { canonicalBreaker } from '../../overcurrent/breaker-marks';
import { waysOut } from './alternatives';
import { readPlateWords } from '../../overcurrent/plate-words';

describe('canonical form', () => {
  it('takes the letter from the release too', () =>
    expect(canonicalBreaker({ technology: 'thermal-magnetic C', ratedAmps: 10 })).toMatchObject({
      instantaneousHoldsAc: 50,
      instantaneousTripsAc: 100,
    }));
  it('no letter on a legible plate is the maker’s curve: it holds its rated current, when it trips is not known', () =>
    expect(canonicalBreaker({ curve: 'none', ratedAmps: 10 })).toMatchObject({ instantaneousHoldsAc: 10, instantaneousTripsAc: null }));
  it('a release made for AC trips later on DC; 60898-2 has bands of its own', () => {
    expect(canonicalBreaker({ curve: 'B', ratedAmps: 10, standard: 'UL 489' }).instantaneousTripsDc).toBeCloseTo(70, 9);
    expect(canonicalBreaker({ curve: 'C', ratedAmps: 10, standard: 'IEC 60898-2' })).toMatchObject({
      instantaneousHoldsDc: 70,
      instantaneousTripsDc: 150,
    });
    expect(canonicalBreaker({ curve: 'D', ratedAmps: 10, standard: 'IEC 60898-2' })).toMatchObject({ instantaneousTripsDc: null });
  });
  it('230/400 is a slash rating even where nobody says so', () =>
    expect(canonicalBreaker({ ratedVoltsLineToLine: 400, ratedVoltsLineToGround: 230 })).toMatchObject({
      slashMark: 'slash',
      voltsToEarth: 230,
    }));
});

describe('the first half cycle', () => {
  const context = contextOf(
    {
      practice: 'IEC',
      family: 'breaker',
      supply: { systemVolts: 400, phases: 3, currentKind: 'ac' },
      load: { kind: 'motor-3ph', startAmps: 60 },
      duty: {},
      removed: null,
      candidates: [],
    },
    { schools: swapSchools },
  );
  const verdict = (curve: string, amps: number) =>
    compileNeed(breakers.needs(context).find(({ id }) => id === 'first-peak')!).verdict(
      canonicalBreaker({ curve, ratedAmps: amps, standard: 'IEC 60898-1' }),
    );
  it('asks 1.8 times the rms start, as advice', () => {
    expect(verdict('C', 20)).toBe('check');
    expect(verdict('C', 25)).toBe('fits');
  });
});

describe('plate words', () => {
  it.each([
    ['MAX FUSE 35 A', { kinds: ['fuse'], fuseAmps: 35, hacr: false, timeDelay: false }],
    ['Max. fuse or HACR breaker 40 amps', { kinds: ['fuse', 'breaker'], fuseAmps: 40, breakerAmps: 40, hacr: true, timeDelay: false }],
    [
      'MAXIMUM OVERCURRENT PROTECTIVE DEVICE 45',
      { kinds: ['fuse', 'breaker'], fuseAmps: 45, breakerAmps: 45, hacr: false, timeDelay: false },
    ],
    ['MAX CKT BKR HACR TYPE 30A', { kinds: ['breaker'], breakerAmps: 30, hacr: true, timeDelay: false }],
    ['USE MAX 20A CLASS RK5 TIME DELAY FUSE', { kinds: ['fuse'], fuseAmps: 20, hacr: false, timeDelay: true, fuseClass: 'RK5' }],
  ])('%s', (text, words) => expect(readPlateWords(text)).toEqual(words));
  it.each(['MAX AMBIENT 40 C', 'THERMALLY PROTECTED', ''])('%j binds nothing', (text) => expect(readPlateWords(text)).toBeUndefined());
});

describe('when no curve both rides and disconnects', () => {
  const at = (startAmps: number, loopImpedanceOhms: number) =>
    waysOut(
      contextOf({
        practice: 'IEC',
        family: 'breaker',
        supply: {
          systemVolts: 230,
          voltsToGround: 230,
          phases: 1,
          currentKind: 'ac',
          loopImpedanceOhms,
          loopImpedanceBasis: 'worked-out-hot',
        },
        load: { kind: 'motor-1ph', fullLoadAmps: 12, startAmps, conductorAmpacityAmps: 27 },
        duty: {},
        removed: null,
        candidates: [],
      }),
    )!;
  it('names those that do', () =>
    expect(at(90, 0.8).fitting).toEqual([
      { letter: 'C', amps: 20 },
      { letter: 'C', amps: 25 },
      { letter: 'D', amps: 13 },
    ]));
  it('else says the ways out with figures: B narrows least, 5 / 3', () => {
    const { fitting, words } = at(180, 0.8);
    expect(fitting).toEqual([]);
    // 218.5 V / (180 A x 5 / 3) = 0.728 ohm; 273 A / (5 / 3) = 164 A
    expect(words.join(' ')).toMatch(/728\sm.*163\sA/s);
  });
  it('a looser loop never gives more choice', () => {
    const count = (ohms: number) => at(90, ohms).fitting.length;
    for (let ohms = 0.2; ohms < 3; ohms += 0.1) expect(count(ohms + 0.1)).toBeLessThanOrEqual(count(ohms));
  });
});
