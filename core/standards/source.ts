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
  commonPractice: { document: 'common practice', clause: '', edition: '', fromMemory: false },
} as const satisfies Record<string, Source>;

export type SourceId = keyof typeof sources;

/** Writes a source for a person. Example: 'NFPA 70 (2023), table 430.250, from memory'. */
export function citeSource(id: SourceId): string {
  const source: Source = sources[id];
  if (id === 'commonPractice') return 'common practice';
  return `${source.document} (${source.edition}), ${source.clause}${source.fromMemory ? ', from memory' : ''}`;
}
