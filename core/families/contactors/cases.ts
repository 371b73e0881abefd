/**
 * Worked examples of judging a contactor: what is asked, what the part carries, which verdict each named line must give.
 * Expected verdicts are worked out by hand from the figures in the row; the source of each rule stands beside it.
 */
import type { Marks, Practice } from '../../case/case';
import type { Verdict } from '../../needs/need';

export type WorkedCase = {
  name: string;
  practice?: Practice;
  supply?: Marks;
  load?: Marks;
  duty?: Marks;
  spec: Marks;
  /** Verdicts by need id; a line that must not be asked is null. */
  lines: Record<string, Verdict | null>;
  verdict?: Verdict;
  source: string;
};

const motor480: Marks = { kind: 'motor-3ph', plateVolts: '230/460', horsepower: 10, codeLetter: 'G' };
const supply480: Marks = { systemVolts: 480, phases: 3, currentKind: 'ac' };
const definitePurpose = (row240: Marks, row480: Marks, more: Marks = {}): Marks => ({
  standard: 'UL 60947-4-1 (definite purpose)', poles: 3, ratings: [{ volts: 240, ...row240 }, { volts: 480, ...row480 }], ...more,
});
const coil = (coilVolts: number, coilKind: string, coilHertz: number[]): Marks => ({ coilVolts, coilKind, coilHertz });
const control = (controlVolts: number, controlKind: string, controlHertz: number | null = null): Marks => ({ controlVolts, controlKind, controlHertz });
const onlyCoil: Marks = { kind: 'lamp-bank' };
const iec = (ac3Amps: number | null | 'none', more: Marks = {}): Marks => ({ standard: 'IEC 60947-4-1', poles: 3, ratings: [{ volts: 400, ac3Amps }], ...more });
const supply400: Marks = { systemVolts: 400, phases: 3, currentKind: 'ac' };
const practice = 'common practice';

