/**
 * How is a worn mark recovered? For each field: between which points, with what, dead or live, and which worksheet makes the
 * figure of it. What a worksheet gives is 'worked out', what an instrument shows is 'measured'; both keep their arithmetic.
 * Methods: common practice; a method that needs a live circuit says so and offers the drawing first.
 */
import type { ReadingValue, Readings } from '../readings/reading';
import type { WorksheetValues } from '../worksheets/contract';

export type Guide = {
  /** Which two points, which range. */
  points: string;
  condition: 'dead' | 'bench' | 'live by the site’s rules' | 'papers';
};

export type SheetRecovery = {
  sheet: string;
  /** Output of the worksheet that is the field's value; a list of candidates where it starts with '*'. */
  output: string;
  state: 'measured' | 'worked-out';
  /** Inputs that other marks already give. */
  prefill: (marks: { load: Readings; removed: Readings; supply: Readings }) => WorksheetValues;
};

const value = (readings: Readings, id: string): ReadingValue | undefined => readings[id]?.value;
const first = (v: ReadingValue | undefined): number | undefined =>
  typeof v === 'number' ? v : Array.isArray(v) && typeof v[0] === 'number' ? v[0] : undefined;
const volts = (v: ReadingValue | undefined): number | undefined => (typeof v === 'string' ? Number(v.split(/[/-]/)[0]) : first(v));
const clean = (values: Record<string, number | string | undefined>): WorksheetValues =>
  Object.fromEntries(Object.entries(values).filter(([, v]) => v !== undefined));

const dead = (points: string): Guide => ({ points, condition: 'dead' });
const papers = (points: string): Guide => ({ points, condition: 'papers' });

/** Guides by field; a field without one has its recovery sentence. */
export const guides: Readonly<Record<string, Guide>> = {
  coilVolts: dead(
    'Coil disconnected. Ohmmeter across A1 and A2, range up to 20 kΩ; then the leads held together. The drawing and the transformer’s plate come first.',
  ),
  coilMarks: dead(
    'Coil disconnected. Ohmmeter across A1 and A2, range up to 20 kΩ; then the leads held together. The drawing and the transformer’s plate come first.',
  ),
  coilOhms: dead('Coil disconnected. Ohmmeter across A1 and A2, range up to 20 kΩ; then the leads held together.'),
  coilAmps: dead(
    'On DC: resistance across the coil, leads taken off, then volts over ohms. On AC the impedance counts: the maker’s sheet.',
  ),
  functionWords: {
    condition: 'bench',
    points:
      'Supply at its coil volts, and the signal where it has one, switched as the circuit switches them; ohmmeter across a free contact and a stopwatch. What the contact does is drawn or typed below.',
  },
  coilKind: dead('Take the carrier out: copper rings in the pole face mean AC.'),
  pins: dead('Take it out of its base and count; the numbers moulded on the base decide.'),
  terminals: dead(
    'Out of its base, coil off: continuity finds common with the rest contact. Never take a pinout from a part that only looks alike.',
  ),
  contactForm: dead('Coil off, ohmmeter between each pair: what is closed at rest is NC; pushed by hand, what closes is NO.'),
  contactRatings: papers('Nothing on the bench shows a rating. The maker’s sheet by type; until then it stays not known.'),
  ratings: papers('Nothing on the bench shows a rating. The maker’s sheet by type; until then it stays not known.'),
  fullLoadAmps: papers(
    'Handbook table by horsepower and volts, or kW with efficiency and power factor. Clamp amps at a known load are a check, not a rating.',
  ),
  lockedRotorAmps: papers(
    'Code letter times horsepower, or IA/IN times rated amps; else the site’s school, and the line is at best a check.',
  ),
  runCapacitorMicrofarads: dead('Discharge through a resistor, prove it, disconnect: capacitance meter across the section.'),
  microfarads: dead('Discharge through a resistor, prove it, disconnect: capacitance meter from C to each terminal.'),
  prospectiveFaultAmps: papers(
    'Utility’s figure, or transformer kVA and %Z with the run. A tester’s line-neutral reading is not the three-phase fault.',
  ),
  poles: dead('Count the power terminals in pairs.'),
  auxNormallyOpen: dead('Ohmmeter across each auxiliary pair, at rest and with the carrier pushed in: open, then closed.'),
  auxNormallyClosed: dead('Ohmmeter across each auxiliary pair, at rest and with the carrier pushed in: closed, then open.'),
  controlLoopOhms: dead('Far end joined, ohmmeter on both conductors at the panel; leads taken off.'),
  resistiveAmps: dead('Element cold and disconnected: ohmmeter across it; volts over ohms, a little high.'),
  watts: dead('Element cold and disconnected: ohmmeter across it; V²/R, a little high.'),
  kilowatts: papers('Drawing or maker; volts and amps with efficiency and power factor come near.'),
  rpm: {
    points: 'Tachometer at the shaft at light load, guard in place: just under the synchronous speed.',
    condition: 'live by the site’s rules',
  },
  controlVolts: {
    points: 'At the supply of the coil, low-impedance tester; an unloaded transformer reads up to 10 % high. The drawing comes first.',
    condition: 'live by the site’s rules',
  },
};

