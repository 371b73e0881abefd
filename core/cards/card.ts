/** A small drawing, on a sheet 240 wide and 90 high: lines through points, and words. */
export type Drawing = {
  /** What it shows, for who does not see it. */
  shows: string;
  lines: readonly (readonly (readonly [x: number, y: number])[])[];
  words: readonly (readonly [x: number, y: number, text: string])[];
};

/** A short card: what practitioners know and a plate does not say. Facts of the trade; a figure stands on one only with its source. */
export type Card = {
  id: string;
  title: string;
  sentences: readonly string[];
  drawing?: Drawing;
  /** What stands better in rows than in a sentence. */
  table?: { heads: readonly string[]; rows: readonly (readonly string[])[] };
  /** Kinds of device at whose jobs it is offered; empty: found in the palette and on the page of cards alone. */
  families: readonly string[];
  /** Further words by which it is found. */
  words: string;
  /** Document and clause of what it says, where it is not common practice alone. */
  source?: string;
};

/** The cards of a kind of device. */
export const cardsOf = (cards: readonly Card[], family: string): Card[] => cards.filter(({ families }) => families.includes(family));

/** The cards in which all words occur. */
export function findCards(cards: readonly Card[], text: string): Card[] {
  const asked = text.toLowerCase().split(/\s+/).filter(Boolean).slice(0, 8);
  return cards.filter(({ title, sentences, words, table }) => {
    const all = `${title} ${sentences.join(' ')} ${table?.rows.flat().join(' ') ?? ''} ${words}`.toLowerCase();
    return asked.every((word) => all.includes(word));
  });
}
