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
  currentKind: both('AC or DC', ''),
  ratedVoltsBetween: { iec: 'Rated voltage, line to line', nfpa: 'Rated volts, line to line', unit: 'V' },
  ratedVoltsToEarth: { iec: 'Rated voltage to earth', nfpa: 'Rated volts to ground', unit: 'V' },
  ratedVoltsDc: both('Rated volts DC', 'V'),
  slashRating: both('Slash rating', ''),
  cornerGroundedMark: { iec: 'Mark for corner-earthed delta', nfpa: 'Mark for corner-grounded delta', unit: '' },
  itSystemMark: both('IT mark', ''),
  polarity: both('Polarity', ''),
  interruptingAmps: { iec: 'Breaking capacity', nfpa: 'Interrupting rating', unit: 'A' },
  interruptingAmpsDc: { iec: 'Breaking capacity, DC', nfpa: 'Interrupting rating, DC', unit: 'A' },
  serviceBreakingAmps: { iec: 'Service breaking capacity, Ics', nfpa: 'Service breaking capacity', unit: 'A' },
  protectionStandard: { iec: 'Protective device', nfpa: 'Branch-circuit device', unit: '' },
  protectionKind: both('Kind of device', ''),
  instantaneousUse: both('Overload release', ''),
  ratedAmpsCarry: { iec: 'Rated current for the load', nfpa: 'Rating for the load', unit: 'A' },
  ratedAmpsHeating: both('Rating for space heating', 'A'),
  ratedAmpsConductor: { iec: 'Rated current for the cable', nfpa: 'Rating for the conductor', unit: 'A' },
  motorBranchAmps: both('Motor branch, ceiling', 'A'),
  motorBranchFirstAmps: both('Motor branch, first size', 'A'),
  compressorBranchAmps: both('Compressor branch, ceiling', 'A'),
  compressorBranchFirstAmps: both('Compressor branch, first size', 'A'),
  motorFeederAmps: both('Feeder of motors', 'A'),
  groundFaultPickupAmps: { iec: 'Earth-fault pick-up', nfpa: 'Ground-fault pick-up', unit: 'A' },
  groundFaultSeconds: { iec: 'Earth-fault delay', nfpa: 'Ground-fault delay', unit: 's' },
  arcEnergyMeans: both('Arc-energy reduction', ''),
  unitMinimumAmps: both("Unit's minimum circuit", 'A'),
  transformerPrimaryAmps: both("Transformer's largest device", 'A'),
  prescribedAmps: both('Prescribed rating', 'A'),
  plateMaximumAmps: both("Plate's largest device", 'A'),
  instantaneousHoldsAmps: both('Inrush held', 'A'),
  firstPeakAmps: both('First half cycle held', 'A'),
  disconnectsAtAmps: both('Sure trip for disconnection', 'A'),
  clearsAtAmps: both('Sure trip at the far end', 'A'),
  dutyMark: both('Duty mark', ''),
  calibratedAmbientC: both('Calibrated at', '°C'),
  fuseVoltsAc: both('Volts AC', 'V'),
  fuseVoltsDc: both('Volts DC', 'V'),
  fuseClass: { iec: 'Body or class', nfpa: 'Class', unit: '' },
  fuseSpeed: both('Speed', ''),
  utilisation: { iec: 'Utilisation category', nfpa: 'Utilisation category', unit: '' },
  overloadUse: both('Protects from', ''),
  powerLossWatts: both('Power loss', 'W'),
  fuseHoldsAmps: both('Start held', 'A'),
  meltSeconds: both('Melting time at the start', 's'),
  meltingI2tA2s: both('Melting I²t', 'A²s'),
  clearingI2tA2s: both('Clearing I²t', 'A²s'),
  meltsAtAmps: both('Sure melting', 'A'),
  starterMaximumAmps: both("Starter's largest fuse", 'A'),
  stringLeastAmps: both('String fuse, least', 'A'),
  stringMostAmps: both('String fuse, most', 'A'),
  moduleMostAmps: both("Module's largest fuse", 'A'),
  overloadSetting: both('Dial range', 'A'),
  overloadKind: both('Kind of relay', ''),
  classHoldsSeconds: both('Start held', 's'),
  classTripsSeconds: both('Stall tripped by', 's'),
  phaseLossSensitive: both('Phase loss', ''),
  singlePhaseUse: both('Poles in series', ''),
  reset: both('Reset', ''),
  tripContacts: both('Trip contacts', ''),
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
