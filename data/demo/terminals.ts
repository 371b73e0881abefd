/** Terminals and width of the invented bodies, by the amps that they carry: torque, wire range, room on the rail. */
import type { PartSpec } from '@/core/case/case';
import { readGaugeRange } from '@/core/quantities/wire-gauge';
import { certain } from '@/core/certain';

type Terminals = { upToAmps: number; torqueInLb: number; wire: string; mm2: readonly [number, number]; widthMm: number };

const bodies: readonly Terminals[] = [
  { upToAmps: 18, torqueInLb: 11, wire: '18-10', mm2: [0.75, 4], widthMm: 45 },
  { upToAmps: 40, torqueInLb: 22, wire: '14-6', mm2: [1.5, 10], widthMm: 45 },
  { upToAmps: 65, torqueInLb: 31, wire: '12-2', mm2: [2.5, 25], widthMm: 55 },
  { upToAmps: 95, torqueInLb: 53, wire: '8-1/0', mm2: [4, 50], widthMm: 75 },
  { upToAmps: 185, torqueInLb: 124, wire: '4-4/0', mm2: [10, 120], widthMm: 120 },
  { upToAmps: Infinity, torqueInLb: 310, wire: '2/0-4/0', mm2: [50, 240], widthMm: 165 },
];

/** Gauges where its standard is North American, mm² elsewhere. */
export function terminalsFor(amps: number, gauges: boolean): PartSpec {
  const { torqueInLb, wire, mm2, widthMm } = certain(bodies.find(({ upToAmps }) => amps <= upToAmps));
  return { torqueInLb, wireRangeMm2: gauges ? certain(readGaugeRange(wire)) : [...mm2], mountingWidthMm: widthMm };
}
