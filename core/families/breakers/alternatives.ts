/**
 * Does any miniature breaker both ride the inrush and disconnect on this loop? If none does, what are the ways out, in figures?
 * Sources: IEC 60898-1 bands, BS 7671 411.4.4 and 411.5.3, from memory; the ways out are common practice.
 */
import { numberMark } from '../../case/case';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { instantaneousAc } from '../../standards/breaker-gates';
import { C_MIN } from '../../standards/disconnection';
import type { NeedContext } from '../contract';
import { inrushOf } from '../../overcurrent/load-current';
import { earthFaultAmps } from '../../overcurrent/earth-fault';

/** Rated currents of miniature breakers, A. IEC 60898-1 preferred values. */
const miniatureSizes = [6, 10, 13, 16, 20, 25, 32, 40, 50, 63, 80, 100, 125];

export type WaysOut = { fitting: { letter: string; amps: number }[]; words: string[] };

/** Returns what both rides and disconnects within load and conductor, or the ways out; undefined where one of the two is not asked. */
export function waysOut(context: NeedContext): WaysOut | undefined {
  if (context.practice !== 'IEC' || context.supply.currentKind === 'dc') return undefined;
  const inrush = inrushOf(context)?.demand.amount;
  const fault = earthFaultAmps(context)?.amps;
  if (!inrush || !fault) return undefined;
  const least = numberMark(context.load, 'loadAmps') ?? numberMark(context.load, 'fullLoadAmps') ?? 0;
  const most = numberMark(context.load, 'conductorAmpacityAmps') ?? Infinity;
  const sizes = miniatureSizes.filter((amps) => amps >= least && amps <= most);
  const fitting = Object.entries(instantaneousAc).flatMap(([letter, [low, high]]) =>
    sizes.filter((amps) => low * amps >= inrush && high * amps <= fault).map((amps) => ({ letter, amps })),
  );
  if (fitting.length > 0) return { fitting, words: [] };
  // Of all bands the narrowest in ratio needs the least fault current: the upper edge at the current where the lower just rides.
  const ratio = Math.min(...Object.values(instantaneousAc).map(([low, high]) => high / low));
  const needed = inrush * ratio;
  const volts = numberMark(context.supply, 'voltsToGround') ?? numberMark(context.supply, 'systemVolts') ?? 230;
  const rides = fault / ratio;
  return {
    fitting,
    words: [
      `No curve of ${q(least, 'A')} to ${most === Infinity ? 'any size' : q(most, 'A')} both rides ${q(inrush, 'A', 'up')} and disconnects at ${q(fault, 'A', 'down')}.`,
      `Lower the loop impedance to ${q((volts * C_MIN) / needed, 'ohm', 'down')} hot: thicker or shorter conductors.`,
      `Add a residual-current device for the earth fault; the breaker then answers for overload and short circuit between lines alone.`,
      `Start softer: up to ${q(rides, 'A', 'down')} rms is ridden by a curve that disconnects here.`,
      'Take a device whose maker guarantees a narrower band, with its figure entered.',
    ],
  };
}
