/**
 * What is a quantity called on the screen, in each practice, and in what unit is it held?
 * One idea, one identifier; the site's practice decides the word.
 * Terms: IEC 60050 and the device standards; NFPA 70 and NEMA usage (from memory).
 */
import type { Practice } from '../case/case';
import type { Unit } from './units';

type Term = { iec: string; nfpa: string; unit: Unit };
const both = (word: string, unit: Unit): Term => ({ iec: word, nfpa: word, unit });

export const terms = {
  poles: both('Poles', 'count'),
  polesThatOpen: both('Poles that open', 'count'),
  ratingKind: both('AC or DC', ''),
  ratedOperationalVolts: { iec: 'Rated operational voltage, Ue', nfpa: 'Rated volts', unit: 'V' },
  shortCircuitRatingAmps: {
    iec: 'Conditional short-circuit current',
    nfpa: 'Short-circuit rating',
    unit: 'A',
  },
  fullLoadAmps: { iec: 'Running current', nfpa: 'Full-load amps', unit: 'A' },
  continuousAmps: { iec: 'Continuous current', nfpa: 'Continuous amps', unit: 'A' },
  lockedRotorAmps: { iec: 'Locked-rotor current', nfpa: 'Locked-rotor amps', unit: 'A' },
  resistiveAmps: { iec: 'Resistive current', nfpa: 'Resistive amps', unit: 'A' },
  resistiveHeadroomAmps: both('Resistive, with headroom', 'A'),
  lampAmps: both('Lamp current', 'A'),
  normalHp: { iec: 'Shaft power', nfpa: 'Horsepower', unit: 'hp' },
  joggingHp: { iec: 'Inching duty', nfpa: 'Jogging duty', unit: 'hp' },
  joggingAmps: { iec: 'Inching duty, AC-4', nfpa: 'Jogging duty', unit: 'A' },
  unitMaximumAmps: both("Unit's largest device", 'A'),
  coilVolts: { iec: 'Rated control voltage, Uc', nfpa: 'Coil volts', unit: 'V' },
  coilMark: both('Coil mark', 'V'),
  coilKind: both('Coil AC or DC', ''),
  coilHertz: { iec: 'Coil frequency', nfpa: 'Coil hertz', unit: 'Hz' },
  coilPickUpRatio: both('Volts left while pulling in', 'ratio'),
  coilInrushVA: both('Coil inrush', 'VA'),
  coilSealedVA: { iec: 'Coil holding', nfpa: 'Coil sealed', unit: 'VA' },
  coilAmps: both('Coil current', 'A'),
  auxNormallyOpen: { iec: 'Auxiliaries, make', nfpa: 'Auxiliaries, NO', unit: 'count' },
  auxNormallyClosed: { iec: 'Auxiliaries, break', nfpa: 'Auxiliaries, NC', unit: 'count' },
  holding: both('Held closed by', ''),
  coilSwap: both('Coil to be fitted', ''),
  maxAmbientC: both('Ambient', '°C'),
  maxOperationsPerHour: both('Switching rate', 'count'),
  electricalLifeOperations: both('Electrical life, operations', 'count'),
} as const satisfies Record<string, Term>;

export type QuantityId = keyof typeof terms;

/** Returns the word for a quantity in the site's practice. */
export const termOf = (quantity: string, practice: Practice): string => {
  const term = (terms as Record<string, Term>)[quantity];
  return term ? (practice === 'IEC' ? term.iec : term.nfpa) : quantity;
};
