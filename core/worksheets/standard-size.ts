/** Next standard size up and down, and the largest device for a conductor. NFPA 70 240.6(A), 240.4. */
import { formatQuantity as q } from '../quantities/format-quantity';
import { breakerSizes, fuseSizes, largestDeviceForAmpacity, nextStandardSize, standardSizeBelow } from '../standards/overcurrent-sizes';
import { answer, numberInput, wordInput, worksheet } from './contract';

export const standardSize = worksheet({
  id: 'standard-size',
  subject: 'protection',
  title: 'Standard size next up',
  question: 'Which standard size lies next, and how large may the device of a conductor be?',
  inputs: [
    numberInput('amps', 'Amps', 'A', { above: 0, max: 6000 }, 57, 'Worked-out current, or the conductor’s ampacity.'),
    wordInput('device', 'Device', ['breaker', 'fuse'], 'Fuses have some sizes more.'),
    wordInput('small', 'Small conductor', ['no', 'yes'], '14, 12 and 10 AWG: their limit is a ceiling (240.4(D)).'),
  ],
  compute: ({ amps, device, small }) => {
    const sizes = device === 'fuse' ? fuseSizes : breakerSizes;
    const value = amps;
    const up = nextStandardSize(value, sizes);
    const down = standardSizeBelow(value, sizes) ?? null;
    const most = largestDeviceForAmpacity(value, small === 'yes', sizes);
    return answer(
      [
        { name: 'upAmps', label: 'Next up', value: up, unit: 'A' },
        { name: 'downAmps', label: 'Next down', value: down, unit: 'A' },
        { name: 'conductorAmps', label: 'Largest for this ampacity', value: most, unit: 'A' },
      ],
      [
        `${q(value, 'A')} lies between ${down === null ? 'nothing' : q(down, 'A')} and ${q(up, 'A')}`,
        `As an ampacity: ${most > value ? 'the next size up is permitted to 800 A' : 'no larger device'}`,
      ],
      ['Rounding up is for conductors of other loads: motors, compressors and sockets in a row have rules of their own.'],
    );
  },
  sources: ['standardSizes', 'conductorProtection', 'smallConductors'],
  checks: [
    {
      values: { amps: 65, device: 'breaker', small: 'no' },
      expect: { upAmps: 70, downAmps: 60, conductorAmps: 70 },
      tolerance: 1e-9,
      source: 'NFPA 70 240.6(A), 240.4(B), from memory',
    },
    {
      values: { amps: 850, device: 'breaker', small: 'no' },
      expect: { upAmps: 1000, conductorAmps: 850 },
      tolerance: 1e-9,
      source: 'NFPA 70 240.4(C), from memory',
    },
    {
      values: { amps: 5, device: 'fuse', small: 'no' },
      expect: { upAmps: 6, downAmps: 3 },
      tolerance: 1e-9,
      source: 'NFPA 70 240.6(A), fuse sizes, from memory',
    },
  ],
});
