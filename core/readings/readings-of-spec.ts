import type { PartSpec } from '../case/case';
import type { Reading, Readings, ReadingValue } from './reading';

/** Returns the readings of a part from its spec: null is unreadable; "none", false and [] are absent; the rest is read. */
export function readingsOfSpec(name: string, spec: PartSpec): Readings {
  const readingOf = (mark: unknown): Reading => {
    if (mark === null) return { state: 'unreadable' };
    if (mark === 'none' || mark === false || (Array.isArray(mark) && mark.length === 0)) return { state: 'absent' };
    return { state: 'read', value: mark as ReadingValue };
  };
  return { type: { state: 'read', value: name }, ...Object.fromEntries(Object.entries(spec).map(([id, mark]) => [id, readingOf(mark)])) };
}

/** A part as the catalogue knows it. */
export type CataloguePart = { family: string; maker: string; name: string; raw: PartSpec };

/** Readings of a part of the catalogue: each says that it comes from there; the type stands without its maker's name before it. */
export function readingsOfPart({ maker, name, raw }: CataloguePart): Readings {
  const type = name.startsWith(`${maker} `) ? name.slice(maker.length + 1) : name;
  const all: Readings = { maker: { state: 'read', value: maker }, ...readingsOfSpec(type, raw) };
  return Object.fromEntries(Object.entries(all).map(([id, reading]) => [id, { ...reading, from: `catalogue, ${name}` }]));
}
