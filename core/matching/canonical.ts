/** What judging reads of a part: marks by name in one form, and how a figure is found to stand. */
import type { LineValue } from '../needs/need';

export type CanonicalSpec = Record<string, unknown>;
/** Figures of a part under these names alone. */
export type Figures<Figure extends string> = { [Name in Figure]?: unknown };
/**
 * The same marks in an object laid out like every other with these names: judging thousands of parts reads it several times as fast as
 * what spreading leaves behind, where each part has a layout of its own.
 */
export const ofSharedShape = (spec: CanonicalSpec): CanonicalSpec => Object.fromEntries(Object.entries(spec));

export type Band = readonly [low: number, high: number];
/** undefined: not carried; null: worn; 'none': legible, no such mark. */
export type Found = undefined | null | LineValue | readonly Band[];

/** Relative slack for comparing decimals that came out of arithmetic. */
export const TOLERANCE = 1e-9;
export const slackDown = (limit: number) => limit - Math.abs(limit) * TOLERANCE;
export const slackUp = (limit: number) => limit + Math.abs(limit) * TOLERANCE;

export const isBand = (value: unknown): value is Band =>
  Array.isArray(value) && value.length === 2 && typeof value[0] === 'number' && typeof value[1] === 'number';
export const isBands = (value: unknown): value is readonly Band[] => Array.isArray(value) && Array.isArray(value[0]);

/** A figure of a canonical form: what the families' `canonical` give under a name of a figure. */
export const foundIn = (spec: CanonicalSpec, name: string): Found => spec[name] as Found;
/** Coil bands by kind of supply; null where the marks are worn, undefined where the part has none. */
export const coilBandsIn = (spec: CanonicalSpec, name: string): Readonly<Record<string, readonly Band[] | null>> | null | undefined =>
  spec[name] as Readonly<Record<string, readonly Band[] | null>> | null | undefined;
