/**
 * RC across a contact: what leaks through it when open, the peak that is left, and whether the leakage holds the load in.
 * Leakage = V / √(R² + 1/(2πfC)²); at opening the volts jump by I R and rise to about I √(L/C) at the most. Source: Ohm's law; common practice.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, worksheet } from './contract';

/** A relay has released by this share of its rated volts on AC. IEC 61810-1, from memory. */
const RELEASE_SHARE = 0.15;

export const rcSnubber = worksheet({
  id: 'rc-snubber',
  subject: 'coil',
  title: 'RC across a contact',
  question: 'What leaks, what peak is left, and does the load let go?',
  inputs: [
    numberInput('volts', 'Volts', 'V', { above: 0, max: 690 }, 120, 'AC across the open contact.'),
    numberInput('hertz', 'Frequency', 'Hz', { above: 0, max: 400 }, 60, 'Of that supply.'),
    numberInput('microfarads', 'Capacitor', 'µF', { above: 0, max: 10 }, 0.1, 'Rated for the line (class X).'),
    numberInput('ohms', 'Resistor', 'ohm', { min: 0, max: 10000 }, 100, 'In series with it.'),
    numberInput('loadAmps', 'Switched', 'A', { above: 0, max: 100 }, 0.2, 'Amps broken, peak.'),
    numberInput('loadMillihenries', 'Load', 'mH', { above: 0, max: 100000 }, 900, 'Inductance of the load, closed.'),
    numberInput('loadOhms', 'Load impedance', 'ohm', { above: 0, max: 1e6 }, 5200, 'Impedance of the load when it has let go.'),
  ],
  compute: (v) => {
    const { volts, hertz, microfarads: micro, ohms, loadAmps: amps, loadMillihenries: milli, loadOhms: load } = v;
    const farads = micro * 1e-6;
    const reactance = 1 / (2 * Math.PI * hertz * farads);
    const leakage = volts / Math.hypot(ohms, reactance);
    const jump = amps * ohms;
    const peak = Math.max(jump, amps * Math.sqrt(milli / 1000 / farads));
    // The load in line with the snubber, the unfavourable angle: no more than the whole volts.
    const held = Math.min(1, (leakage * load) / volts);
    return answer(
      [
        { name: 'leakageAmps', label: 'Leaks when open', value: leakage, unit: 'A' },
        { name: 'jumpVolts', label: 'Jump at opening', value: jump, unit: 'V' },
        { name: 'peakVolts', label: 'Peak at the most', value: peak, unit: 'V' },
        { name: 'heldPercent', label: 'Left on the load', value: held * 100, unit: '%' },
      ],
      [
        `1 / (2π x ${hertz} Hz x ${micro} µF) = ${q(reactance, 'ohm')}; ${q(volts, 'V')} / ${q(Math.hypot(ohms, reactance), 'ohm')} = ${q(leakage, 'A')}`,
        `Jump: ${q(amps, 'A')} x ${q(ohms, 'ohm')} = ${q(jump, 'V')}; rise: ${q(amps, 'A')} x √(L/C) = ${q(amps * Math.sqrt(milli / 1000 / farads), 'V')}`,
        `On the load: ${q(leakage, 'A')} x ${q(load, 'ohm')} = ${(held * 100).toFixed(1)} % of the supply`,
      ],
      [
        ...(held > RELEASE_SHARE
          ? ['The leakage may hold a relay or an input in: put the RC across the load, or take a smaller capacitor.']
          : []),
        'An open contact with an RC across it is never dead: isolate before touching the load.',
      ],
    );
  },
  sources: ['ohmsLaw', 'relayCoils', 'commonPractice'],
  checks: [
    {
      values: { volts: 120, hertz: 60, microfarads: 0.1, ohms: 0, loadAmps: 1, loadMillihenries: 100, loadOhms: 1000 },
      expect: { leakageAmps: 0.004524, peakVolts: 1000 },
      tolerance: 0.001,
      source: 'by hand: 120 x 2π x 60 x 0.1e-6; √(0.1 / 1e-7) = 1000',
    },
  ],
});
