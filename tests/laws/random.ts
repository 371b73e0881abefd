/** A small seeded generator (mulberry32): the same seed gives the same cases, here and in the bench. */
export type Random = {
  next: () => number;
  pick: <T>(list: readonly T[]) => T;
  below: (n: number) => number;
  shuffled: <T>(list: readonly T[]) => T[];
};

export function seeded(seed: number): Random {
  let a = seed >>> 0;
  const next = () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const below = (n: number) => Math.floor(next() * n);
  return {
    next,
    below,
    pick: (list) => list[below(list.length)]!,
    shuffled: (list) => {
      const out = [...list];
      for (let i = out.length - 1; i > 0; i -= 1) {
        const j = below(i + 1);
        [out[i], out[j]] = [out[j]!, out[i]!];
      }
      return out;
    },
  };
}
