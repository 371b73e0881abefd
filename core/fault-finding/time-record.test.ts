/** A logger's file as what it says of a fault. Files and figures are invented; the laws run over random records with a fresh seed each. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { excursionsAbove, readTimeRecord, summaryOf, type TimeRecord } from './time-record';

const record = (text: string): TimeRecord => {
  const result = readTimeRecord(text);
  if (!result.ok) throw new Error(result.fault);
  return result.record;
};
const faultOf = (text: string): string => {
  const result = readTimeRecord(text);
  return result.ok ? '' : result.fault;
};

describe('a logger', () => {
  it.each([
    ['plain', 'time,amps,volts\n0,4,230\n1,31,221\n2,30,222\n3,4,230'],
    ['decimal commas between semicolons', 'Zeit;Strom (A);Spannung (V)\n0;4,0;230\n1;31,0;221\n2;30,0;222\n3;4,0;230'],
    ['units in the head', 't [ms],current [kA],voltage [V]\n0,0.004,230\n1000,0.031,221\n2000,0.030,222\n3000,0.004,230'],
    ['three phases, the highest counts', 'time,I1,I2,I3,U1\n0,4,4,4,230\n1,29,31,28,221\n2,30,22,24,222\n3,4,4,3,230'],
    ['hours of a day over midnight', 'time,amps,volts\n23:59:58,4,230\n23:59:59,31,221\n00:00:00,30,222\n00:00:01,4,230'],
    [
      'instants, remarks and a mark at the start',
      '\uFEFF# logger 7\ntimestamp,amps,volts\n2026-11-30T14:00:00Z,4,230\n2026-11-30T14:00:01Z,31,221\n2026-11-30T14:00:02Z,30,222\n2026-11-30T14:00:03Z,4,230',
    ],
    ['a current that flows backwards', 'time,amps,volts\n0,-4,230\n1,-31,221\n2,-30,222\n3,4,230'],
  ])('%s', (_, text) => {
    const found = summaryOf(record(text), 20);
    expect(found).toMatchObject({ seconds: 3, highestAmps: 31, lowestVolts: 221, perDay: null });
    expect(found.excursions).toEqual([{ at: 1, amps: 31, seconds: 2 }]);
  });

  it('a stretch that the record cuts off is as long as it was seen', () => {
    expect(excursionsAbove(record('time,amps\n0,40\n5,41'), 20)).toEqual([{ at: 0, amps: 41, seconds: 5 }]);
  });

  it('a list of events says how long each was', () => {
    const events = record('time,peak (A),duration (ms)\n2026-11-30 03:10,212,80\n2026-11-30 05:40,18,4000\n2026-11-30 07:10,250,60');
    expect(events.kind).toBe('events');
    const { excursions, perDay } = summaryOf(events, 100);
    expect(excursions.map(({ amps, seconds }) => [amps, seconds])).toEqual([
      [212, 0.08],
      [250, 0.06],
    ]);
    // Two in four hours are twelve a day.
    expect(perDay).toBeCloseTo(12);
  });
});

describe('what is no record is said in words, with its line', () => {
  it.each([
    ['nothing', '', /names the columns/],
    ['no time', 'amps,volts\n1,2', /names the columns/],
    ['neither amps nor volts', 'time,door\n1,2', /names the columns/],
    ['a head alone', 'time,amps', /there is no line/],
    ['a time that is none', 'time,amps\n0,1\nnoon,2', /Line 3: 'noon'/],
    ['a time that goes back', 'time,amps\n5,1\n4,2', /Line 3: the time goes back/],
    ['a length that is none', 'time,amps,duration\n5,1,long', /Line 2: 'long'/],
  ])('%s', (_, text, words) => {
    expect(faultOf(text)).toMatch(words);
  });

  it('cells without a figure leave the stretch, and are no zero', () => {
    const { excursions, lowestVolts } = summaryOf(record('time,amps,volts\n0,30,\n1,,\n2,30,'), 20);
    expect(excursions).toHaveLength(2);
    expect(lowestVolts).toBeNull();
  });
});

describe('laws', () => {
  const trace = fc.array(fc.double({ min: 0, max: 500, noNaN: true }), { minLength: 2, maxLength: 60 });
  const samples = (amps: readonly number[]): TimeRecord => ({
    ...{ kind: 'samples', lengths: [] },
    samples: amps.map((one, seconds) => ({ seconds, amps: one, volts: null })),
  });
  it('every stretch holds a sample at its peak, none is higher, and together they hold all samples above', () => {
    fc.assert(
      fc.property(trace, fc.double({ min: 1, max: 499, noNaN: true }), (amps, limit) => {
        const found = excursionsAbove(samples(amps), limit);
        const above = amps.map((one, i) => ({ one, i })).filter(({ one }) => one >= limit);
        expect(found.length === 0).toBe(above.length === 0);
        for (const { one, i } of above)
          expect(found.filter(({ at, seconds, amps: peak }) => at <= i && i <= at + seconds && peak >= one).length).toBeGreaterThan(0);
        for (const { amps: peak, at, seconds } of found) {
          expect(peak).toBeGreaterThanOrEqual(limit);
          expect(amps.slice(at, at + seconds + 1)).toContain(peak);
        }
      }),
    );
  });
  it('a higher limit never finds a longer time above it', () => {
    const total = (amps: readonly number[], limit: number) =>
      excursionsAbove(samples(amps), limit).reduce((sum, { seconds }) => sum + seconds, 0);
    fc.assert(
      fc.property(trace, fc.double({ min: 1, max: 400, noNaN: true }), fc.double({ min: 0, max: 99, noNaN: true }), (amps, limit, more) => {
        expect(total(amps, limit + more)).toBeLessThanOrEqual(total(amps, limit));
      }),
    );
  });
});
