/** What a plan of settings is worked out from, and a row of the sheet that comes of it. */
import type { UnbalanceDefinition } from '../standards/unbalance';
import type { MonitoringSettings } from './settings';

export type PlanInput = {
  /** Volts between lines, V. */
  systemVolts: number;
  hertz: number;
  /** 3 or 4 conductors watched. */
  wires: 3 | 4;
  /** Its volts are set between phase and neutral; absent: where it has four wires. */
  toNeutral?: boolean;
  /** Undervoltage that the position asks for, V as set; absent: worked out. */
  underVolts?: number;
  /** Volts on the motor's plate between lines; the system's where it has none. */
  motorVolts: number;
  /** Usual band of the supply, ± % of nominal. */
  supplyBandPercent: number;
  /** Usual unbalance of the supply, % by deviation. */
  usualUnbalancePercent: number;
  /** Volts that a running motor holds on a dead phase, %; null: no motor that could. */
  heldPercent: number | null;
  /** Deepest dip of a start: volts left in %, and how long; null: none. */
  startDip: { leftPercent: number; seconds: number } | null;
  /** Dip of the network to be ridden through, s. */
  rideThroughSeconds: number;
  /** A standby set takes over; how long until its volts stand. */
  changeoverSeconds: number | null;
  /** A compressor's rest before it starts again, s; null: none. */
  restSeconds: number | null;
  asymmetryBy: UnbalanceDefinition;
  latch: boolean;
};

export type SheetRow = {
  id: keyof MonitoringSettings | 'wires' | 'secondOutput' | 'lock';
  name: string;
  value: string;
  reason: string;
  source: string;
};

/** Usual delays of a monitoring relay, s. Common practice. */
export const POWER_ON_SECONDS = 5;
export const RETURN_SECONDS = 10;