const coilFromOhms: SheetRecovery = {
  sheet: 'coil-volts-from-resistance',
  output: '*volts',
  state: 'worked-out',
  prefill: ({ removed, supply }) =>
    clean({
      kind:
        value(removed, 'coilKind') === 'ac' || (value(removed, 'coilKind') === undefined && value(supply, 'controlKind') === 'ac')
          ? 'ac'
          : 'dc',
      size: 'contactor to 40 A',
      circuitVolts: first(value(supply, 'controlVolts')),
      readOhms: first(value(removed, 'coilOhms')),
    }),
};

/** Worksheets that recover a field, best first. */
export const sheetRecoveries: Readonly<Record<string, readonly SheetRecovery[]>> = {
  coilVolts: [coilFromOhms],
  coilMarks: [coilFromOhms],
  coilOhms: [
    {
      sheet: 'coil-current',
      output: 'coilOhms',
      state: 'measured',
      prefill: ({ removed, supply }) =>
        clean({ kind: 'dc', volts: first(value(removed, 'coilVolts')) ?? first(value(supply, 'controlVolts')) }),
    },
  ],
  fullLoadAmps: [
    {
      sheet: 'motor-full-load-current',
      output: 'fullLoadAmps',
      state: 'worked-out',
      prefill: ({ load, supply }) =>
        clean({
          horsepower: first(value(load, 'horsepower')),
          volts: first(value(supply, 'systemVolts')) ?? volts(value(load, 'plateVolts')),
          phases: value(load, 'phases') === 1 ? '1' : '3',
        }),
    },
    {
      sheet: 'motor-amps-from-power',
      output: 'amps',
      state: 'worked-out',
      prefill: ({ load, supply }) =>
        clean({
          kilowatts: first(value(load, 'kilowatts')),
          volts: first(value(supply, 'systemVolts')) ?? volts(value(load, 'plateVolts')),
          efficiency: first(value(load, 'efficiency')),
          powerFactor: first(value(load, 'powerFactor')),
        }),
    },
  ],
  lockedRotorAmps: [
    {
      sheet: 'locked-rotor-amps',
      output: 'highAmps',
      state: 'worked-out',
      prefill: ({ load }) =>
        clean({
          codeLetter: value(load, 'codeLetter') as string | undefined,
          horsepower: first(value(load, 'horsepower')),
          plateVolts: volts(value(load, 'plateVolts')),
          phases: value(load, 'phases') === 1 ? '1' : '3',
        }),
    },
    {
      sheet: 'locked-rotor-from-ratio',
      output: 'lockedRotorAmps',
      state: 'worked-out',
      prefill: ({ load, supply }) =>
        clean({
          ratio: first(value(load, 'lockedRotorRatio')),
          fullLoadAmps: first(value(load, 'fullLoadAmps')),
          plateVolts: volts(value(load, 'plateVolts')),
          systemVolts: first(value(supply, 'systemVolts')),
        }),
    },
  ],
  runCapacitorMicrofarads: [
    {
      sheet: 'capacitor-from-running',
      output: 'microfarads',
      state: 'measured',
      prefill: ({ load, supply }) => clean({ hertz: first(value(load, 'hertz')) ?? first(value(supply, 'hertz')) }),
    },
  ],
  microfarads: [
    {
      sheet: 'capacitor-from-running',
      output: 'microfarads',
      state: 'measured',
      prefill: ({ supply }) => clean({ hertz: first(value(supply, 'hertz')) }),
    },
  ],
  prospectiveFaultAmps: [
    {
      sheet: 'fault-current-at-transformer',
      output: 'faultAmps',
      state: 'worked-out',
      prefill: ({ supply }) => clean({ volts: first(value(supply, 'systemVolts')) }),
    },
  ],
};
