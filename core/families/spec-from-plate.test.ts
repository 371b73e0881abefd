/** What a plate prints becomes the marks of the case, family by family; parts are told apart in a few words. */
import { describe, expect, it } from 'vitest';
import { parsePlate } from '../plates/parse-plate';
import { toMark } from '../readings/reading';
import { breakerShortDescription, breakerSpecFromPlate } from './breakers/spec-from-plate';
import { fuseShortDescription, fuseSpecFromPlate } from './fuses/spec-from-plate';
import { overloadShortDescription, overloadSpecFromPlate } from './overload-relays/spec-from-plate';
import { plateOf } from './plates';
import { familyOf } from './registry';

/** Text of a plate, read by its grammar, as marks of the case. */
const typed = (id: string, text: string, supply = {}) => {
  const { readings } = parsePlate(text, plateOf(id)!);
  return familyOf(id)!.specFromPlate(
    Object.fromEntries(Object.entries(readings).map(([name, reading]) => [name, toMark(reading)])),
    supply,
  );
};

describe('breakers', () => {
  it.each([
    [[277, 480], { ratedVoltsLineToLine: 480, ratedVoltsLineToGround: 277, slash: true }],
    ['480Y/277', { ratedVoltsLineToLine: 480, ratedVoltsLineToGround: 277, slash: true }],
    [[120, 240], { ratedVoltsLineToLine: 240, ratedVoltsLineToGround: 120, slash: true }],
    [480, { ratedVoltsLineToLine: 480 }],
    [null, { ratedVoltsLineToLine: null }],
  ])('volts %j', (ratedVolts, marks) => expect(breakerSpecFromPlate({ ratedVolts }, {})).toMatchObject(marks));
  it('a straight rating is no slash rating', () => expect(breakerSpecFromPlate({ ratedVolts: 480 }, {})).not.toHaveProperty('slash'));
  it('one interrupting figure holds at the volts of the plate; worn and absent stay so', () => {
    expect(breakerSpecFromPlate({ ratedVolts: [120, 240], interruptingAmps: 14000 }, {}).interruptingRatings).toEqual([
      { volts: 240, kind: 'ac', amps: 14000 },
    ]);
    expect(breakerSpecFromPlate({ interruptingAmps: null }, {}).interruptingRatings).toBeNull();
    expect(breakerSpecFromPlate({ interruptingAmps: 'none' }, {}).interruptingRatings).toBe('none');
  });
  it('of a table of Icu the column of the next higher volts counts; above all columns there is none', () => {
    const breaking = [
      { voltsList: [220, 240], icuAmps: 65000, icsAmps: 65000 },
      { voltsList: [380, 415], icuAmps: 36000, icsAmps: 18000 },
    ];
    expect(breakerSpecFromPlate({ breaking }, { systemVolts: 400 })).toMatchObject({ icuAmps: 36000, icsAmps: 18000 });
    expect(breakerSpecFromPlate({ breaking }, { systemVolts: 230 })).toMatchObject({ icuAmps: 65000 });
    expect(breakerSpecFromPlate({ breaking }, { systemVolts: 690 })).toMatchObject({ icuAmps: 'none' });
    expect(breakerSpecFromPlate({ breaking }, {})).not.toHaveProperty('icuAmps');
  });
  it('a typed plate is judged by what it says', () => {
    const marks = typed('breaker', '20 AMP 2 POLE 120/240 V~ 60 HZ 14 KA INTERRUPTING RATING HACR TYPE SWD');
    expect(marks).toMatchObject({ ratedAmps: 20, poles: 2, ratedVoltsLineToLine: 240, slash: true, marks: ['HACR', 'SWD'] });
    expect(familyOf('breaker')!.canonical(marks)).toMatchObject({ slashMark: 'slash', voltsToEarth: 120 });
  });
  it('in brief', () => {
    expect(breakerShortDescription({ curve: 'C', ratedAmps: 16, poles: 1, icnAmps: 10000 })).toMatch(/^C16 A, 1 pole, 10\skA$/);
    expect(breakerShortDescription({})).toBe('? A');
  });
});

describe('fuses', () => {
  it('a flag of time delay is its speed; a body stands for a class', () => {
    expect(fuseSpecFromPlate({ timeDelay: true })).toMatchObject({ speed: 'time-delay' });
    expect(fuseSpecFromPlate({ dualElement: true, speed: 'fast' })).toMatchObject({ speed: 'fast' });
    expect(fuseSpecFromPlate({ bodySize: 'NH00' })).toMatchObject({ fuseClass: 'NH00' });
    expect(fuseSpecFromPlate({ bodySize: 'NH00', fuseClass: 'NH1' })).toMatchObject({ fuseClass: 'NH1' });
  });
  it('a typed body is judged by what it says', () => {
    const marks = typed('fuse', 'CLASS J 30 A 600 VAC TIME DELAY');
    expect(marks).toMatchObject({ fuseClass: 'J', ratedAmps: 30, voltsAc: 600, speed: 'time-delay' });
    expect(familyOf('fuse')!.canonical(marks)).toMatchObject({ ul_holds_10: 150, timeDelayAmps: 30 });
  });
  it('in brief', () => expect(fuseShortDescription({ fuseClass: 'J', ratedAmps: 30, speed: 'time-delay' })).toBe('J 30 A, time-delay'));
});

describe('overload relays', () => {
  it('a range is the two ends of the dial; a worn one leaves both unknown; either reset is two', () => {
    expect(overloadSpecFromPlate({ settingRangeAmps: [12, 18], reset: 'manual or automatic' })).toMatchObject({
      settingMinAmps: 12,
      settingMaxAmps: 18,
      reset: ['manual', 'automatic'],
    });
    expect(overloadSpecFromPlate({ settingRangeAmps: null })).toMatchObject({ settingMinAmps: null, settingMaxAmps: null });
    expect(overloadSpecFromPlate({ reset: 'none' }).reset).toBe('none');
  });
  it('a typed plate is judged by what it says', () => {
    const marks = typed('overload-relay', 'SETTING RANGE 12 - 18 A TRIP CLASS 10 RESET MAN/AUTO');
    expect(marks).toMatchObject({ settingMinAmps: 12, settingMaxAmps: 18, tripClass: '10', reset: ['manual', 'automatic'] });
  });
  it('in brief', () =>
    expect(overloadShortDescription({ settingMinAmps: 12, settingMaxAmps: 18, tripClass: '10' })).toBe('12 to 18 A, class 10'));
});
