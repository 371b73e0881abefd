/** Marks of whatever has a coil: contactors, relays, air breakers and their releases carry the same. */
import { declared, currentKinds, num, upTo, word } from './field';
import { sheet, VOLTS } from './print';

export const coil = {
  coilVolts: num(
    'coilVolts',
    'Coil voltage',
    'V',
    { min: 1, max: 690 },
    'Volts of the control circuit at A1 and A2, not of the contacts.',
    {
      short: 'Coil V',
      print: {
        kind: 'coil',
        names: ['CONTROL VOLTAGE', 'COIL VOLTAGE', 'COIL VOLTS', 'COIL V', 'COIL', 'A1-A2', 'UC', 'US'],
        units: VOLTS,
        tail: { kind: 'coilKind', hertz: 'coilHertz' },
      },
      recovery:
        'The circuit is the authority: take it from the drawing and the transformer’s plate. The coil’s resistance, disconnected, only narrows it.',
    },
  ),
  coilVoltsMin: num('coilVoltsMin', 'Coil voltage, minimum mark', 'V', upTo(690), 'Lowest mark of a range coil.', { short: 'Coil V min.' }),
  coilVoltsMax: num('coilVoltsMax', 'Coil voltage, maximum mark', 'V', upTo(690), 'Highest mark of a range coil.', {
    short: 'Coil V max.',
  }),
  coilKind: word('coilKind', 'Coil AC or DC', currentKinds, 'A coil with one AC figure and no DC is an AC coil.', {
    short: 'Coil AC/DC',
    print: { names: ['COIL KIND'] },
    recovery: 'Shading rings on the pole face mean AC; the drawing settles it.',
  }),
  coilHertz: declared({
    name: 'coilHertz',
    label: 'Coil frequency',
    short: 'Coil Hz',
    kind: 'hertz',
    unit: 'Hz',
    above: 0,
    max: 400,
    meaning: 'Frequencies the coil is wound for; 60 only overheats on 50.',
    print: { names: ['COIL HZ', 'COIL FREQUENCY'], units: { HZ: 1 } },
    recovery: sheet,
  }),
  coilMarks: declared({
    name: 'coilMarks',
    label: 'Coil marks',
    kind: 'coil-rows',
    meaning: 'A coil with several marks: each figure of volts holds at its own frequency.',
    print: {},
    recovery:
      'The circuit is the authority: take it from the drawing and the transformer’s plate. The coil’s resistance, disconnected, only narrows it.',
  }),
  coilWatts: num('coilWatts', 'Coil power', 'W', upTo(20000), 'Power that the coil takes while closed.', {
    short: 'Coil power',
    print: { names: ['COIL POWER', 'PC'], units: { W: 1 } },
    recovery: 'Volts times measured amps on DC; the sheet on AC.',
  }),
  coilOhms: num('coilOhms', 'Coil resistance', 'ohm', upTo(10000000), 'DC resistance of the coil, leads taken off.', {
    short: 'Coil ohms',
    print: { names: ['COIL RESISTANCE', 'COIL OHMS'], units: { OHMS: 1, Q: 1, OHM: 1, KΩ: 1000, Ω: 1 }, bare: true },
    recovery: 'Measure it disconnected, and the leads shorted.',
  }),
  coilInrushVA: num('coilInrushVA', 'Coil inrush', 'VA', upTo(20000), 'What the coil asks of the transformer while pulling in.', {
    short: 'Coil inrush',
    print: { names: ['INRUSH'], units: { VA: 1 } },
    recovery: sheet,
  }),
  coilSealedVA: num('coilSealedVA', 'Coil holding power', 'VA', upTo(20000), "An AC coil's VA when closed.", {
    short: 'Coil holding',
    nfpa: { label: 'Coil sealed VA', short: 'Coil sealed' },
  }),
};

export const coilFields = Object.values(coil);
