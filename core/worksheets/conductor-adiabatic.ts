/** How long does a conductor stand a fault? Adiabatic equation, IEC 60364-4-43 434.5.2, 0.1 to 5 s. */
import { keysOf } from '../certain';
import { formatQuantity as q } from '../quantities/format-quantity';
import { adiabaticK, adiabaticSeconds } from '../standards/conductors';
import { answer, numberInput, wordInput, worksheet } from './contract';

export const conductorAdiabatic = worksheet({
  id: 'conductor-adiabatic',
  subject: 'protection',
  title: 'Conductor in a fault',
  question: 'How long does this conductor stand the fault, and how thick must it be?',
  inputs: [
    numberInput('mm2', 'Cross-section', 'mm²', { above: 0, max: 1000 }, 6, 'Of one conductor.'),
    wordInput('kind', 'Conductor', keysOf(adiabaticK), 'Metal and insulation.'),
    numberInput('amps', 'Fault current', 'A', { above: 0, max: 200000 }, 950, 'Rms.'),
    numberInput('seconds', 'Time', 's', { min: 0.01, max: 5 }, 0.4, 'Time to disconnect.'),
  ],
  compute: ({ mm2, kind, amps, seconds }) => {
    const k = adiabaticK[kind];
    const stands = ((k * mm2) / amps) ** 2;
    const least = (amps * Math.sqrt(seconds)) / k;
    return answer(
      [
        { name: 'standsSeconds', label: 'Stands', value: stands, unit: 's' },
        { name: 'leastMm2', label: 'At least', value: least, unit: 'mm²' },
        { name: 'limitA2s', label: 'k²S²', value: (k * mm2) ** 2, unit: 'A²s' },
      ],
      [`(${k} x ${mm2} mm² / ${q(amps, 'A')})² = ${q(stands, 's')}`, `${q(amps, 'A')} x √${q(seconds, 's')} / ${k} = ${q(least, 'mm²')}`],
      [
        ...(seconds < adiabaticSeconds.from
          ? ['Below 0.1 s the device’s let-through I²t counts, not its time: it must be below k²S².']
          : []),
        ...(stands < seconds ? ['The conductor does not stand this fault for this time.'] : []),
      ],
    );
  },
  sources: ['adiabatic'],
  checks: [
    {
      values: { mm2: 2.5, kind: 'copper PVC', amps: 500, seconds: 0.1 },
      expect: { standsSeconds: 0.3306, leastMm2: 1.375, limitA2s: 82656 },
      tolerance: 0.001,
      source: 'by hand: (115 x 2.5 / 500)²',
    },
    {
      values: { mm2: 16, kind: 'aluminium XLPE', amps: 1000, seconds: 1 },
      expect: { standsSeconds: 2.262, leastMm2: 10.64 },
      tolerance: 0.001,
      source: 'by hand: (94 x 16 / 1000)²',
    },
  ],
});
