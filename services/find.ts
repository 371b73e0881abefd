/** The palette's search over positions, parts and worksheets. */
import { worksheets } from '../core/worksheets/registry';
import { findCards, type Card } from '../core/cards/card';
import { cards } from '../core/cards/registry';
import { findWays, type WayIn } from '../core/fault-finding/find-ways';
import { waysIn } from '../core/swap/ways-in';
import { database } from '../data/connection';
import { findParts, findPlaces, findPositions } from '../data/find';

type Item = { id: string; group: string; title: string; detail: string; words: string };
const MOST = 8;

/** A way into a job, as the palette shows it. */
const wayItem = ({ kind, family, device, id, title, words }: WayIn): Item => ({
  id: `/symptoms?family=${family}&${kind}=${id}`,
  group: kind === 'symptom' ? 'What does it do?' : 'What was measured?',
  title,
  detail: device.iec === device.nfpa ? device.iec : `${device.iec}, ${device.nfpa}`,
  words,
});

/** A card, as the palette shows it. */
const cardItem = ({ id, title, words, sentences }: Card): Item => ({
  id: `/plates/cards#${id}`,
  group: 'Good to know',
  title,
  detail: '',
  words: `${title} ${sentences.join(' ')} ${words}`.toLowerCase(),
});

type Found = { positions: Item[]; symptoms: Item[]; cards: Item[]; parts: Item[]; places: Item[]; sheets: Item[] };

/** Returns at most eight each of positions, symptoms or measurements, cards, parts and places of the stores, and every worksheet, whose words all occur. */
export async function find(text: string): Promise<Found> {
  // What was not read of a worn number says nothing alone.
  const words = text
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => /[^?]/.test(word))
    .slice(0, 6);
  const knex = database();
  const [positions, parts, places] = await Promise.all([
    findPositions(knex, words, MOST),
    words.length > 0 ? findParts(knex, words, MOST) : [],
    words.length > 0 ? findPlaces(knex, words, MOST) : [],
  ]);
  return {
    positions: positions.map((row) => ({
      id: `/?panel=${row.panel_id}&position=${row.id}`,
      group: 'Positions',
      title: `${row.tag} ${row.function}`,
      detail: `${row.panel}, ${row.site}`,
      words: `${row.tag} ${row.function} ${row.panel} ${row.site} ${row.family}`,
    })),
    symptoms: (words.length > 0 ? findWays(waysIn(), words.join(' ')) : []).slice(0, MOST).map(wayItem),
    cards: (words.length > 0 ? findCards(cards, words.join(' ')) : []).slice(0, MOST).map(cardItem),
    parts: parts.map((row) => ({
      id: `/parts/${row.id}`,
      group: 'Parts',
      title: row.name,
      detail: row.id,
      words: `${row.name} ${row.id} ${row.maker}`,
    })),
    places: places.map(({ site_id: siteId, site, place, pieces }) => ({
      id: `/stores?site=${encodeURIComponent(siteId)}&words=${encodeURIComponent(place)}`,
      group: 'Places',
      title: place,
      detail: `${site}, ${pieces} piece${pieces === 1 ? '' : 's'}`,
      words: `${place} ${site}`,
    })),
    sheets: worksheets
      .filter(({ title }) => words.every((word) => title.toLowerCase().includes(word)))
      .map(({ id, title }) => ({ id: `/worksheets/${id}`, group: 'Worksheets', title, detail: '', words: title })),
  };
}
