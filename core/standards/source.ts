/**
 * Where does a figure come from? Every table, line and worksheet names one of these.
 * Figures were entered from memory of the publications unless `fromMemory` is false; check the edition in force.
 * "Common practice" is a source of its own: a fact of the trade without a published clause.
 */
export type Source = { document: string; clause: string; edition: string; fromMemory: boolean };

const memory = (document: string, clause: string, edition: string): Source => ({
  document,
  clause,
  edition,
  fromMemory: true,
});

export const sources = {
  motorCurrents3ph: memory('NFPA 70', 'table 430.250', '2023'),
  motorCurrents1ph: memory('NFPA 70', 'table 430.248', '2023'),
  motorAmpsRule: memory('NFPA 70', '430.6(A)', '2023'),
  codeLetters: memory('NFPA 70', 'table 430.7(B)', '2023'),
  lockedRotor3ph: memory('NFPA 70', 'table 430.251(B)', '2023'),
  lockedRotor1ph: memory('NFPA 70', 'table 430.251(A)', '2023'),
  controllerRating: memory('NFPA 70', '430.83(A)', '2023'),
  compressorController: memory('NFPA 70', '440.41(A)', '2023'),
  onePoleController: memory('NFPA 70', '430.84', '2023'),
  overloadSetting: memory('NFPA 70', '430.32', '2023'),
  shortCircuitRating: memory('NFPA 70', '110.10', '2023'),
  unmarkedShortCircuitRating: memory('UL 508A', 'table SB4.1', '2018'),
  nemaSizes: memory('NEMA ICS 2', 'tables of horsepower by size', '2000 (R2020)'),
  nemaJogging: memory('NEMA ICS 2', 'table of jogging and plugging horsepower', '2000 (R2020)'),
  nemaOperatingOverload: memory('NEMA ICS 2', 'class A controllers, ten times motor current', '2000 (R2020)'),
  utilisationCategories: memory('IEC 60947-4-1', 'tables of making and breaking capacities', '2018'),
  coilLimits: memory('IEC 60947-4-1', 'limits of operation of contactors', '2018'),
  conditionalShortCircuit: memory('IEC 60947-4-1', 'co-ordination with short-circuit protective devices', '2018'),
  starDeltaCurrents: memory('IEC 60947-4-1', 'star-delta starters', '2018'),
  ratedVolts: memory('IEC 60947-1', 'rated operational voltage', '2020'),
  voltageBands: memory('NFPA 70', 'heads of tables 430.248 and 430.250', '2023'),
  unbalance: memory('NEMA MG 1', 'part 14.36, unbalanced voltages', '2021'),
  inching: memory('IEC 60947-4-1', 'AC-3 with occasional inching', '2018'),
  ohmsLaw: memory('IEC 60050-131', 'Ohm’s law', '2002'),
  capacitiveReactance: memory('IEC 60050-131', 'capacitive reactance', '2002'),
  startingRatio: memory('IEC 60034-12', 'locked-rotor current and its tolerance (IEC 60034-1)', '2016'),
  shortCircuitCalculation: memory('IEC 60909-0', 'short-circuit impedance of transformers, simplified', '2016'),
  standardSizes: memory('NFPA 70', '240.6(A)', '2023'),
  conductorProtection: memory('NFPA 70', '240.4', '2023'),
  smallConductors: memory('NFPA 70', '240.4(D)', '2023'),
  continuousLoad: memory('NFPA 70', '210.20(A) and 215.3', '2023'),
  spaceHeating: memory('NFPA 70', '424.4(B)', '2023'),
  interruptingRating: memory('NFPA 70', '110.9', '2023'),
  unmarkedBreaker: memory('NFPA 70', '240.83(C)', '2023'),
  unmarkedFuse: memory('NFPA 70', '240.60(C)', '2023'),
  slashRating: memory('NFPA 70', '240.85', '2023'),
  supplementaryProtection: memory('NFPA 70', '240.10', '2023'),
  breakerMarks: memory('NFPA 70', '240.83(D) and 110.3(B)', '2023'),
  plateInstructions: memory('NFPA 70', '110.3(B)', '2023'),
  motorBranch: memory('NFPA 70', '430.52 and table 430.52', '2023'),
  instantaneousBreaker: memory('NFPA 70', '430.52(C)(3)', '2023'),
  motorFeeder: memory('NFPA 70', '430.62', '2023'),
  motorConductor: memory('NFPA 70', '430.22', '2023'),
  motorFeederConductor: memory('NFPA 70', '430.24', '2023'),
  overloadUnits: memory('NFPA 70', '430.37', '2023'),
  automaticRestart: memory('NFPA 70', '430.43', '2023'),
  compressorBranch: memory('NFPA 70', '440.22(A) and (C)', '2023'),
  compressorOverload: memory('NFPA 70', '440.52', '2023'),
  transformerOvercurrent: memory('NFPA 70', '450.3(B)', '2023'),
  conductorProperties: memory('NFPA 70', 'chapter 9, tables 8 and 9', '2023'),
  conductorTemperature: memory('NFPA 70', 'chapter 9, table 8, note 2', '2023'),
  overloadCoordination: memory('IEC 60364-4-43', '433.1', '2008'),
  disconnectionTimes: memory('BS 7671', '411.3.2', '2018 + A2'),
  loopImpedanceLimits: memory('BS 7671', 'table 41.3 and 411.4.4', '2018 + A2'),
  loopImpedanceFuses: memory('BS 7671', 'table 41.2', '2018 + A2'),
  measuredLoopImpedance: memory('BS 7671', 'appendix 3', '2018 + A2'),
  itSystems: memory('IEC 60947-2', 'annex H', '2016'),
  miniatureBreakers: memory('IEC 60898-1', 'tables of time-current operating characteristics', '2015'),
  miniatureBreakersDc: memory('IEC 60898-2', 'instantaneous tripping on DC', '2016'),
  serviceCapacityRatio: memory('IEC 60898-1', 'ratio of service to rated short-circuit capacity', '2015'),
  breakingCapacity: memory('IEC 60947-2', 'rated ultimate and service short-circuit breaking capacity', '2016'),
  mouldedCaseGates: memory('UL 489', 'calibration at 100, 135 and 200 %', '2016'),
  fuseGatesIec: memory('IEC 60269-1', 'gates and conventional currents of gG; aM in IEC 60269-2', '2006 + A2'),
  fuseGatesUl: memory('UL 248-1', 'opening at 135 and 200 %; time delay in the part of the class', '2011'),
  smallFuseBreaking: memory('UL 248-14', 'interrupting ratings at 250 V', '2000'),
  fuseVolts: memory('IEC 60269-1', 'rated voltage and kind of current', '2006 + A2'),
  fuseHolders: memory('UL 4248-1', 'rejection features of fuseholders', '2007'),
  fuseHolderPower: memory('IEC 60269-1', 'rated power acceptance of a fuse-base', '2006 + A2'),
  motorFuses: memory('IEC 60269-2', 'aM back-up protection', '2013'),
  photovoltaicFuses: memory('IEC 60269-6', 'fuse-links for photovoltaic strings; IEC 62548', '2010'),
  semiconductorFuses: memory('IEC 60269-4', 'fuse-links for semiconductor devices', '2009'),
  overloadClasses: memory('IEC 60947-4-1', 'limits of operation of time-delay overload relays', '2018'),
  overloadClassesNema: memory('NEMA ICS 2', 'part 4, class at six times', '2000 (R2020)'),
  phaseLoss: memory('IEC 60947-4-1', 'limits of operation on loss of a phase', '2018'),
  starDeltaOverload: memory('IEC 60947-4-1', 'star-delta starters', '2018'),
  cableImpedance: memory('IEC 60228', 'conductor resistance at 20 °C', '2004'),
  shortCircuitMethod: memory('IEC 60909-0', 'impedance method, c factors, network, transformer, cable and motor', '2016'),
  pointToPoint: { document: 'common practice', clause: 'point-to-point factor method', edition: '', fromMemory: false },
  adiabatic: memory('IEC 60364-4-43', '434.5.2, adiabatic equation', '2008'),
  voltageDrop: memory('NFPA 70', '210.19 informational note; BS 7671 appendix 4', '2023'),
  batteryFault: memory('IEC 61660-1', 'short-circuit current of batteries, simplified', '1997'),
  commonPractice: { document: 'common practice', clause: '', edition: '', fromMemory: false },
} as const satisfies Record<string, Source>;

export type SourceId = keyof typeof sources;

/** Writes a source for a person. Example: 'NFPA 70 (2023), table 430.250, from memory'. */
export function citeSource(id: SourceId): string {
  const source: Source = sources[id];
  if (source.document === 'common practice') return source.clause ? `common practice, ${source.clause}` : 'common practice';
  return `${source.document} (${source.edition}), ${source.clause}${source.fromMemory ? ', from memory' : ''}`;
}
