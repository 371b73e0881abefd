/** Ways to change one mark of a spec or a position, wherever it stands: at the top, in a row, in an object. */
import type { FieldValues } from '@/core/case/case';
import type { Random } from './random';

export type Path = readonly (string | number)[];

/** Paths of all marks, rows and objects opened: 'poles', 'ratings.0.volts', 'functions.phaseLoss'. */
export function pathsOf(value: unknown, at: Path = []): Path[] {
  if (Array.isArray(value)) {
    const rows = value.some((one) => typeof one === 'object' && one !== null && !Array.isArray(one));
    return rows ? [at, ...value.flatMap((one, i) => pathsOf(one, [...at, i]))] : [at];
  }
  if (typeof value === 'object' && value !== null)
    return [
      ...(at.length > 0 && typeof at.at(-1) === 'string' ? [at] : []),
      ...Object.entries(value).flatMap(([name, one]) => pathsOf(one, [...at, name])),
    ];
  return [at];
}

export const valueAt = (value: unknown, path: Path): unknown =>
  path.reduce<unknown>((inner, step) => (inner as Record<string | number, unknown> | undefined)?.[step], value);

/** A copy with one mark set. */
export function withMark<T>(value: T, path: Path, mark: unknown): T {
  const copy = structuredClone(value);
  const owner = valueAt(copy, path.slice(0, -1)) as Record<string | number, unknown>;
  owner[path.at(-1)!] = mark;
  return copy;
}

/** A path of a random mark; undefined where there is none. */
export const somePath = (value: FieldValues, random: Random): Path | undefined => {
  const paths = pathsOf(value).filter((path) => path.length > 0);
  return paths.length === 0 ? undefined : random.pick(paths);
};

/** The same marks in another order of names, and rows in another order. */
export function reordered(value: unknown, random: Random, name?: string): unknown {
  if (Array.isArray(value)) {
    const inner = value.map((one) => reordered(one, random));
    const rows = value.length > 0 && value.every((one) => typeof one === 'object' && one !== null && !Array.isArray(one));
    return rows && name !== 'sections' ? random.shuffled(inner) : inner;
  }
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(random.shuffled(Object.entries(value)).map(([own, one]) => [own, reordered(one, random, own)]));
}
