/**
 * Words in which the demo sites are written: what a panel, a position and a plate look like. Everything is invented.
 */
import type { CircuitKind, FactId } from '../../core/circuit/circuit';
import type { Practice } from '../../core/case/case';
import type { Reading, Readings } from '../../core/readings/reading';
import type { Cable, Element, SupplyPath } from '../../core/supply/path';
import { allRead, read } from './readings';

export type DemoEvent = { monthsAgo: number; kind: 'fault' | 'swap' | 'measurement' | 'note'; text: string };
export type DemoPosition = {
  tag: string;
  function: string;
  family: string;
  rating: string;
  rail: number;
  loadKind?: string;
  load?: Readings;
  duty?: Readings;
  supply?: Readings;
  hazards?: Record<string, boolean>;
  device?: string;
  deviceName?: string;
  wear?: Record<string, Reading>;
  fittedYearsAgo?: number;
  events?: DemoEvent[];
  openSwap?: boolean;
  run?: Element[];
};
/** Positions that belong together, and what was seen of them at the panel, each with the tags of the two that it is about. */
export type DemoCircuit = { name: string; kind: CircuitKind; tags: string[]; seen?: Partial<Record<FactId, [tag: string, tag: string]>> };
export type DemoPanel = {
  id: string;
  name: string;
  note: string;
  supply: Readings;
  /** What lies between the source and this panel. */
  path?: SupplyPath;
  positions: DemoPosition[];
  circuits?: DemoCircuit[];
};
export type DemoSite = {
  id: string;
  name: string;
  practice: Practice;
  timeZone: string;
  panels: DemoPanel[];
  stock: [part: string, place: string, quantity: number][];
};

export const tile = (
  tag: string,
  fn: string,
  family: string,
  rating: string,
  rail: number,
  deviceName: string,
  events?: DemoEvent[],
): DemoPosition => ({ tag, function: fn, family, rating, rail, deviceName, events });
export const fault = (monthsAgo: number, text: string): DemoEvent => ({ monthsAgo, kind: 'fault', text });
export const note = (monthsAgo: number, text: string): DemoEvent => ({ monthsAgo, kind: 'note', text });
export const meter = (monthsAgo: number, text: string): DemoEvent => ({ monthsAgo, kind: 'measurement', text });

export const contactor = (tag: string, fn: string, rating: string, rail: number, rest: Partial<DemoPosition>): DemoPosition => ({
  tag,
  function: fn,
  family: 'contactor',
  rating,
  rail,
  ...rest,
});

/** A position of any family on the bench. */
export const placed = (
  family: string,
  tag: string,
  fn: string,
  rating: string,
  rail: number,
  rest: Partial<DemoPosition>,
): DemoPosition => ({ tag, function: fn, family, rating, rail, ...rest });

export const nema = (hp: number, at460: number, codeLetter: string, more: Readings = {}): Readings => ({
  horsepower: read(hp),
  plateVolts: read('230/460'),
  fullLoadAmps: read([at460 * 2, at460]),
  codeLetter: read(codeLetter),
  phases: read(3),
  hertz: read(60),
  serviceFactor: read(1.15),
  ...more,
});
export const kw = (kilowatts: number, amps: number, ratio: number, more: Readings = {}): Readings => ({
  kilowatts: read(kilowatts),
  plateVolts: read(400),
  fullLoadAmps: read(amps),
  lockedRotorRatio: read(ratio),
  phases: read(3),
  hertz: read(50),
  ...more,
});
export const wiring = (more: Record<string, number | string | boolean>): Readings =>
  allRead({ control: 'three-wire', auxNormallyOpenNeeded: 1, ...more });

export const system480 = allRead({
  systemVolts: 480,
  voltsToGround: 277,
  phases: 3,
  wires: 4,
  hertz: 60,
  currentKind: 'ac',
  grounding: 'solidly-grounded-wye',
});
export const system208 = allRead({
  systemVolts: 208,
  voltsToGround: 120,
  phases: 3,
  wires: 4,
  hertz: 60,
  currentKind: 'ac',
  grounding: 'solidly-grounded-wye',
});
export const system400 = allRead({
  systemVolts: 400,
  voltsToGround: 230,
  phases: 3,
  wires: 4,
  hertz: 50,
  currentKind: 'ac',
  grounding: 'TN-S',
});
export const control120 = allRead({
  controlVolts: 120,
  controlKind: 'ac',
  controlHertz: 60,
  controlTransformerVA: 500,
  controlTransformerInrushVA: 1600,
});
export const control24ac = allRead({
  controlVolts: 24,
  controlKind: 'ac',
  controlHertz: 60,
  controlTransformerVA: 75,
  controlTransformerInrushVA: 260,
});
export const control24dc = allRead({
  controlVolts: 24,
  controlVoltsMin: 22.8,
  controlVoltsMax: 25.2,
  controlKind: 'dc',
  supplyVA: 240,
});
export const control110dc = allRead({
  controlVolts: 110,
  controlVoltsMin: 99,
  controlVoltsMax: 119,
  controlKind: 'dc',
  supplyVA: 1200,
});

/** A copper cable of a supply path. */
export const cable = (name: string, size: string, metres: number, more: Partial<Cable> = {}): Cable => ({
  kind: 'cable',
  name,
  size,
  metal: 'copper',
  metres,
  parallel: 1,
  steelConduit: false,
  hotCelsius: 70,
  ...more,
});
