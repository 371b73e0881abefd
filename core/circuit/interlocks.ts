/** Two contactors that must never close together: reversing, and star beside delta. Same frame, both interlocks. Common practice. */
import { wordMark } from '../case/case';
import { factState, listed, ofRole, partNumber, seenWith, tagsOf, type Circuit, type CircuitLine, type CircuitMember } from './circuit';

type Pair = { first: CircuitMember; second: CircuitMember; kind: 'reversing' | 'star-delta' };

const placeOf = ({ need }: CircuitMember): string | null | undefined => need && wordMark(need.load, 'starterRole');

/** The pair among the contactors of a circuit, by their function in the starter; undefined where there is none. */
export function pairOf(members: readonly CircuitMember[]): Pair | undefined {
  const switching = ofRole(members, 'switching');
  const at = (place: string) => switching.find((one) => placeOf(one) === place);
  for (const [kind, a, b] of [
    ['reversing', 'forward', 'reverse'],
    ['star-delta', 'star', 'delta'],
  ] as const) {
    const first = at(a);
    const second = at(b);
    if (first && second) return { first, second, kind };
  }
  return undefined;
}

/** Marks in which the two of a reversing pair are the same: each carries the same motor and hangs on the same control circuit. */
const pairMarks = { nemaSize: 'NEMA size', ratings: 'ratings', coilVolts: 'coil volts', coilKind: 'kind of coil', poles: 'poles' } as const;

function matchLine({ first, second }: Pair): CircuitLine {
  const base = { id: 'pair-match', title: 'The pair matches', about: tagsOf([first, second]), source: 'commonPractice' as const };
  if (!first.spec || !second.spec)
    return {
      ...base,
      verdict: 'not-known',
      because: `Nothing has been read from ${first.spec ? second.tag : first.tag}: read its plate before the two are called a pair.`,
    };
  if (first.deviceName === second.deviceName && first.deviceName !== '')
    return { ...base, verdict: 'fits', because: `Both are ${first.deviceName}.` };
  const [a, b] = [first.spec, second.spec];
  const differ = Object.entries(pairMarks).filter(([name]) => JSON.stringify(a[name]) !== JSON.stringify(b[name]));
  const words = listed(differ.map(([, title]) => title));
  return differ.length === 0
    ? { ...base, verdict: 'check', because: `${first.deviceName} and ${second.deviceName} carry the same marks, but are two types.` }
    : {
        ...base,
        verdict: 'check',
        because: `${first.deviceName} and ${second.deviceName} differ in ${words}. Both carry the same motor: each must pass its own lines, and a spare of one does not serve the other.`,
      };
}

function mechanicalLine({ first, second, kind }: Pair, { facts }: Circuit): CircuitLine {
  const frames = [first.frame, second.frame];
  const seen = seenWith.mechanicalInterlock([first, second]);
  const base = {
    id: 'mechanical-interlock',
    title: 'Mechanical interlock',
    about: tagsOf([first, second]),
    source: 'commonPractice' as const,
    fact: { id: 'mechanicalInterlock' as const, seenWith: seen },
  };
  const both = `${first.tag} and ${second.tag} closed together short two phases`;
  if (frames.includes(null))
    return {
      ...base,
      verdict: 'not-known',
      because: `The frame of ${first.frame === null ? first.tag : second.tag} is not known. ${both}.`,
    };
  // A star-delta pair is often of two sizes, and some makers have no bar for it.
  if (first.frame !== second.frame && kind === 'reversing')
    return {
      ...base,
      verdict: 'fails',
      because: `${first.tag} is in frame ${first.frame}, ${second.tag} in ${second.frame}: one mechanical interlock does not reach both. ${both}.`,
    };
  const state = factState(facts, 'mechanicalInterlock', seen);
  if (state === 'yes') return { ...base, verdict: 'fits', because: 'Seen in place, moving freely, on these frames.' };
  if (state === 'not-seen')
    return { ...base, verdict: 'not-known', because: `Nobody has said of these two that it is in place and moves freely. ${both}.` };
  return kind === 'reversing'
    ? { ...base, verdict: 'fails', because: `It is missing, or does not move freely. ${both}.` }
    : {
        ...base,
        verdict: 'check',
        because: `There is none: the electrical interlock alone keeps them apart, and a welded contact defeats it.`,
      };
}

function electricalLine({ first, second }: Pair, { facts }: Circuit): CircuitLine {
  const seen = seenWith.electricalInterlock([first, second]);
  const base = {
    id: 'electrical-interlock',
    title: 'Electrical interlock',
    about: tagsOf([first, second]),
    source: 'commonPractice' as const,
    fact: { id: 'electricalInterlock' as const, seenWith: seen },
  };
  const breaks = [first, second].map((one) => ({ tag: one.tag, count: partNumber(one, 'auxNormallyClosed') }));
  const none = breaks.filter(({ count }) => count === 0);
  if (none.length > 0)
    return {
      ...base,
      verdict: 'fails',
      because: `${listed(none.map(({ tag }) => tag))} ${none.length > 1 ? 'have' : 'has'} no break contact to hold the other one off. An add-on block gives it one.`,
    };
  const unread = breaks.filter(({ count }) => count === null);
  const state = factState(facts, 'electricalInterlock', seen);
  if (state === 'no') return { ...base, verdict: 'fails', because: 'It is not wired: both may be called at once.' };
  if (unread.length > 0)
    return { ...base, verdict: 'not-known', because: `The break contacts of ${listed(unread.map(({ tag }) => tag))} were not read.` };
  return state === 'yes'
    ? { ...base, verdict: 'fits', because: `Each has a break contact, and it was seen wired.` }
    : { ...base, verdict: 'not-known', because: 'Each has a break contact; whether it is wired, the drawing and the job’s own test say.' };
}

/** Lines of a pair; none where the circuit has none. */
export function interlockLines(members: readonly CircuitMember[], circuit: Circuit): CircuitLine[] {
  const pair = pairOf(members);
  if (!pair) return [];
  return [...(pair.kind === 'reversing' ? [matchLine(pair)] : []), mechanicalLine(pair, circuit), electricalLine(pair, circuit)];
}
