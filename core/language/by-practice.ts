/**
 * Which word does a reader of this practice expect? One table, read both ways: IEC and BS 7671 words on one side, NFPA 70 words
 * on the other. Sentences, labels and the text of choices pass through here on their way to a screen, a PDF or an error.
 * Terms: IEC 60050 and BS 7671 against NFPA 70 article 100, from memory. Marks as printed on a plate and titles of standards
 * are never translated: they do not come here.
 */
import { certain } from '../certain';
import type { Practice } from './practice';

/** `[IEC, NFPA]`, in small letters save abbreviations; a capital at the start is kept. Of two with the same word the later is the one that it is turned into. */
const pairs: readonly (readonly [iec: string, nfpa: string])[] = [
  ['current-carrying capacity of the conductor, iz', 'conductor ampacity'],
  ['current-carrying capacity', 'ampacity'],
  ['prospective short-circuit current', 'available short-circuit current'],
  ['prospective fault current', 'available fault current'],
  ['RCD types', 'ground-fault device types'],
  ['RCD type', 'ground-fault device type'],
  ['RCDs', 'ground-fault devices'],
  ['RCD', 'ground-fault device'],
  ['residual-current devices', 'ground-fault devices'],
  ['residual-current device', 'ground-fault device'],
  ['residual current device', 'ground-fault device'],
  ['protective conductor', 'equipment grounding conductor'],
  ['earth electrode', 'grounding electrode'],
  ['earth-fault', 'ground-fault'],
  ['earth fault', 'ground fault'],
  ['earth faults', 'ground faults'],
  ['to earth', 'to ground'],
  ['earthed', 'grounded'],
  ['unearthed', 'ungrounded'],
  ['earthing', 'grounding'],
  ['earth', 'ground'],
  ['ultimate breaking capacity', 'ultimate interrupting rating'],
  ['breaking capacities', 'interrupting ratings'],
  ['breaking capacity', 'interrupting rating'],
  ['star-delta', 'wye-delta'],
  ['star to delta', 'wye to delta'],
  ['star-to-delta', 'wye-to-delta'],
  ['star point', 'wye point'],
  ['in star', 'in wye'],
  ['earthed star', 'grounded wye'],
  ['unearthed star', 'ungrounded wye'],
  ['inching', 'jogging'],
  ['final circuit', 'branch circuit'],
  ['final-circuit', 'branch-circuit'],
  ['utilisation', 'utilization'],
  ['energised', 'energized'],
  ['de-energised', 'de-energized'],
  ['polarised', 'polarized'],
];

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** The words of one side, the longest first, as whole words. */
function patternOf(side: 0 | 1): RegExp {
  const words = [...new Set(pairs.map((pair) => pair[side]))].sort((a, b) => b.length - a.length).map(escaped);
  return new RegExp(`(?<![A-Za-z])(?:${words.join('|')})(?![A-Za-z])`, 'gi');
}

function translator(from: 0 | 1): (text: string) => string {
  const to = from === 0 ? 1 : 0;
  const table = new Map(pairs.map((pair) => [pair[from].toLowerCase(), pair[to]]));
  const pattern = patternOf(from);
  return (text) =>
    text.replace(pattern, (found, at: number) => {
      const word = certain(table.get(found.toLowerCase()));
      // An abbreviation has its capitals anywhere; what stands for it has one only where the text begins.
      const capitals = /^[A-Z]{2}/.test(found) ? at === 0 : /^[A-Z]/.test(found);
      return capitals ? capital(word) : word;
    });
}

const toNfpa = translator(0);
const toIec = translator(1);

/** Returns a text in the words of the practice. Example: 'Volts to earth' on an NFPA 70 site is 'Volts to ground'. */
export const sayIn = (practice: Practice, text: string): string => (practice === 'NFPA70' ? toNfpa(text) : toIec(text));

/** Words of the other practice that stand in a text: for the tests that walk the screens. */
export function foreignWords(practice: Practice, text: string): string[] {
  return [...new Set(text.match(patternOf(practice === 'NFPA70' ? 0 : 1)) ?? [])];
}
