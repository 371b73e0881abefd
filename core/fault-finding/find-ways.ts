/** The ways into a job, what a machine does in the words that people use or what was measured, found by a few words. */

export type WayIn = {
  kind: 'symptom' | 'measurement';
  family: string;
  /** Kind of device, as each practice says it. */
  device: { iec: string; nfpa: string };
  /** Symptom, or test of its tree. */
  id: string;
  title: string;
  words: string;
};

/** The ways in whose words all occur, symptoms first; every one where nothing is asked. */
export function findWays(ways: readonly WayIn[], text: string): WayIn[] {
  const asked = text.toLowerCase().split(/\s+/).filter(Boolean).slice(0, 8);
  return ways
    .filter(({ words }) => asked.every((word) => words.includes(word)))
    .toSorted((a, b) => Number(a.kind === 'measurement') - Number(b.kind === 'measurement'));
}

/** Words of a sentence that say something by themselves. */
const saying = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^a-z]+/)
    .filter((word) => word.length > 3);

/** Every way in, those first that share most words with what somebody noted: 'hums, does not seal'. */
export function likeliestWays(ways: readonly WayIn[], said: string): WayIn[] {
  const words = saying(said);
  const shared = (way: WayIn) => words.filter((word) => way.words.includes(word)).length;
  return ways.toSorted((a, b) => Number(a.kind === 'measurement') - Number(b.kind === 'measurement') || shared(b) - shared(a));
}
