/**
 * Fields of load plates: three-phase and single-phase motors, hermetic compressor units, resistive heaters.
 * Names, synonyms and recoveries: common practice. ALF is no synonym of FLA: it is refused as ambiguous.
 */
import type { PlateDefinition, PlateField } from './plate-field';

const amps = { A: 1, AMPS: 1, AMP: 1 };
const field = (id: string, label: string, rest: Omit<PlateField, 'id' | 'label'>): PlateField => ({
  id,
  label,
  ...rest,
});

const horsepower = field('horsepower', 'Power', {
  kind: 'number',
  unit: 'hp',
  names: ['HORSEPOWER', 'HP'],
  units: { HP: 1 },
  bareUnit: true,
  max: 10000,
  meaning: 'Rated shaft power in horsepower.',
  recovery: 'Frame size and length narrow it; the drawing or the maker settles it. Amps at a known load are a check, not a rating.',
});
const kilowatts = field('kilowatts', 'Power, kW', {
  kind: 'number',
  unit: 'W',
  names: ['KW'],
  units: { KW: 1 },
  bareUnit: true,
  max: 10000,
  meaning: 'Rated shaft power in kilowatts; of a heater the power taken.',
  recovery: 'Drawing, maker, or volts and amps with efficiency and power factor.',
});
const plateVolts = field('plateVolts', 'Volts', {
  kind: 'volts',
  unit: 'V',
  names: ['VOLTAGE', 'VOLTS', 'VOLT', 'V'],
  units: { V: 1, VAC: 1, VOLTS: 1 },
  bareUnit: true,
  max: 15000,
  meaning: 'Volts for which it is wound. Two figures are two connections.',
  recovery: 'The system that feeds it, from the drawing; the terminal box shows the connection.',
});
const fullLoadAmps = field('fullLoadAmps', 'Full load', {
  kind: 'numbers',
  unit: 'A',
  names: ['FULL LOAD AMPS', 'AMPERES', 'FLA', 'AFL', 'AMPS', 'AMP', 'IN', 'A'],
  units: amps,
  bareUnit: true,
  max: 10000,
  meaning: 'Current at rated load. Two figures belong to the two volts in the same order.',
  recovery: 'The handbook table by power and volts, or kW with efficiency and power factor. State which.',
});
const lockedRotorAmps = field('lockedRotorAmps', 'Locked rotor', {
  kind: 'number',
  unit: 'A',
  names: ['LOCKED ROTOR AMPS', 'LRA', 'ALR'],
  units: amps,
  max: 100000,
  meaning: 'Current while the rotor stands still: what it takes as it starts.',
  recovery: 'Code letter times power, or IA/IN times rated current, or the table; else the site’s school.',
});
const codeLetter = field('codeLetter', 'Code', {
  kind: 'letter',
  unit: '',
  names: ['KVA CODE', 'CODE LETTER', 'CODE'],
  words: 'ABCDEFGHJKLMNPRSTUV'.split(''),
  max: 0,
  meaning: 'Locked-rotor kVA for each horsepower, as a letter. A letter is a band.',
  recovery: 'No way round the plate: use locked-rotor amps, ratio or table instead.',
});
const ratio = field('lockedRotorRatio', 'IA/IN', {
  kind: 'number',
  unit: 'ratio',
  names: ['IA/IN', 'IA / IN', 'IS/IN'],
  min: 1,
  max: 20,
  meaning: 'Starting current in multiples of rated current.',
  recovery: 'Maker’s sheet by type; else the site’s school.',
});
const phases = field('phases', 'Phase', {
  kind: 'number',
  unit: 'count',
  names: ['PHASES', 'PHASE', 'PH'],
  units: { PH: 1, '~': 1 },
  bareUnit: true,
  min: 1,
  max: 3,
  meaning: 'Phases of the supply that it needs.',
  recovery: 'Count the line terminals in the box, dead.',
});
const hertz = field('hertz', 'Hertz', {
  kind: 'hertz',
  unit: 'Hz',
  names: ['FREQUENCY', 'HERTZ', 'HZ', 'CY'],
  units: { HZ: 1 },
  bareUnit: true,
  max: 400,
  meaning: 'Frequency of the supply.',
  recovery: 'The system’s frequency from the drawing.',
});
const serviceFactor = field('serviceFactor', 'Service f.', {
  kind: 'number',
  unit: 'ratio',
  names: ['SERVICE FACTOR', 'S.F.', 'SF'],
  min: 1,
  max: 2,
  meaning: 'How much above rated power it may run; 1.15 and up changes the overload setting.',
  recovery: 'Taken as 1.0 where worn: the careful side.',
});
const efficiency = field('efficiency', 'Efficiency', {
  kind: 'number',
  unit: 'ratio',
  names: ['NOM EFF', 'EFF', 'ETA'],
  units: { '%': 0.01 },
  max: 100,
  meaning: 'Shaft power to electrical power at rated load.',
  recovery: 'Maker’s sheet.',
});
const powerFactor = field('powerFactor', 'cos φ', {
  kind: 'number',
  unit: 'ratio',
  names: ['COS PHI', 'COS Φ', 'COSφ', 'COS φ', 'P.F.', 'PF'],
  max: 1,
  meaning: 'Power factor at rated load.',
  recovery: 'Maker’s sheet.',
});

