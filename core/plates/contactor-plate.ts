/**
 * Fields of a contactor's plate. Contact side and coil side are apart: a figure read on one never fills the other.
 * Coil marks need their name (COIL, UC, A1-A2), so that bare volts stay with the contacts. Common practice.
 */
import { contactorStandards } from '../case/fields';
import type { PlateDefinition, PlateField } from './plate-field';

const field = (id: string, label: string, rest: Omit<PlateField, 'id' | 'label'>): PlateField => ({
  id,
  label,
  ...rest,
});
const sheet = 'The maker’s sheet by type; size suggests only an order of magnitude. It stays not known until found.';

export const contactorPlate: PlateDefinition = {
  id: 'contactor',
  title: 'Contactor',
  fields: [
    field('type', 'Maker, type', {
      kind: 'text',
      unit: '',
      names: ['TYPE', 'MODEL', 'CAT NO', 'CAT'],
      max: 0,
      meaning: 'A name for a set of ratings; it identifies, it does not specify.',
      recovery: 'Side of the base, inside of the cover, stamped in the carrier.',
    }),
    field('standard', 'Standard', {
      kind: 'word',
      unit: '',
      names: ['STANDARD', 'STD'],
      words: contactorStandards,
      bareUnit: true,
      max: 0,
      meaning: 'The standard settles what the figures mean.',
      recovery: sheet,
    }),
    field('nemaSize', 'NEMA size', {
      kind: 'word',
      unit: '',
      names: ['NEMA SIZE', 'SIZE'],
      words: ['00', '0', '1', '2', '3', '4', '5', '6', '7', '8', '9'],
      max: 0,
      meaning: 'A NEMA size stands for horsepower at volts and continuous amps.',
      recovery: sheet,
    }),
    field('poles', 'Poles', {
      kind: 'number',
      unit: 'count',
      names: ['POLES', 'POLE'],
      units: { POLE: 1, POLES: 1, P: 1 },
      bareUnit: true,
      min: 1,
      max: 12,
      meaning: 'Main contacts.',
      recovery: 'Count the power terminals in pairs.',
    }),
    field('ratings', 'Ratings', {
      kind: 'rows',
      unit: '',
      names: [],
      max: 0,
      meaning: 'Each row holds at its volts; read the row of the supply in hand.',
      recovery: sheet,
    }),
    field('coilVolts', 'Coil volts', {
      kind: 'coil',
      unit: 'V',
      names: ['COIL VOLTAGE', 'COIL VOLTS', 'COIL V', 'COIL', 'UC', 'A1-A2', 'CONTROL VOLTAGE'],
      units: { V: 1, VAC: 1, VDC: 1 },
      max: 690,
      meaning: 'Volts of the control circuit at A1 and A2, not of the contacts.',
      recovery:
        'The circuit is the authority: take it from the drawing and the transformer’s plate. The coil’s resistance, disconnected, only narrows it.',
    }),
    field('coilMarks', 'Coil marks', {
      kind: 'text',
      unit: '',
      names: [],
      max: 0,
      meaning: 'A coil with several marks: each figure of volts holds at its own frequency.',
      recovery:
        'The circuit is the authority: take it from the drawing and the transformer’s plate. The coil’s resistance, disconnected, only narrows it.',
    }),
    field('coilKind', 'Coil AC or DC', {
      kind: 'word',
      unit: '',
      names: ['COIL KIND'],
      words: ['ac', 'dc', 'ac/dc'],
      max: 0,
      meaning: 'A coil with one AC figure and no DC is an AC coil.',
      recovery: 'Shading rings on the pole face mean AC; the drawing settles it.',
    }),
    field('coilHertz', 'Coil hertz', {
      kind: 'hertz',
      unit: 'Hz',
      names: ['COIL HZ', 'COIL FREQUENCY'],
      units: { HZ: 1 },
      max: 400,
      meaning: 'Frequencies the coil is wound for; 60 only overheats on 50.',
      recovery: sheet,
    }),
    field('coilOhms', 'Coil ohms', {
      kind: 'number',
      unit: 'ohm',
      names: ['COIL RESISTANCE', 'COIL OHMS'],
      units: { Ω: 1, OHM: 1, OHMS: 1 },
      max: 1e7,
      meaning: 'DC resistance of the coil, leads taken off.',
      recovery: 'Measure it disconnected, and the leads shorted.',
    }),
    field('coilInrushVA', 'Coil inrush', {
      kind: 'number',
      unit: 'VA',
      names: ['INRUSH'],
      units: { VA: 1 },
      max: 20000,
      meaning: 'What the coil asks of the transformer while pulling in.',
      recovery: sheet,
    }),
    field('auxNormallyOpen', 'Aux NO', {
      kind: 'number',
      unit: 'count',
      names: ['AUX NO'],
      units: { NO: 1 },
      bareUnit: true,
      min: 0,
      max: 8,
      meaning: 'Auxiliary contacts that make.',
      recovery: 'Continuity, isolated: open at rest, closed when pushed in.',
    }),
    field('auxNormallyClosed', 'Aux NC', {
      kind: 'number',
      unit: 'count',
      names: ['AUX NC'],
      units: { NC: 1 },
      bareUnit: true,
      min: 0,
      max: 8,
      meaning: 'Auxiliary contacts that break.',
      recovery: 'Continuity, isolated: closed at rest, open when pushed in.',
    }),
    field('holding', 'Held by', {
      kind: 'word',
      unit: '',
      names: ['HOLDING'],
      words: ['electrical', 'mechanical', 'magnetic-latch'],
      max: 0,
      meaning: 'What keeps it closed: its coil, a latch or a magnet.',
      recovery: 'Two coils or a latch lever show a latched type.',
    }),
    field('shortCircuitRatingAmps', 'Short-circ. rating', {
      kind: 'number',
      unit: 'A',
      names: ['SHORT-CIRCUIT RATING', 'SCCR'],
      units: { A: 1, KA: 1000 },
      max: 200000,
      meaning: 'Fault current it stands with the protection the maker names.',
      recovery: sheet,
    }),
    field('maxAmbientC', 'Ambient', {
      kind: 'number',
      unit: '°C',
      names: ['AMBIENT', 'AMB', 'TA'],
      units: { C: 1, '°C': 1 },
      max: 90,
      meaning: 'Highest air temperature around it.',
      recovery: '40 °C is usual for open gear, but do not assume it.',
    }),
  ],
};

/** Columns of a rating row by the names printed over them. RES = resistive; AFL, ALR are the same as FLA, LRA. */
export const ratingNames: readonly { column: string; names: readonly string[]; unit: 'A' | 'hp' }[] = [
  { column: 'fullLoadAmps', names: ['FLA', 'AFL'], unit: 'A' },
  { column: 'lockedRotorAmps', names: ['LRA', 'ALR'], unit: 'A' },
  { column: 'resistiveAmps', names: ['RES'], unit: 'A' },
  { column: 'ac1Amps', names: ['AC-1', 'AC1'], unit: 'A' },
  { column: 'ac3Amps', names: ['AC-3', 'AC3'], unit: 'A' },
  { column: 'ac4Amps', names: ['AC-4', 'AC4'], unit: 'A' },
  { column: 'normalHp', names: ['HP'], unit: 'hp' },
];
