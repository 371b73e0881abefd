/** Cards: short, findable, without figures that nobody can check, and for kinds of device that there are. */
import { describe, expect, it } from 'vitest';
import { families } from '../families/registry';
import { cardsOf, findCards } from './card';
import { cards } from './registry';

const known = new Set(families.map(({ id }) => id));

describe('cards', () => {
  it('have names of their own, and are for kinds that there are', () => {
    expect(new Set(cards.map(({ id }) => id)).size).toBe(cards.length);
    for (const { id, families: kinds } of cards) for (const kind of kinds) expect(known, id).toContain(kind);
  });
  it.each(cards.map((card) => [card.id, card] as const))('%s is short, says no live work, and no unit without a source', (_id, card) => {
    const all = card.sentences.join(' ');
    expect(card.sentences.length).toBeGreaterThan(1);
    expect(all.length).toBeLessThan(900);
    for (const sentence of card.sentences) expect(sentence).toMatch(/[.!]$/);
    if (!card.source) expect(all).not.toMatch(/\d[\d.,]* ?(A|V|kA|W|VA|mA|ms|s|%|°C|m)\b/);
    expect(all).not.toMatch(/work live|while energi[sz]ed/i);
  });
  it('every kind of device has one', () => {
    for (const kind of known) expect(cardsOf(cards, kind).length, kind).toBeGreaterThan(0);
  });
  it.each([
    'water hammer',
    'sccr',
    'ptc',
    'fake',
    'touching',
    'stunned',
    'leather',
    'myth',
    'altitude',
    'mercury',
    'pcb',
    'dimmer',
    'decade',
    'bimetal',
    'shunt',
  ])('%s finds one', (text) => expect(findCards(cards, text).length).toBeGreaterThan(0));
});
