/** When may a mark be called read? Two looks are made by hand; the engine plays no part. */
import { describe, expect, it } from 'vitest';
import { plateOf } from '../families/plates';
import type { Seen, OcrPlate } from '../picture/ocr-plate';
import { layOutText } from './layout';
import { readSeen } from './read-seen';
import { confirmed, takePicture } from './merge-photo-readings';

const look = (text: string, confidence: number | ((word: string) => number)): Seen => ({
  laid: layOutText(text),
  words: [...text.matchAll(/\S+/g)].map((match) => ({
    text: match[0],
    confidence: typeof confidence === 'number' ? confidence : confidence(match[0]),
    start: match.index,
    end: match.index + match[0].length,
    corners: [
      [0, 0],
      [1, 0],
      [1, 1],
      [0, 1],
    ],
  })),
});
const seen = (first: string, second = first, confidence: number | ((word: string) => number) = 95): OcrPlate => ({
  width: 100,
  height: 100,
  first: look(first, confidence),
  second: look(second, confidence),
});
const motor = plateOf('motor-3ph')!;
const read = (...args: Parameters<typeof seen>) => readSeen(seen(...args), motor).readings;

describe('certainty', () => {
  it('two looks, sure words, no doubt: read', () =>
    expect(read('HP 10   RPM 1755')).toMatchObject({ horsepower: { state: 'read', value: 10 }, rpm: { value: 1755 } }));
  it('such a reading is not to be confirmed', () => expect(read('HP 10').horsepower!.toConfirm).toBeUndefined());
  it.each([
    ['the looks differ', 'HP 10', 'HP 16', 95, 'horsepower', /two looks gave/],
    ['one look only', 'HP 10   RPM 1755', 'RPM 1755', 95, 'horsepower', /one of two looks/],
    ['the engine is not sure', 'HP 10', 'HP 10', 70, 'horsepower', /sure to 70 %/],
    ['it was repaired', 'RPM l755', 'RPM l755', 95, 'rpm', /taken as/],
    ['amps without a name', '28 A', '28 A', 95, 'fullLoadAmps', /no name/],
    ['it does not go with another mark', 'FLA 28   LRA 12', 'FLA 28   LRA 12', 95, 'lockedRotorAmps', /does not go/],
    ['a single letter, nearly sure', 'CODE G', 'CODE G', 85, 'codeLetter', /sure to 85 %/],
  ] as const)('%s: to confirm', (_, first, second, confidence, field, why) => {
    const reading = read(first, second, confidence)[field]!;
    expect(reading.toConfirm).toBe(true);
    expect(reading.from).toMatch(why);
  });
  it.each([
    ['fuse', '30 A 660 VAC', 'voltsAc', 660],
    ['run-capacitor', '40 µF 440 VAC PROTECTED 16000 AFC', 'faultCurrentAmps', 16000],
    ['breaker', '66 A 3P', 'ratedAmps', 66],
  ] as const)('a zero that may have been read as 6 or 8, %s, %s: shown as it was seen, and to confirm', (kind, text, field, value) =>
    expect(readSeen(seen(text), plateOf(kind)!).readings[field]).toMatchObject({
      value,
      toConfirm: true,
      from: expect.stringMatching(/a zero may be read as 6 or 8|no name/),
    }),
  );
  it('of 15 and 1.5 the point is believed, and asked for', () =>
    expect(read('15 kW', '1.5 kW').kilowatts).toMatchObject({ value: 1.5, toConfirm: true }));
  it('the surer of two looks is shown', () =>
    expect(
      readSeen({ ...seen('HP 16', 'HP 10'), first: look('HP 16', 40), second: look('HP 10', 90) }, motor).readings.horsepower,
    ).toMatchObject({ value: 10, toConfirm: true }));
  it('a reading knows its words', () => {
    const { readings, words } = readSeen(seen('HP 10   RPM 1755'), motor);
    expect(readings.rpm!.words!.map((i) => words[i]!.text)).toEqual(['RPM', '1755']);
    expect(words.find(({ text }) => text === '1755')!.field).toBe('rpm');
  });
});

describe('worn', () => {
  it('a name with nothing behind it is worn, not absent', () =>
    expect(read('HP 10   AMPS   RPM 1755').fullLoadAmps).toMatchObject({ state: 'unreadable' }));
  it('it has no value', () => expect(read('HP 10   AMPS   RPM 1755').fullLoadAmps!.value).toBeUndefined());
  it('a field that is not there stays out', () => expect(read('HP 10').serviceFactor).toBeUndefined());
  it('an unreadable value is never worked out from others', () =>
    expect(read('HP 10   VOLTS 460   AMPS   PH 3').fullLoadAmps?.value).toBeUndefined());
});

describe('what a picture may change', () => {
  const found = readSeen(seen('HP 10   RPM 1755'), motor);
  it('it fills what nobody read', () => expect(Object.keys(takePicture({}, found).fill).sort()).toEqual(['horsepower', 'rpm']));
  it('it leaves what a person read, and shows the difference', () => {
    const { fill, differences } = takePicture({ horsepower: { state: 'read', value: 15 } }, found);
    expect(fill.horsepower).toBeUndefined();
    expect(differences).toMatchObject([{ field: 'horsepower', here: { value: 15 }, picture: { value: 10 } }]);
  });
  it('it leaves what a person read the same, silently', () =>
    expect(takePicture({ horsepower: { state: 'read', value: 10 } }, found).differences).toEqual([]));
  it('what agrees only learns where it stands', () =>
    expect(takePicture({ horsepower: { state: 'measured', value: 10 } }, found).fill.horsepower).toEqual({
      state: 'measured',
      value: 10,
      words: [0, 1],
    }));
  it('what a person confirmed, or gave by hand, is that person’s', () => {
    const yes = confirmed({ state: 'read', value: 15, from: 'picture', toConfirm: true });
    expect(yes.toConfirm).toBeUndefined();
    for (const here of [yes, { state: 'read' as const, value: 15, from: 'picture; word given by hand' }]) {
      const { fill, differences } = takePicture({ horsepower: here, frame: { ...here, value: '215T' } }, found);
      expect([fill.horsepower, fill.frame, differences.length]).toEqual([undefined, undefined, 1]);
    }
  });
  it('it takes the place of an earlier picture', () =>
    expect(takePicture({ horsepower: { state: 'read', value: 15, from: 'picture' } }, found).fill.horsepower).toMatchObject({ value: 10 }));
  it('it takes back what only the earlier picture gave', () =>
    expect(takePicture({ frame: { state: 'read', value: '215T', from: 'picture' } }, found).fill.frame).toBeNull());
  it('it never touches a measured mark', () =>
    expect(takePicture({ rpm: { state: 'measured', value: 1740 } }, found).fill.rpm).toBeUndefined());
});
