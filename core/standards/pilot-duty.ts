/**
 * What may a contact switch by its designation? Making and breaking VA of pilot duty, AC-15 and DC-13 test currents.
 * Sources: UL 508 / NEMA ICS 5 and IEC 60947-5-1 annex A, from memory.
 */
import { certain } from '../certain';

/** AC codes: continuous current, making and breaking VA above 120 V; at and below it the amps of 120 V hold. */
export const pilotDutyAc: Readonly<Record<string, { continuousAmps: number; makeVA: number; breakVA: number }>> = {
  A: { continuousAmps: 10, makeVA: 7200, breakVA: 720 },
  B: { continuousAmps: 5, makeVA: 3600, breakVA: 360 },
  C: { continuousAmps: 2.5, makeVA: 1800, breakVA: 180 },
  D: { continuousAmps: 1, makeVA: 432, breakVA: 72 },
  E: { continuousAmps: 0.5, makeVA: 216, breakVA: 36 },
};
/** At and below these volts the amps hold that the code has there, not its VA. */
export const pilotDutyRuleVolts = { ac: 120, dc: 125 } as const;

/** DC codes: continuous current, making and breaking VA; amps at 125, 250 and up to 600 V. */
export const pilotDutyDc: Readonly<Record<string, { continuousAmps: number; breakVA: number; ampsTo125: number; ampsTo600: number }>> = {
  N: { continuousAmps: 10, breakVA: 275, ampsTo125: 2.2, ampsTo600: 0.4 },
  P: { continuousAmps: 5, breakVA: 138, ampsTo125: 1.1, ampsTo600: 0.2 },
  Q: { continuousAmps: 2.5, breakVA: 69, ampsTo125: 0.55, ampsTo600: 0.1 },
  R: { continuousAmps: 1, breakVA: 28, ampsTo125: 0.22, ampsTo600: 0.05 },
};

export type PilotDuty = { kind: 'ac' | 'dc'; letter: string; volts: number };
/** Parts of a code such as A300; undefined for anything else. */
export function pilotDutyOf(code: unknown): PilotDuty | undefined {
  const match = typeof code === 'string' ? /^([A-EN-R])(150|300|600)$/.exec(code) : null;
  if (!match) return undefined;
  return { kind: certain(match[1]) in pilotDutyAc ? 'ac' : 'dc', letter: certain(match[1]), volts: Number(match[2]) };
}

/** Amps that a code may make and break at these volts; undefined above its volts. */
export function pilotDutyAmps(duty: PilotDuty, volts: number): { make: number; break: number } | undefined {
  if (!(volts > 0) || volts > duty.volts) return undefined;
  const at = (va: number, from: number) => va / Math.max(volts, from);
  const ac = pilotDutyAc[duty.letter];
  if (ac) return { make: at(ac.makeVA, pilotDutyRuleVolts.ac), break: at(ac.breakVA, pilotDutyRuleVolts.ac) };
  const dc = certain(pilotDutyDc[duty.letter]);
  const amps = volts > 300 ? dc.ampsTo600 : Math.min(dc.ampsTo125, dc.breakVA / volts);
  return { make: amps, break: amps };
}

/** A contact rated Ie in a category makes this many times Ie. IEC 60947-5-1, tables of making and breaking capacity. */
export const makingMultiple: Readonly<Record<string, number>> = {
  'AC-12': 1,
  'AC-13': 2,
  'AC-14': 6,
  'AC-15': 10,
  'DC-12': 1,
  'DC-13': 1,
  'DC-14': 10,
};

/** DC-13 is tested with a time constant of 6 ms for every watt, at most 300 ms (T0.95, three times L/R). */
export const dc13TimeMilliseconds = (watts: number): number => Math.min(6 * watts, 300);

/** Operating band of a relay coil by its class, share of the mark; drop-out by 15 % (AC) or 5 % (DC) of it. IEC 61810-1. */
export const relayCoilLimits = { class1: [0.8, 1.1], class2: [0.85, 1.1], releaseAc: 0.15, releaseDc: 0.05 } as const;
