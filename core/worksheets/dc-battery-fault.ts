/** Short-circuit current of a battery bank into one branch or its main. IEC 61660-1, simplified: volts over resistance. */
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, refuse, wordInput, worksheet } from './contract';

export const dcBatteryFault = worksheet({
  id: 'dc-battery-fault',
  subject: 'supply',
  title: 'Battery fault current',
  question: 'What can the bank push into a fault?',
  inputs: [
    numberInput('volts', 'Volts', 'V', { above: 0, max: 1500 }, 110, 'Highest of one battery or string: its charging volts, not its name.'),
    numberInput(
      'internalOhms',
      'Resistance of one',
      'ohm',
      { above: 0, max: 100 },
      0.04,
      'Internal resistance with its links, from the maker. There is no default.',
    ),
    numberInput('parallel', 'Side by side', 'count', { min: 1, max: 200 }, 2, 'Batteries or strings in parallel.'),
    numberInput(
      'cableOhms',
      'Cable, there and back',
      'ohm',
      { min: 0, max: 100 },
      0.004,
      'From the bank to the fault; 0 at its terminals.',
    ),
    wordInput('place', 'Fault', ['behind the main', 'in one branch'], 'In one branch the others feed it: one fewer.'),
  ],
  compute: ({ volts, internalOhms, parallel, cableOhms, place }) => {
    const feeding = parallel - (place === 'in one branch' ? 1 : 0);
    if (feeding < 1) return refuse('With one battery nothing else feeds its branch: take the fault behind the main.');
    const ohms = internalOhms / feeding + cableOhms;
    const amps = volts / ohms;
    return answer(
      [
        { name: 'faultAmps', label: 'Fault current', value: amps, unit: 'A' },
        { name: 'feeding', label: 'Feeding it', value: feeding, unit: 'count' },
      ],
      [
        `${q(internalOhms, 'ohm')} / ${feeding} + ${q(cableOhms, 'ohm')} = ${q(ohms, 'ohm')}`,
        `${q(volts, 'V')} / ${q(ohms, 'ohm')} = ${q(amps, 'A')}`,
      ],
      [
        'A DC interrupting rating at these volts must be at least this; an AC figure says nothing.',
        'A battery cannot be switched off: cover its terminals before work.',
      ],
    );
  },
  sources: ['batteryFault', 'ohmsLaw'],
  checks: [
    {
      values: { volts: 51.2, internalOhms: 0.03, parallel: 12, cableOhms: 0, place: 'in one branch' },
      expect: { faultAmps: 18773, feeding: 11 },
      tolerance: 0.001,
      source: 'common practice: (n - 1) x V / R',
    },
    {
      values: { volts: 48, internalOhms: 0.01, parallel: 1, cableOhms: 0.01, place: 'behind the main' },
      expect: { faultAmps: 2400 },
      tolerance: 1e-9,
      source: 'by hand: 48 / 0.02',
    },
  ],
});
