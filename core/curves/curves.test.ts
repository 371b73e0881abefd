/** Bands against the gates of their standards, curve files good and bad, and the judgements on a branch. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { alongI2t, bandSeconds, edgeSeconds, pointFault, type Band } from './band';
import { readCurveCsv, writeCurveCsv } from './csv';
import { classFuse, electronicBreaker, generalPurposeFuse, miniatureBreaker, motorFuse, mouldedCaseBreaker, overloadRelay } from './models';
import { tripUnitBreaker } from './trip-unit';

const models: [string, Band][] = [
  ...(['B', 'C', 'D'] as const).flatMap((letter) =>
    [6, 20, 63, 100].map((amps): [string, Band] => [`${letter}${amps}`, miniatureBreaker(letter, amps).band]),
  ),
  ...[2, 10, 32, 160, 1000].map((amps): [string, Band] => [`gG ${amps}`, generalPurposeFuse(amps)!.band]),
  ['aM 32', motorFuse(32).band],
  ['J 30 time-delay', classFuse('J', 30, true).band],
  ['RK1 100 fast', classFuse('RK1', 100, false).band],
  ['moulded-case 70', mouldedCaseBreaker(70, 10).band],
  [
    'trip unit',
    tripUnitBreaker({ longTimeAmps: 400, longTimeSeconds: 10, shortTimeAmps: 2000, shortTimeSeconds: 0.2, instantaneousAmps: 6000 }, 630)
      .band,
  ],
  ...['10A', '10', '20', '30E'].flatMap((word): [string, Band][] => [
    [`class ${word} cold`, overloadRelay(word, 20, false).band],
    [`class ${word} hot`, overloadRelay(word, 20, true).band],
  ]),
  ['electronic', electronicBreaker(6, 9, 0.1).band],
];

describe.each(models)('%s', (_name, band) => {
  it('is a curve: current rises, time never does', () => {
    for (const edge of [band.fast, band.slow]) if (edge) expect(pointFault(edge)).toBeUndefined();
  });
  it('holds no longer than it takes to open; more current never takes longer', () => {
    const amps = fc.double({ min: 0.5, max: 30000, noNaN: true });
    fc.assert(
      fc.property(amps, amps, (a, b) => {
        const [low, high] = [bandSeconds(band, Math.min(a, b)), bandSeconds(band, Math.max(a, b))];
        return low.holdsUntil >= high.holdsUntil && low.openBy >= high.openBy && low.holdsUntil <= low.openBy;
      }),
    );
  });
  it('as CSV and back is the same band', () => {
    const back = readCurveCsv(writeCurveCsv(band));
    expect(back.ok && back.band).toEqual(band);
  });
});

describe('IEC 60898-1 gates, from memory', () => {
  it.each(['B', 'C', 'D'] as const)('%s16: 1.13 holds an hour, 1.45 trips within one, 2.55 within 1 to 60 s', (letter) => {
    const { band } = miniatureBreaker(letter, 16);
    expect(bandSeconds(band, 1.13 * 16).holdsUntil).toBeGreaterThanOrEqual(3600);
    expect(bandSeconds(band, 1.45 * 16).openBy).toBeLessThanOrEqual(3600);
    expect(bandSeconds(band, 2.55 * 16)).toEqual({ holdsUntil: 1, openBy: 60 });
  });
  it('above 63 A the hour is two, above 32 A the minute is two', () => {
    const { band } = miniatureBreaker('C', 100);
    expect(bandSeconds(band, 113).holdsUntil).toBeCloseTo(7200, 6);
    expect(bandSeconds(band, 255).openBy).toBeCloseTo(120, 6);
  });
  it.each([
    ['B', 3, 5],
    ['C', 5, 10],
    ['D', 10, 20],
  ] as const)('%s trips at once from %i to %i times', (letter, low, high) => {
    const { band } = miniatureBreaker(letter, 20);
    expect(bandSeconds(band, low * 20 * 0.999).holdsUntil).toBeGreaterThan(0.05);
    expect(bandSeconds(band, low * 20 * 1.001).holdsUntil).toBeLessThan(0.01);
    expect(bandSeconds(band, high * 20).openBy).toBeLessThanOrEqual(0.1);
    expect(bandSeconds(band, high * 20 * 0.99).openBy).toBeGreaterThan(0.1);
  });
});

describe('common practice: read from a published 6 A curve of type B', () => {
  const { band } = miniatureBreaker('B', 6);
  it('9 A about 2000 s lies in the band', () => {
    const { holdsUntil, openBy } = bandSeconds(band, 9);
    expect(holdsUntil).toBeLessThan(2000);
    expect(openBy).toBeGreaterThan(2000);
  });
  it('20 A: about 30 s on the slow edge, and may be instantaneous', () => {
    const { holdsUntil, openBy } = bandSeconds(band, 20);
    expect(Math.abs(openBy / 30 - 1)).toBeLessThan(0.2);
    expect(holdsUntil).toBeLessThan(0.1);
  });
  it('30 A within 0.1 s', () => expect(bandSeconds(band, 30).openBy).toBeLessThanOrEqual(0.1));
});

describe('fuses and relays at their gates, from memory', () => {
  it('gG 32: holds 75 A 10 s and 200 A 0.1 s, melts at 150 A in 5 s and 350 A in 0.1 s (IEC 60269-1)', () => {
    const { band } = generalPurposeFuse(32)!;
    expect(edgeSeconds(band.fast!, 75)).toBeCloseTo(10, 9);
    expect(edgeSeconds(band.fast!, 200)).toBeCloseTo(0.1, 9);
    expect(edgeSeconds(band.slow!, 150)).toBeCloseTo(5, 9);
    expect(edgeSeconds(band.slow!, 350)).toBeCloseTo(0.1, 9);
  });
  it('no gates, no model', () => expect(generalPurposeFuse(33)).toBeUndefined());
  it('J time-delay holds five times for 10 s, opens by 2 min at twice (UL 248-8)', () => {
    const { band } = classFuse('J', 30, true);
    expect(bandSeconds(band, 149.9).holdsUntil).toBeCloseTo(10, 6);
    expect(bandSeconds(band, 60).openBy).toBeCloseTo(120, 9);
  });
  it('moulded-case: 135 % within the hour, 200 % by size (UL 489)', () => {
    expect(bandSeconds(mouldedCaseBreaker(40, 10).band, 54).openBy).toBeCloseTo(3600, 6);
    expect(bandSeconds(mouldedCaseBreaker(40, 10).band, 80).openBy).toBeCloseTo(240, 9);
    expect(bandSeconds(mouldedCaseBreaker(70, 10).band, 94.5).openBy).toBe(7200);
  });
  it.each([
    ['10A', 2, 10],
    ['10', 4, 10],
    ['20', 6, 20],
    ['30', 9, 30],
  ])('class %s at 7.2 times: %d to %d s (IEC 60947-4-1)', (word, low, high) => {
    const { band } = overloadRelay(word, 20, false);
    expect(bandSeconds(band, 144).holdsUntil).toBeCloseTo(low, 6);
    expect(bandSeconds(band, 144).openBy).toBeCloseTo(high, 6);
    expect(bandSeconds(band, 21).holdsUntil).toBeGreaterThan(60);
    expect(bandSeconds(band, 24).openBy).toBe(7200);
  });
  it('hot opens sooner and never holds longer', () => {
    const at = (hot: boolean) => bandSeconds(overloadRelay('10', 20, hot).band, 100);
    expect(at(true).holdsUntil).toBeLessThan(at(false).holdsUntil);
  });
});
describe('curve files', () => {
  it('reads a head, comments, quotes, semicolons and decimal commas', () => {
    const read = readCurveCsv('\uFEFF# of the maker\nstrom;zeit;edge\n"10,5";100;slow\n20;10,5;slow\n');
    expect(read).toEqual({
      ok: true,
      points: 2,
      band: {
        fast: null,
        slow: [
          { amps: 10.5, seconds: 100 },
          { amps: 20, seconds: 10.5 },
        ],
      },
    });
  });
  it('a file without edges is a line', () => {
    const read = readCurveCsv('10,100\n20,10');
    expect(read.ok && read.band.fast).toEqual(read.ok && read.band.slow);
  });
  it.each([
    ['', 'No point'],
    ['amps,seconds\n', 'No point'],
    ['10,100\n5,10', 'falls from 10 to 5'],
    ['10,100\n20,200', 'the time rises'],
    ['10,100\n,10', 'no current and time'],
    ['10,100\nabc,10', 'no current and time'],
    ['10,100\n20,-1', 'above zero'],
    ['10,100', 'two points'],
    ['10,100,middle\n20,10', 'fast or slow'],
    ['10,100,fast\n20,10', 'name an edge'],
    ['10,100\n10,100', 'stands twice'],
    ['x'.repeat(10_000_000), 'at most'],
    [Array.from({ length: 6000 }, (_, i) => `${i + 1},${7000 - i}`).join('\n'), 'thin the curve'],
  ])('%.20j is refused in words', (text, words) => {
    const read = readCurveCsv(text);
    expect(read.ok).toBe(false);
    expect(!read.ok && read.fault).toContain(words);
  });
  it('edges that cross are refused with the current', () => {
    const read = readCurveCsv('10,100,fast\n100,10,fast\n10,50,slow\n100,1,slow');
    expect(!read.ok && read.fault).toMatch(/^At 10 A the fast edge lies above the slow one/);
    expect(readCurveCsv('10,40,fast\n100,1,fast\n10,50,slow\n100,1,slow').ok).toBe(true);
  });
  it('never throws on any text', () => {
    fc.assert(fc.property(fc.string({ maxLength: 300 }), (text) => typeof readCurveCsv(text).ok === 'boolean'));
  });
});

it('constant I²t keeps the heat', () => {
  const [a, b] = alongI2t({ amps: 10, seconds: 9 }, 30);
  expect(a!.amps ** 2 * a!.seconds).toBeCloseTo(b!.amps ** 2 * b!.seconds, 9);
});
