/**
 * How much flows in an earth fault at the least, and within which time must it be cleared?
 * Sources: BS 7671 411.4.4 (Zs x Ia <= U0 x Cmin), 411.3.2 (times), appendix 3 (0.8 of cold readings), from memory.
 */
import { numberMark, wordMark } from '../case/case';
import { formatQuantity as q } from '../quantities/format-quantity';
import { C_MIN, COLD_READING_SHARE, disconnectionSeconds, finalCircuitAmps } from '../standards/disconnection';
import type { NeedContext } from '../families/contract';

/** Loop impedance at operating temperature, ohm: a cold figure is raised. */
export function hotLoopOhms({ supply }: NeedContext): { ohms: number | null; words: string } | undefined {
  const ohms = numberMark(supply, 'loopImpedanceOhms');
  if (ohms === undefined) return undefined;
  const basis = wordMark(supply, 'loopImpedanceBasis');
  if (ohms === null || basis === null) return { ohms: null, words: 'The loop impedance, or how it was found, is not known.' };
  if (!basis?.endsWith('cold')) return { ohms, words: `Loop impedance ${q(ohms, 'ohm')}` };
  return {
    ohms: ohms / COLD_READING_SHARE,
    words: `Loop impedance ${q(ohms, 'ohm')} cold / ${COLD_READING_SHARE} = ${q(ohms / COLD_READING_SHARE, 'ohm', 'up')} hot`,
  };
}

/** Least earth-fault current, A: U0 x Cmin / Zs. Example: 230 V and 1.0925 ohm give 200 A. */
export function earthFaultAmps(context: NeedContext): { amps: number | null; words: string } | undefined {
  const loop = hotLoopOhms(context);
  if (!loop) return undefined;
  const { supply } = context;
  const toGround = numberMark(supply, 'voltsToGround') ?? (supply.voltsToGround === null ? null : undefined);
  const system = numberMark(supply, 'systemVolts');
  const volts = toGround ?? (toGround === undefined && numberMark(supply, 'phases') === 1 ? system : null);
  if (loop.ohms === null || typeof volts !== 'number')
    return { amps: null, words: loop.ohms === null ? loop.words : `${loop.words}; the volts to earth are not known.` };
  const amps = (volts * C_MIN) / loop.ohms;
  return { amps, words: `${loop.words}: ${q(volts, 'V')} x ${C_MIN} / ${q(loop.ohms, 'ohm')} = ${q(amps, 'A', 'down')} at least.` };
}

/** Longest disconnection time, s: as asked for, else by system and circuit; null where worn, undefined where none is asked. */
export function disconnectWithin({ supply, load }: NeedContext): number | null | undefined {
  const asked = numberMark(load, 'disconnectSeconds');
  const volts = numberMark(supply, 'voltsToGround');
  if (asked !== undefined || typeof volts !== 'number' || supply.currentKind === 'dc') return asked;
  const system = supply.grounding === 'TT' ? 'TT' : 'TN';
  const amps = numberMark(load, 'circuitAmps') ?? numberMark(load, 'loadAmps') ?? 0;
  const most = load.kind === 'socket-circuit' ? finalCircuitAmps.sockets : finalCircuitAmps.fixed;
  const final = load.kind !== 'distribution-board' && amps <= most;
  return disconnectionSeconds(volts, system, final ? 'final' : 'distribution');
}
