/** A short card: what practitioners know and a plate does not say. Facts of the trade; a figure stands on one only with its source. */
export type Card = {
  id: string;
  title: string;
  sentences: readonly string[];
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
  return cards.filter(({ title, sentences, words }) => {
    const all = `${title} ${sentences.join(' ')} ${words}`.toLowerCase();
    return asked.every((word) => all.includes(word));
  });
}
