/** Every card; to be found in the palette, on the page of cards, and at the jobs of their kinds. */
import { controlCards } from './control-cards';
import { explainingCards } from './explaining-cards';
import { protectionCards } from './protection-cards';

export const cards = [...protectionCards, ...controlCards, ...explainingCards];
