/**
 * Mean temperature of a winding from its cold and hot resistance: t2 = R2 / R1 x (k + t1) - k, k = 234.5 for copper, 225 for aluminium.
 * Source: IEC 60034-1, rise of temperature by the resistance method; from memory.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, refuse, wordInput, worksheet } from './contract';

const constants = { copper: 234.5, aluminium: 225 } as const;

export const windingTemperature = worksheet({
  id: 'winding-temperature',
  subject: 'motor',
  title: 'Winding temperature by resistance',
  question: 'How warm is the winding, by its cold and its hot resistance?',
  inputs: [
    numberInput('coldOhms', 'Cold', 'ohm', { above: 0, max: 1e6 }, 2.14, 'Read at rest, net of leads.'),
    numberInput('coldCelsius', 'Cold is', '°C', { min: -40, max: 90 }, 21, 'Winding at the temperature of the air.'),
    numberInput('hotOhms', 'Hot', 'ohm', { above: 0, max: 1e6 }, 2.78, 'Read at once after switching off, net of leads.'),
    numberInput('ambientCelsius', 'Air now', '°C', { min: -40, max: 90 }, 26, 'Around the machine when it was read hot.'),
    wordInput('metal', 'Metal', ['copper', 'aluminium'], 'Metal of the winding.'),
  ],
  compute: (v) => {
    const [cold, t1, hot, air] = [v.coldOhms, v.coldCelsius, v.hotOhms, v.ambientCelsius] as const;
    const k = constants[v.metal];
    const t2 = (hot / cold) * (k + t1) - k;
    if (t2 > 400) return refuse(`That would be ${q(t2, '°C')}: read both again, net of leads and between the same terminals.`);
    return answer(
      [
        { name: 'windingCelsius', label: 'Winding, mean', value: t2, unit: '°C' },
        { name: 'riseKelvin', label: 'Rise', value: t2 - air, unit: 'K' },
      ],
      [`${q(hot, 'ohm')} / ${q(cold, 'ohm')} x (${k} + ${t1}) - ${k} = ${q(t2, '°C')}`, `Less the air’s ${air} °C: ${q(t2 - air, 'K')}`],
      [
        'The hottest place is 5 to 15 K warmer than the mean. Each second after switching off counts: read within half a minute, or several times and back to the start.',
      ],
    );
  },
  sources: ['windingResistance'],
  checks: [
    {
      values: { coldOhms: 1, coldCelsius: 20, hotOhms: 1.2, ambientCelsius: 25, metal: 'copper' },
      expect: { windingCelsius: 70.9, riseKelvin: 45.9 },
      tolerance: 1e-6,
      source: 'by hand: 1.2 x 254.5 - 234.5',
    },
  ],
});
