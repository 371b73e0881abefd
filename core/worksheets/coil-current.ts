/**
 * Coil current from resistance, leads taken off first. DC only: an AC coil is held back by its impedance, so V/R lies.
 * Source: Ohm's law; the habit of taking the leads off is common practice.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, refuse, wordInput, worksheet } from './contract';

const LEADS_WORTH_TAKING_OFF = 0.01;

export const coilCurrent = worksheet({
  id: 'coil-current',
  subject: 'coil',
  title: 'Coil current from resistance',
  question: 'What does this coil draw?',
  inputs: [
    numberInput('readOhms', 'Resistance read', 'ohm', { above: 0, max: 1e7 }, 412, 'As the meter shows it, leads included.'),
    numberInput('leadOhms', 'Leads', 'ohm', { min: 0, max: 100 }, 0.3, 'The same leads held together.'),
    numberInput('volts', 'Coil volts', 'V', { above: 0, max: 690 }, 24, 'Rated or measured volts at the coil.'),
    wordInput('kind', 'Coil', ['dc', 'ac'], 'DC or AC coil.'),
    numberInput('measuredAmps', 'Measured current', 'A', { above: 0, max: 100 }, 0.057, 'To compare with; may be left out.', true),
  ],
  compute: ({ readOhms, leadOhms, volts, kind, measuredAmps }) => {
    if (kind === 'ac')
      return refuse(
        'An AC coil’s resistance understates its impedance: V/R would be far too high. Measure the amps, or take inrush and sealed VA from the maker.',
      );
    const net = readOhms - leadOhms;
    if (!(net > 0))
      return refuse(`The leads (${q(leadOhms, 'ohm')}) are not less than the reading (${q(readOhms, 'ohm')}). Measure both again.`);
    const amps = volts / net;
    const share = leadOhms / readOhms;
    const off = typeof measuredAmps === 'number' ? (amps / measuredAmps - 1) * 100 : null;
    return answer(
      [
        { name: 'coilOhms', label: 'Coil alone', value: net, unit: 'ohm' },
        { name: 'amps', label: 'Current', value: amps, unit: 'A' },
        { name: 'watts', label: 'Power', value: amps * volts, unit: 'W' },
        { name: 'leadPercent', label: 'Leads in the reading', value: share * 100, unit: '%' },
        ...(off === null ? [] : [{ name: 'offPercent', label: 'Prediction off by', value: off, unit: '%' }]),
      ],
      [
        `${q(readOhms, 'ohm')} - ${q(leadOhms, 'ohm')} = ${q(net, 'ohm', 'nearest', 5)}`,
        `${q(volts, 'V')} / ${q(net, 'ohm')} = ${q(amps, 'A')}`,
      ],
      share > LEADS_WORTH_TAKING_OFF ? ['The leads are more than 1 % of the reading: taking them off matters.'] : [],
    );
  },
  sources: ['ohmsLaw', 'commonPractice'],
  checks: [
    {
      values: { readOhms: 60.3, leadOhms: 1.5, volts: 6, kind: 'dc', measuredAmps: 0.098 },
      expect: { coilOhms: 58.8, amps: 0.102, leadPercent: 2.49, offPercent: 4.1 },
      tolerance: 0.01,
      source: 'common practice',
    },
    {
      values: { readOhms: 700, leadOhms: 0, volts: 24, kind: 'dc' },
      expect: { amps: 0.0343, watts: 0.82 },
      tolerance: 0.01,
      source: 'common practice',
    },
  ],
});