const motorFields = [plateVolts, fullLoadAmps, lockedRotorAmps, codeLetter, ratio, phases, hertz, serviceFactor, powerFactor, efficiency];

const ratedLoadAmps = field('ratedLoadAmps', 'Compressor RLA', {
  kind: 'number',
  unit: 'A',
  names: ['COMPRESSOR RLA', 'COMP RLA', 'RLA'],
  units: amps,
  max: 10000,
  meaning: 'Rated-load current of the compressor, from the unit’s plate.',
  recovery: 'Maker’s sheet by model; running amps are a check only.',
});
const fanAmps = field('fanFullLoadAmps', 'Fan FLA', {
  kind: 'number',
  unit: 'A',
  names: ['FAN MOTOR FLA', 'FAN FLA', 'FAN AMPS', 'FAN'],
  units: amps,
  max: 500,
  meaning: 'Full-load amps of the fan on the same contactor.',
  recovery: 'The fan motor’s own plate.',
});
const minimumCircuit = field('minimumCircuitAmps', 'Min. circuit', {
  kind: 'number',
  unit: 'A',
  names: ['MIN CIRCUIT AMPACITY', 'MIN. CIRCUIT AMPACITY', 'MIN CKT AMPS', 'MCA'],
  units: amps,
  max: 2000,
  meaning: 'Least ampacity of the circuit. It is not the running current.',
  recovery: 'Worked out from RLA and fan; the plate governs.',
});
const maximumDevice = field('maximumOvercurrentAmps', 'Max. device', {
  kind: 'number',
  unit: 'A',
  names: ['MAX FUSE OR HACR BREAKER', 'MAX FUSE OR BREAKER', 'MAX FUSE', 'MAX BREAKER', 'MOCP', 'MOP'],
  units: amps,
  max: 2000,
  meaning: 'Largest overcurrent device the unit allows. It is not the running current.',
  recovery: 'Not to be guessed: the plate binds the choice.',
});
const watts = field('watts', 'Power, W', {
  kind: 'number',
  unit: 'W',
  names: ['WATTS'],
  units: { W: 1, WATTS: 1 },
  bareUnit: true,
  max: 1e7,
  meaning: 'Power taken at the plate volts.',
  recovery: 'Cold resistance of the element: V²/R, a little high.',
});
const resistiveAmps = field('resistiveAmps', 'Amps', {
  kind: 'number',
  unit: 'A',
  names: ['AMPERES', 'AMPS', 'RES', 'A'],
  units: amps,
  bareUnit: true,
  max: 10000,
  meaning: 'Current at the plate volts.',
  recovery: 'Power over volts, with √3 on three phases.',
});

export const loadPlates: Record<string, PlateDefinition> = {
  'motor-3ph': {
    id: 'motor-3ph',
    title: 'Three-phase motor',
    fields: [horsepower, kilowatts, ...motorFields],
  },
  'motor-1ph': {
    id: 'motor-1ph',
    title: 'Single-phase motor',
    fields: [horsepower, kilowatts, ...motorFields],
  },
  'hermetic-compressor': {
    id: 'hermetic-compressor',
    title: 'Compressor unit',
    fields: [plateVolts, phases, hertz, ratedLoadAmps, lockedRotorAmps, fanAmps, minimumCircuit, maximumDevice],
  },
  'resistive-heater': {
    id: 'resistive-heater',
    title: 'Heater',
    fields: [kilowatts, watts, plateVolts, resistiveAmps, phases, hertz],
  },
};
