/**
 * What lies between the source and a device? A path of elements, each in plain figures; the same data draws the one-line.
 * Volts are those of the path's own level: what stands before a transformer is given as fault power.
 */
import type { Metal } from '../standards/conductors';

export type Utility = {
  kind: 'utility';
  name: string;
  /** Fault power at the primary, VA; null: endless. */ faultVA: number | null;
  xOverR: number;
};
export type Transformer = {
  kind: 'transformer';
  name: string;
  ratedVA: number;
  impedancePercent: number;
  xOverR: number;
  /** Equal ones side by side. */
  parallel: number;
  /** Centre-tapped single-phase: volts of the path are line to line. */
  centreTapped?: boolean;
};
export type Generator = { kind: 'generator'; name: string; ratedVA: number; subtransientPercent: number; xOverR: number };
export type Cable = {
  kind: 'cable';
  name: string;
  size: string;
  metal: Metal;
  metres: number;
  parallel: number;
  steelConduit: boolean;
  /** Conductor temperature in service, °C: for the lowest current. */
  hotCelsius: number;
  /** Protective conductor; absent: as the line. */
  protectiveSize?: string;
};
/** Motors that run behind this point; they feed a fault for a moment. */
export type Motors = { kind: 'motors'; name: string; fullLoadAmps: number; times: number };
export type Battery = { kind: 'battery'; name: string; volts: number; internalOhms: number; parallel: number };
/** A supply that limits itself. */
export type DcSupply = { kind: 'dc-supply'; name: string; ratedAmps: number; limitRatio: number };
/** A measured figure stands over what was worked out, from here on; it is dated. */
export type Measured = { kind: 'measured'; name: string; highestAmps: number | null; loopOhms: number | null; on: string };

export type Element = Utility | Transformer | Generator | Cable | Motors | Battery | DcSupply | Measured;
export type System = 'three-phase' | 'single-phase' | 'dc';
export type SupplyPath = { system: System; volts: number; voltsToGround: number | null; elements: readonly Element[] };
