/** Words of the practice of a site, and of choice lists. */
import { ended, firstSentences } from './sentence';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { families } from '../families/registry';
import { plates } from '../families/plates';
import { dutyFields } from '../fields/duty-fields';
import { labelIn, shortIn, type Field } from '../fields/field';
import { loadFields } from '../fields/load-fields';
import { supplyFields } from '../fields/supply-fields';
import { terms, termOf } from '../quantities/terms';
import { foreignWords, sayIn } from './by-practice';
import { inSentence } from './in-sentence';
import { wordOfText, wordText } from './word-text';

const practices = ['IEC', 'NFPA70'] as const;
const all: Field[] = [...supplyFields, ...loadFields, ...dutyFields, ...families.flatMap(({ fields }) => fields)];
const columns = all.flatMap(({ rowFields }) => rowFields ?? []);
const words = [...new Set([...all, ...columns].flatMap((field) => field.words ?? []))];
/** Words of one practice alone that both write: a mark as printed, a title of a document. */
const identifier = /^[a-z]{3,}(?:[A-Z][a-z]+)+$|^[a-z]+(?:-[a-z0-9]+){2,}$/;

describe('words by practice', () => {
  it.each([
    ['Volts to earth', 'Volts to ground'],
    ['Earth-fault delay', 'Ground-fault delay'],
    ['the prospective fault current of the panel', 'the available fault current of the panel'],
    ['breaking capacity', 'interrupting rating'],
    ['an unearthed system', 'an ungrounded system'],
  ])('%s is %s', (iec, nfpa) => {
    expect(sayIn('NFPA70', iec)).toBe(nfpa);
    expect(sayIn('IEC', nfpa)).toBe(iec);
  });
  it('leaves a word inside another alone', () => expect(sayIn('NFPA70', 'a background, unearthly')).toBe('a background, unearthly'));
  it('said twice is said once', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...practices),
        fc.array(fc.constantFrom(...all.map(({ label, meaning }) => `${label}. ${meaning}`))),
        (practice, texts) => {
          const once = sayIn(practice, texts.join(' '));
          expect(sayIn(practice, once)).toBe(once);
          expect(foreignWords(practice, once)).toEqual([]);
        },
      ),
    ));
  it.each(practices)('no label, term or meaning of %s speaks the other practice', (practice) => {
    const spoken = [
      ...all.flatMap((field) => [labelIn(practice, field), shortIn(practice, field), sayIn(practice, field.meaning)]),
      ...Object.keys(terms).map((quantity) => termOf(quantity, practice)),
      ...plates.flatMap(({ fields }) => fields.flatMap(({ meaning, recovery }) => [sayIn(practice, meaning), sayIn(practice, recovery)])),
    ];
    expect(spoken.filter((text) => foreignWords(practice, text).length > 0)).toEqual([]);
  });
});

describe('words of choice lists', () => {
  it.each([
    ['ac', 'AC'],
    ['ac/dc', 'AC/DC'],
    ['undervoltage-release', 'undervoltage release'],
    ['phaseLoss', 'phase loss'],
    ['solidly-grounded-wye', 'solidly grounded wye'],
    ['TN-C-S', 'TN-C-S'],
    ['gBat', 'gBat'],
    ['10x38', '10x38'],
    ['IEC 60947-4-1', 'IEC 60947-4-1'],
  ])('%s is shown as %s', (word, text) => expect(wordText(word)).toBe(text));
  it('no word is shown as an identifier, and each is read back from what is shown', () => {
    expect(words.map(wordText).filter((text) => identifier.test(text))).toEqual([]);
    for (const field of [...all, ...columns].filter((one) => one.words?.length))
      for (const word of field.words!) expect(wordOfText(field.words!, wordText(word)), `${field.name} ${word}`).toBe(word);
  });
  it('a name of Object is no word', () => expect(wordText('constructor')).toBe('constructor'));
});

describe('labels', () => {
  it('are in sentence case, and short where they are short', () => {
    for (const field of all) {
      expect(field.label, field.name).toMatch(/^[A-Z0-9]/);
      for (const practice of practices)
        expect(shortIn(practice, field).length, `${field.name}: ${shortIn(practice, field)}`).toBeLessThanOrEqual(22);
    }
  });
});

describe('inside a sentence', () => {
  it.each([
    ['Full-load amps', 'full-load amps'],
    ['RCD type', 'RCD type'],
    ['Icu', 'Icu'],
    ['AC or DC', 'AC or DC'],
    ['Zs', 'Zs'],
  ])('%s', (term, text) => expect(inSentence(term)).toBe(text));
});

describe('a sentence', () => {
  it('ends once, whoever wrote it', () => {
    expect([ended('asked at the bench'), ended('asked at the bench.'), ended(' Why? '), ended('')]).toEqual([
      'asked at the bench.',
      'asked at the bench.',
      'Why?',
      '',
    ]);
    expect([firstSentences('It is 400 V. It is AC.'), firstSentences('One. Two. Three.', 2)]).toEqual(['It is 400 V.', 'One. Two.']);
  });
});
