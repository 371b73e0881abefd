import { describe, expect, it } from 'vitest';
import { plates } from '../families/plates';
import { glossaryOf, searchGlossary } from './glossary';

const entries = glossaryOf(plates);

describe('the glossary', () => {
  it('has every field of every plate, once for each meaning', () => {
    for (const plate of plates)
      for (const field of plate.fields)
        expect(entries.filter((entry) => entry.id === field.id && entry.meaning === field.meaning)).toHaveLength(1);
  });
  it('names the plates that carry a mark', () =>
    expect(entries.find(({ id }) => id === 'codeLetter')!.plates).toEqual(['Three-phase motor', 'Single-phase motor']));
  // Synonyms: common practice
  it.each([
    ['FLA', 'fullLoadAmps'],
    ['AFL', 'fullLoadAmps'],
    ['ALR', 'lockedRotorAmps'],
    ['aic', 'interruptingAmps'],
    ['I.R.', 'interruptingAmps'],
    ['Uimp', 'impulseVolts'],
    ['rla', 'ratedLoadAmps'],
    ['mca', 'minimumCircuitAmps'],
    ['MOCP', 'maximumOvercurrentAmps'],
    ['cosφ', 'powerFactor'],
    ['gG', 'utilisation'],
    ['LSIG', 'tripUnit'],
  ])('%s finds %s first', (query, id) =>
    expect(
      searchGlossary(entries, query)
        .slice(0, 2)
        .map((entry) => entry.id),
    ).toContain(id),
  );
  it('ALF finds nothing: it is ambiguous', () =>
    expect(searchGlossary(entries, 'ALF').filter(({ names }) => names.includes('ALF'))).toEqual([]));
  it('words of the meaning find too', () => expect(searchGlossary(entries, 'rejecting').map(({ id }) => id)).toContain('fuseClass'));
  it('an unknown mark finds nothing', () => expect(searchGlossary(entries, 'XQZZ')).toEqual([]));
  it('no query shows all', () => expect(searchGlossary(entries, '  ')).toHaveLength(entries.length));
});
