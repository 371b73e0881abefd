/** Ranked volts of a worn coil from its resistance, leads taken off. Never one number. Common practice. */
import { formatQuantity as q } from '../quantities/format-quantity';
import { coilSizes, coilVoltCandidates } from '../field-recovery/coil-volts';
import { answer, numberInput, refuse, wordInput, worksheet } from './contract';

export const coilVoltsFromResistance = worksheet({
  id: 'coil-volts-from-resistance',
  subject: 'coil',
  title: 'Coil volts from resistance',
  question: 'For which volts was this worn coil wound?',
  inputs: [
    numberInput(
      'readOhms',
      'Resistance read',
      'ohm',
      { above: 0, max: 1e7 },
      640,
      'Coil disconnected, ohmmeter across it, leads included.',
    ),
    numberInput('leadOhms', 'Leads', 'ohm', { min: 0, max: 100 }, 0.3, 'The same leads held together.'),
    wordInput('kind', 'Coil', ['dc', 'ac'], 'DC, or AC (shading rings on the pole face).'),
    wordInput('size', 'Size', coilSizes, 'What the coil works.'),
    numberInput(
      'circuitVolts',
      'Control circuit',
      'V',
      { above: 0, max: 690 },
      24,
      'From the drawing or the transformer’s plate; may be left out.',
      true,
    ),
  ],
  compute: ({ readOhms, leadOhms, kind, size, circuitVolts }) => {
    const net = readOhms - leadOhms;
    if (!(net > 0))
      return refuse(`The leads (${q(leadOhms, 'ohm')}) are not less than the reading (${q(readOhms, 'ohm')}). Measure both again.`);
    const candidates = coilVoltCandidates(net, kind, size, circuitVolts);
    if (candidates.length === 0)
      return refuse(
        `${q(net, 'ohm')} goes with no usual coil of a ${size}: it may be open, shorted or something else. Take the volts from the circuit.`,
      );
    return answer(
      candidates
        .slice(0, 5)
        .map(({ volts, share }) => ({ name: `volts${volts}`, label: `${volts} V`, value: Math.round(share * 100), unit: '%' })),
      [
        `${q(readOhms, 'ohm')} - ${q(leadOhms, 'ohm')} = ${q(net, 'ohm', 'nearest', 5)}`,
        ...candidates
          .slice(0, 3)
          .map(
            ({ volts, watts }) =>
              `${volts} V: ${volts}² / ${q(net, 'ohm')} = ${q(watts, kind === 'dc' ? 'W' : 'VA')}${kind === 'ac' ? ' before reactance' : ''}`,
          ),
      ],
      [
        'A ranking, not a reading: the circuit that feeds the coil is the authority.',
        ...(kind === 'ac' ? ['On AC the resistance is only a part of the impedance: this narrows little.'] : []),
        ...(circuitVolts !== undefined && !candidates.some(({ volts }) => Math.abs(volts / circuitVolts - 1) <= 0.1)
          ? ['The coil does not look like one for the circuit’s volts: it may be another coil, or damaged.']
          : []),
      ],
    );
  },
  sources: ['ohmsLaw', 'commonPractice'],
  checks: [
    {
      values: { readOhms: 700, leadOhms: 0, kind: 'dc', size: 'small relay', circuitVolts: 24 },
      expect: { volts24: 86 },
      tolerance: 0.05,
      source: 'common practice: 24 V on 700 ohm is 0.034 A, under 1 W',
    },
    {
      values: { readOhms: 60.3, leadOhms: 1.5, kind: 'dc', size: 'small relay' },
      expect: { volts6: 43 },
      tolerance: 0.15,
      source: 'common practice: 6 V on 58.8 ohm is 0.102 A',
    },
  ],
});
