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