export const workedCases: readonly WorkedCase[] = [
  // The row of the supply in hand.
  { name: 'the 480 V row counts, not the larger 240 V figure', supply: supply480, load: { ...motor480, lockedRotorAmps: 160 }, spec: definitePurpose({ fullLoadAmps: 30, lockedRotorAmps: 180 }, { fullLoadAmps: 30, lockedRotorAmps: 150 }), lines: { running: 'fits', 'locked-rotor': 'fails' }, verdict: 'fails', source: practice },
  { name: 'between rows the next higher listed volts count: 208 V uses the 240 V row', supply: { systemVolts: 208, currentKind: 'ac' }, load: { kind: 'hermetic-compressor', ratedLoadAmps: 24, lockedRotorAmps: 120 }, spec: definitePurpose({ fullLoadAmps: 30, lockedRotorAmps: 180 }, { fullLoadAmps: 30, lockedRotorAmps: 110 }), lines: { running: 'fits', 'locked-rotor': 'fits' }, verdict: 'fits', source: practice },
  { name: 'above the top row it is not rated', supply: { systemVolts: 600, currentKind: 'ac' }, load: { kind: 'hermetic-compressor', ratedLoadAmps: 10, lockedRotorAmps: 60 }, spec: definitePurpose({ fullLoadAmps: 30, lockedRotorAmps: 180 }, { fullLoadAmps: 30, lockedRotorAmps: 150 }), lines: { volts: 'fails', running: 'fails' }, verdict: 'fails', source: practice },
  { name: '24 A load, 120 A locked rotor, on 30 and 180 A at 240 V', supply: { systemVolts: 240, currentKind: 'ac' }, load: { kind: 'hermetic-compressor', ratedLoadAmps: 24, lockedRotorAmps: 120 }, spec: definitePurpose({ fullLoadAmps: 30, lockedRotorAmps: 180 }, { fullLoadAmps: 30, lockedRotorAmps: 150 }), lines: { running: 'fits', 'locked-rotor': 'fits' }, verdict: 'fits', source: practice },
  { name: 'the largest breaker of the unit is a check, never a must', supply: { systemVolts: 240, currentKind: 'ac' }, load: { kind: 'hermetic-compressor', ratedLoadAmps: 18, fanFullLoadAmps: 1.2, lockedRotorAmps: 96, maximumOvercurrentAmps: 40 }, spec: definitePurpose({ fullLoadAmps: 30, lockedRotorAmps: 180 }, { fullLoadAmps: 30, lockedRotorAmps: 150 }), lines: { running: 'fits', 'unit-maximum': 'check' }, verdict: 'check', source: practice },
  // Bands of the code letter: 70.3 to 78.9 A for 10 hp at 460 V.
  { name: 'above the letter’s high end it fits', supply: supply480, load: motor480, spec: definitePurpose({ fullLoadAmps: 20, lockedRotorAmps: 120 }, { fullLoadAmps: 20, lockedRotorAmps: 79 }), lines: { 'locked-rotor': 'fits' }, source: 'NFPA 70 table 430.7(B), from memory' },
  { name: 'inside the letter’s band it is a check', supply: supply480, load: motor480, spec: definitePurpose({ fullLoadAmps: 20, lockedRotorAmps: 120 }, { fullLoadAmps: 20, lockedRotorAmps: 75 }), lines: { 'locked-rotor': 'check' }, source: 'NFPA 70 table 430.7(B), from memory' },
  { name: 'below the letter’s low end it fails', supply: supply480, load: motor480, spec: definitePurpose({ fullLoadAmps: 20, lockedRotorAmps: 120 }, { fullLoadAmps: 20, lockedRotorAmps: 70 }), lines: { 'locked-rotor': 'fails' }, source: 'NFPA 70 table 430.7(B), from memory' },
  // AC-3: breaks 8 and makes 10 times itself.
  { name: 'AC-3 18 A against 144 A: breaks 8 x 18', practice: 'IEC', supply: supply400, load: { kind: 'motor-3ph', fullLoadAmps: 18, lockedRotorAmps: 144 }, spec: iec(18), lines: { running: 'fits', 'locked-rotor': 'fits' }, verdict: 'fits', source: 'IEC 60947-4-1, from memory' },
  { name: 'AC-3 18 A against 160 A: makes it, does not break it stalled', practice: 'IEC', supply: supply400, load: { kind: 'motor-3ph', fullLoadAmps: 18, lockedRotorAmps: 160 }, spec: iec(18), lines: { 'locked-rotor': 'check' }, verdict: 'check', source: 'IEC 60947-4-1, from memory' },
  { name: 'AC-3 18 A against 181 A: cannot make it', practice: 'IEC', supply: supply400, load: { kind: 'motor-3ph', fullLoadAmps: 18, lockedRotorAmps: 181 }, spec: iec(18), lines: { 'locked-rotor': 'fails' }, verdict: 'fails', source: 'IEC 60947-4-1, from memory' },
  { name: 'equal is enough', practice: 'IEC', supply: supply400, load: { kind: 'motor-3ph', fullLoadAmps: 18 }, spec: iec(18), lines: { running: 'fits', 'locked-rotor': null }, verdict: 'fits', source: practice },
  { name: 'just below is not', practice: 'IEC', supply: supply400, load: { kind: 'motor-3ph', fullLoadAmps: 18.01 }, spec: iec(18), lines: { running: 'fails' }, verdict: 'fails', source: practice },
  { name: 'a worn figure is not known', practice: 'IEC', supply: supply400, load: { kind: 'motor-3ph', fullLoadAmps: 18 }, spec: iec(null), lines: { running: 'not-known' }, verdict: 'not-known', source: practice },
  { name: 'no such rating on a legible plate fails', practice: 'IEC', supply: supply400, load: { kind: 'motor-3ph', fullLoadAmps: 18 }, spec: iec('none'), lines: { running: 'fails' }, verdict: 'fails', source: practice },
  { name: 'a worn load makes the need itself not known', practice: 'IEC', supply: supply400, load: { kind: 'motor-3ph', fullLoadAmps: null }, spec: iec(18), lines: { running: 'not-known' }, verdict: 'not-known', source: practice },
  { name: 'a failing line wins over an unknown one', practice: 'IEC', supply: { ...supply400, prospectiveFaultAmps: null }, load: { kind: 'motor-3ph', fullLoadAmps: 25 }, spec: iec(18, { shortCircuitRatingAmps: 50000 }), lines: { running: 'fails', 'short-circuit-rating': 'not-known' }, verdict: 'fails', source: practice },
  { name: 'resistive amps are no motor rating', practice: 'IEC', supply: supply400, load: { kind: 'motor-3ph', fullLoadAmps: 10 }, spec: { poles: 3, ratings: [{ volts: 400, ac1Amps: 40 }] }, lines: { running: null }, source: practice },
  // NEMA sizes.
  { name: 'size 0 for 10 hp at 230 V: 18 A against 28 A, 3 hp against 10 hp', supply: { systemVolts: 240, currentKind: 'ac' }, load: { kind: 'motor-3ph', plateVolts: 230, horsepower: 10, fullLoadAmps: 28 }, spec: { nemaSize: '0', poles: 3 }, lines: { running: 'fails', horsepower: 'fails' }, verdict: 'fails', source: 'NEMA ICS 2, from memory' },
  { name: 'size 2 for 10 hp at 230 V', supply: { systemVolts: 240, currentKind: 'ac' }, load: { kind: 'motor-3ph', plateVolts: 230, horsepower: 10, fullLoadAmps: 28 }, spec: { nemaSize: '2', poles: 3 }, lines: { running: 'fits', horsepower: 'fits' }, verdict: 'fits', source: 'NEMA ICS 2, from memory' },
  { name: 'size 1 carries 27 A but is 10 hp at 460 V: 15 hp fails on horsepower alone', supply: supply480, load: { kind: 'motor-3ph', plateVolts: 460, horsepower: 15, fullLoadAmps: 20 }, spec: { nemaSize: '1', poles: 3 }, lines: { running: 'fits', horsepower: 'fails' }, verdict: 'fails', source: 'NEMA ICS 2, from memory' },
  { name: 'without horsepower a size stands for its motor amps: 20 A on size 1 at 460 V (10 hp, 14 A)', supply: supply480, load: { kind: 'motor-3ph', plateVolts: 460, fullLoadAmps: 20 }, spec: { nemaSize: '1', poles: 3 }, lines: { running: 'fails' }, verdict: 'fails', source: 'NEMA ICS 2 and NFPA 70 table 430.250, from memory' },
  { name: 'jogging 8 a minute: size 2 jogs 15 hp at 460 V', supply: supply480, load: { kind: 'motor-3ph', plateVolts: 460, horsepower: 20, fullLoadAmps: 25 }, duty: { joggingPerMinute: 8 }, spec: { nemaSize: '2', poles: 3 }, lines: { horsepower: 'fits', jogging: 'fails' }, verdict: 'fails', source: 'NEMA ICS 2, from memory' },
  { name: 'jogging once a minute is occasional: no line', supply: supply480, load: { kind: 'motor-3ph', plateVolts: 460, horsepower: 20, fullLoadAmps: 25 }, duty: { joggingPerMinute: 1 }, spec: { nemaSize: '2', poles: 3 }, lines: { jogging: null }, verdict: 'fits', source: 'IEC 60947-4-1, from memory' },
  { name: 'jogging 3 a minute is past 10 in ten minutes: a check', supply: supply480, load: { kind: 'motor-3ph', plateVolts: 460, horsepower: 20, fullLoadAmps: 25 }, duty: { joggingPerMinute: 3 }, spec: { nemaSize: '2', poles: 3 }, lines: { jogging: 'check' }, verdict: 'check', source: 'IEC 60947-4-1, from memory' },
  { name: 'jogging on AC-4 amps', practice: 'IEC', supply: supply400, load: { kind: 'motor-3ph', fullLoadAmps: 15 }, duty: { joggingPerMinute: 12 }, spec: { poles: 3, ratings: [{ volts: 400, ac3Amps: 32, ac4Amps: 14 }] }, lines: { running: 'fits', jogging: 'fails' }, verdict: 'fails', source: 'IEC 60947-4-1, from memory' },
  // Heaters.
  { name: '1000 W at 220 V on a 5 A contact: carries it, below 20 % headroom', supply: { systemVolts: 220, phases: 1, currentKind: 'ac' }, load: { kind: 'resistive-heater', watts: 1000 }, spec: { poles: 2, ratings: [{ volts: 240, resistiveAmps: 5 }] }, lines: { running: 'fits', 'resistive-headroom': 'check' }, verdict: 'check', source: practice },
  { name: 'continuous amps of a size are a check for a heater, no more', supply: { systemVolts: 240, phases: 1, currentKind: 'ac' }, load: { kind: 'resistive-heater', watts: 2400 }, spec: { nemaSize: '0', poles: 2 }, lines: { running: 'check' }, source: practice },
  // Coils.
  { name: '24 V coil on 120 V control', supply: control(120, 'ac', 60), load: onlyCoil, spec: coil(24, 'ac', [60]), lines: { 'coil-volts': 'fails' }, verdict: 'fails', source: practice },
  { name: '120 V coil on 24 V control', supply: control(24, 'ac', 60), load: onlyCoil, spec: coil(120, 'ac', [60]), lines: { 'coil-volts': 'fails' }, verdict: 'fails', source: practice },
  { name: 'DC coil on AC', supply: control(24, 'ac', 50), load: onlyCoil, spec: coil(24, 'dc', []), lines: { 'coil-kind': 'fails' }, verdict: 'fails', source: practice },
  { name: 'AC coil on DC', supply: control(24, 'dc'), load: onlyCoil, spec: coil(24, 'ac', [50, 60]), lines: { 'coil-kind': 'fails' }, verdict: 'fails', source: practice },
  { name: '60 Hz coil on 50 Hz', supply: control(230, 'ac', 50), load: onlyCoil, spec: coil(230, 'ac', [60]), lines: { 'coil-hertz': 'fails', 'coil-volts': 'fits' }, verdict: 'fails', source: 'IEC 60947-4-1, from memory' },
  { name: '50 Hz coil on 60 Hz', supply: control(120, 'ac', 60), load: onlyCoil, spec: coil(120, 'ac', [50]), lines: { 'coil-hertz': 'fails' }, verdict: 'fails', source: 'IEC 60947-4-1, from memory' },
  { name: 'worn frequency is not known', supply: control(120, 'ac', 60), load: onlyCoil, spec: { coilVolts: 120, coilKind: 'ac', coilHertz: null }, lines: { 'coil-hertz': 'not-known' }, verdict: 'not-known', source: practice },
  { name: '115 V mark on 120 V is the same mark', supply: control(120, 'ac', 60), load: onlyCoil, spec: coil(115, 'ac', [60]), lines: { 'coil-volts': 'fits', 'coil-mark': 'fits' }, verdict: 'fits', source: practice },
  { name: '110 V mark on 120 V works within 110 %, another mark: check', supply: control(120, 'ac', 60), load: onlyCoil, spec: coil(110, 'ac', [60]), lines: { 'coil-volts': 'fits', 'coil-mark': 'check' }, verdict: 'check', source: 'IEC 60947-4-1, from memory' },
  { name: 'range coil 208-240 on 230 V', supply: control(230, 'ac', 60), load: onlyCoil, spec: { coilVoltsMin: 208, coilVoltsMax: 240, coilKind: 'ac', coilHertz: [60] }, lines: { 'coil-volts': 'fits', 'coil-mark': 'fits' }, verdict: 'fits', source: 'IEC 60947-4-1, from memory' },
  { name: 'supply swinging to 132 V is past 110 % of 115 V', supply: { ...control(120, 'ac', 60), controlVoltsMin: 110, controlVoltsMax: 132 }, load: onlyCoil, spec: coil(115, 'ac', [60]), lines: { 'coil-volts': 'fails' }, verdict: 'fails', source: 'IEC 60947-4-1, from memory' },
  { name: 'a mark for each frequency: 110 V 50 Hz, 120 V 60 Hz on 120 V 60 Hz', supply: control(120, 'ac', 60), load: onlyCoil, spec: { coilMarks: [{ volts: 110, kind: 'ac', hertz: [50] }, { volts: 120, kind: 'ac', hertz: [60] }] }, lines: { 'coil-volts': 'fits', 'coil-mark': 'fits', 'coil-hertz': 'fits' }, verdict: 'fits', source: practice },
  { name: 'the same coil on 120 V 50 Hz stands on its 110 V mark: check', supply: control(120, 'ac', 50), load: onlyCoil, spec: { coilMarks: [{ volts: 110, kind: 'ac', hertz: [50] }, { volts: 120, kind: 'ac', hertz: [60] }] }, lines: { 'coil-volts': 'fits', 'coil-mark': 'check' }, verdict: 'check', source: practice },
  { name: 'AC/DC coil on DC', supply: control(24, 'dc'), load: onlyCoil, spec: coil(24, 'ac/dc', [50, 60]), lines: { 'coil-kind': 'fits', 'coil-volts': 'fits' }, verdict: 'fits', source: practice },
  { name: 'inrush above what the transformer gives', supply: { ...control(120, 'ac', 60), controlTransformerInrushVA: 310 }, load: onlyCoil, spec: { ...coil(120, 'ac', [60]), coilInrushVA: 660 }, lines: { 'coil-inrush': 'fails' }, verdict: 'fails', source: practice },
  { name: 'long run: 120 V, 12 ohm, 240 VA leaves 120/(1+12x240/120²) = 83 %', supply: { ...control(120, 'ac', 60), controlLoopOhms: 12 }, load: onlyCoil, spec: { ...coil(120, 'ac', [60]), coilInrushVA: 240 }, lines: { 'coil-pick-up': 'fails' }, verdict: 'fails', source: 'IEC 60947-4-1, from memory; Ohm’s law' },
  { name: 'half the run leaves 91 %', supply: { ...control(120, 'ac', 60), controlLoopOhms: 6 }, load: onlyCoil, spec: { ...coil(120, 'ac', [60]), coilInrushVA: 240 }, lines: { 'coil-pick-up': 'fits' }, verdict: 'fits', source: 'IEC 60947-4-1, from memory; Ohm’s law' },
  { name: 'an output of 0.5 A drives 12 W at 24 V exactly', supply: { ...control(24, 'dc'), driverMaxAmps: 0.5 }, load: onlyCoil, spec: { ...coil(24, 'dc', []), coilWatts: 12 }, lines: { driver: 'fits' }, verdict: 'fits', source: 'Ohm’s law' },
  { name: 'and not 58.8 ohm at 48 V', supply: { ...control(48, 'dc'), driverMaxAmps: 0.5 }, load: onlyCoil, spec: { ...coil(48, 'dc', []), coilOhms: 58.8 }, lines: { driver: 'fails' }, verdict: 'fails', source: 'Ohm’s law' },
  // Safety.
  { name: 'AC ratings only, on DC', supply: { systemVolts: 48, currentKind: 'dc' }, load: { kind: 'resistive-heater', resistiveAmps: 5 }, spec: { poles: 2, ratings: [{ volts: 240, ac1Amps: 20 }] }, lines: { 'rating-kind': 'fails', volts: 'fails' }, verdict: 'fails', source: practice },
  { name: 'two poles for three phases', supply: supply480, load: motor480, spec: { poles: 2, nemaSize: '2' }, lines: { poles: 'fails' }, verdict: 'fails', source: practice },
  { name: 'one pole leaves a leg that must open', supply: { systemVolts: 240, currentKind: 'ac' }, load: { kind: 'hermetic-compressor', ratedLoadAmps: 10, polesToSwitch: 1, polesThatMustOpen: 2 }, spec: definitePurpose({ fullLoadAmps: 30 }, { fullLoadAmps: 30 }, { poles: 1 }), lines: { poles: 'fits', 'poles-open': 'fails' }, verdict: 'fails', source: 'NFPA 70 430.103, from memory' },
  { name: 'equal short-circuit rating holds', supply: { ...supply480, prospectiveFaultAmps: 10000 }, load: onlyCoil, spec: { shortCircuitRatingAmps: 10000 }, lines: { 'short-circuit-rating': 'fits' }, verdict: 'fits', source: practice },
  { name: 'unmarked counts 5 kA at 10 hp in NFPA practice', supply: { ...supply480, prospectiveFaultAmps: 5000 }, load: motor480, spec: { poles: 3, nemaSize: '2', shortCircuitRatingAmps: 'none' }, lines: { 'short-circuit-rating': 'fits' }, verdict: 'fits', source: 'UL 508A SB4.1, from memory' },
  { name: 'unmarked is not known in IEC practice', practice: 'IEC', supply: { ...supply400, prospectiveFaultAmps: 5000 }, load: { kind: 'motor-3ph', fullLoadAmps: 10 }, spec: iec(18, { shortCircuitRatingAmps: 'none' }), lines: { 'short-circuit-rating': 'not-known' }, verdict: 'not-known', source: practice },
  // Place and service.
  { name: 'missing auxiliaries are a check', load: { ...onlyCoil, auxNormallyOpenNeeded: 2 }, spec: { auxNormallyOpen: 1 }, lines: { 'aux-open': 'check' }, verdict: 'check', source: practice },
  { name: 'no auxiliaries at all count as 0', load: { ...onlyCoil, auxNormallyClosedNeeded: 1 }, spec: { auxNormallyClosed: 'none' }, lines: { 'aux-closed': 'check' }, verdict: 'check', source: practice },
  { name: 'lights that must stay on need a latch', load: { ...onlyCoil, mustHoldOnControlLoss: true }, spec: { holding: 'electrical' }, lines: { holding: 'fails' }, verdict: 'fails', source: practice },
  { name: 'a latched contactor on push-buttons and a motor fails', load: { kind: 'motor-3ph', control: 'three-wire' }, spec: { holding: 'mechanical' }, lines: { holding: 'fails' }, verdict: 'fails', source: practice },
  { name: 'ambient at the limit holds', supply: { ambientC: 40 }, load: onlyCoil, spec: { maxAmbientC: 40 }, lines: { ambient: 'fits' }, verdict: 'fits', source: practice },
  { name: 'starts above the switching rate', load: onlyCoil, duty: { startsPerHour: 700 }, spec: { maxOperationsPerHour: 600 }, lines: { 'switching-rate': 'fails' }, verdict: 'fails', source: practice },
  { name: '140 a day for 5 years is 255 500 operations', load: onlyCoil, duty: { operationsPerDay: 140, lifeYearsWanted: 5 }, spec: { electricalLifeOperations: 255000 }, lines: { 'electrical-life': 'check' }, verdict: 'check', source: practice },
  // Lamps.
  { name: 'a ballast figure is a hint for LED drivers, no more', supply: { systemVolts: 277, currentKind: 'ac' }, load: { kind: 'lamp-bank', lampKind: 'LED with driver', runningAmps: 10 }, spec: { poles: 1, ratings: [{ volts: 277, ballastAmps: 20 }] }, lines: { running: 'check' }, verdict: 'check', source: practice },
  { name: 'tungsten needs a tungsten figure', supply: { systemVolts: 277, currentKind: 'ac' }, load: { kind: 'filament-lamps', runningAmps: 10 }, spec: { poles: 1, ratings: [{ volts: 277, tungstenAmps: 'none', resistiveAmps: 30 }] }, lines: { running: 'fails' }, verdict: 'fails', source: practice },
];
