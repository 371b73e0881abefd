/** Marks that plates of loads print and cases ask for. Names and synonyms: common practice; marks of MG 1 and IEC 60034-1 from memory. */
import { declared, num, upTo, word, type Field } from './field';
import { AMPS, VOLTS } from './print';

export const lampKinds = [
  'filament',
  'tungsten-halogen',
  'fluorescent with ballast',
  'discharge with ballast',
  'LED with driver',
  'LED retrofit',
] as const;

export const loadMarks = {
  horsepower: num('horsepower', 'Horsepower', 'hp', upTo(10000), 'Rated shaft power in horsepower.', {
    short: 'Power',
    print: { names: ['HORSEPOWER', 'H.P.', 'HP'], units: { 'H.P.': 1, HP: 1 }, bare: true },
    recovery: 'Frame size and length narrow it; the drawing or the maker settles it. Amps at a known load are a check, not a rating.',
  }),
  kilowatts: num('kilowatts', 'Power', 'kW', upTo(10000), 'Rated shaft power in kilowatts; of a heater the power taken.', {
    short: 'Power, kW',
    print: { names: ['KW'], units: { KW: 1 }, bare: true },
    recovery: 'Drawing, maker, or volts and amps with efficiency and power factor.',
  }),
  plateVolts: declared({
    name: 'plateVolts',
    label: 'Plate voltage',
    kind: 'volts-text',
    unit: 'V',
    min: 5,
    max: 15000,
    meaning: 'Volts for which it is wound. Two figures are two connections.',
    short: 'Volts',
    print: { names: ['VOLTAGE', 'VOLTS', 'VOLT', 'V'], units: VOLTS, bare: true },
    recovery: 'The system that feeds it, from the drawing; the terminal box shows the connection.',
  }),
  fullLoadAmps: num(
    'fullLoadAmps',
    'Full-load amps',
    'A',
    upTo(10000),
    'Current at rated load. Two figures belong to the two volts in the same order.',
    {
      short: 'Full load',
      print: {
        kind: 'numbers',
        names: ['FULL LOAD AMPS', 'F.L. AMPS', 'AMPERES', 'F.L.A.', 'FLA', 'AFL', 'AMPS', 'AMP', 'IN', 'A'],
        units: AMPS,
        bare: true,
      },
      recovery: 'The NEC table by power and volts, or kW with efficiency and power factor. State which.',
    },
  ),
  lockedRotorAmps: num(
    'lockedRotorAmps',
    'Locked-rotor amps',
    'A',
    upTo(100000),
    'Current while the rotor stands still: what it takes as it starts.',
    {
      short: 'Locked rotor',
      print: { kind: 'numbers', names: ['LOCKED ROTOR AMPS', 'L.R. AMPS', 'L.R.A.', 'LRA', 'ALR'], units: AMPS },
      recovery: 'Code letter times power, or IA/IN times rated current, or the table; else the site’s school.',
    },
  ),
  codeLetter: word(
    'codeLetter',
    'Code letter',
    'ABCDEFGHJKLMNPRSTUV'.split(''),
    'Locked-rotor kVA for each horsepower, as a letter. A letter is a band.',
    {
      short: 'Code',
      print: { kind: 'letter', names: ['KVA CODE', 'CODE LETTER', 'CODE'] },
      recovery: 'No way round the plate: use locked-rotor amps, ratio or table instead.',
    },
  ),
  lockedRotorRatio: num(
    'lockedRotorRatio',
    'Starting current ratio, IA/IN',
    'ratio',
    { min: 1, max: 20 },
    'Starting current in multiples of rated current.',
    {
      short: 'IA/IN',
      print: { names: ['IA/IN', 'IA / IN', 'IS/IN', 'ISTART/IN'] },
      recovery: 'Maker’s sheet by type; else the site’s school.',
    },
  ),
  serviceFactor: num(
    'serviceFactor',
    'Service factor',
    'ratio',
    { min: 1, max: 2 },
    'How much above rated power it may run; 1.15 and up changes the overload setting.',
    { short: 'Service factor', print: { names: ['SERVICE FACTOR', 'S.F.', 'SF'] }, recovery: 'Taken as 1.0 where worn: the careful side.' },
  ),
  powerFactor: num('powerFactor', 'Power factor', 'ratio', { min: 0.1, max: 1 }, 'Power factor at rated load.', {
    short: 'cos φ',
    print: { names: ['POWER FACTOR', 'COS PHI', 'COS φ', 'COSφ', 'COSE', 'COS O', 'COS', 'P.F.', 'PF'], units: { '%': 0.01 } },
    recovery: 'Maker’s sheet.',
  }),
  efficiency: num('efficiency', 'Efficiency', 'ratio', { min: 0.1, max: 1 }, 'Shaft power to electrical power at rated load.', {
    print: {
      names: ['NEMA NOM. EFF.', 'NEMA NOM EFF', 'NOMINAL EFFICIENCY', 'NOM. EFF.', 'NOM EFF', 'EFF.', 'EFF', 'ETA', 'N%', 'η'],
      units: { '%': 0.01 },
      bare: true,
    },
    recovery: 'Maker’s sheet.',
  }),
  runCapacitorVolts: num(
    'runCapacitorVolts',
    'Capacitor voltage',
    'V',
    { min: 100, max: 1000 },
    'AC volts of the run capacitor: above line volts.',
    {
      short: 'Capacitor V',
      print: { units: { 'V DB': 1, VAC: 1, 'V AC': 1 } },
      recovery: 'The capacitor’s own mark, never less.',
    },
  ),
  ratedLoadAmps: num('ratedLoadAmps', 'Rated-load amps', 'A', upTo(10000), 'Rated-load current of the compressor, from the unit’s plate.', {
    short: 'Compressor RLA',
    print: { names: ['COMPRESSOR RLA', 'COMP. RLA', 'COMP RLA', 'R.L.A.', 'RLA'], units: AMPS },
    recovery: 'Maker’s sheet by model; running amps are a check only.',
  }),
  fanFullLoadAmps: num('fanFullLoadAmps', 'Fan full-load amps', 'A', upTo(500), 'Full-load amps of the fan on the same contactor.', {
    short: 'Fan FLA',
    print: { names: ['FAN MOTOR FLA', 'OUTDOOR FAN FLA', 'FAN FLA', 'FAN AMPS', 'FLA', 'FAN'], units: AMPS },
    recovery: 'The fan motor’s own plate.',
  }),
  minimumCircuitAmps: num(
    'minimumCircuitAmps',
    'Minimum circuit ampacity',
    'A',
    upTo(2000),
    'Least ampacity of the circuit. It is not the running current.',
    {
      short: 'MCA',
      print: {
        names: [
          'MINIMUM CIRCUIT AMPACITY',
          'MIN. CIRCUIT AMPACITY',
          'MIN CIRCUIT AMPACITY',
          'MIN. CIRCUIT AMPS',
          'MIN. CKT. AMPS',
          'MIN CKT AMPS',
          'M.C.A.',
          'MCA',
        ],
        units: AMPS,
      },
      recovery: 'Worked out from RLA and fan; the plate governs.',
    },
  ),
  maximumOvercurrentAmps: num(
    'maximumOvercurrentAmps',
    'Maximum overcurrent protection',
    'A',
    upTo(2000),
    'Largest overcurrent device the unit allows. It is not the running current.',
    {
      short: 'MOCP',
      print: {
        names: [
          'MAX. FUSE OR HACR BREAKER',
          'MAX FUSE OR HACR BREAKER',
          'MAX FUSE OR BREAKER',
          'MAX. FUSE/BKR',
          'MAX OVERCURRENT PROTECTION',
          'MOCP',
          'MOP',
        ],
        units: AMPS,
      },
      recovery: 'Not to be guessed: the plate binds the choice.',
    },
  ),
  watts: num('watts', 'Power', 'W', upTo(10000000), 'Power taken at the plate volts.', {
    short: 'Power, W',
    print: { names: ['WATTS'], units: { WATTS: 1, WATT: 1, W: 1 }, bare: true },
    recovery: 'Cold resistance of the element: V²/R, a little high.',
  }),
  resistiveAmps: num('resistiveAmps', 'Resistive current', 'A', upTo(10000), 'Current at the plate volts.', {
    short: 'Amps',
    print: { names: ['AMPERES', 'AMPS', 'RES', 'A'], units: AMPS, bare: true },
    recovery: 'Power over volts, with √3 on three phases.',
  }),
  runningAmps: num('runningAmps', 'Running current', 'A', upTo(10000), 'Steady current of the lamp with its gear.', {
    short: 'Line current',
    print: { names: ['LINE CURRENT', 'INPUT CURRENT', 'AMPS'], units: { ...AMPS, MA: 0.001 }, bare: true },
    recovery: 'Clamp amps once warm, by the site’s rules.',
  }),
  inrushPeakAmps: num('inrushPeakAmps', 'Inrush peak', 'A', upTo(100000), 'Peak as it is switched on; a peak is no rms figure.', {
    print: { names: ['INRUSH CURRENT', 'INRUSH'], units: AMPS },
    recovery: 'Maker’s sheet of the driver.',
  }),
  lampKind: word('lampKind', 'Lamp type', lampKinds, 'Kind of lamp and gear: it decides the inrush.', {
    short: 'Lamp',
    print: {
      bare: true,
      printed: {
        HALOGEN: 'tungsten-halogen',
        INCANDESCENT: 'filament',
        'LED DRIVER': 'LED with driver',
        'METAL HALIDE': 'discharge with ballast',
        SODIUM: 'discharge with ballast',
        HPS: 'discharge with ballast',
        FLUORESCENT: 'fluorescent with ballast',
      },
    },
    recovery: 'Look at the lamp and whether there is a ballast or a driver.',
  }),
} satisfies Record<string, Field>;
