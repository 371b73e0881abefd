/** Volts lost in a run. R and X by size; 3 to 5 % is what the codes advise. */
import { formatQuantity as q } from '../quantities/format-quantity';
import { conductorPerMetre, conductorSizes } from '../standards/conductors';
import { answer, numberInput, refuse, wordInput, worksheet } from './contract';

export const voltageDrop = worksheet({
  id: 'voltage-drop',
  subject: 'supply',
  title: 'Voltage drop',
  question: 'How many volts are lost on the way?',
  inputs: [
    wordInput('system', 'System', ['three-phase', 'single-phase', 'dc'], 'Three wires, or there and back on two.'),
    numberInput('volts', 'Volts', 'V', { above: 0, max: 1500 }, 400, 'At the start.'),
    numberInput('amps', 'Current', 'A', { above: 0, max: 6300 }, 28, 'Running.'),
    numberInput('powerFactor', 'Power factor', 'ratio', { above: 0, max: 1 }, 0.86, '1 on DC.'),
    wordInput('size', 'Conductor', ['6 mm²', ...conductorSizes.filter((size) => size !== '6 mm²')], 'Size.'),
    wordInput('metal', 'Metal', ['copper', 'aluminium'], 'Metal.'),
    numberInput('metres', 'Length', 'm', { above: 0, max: 10000 }, 45, 'One way.'),
    numberInput('celsius', 'Conductor at', '°C', { min: -20, max: 110 }, 70, 'Its temperature in service.'),
  ],
  compute: (v) => {
    const each = conductorPerMetre(v.size, v.metal, v.celsius);
    if (!each) return refuse(`No figures for ${v.size} in ${v.metal}.`);
    const dc = v.system === 'dc';
    const cos = dc ? 1 : v.powerFactor;
    const sin = Math.sqrt(1 - cos * cos);
    const ways = v.system === 'three-phase' ? Math.sqrt(3) : 2;
    const per = each.r * cos + (dc ? 0 : each.x * sin);
    const drop = ways * v.amps * v.metres * per;
    if (drop >= v.volts) return refuse(`The run would lose ${q(drop, 'V')}, more than there is: the current cannot flow.`);
    const share = (drop / v.volts) * 100;
    return answer(
      [
        { name: 'dropVolts', label: 'Lost', value: drop, unit: 'V' },
        { name: 'dropPercent', label: 'Of the start', value: share, unit: '%' },
        { name: 'endVolts', label: 'Left', value: v.volts - drop, unit: 'V' },
      ],
      [`${ways === 2 ? '2' : '√3'} x ${q(v.amps, 'A')} x ${q(v.metres, 'm')} x ${q(per, 'ohm')} a metre = ${q(drop, 'V')}`],
      share > 5
        ? ['More than 5 %: motors start hard and contactors may chatter.']
        : share > 3
          ? ['More than 3 %: the branch takes more than is advised.']
          : [],
    );
  },
  sources: ['voltageDrop', 'cableImpedance', 'conductorProperties', 'conductorTemperature'],
  checks: [
    {
      values: { system: 'dc', volts: 24, amps: 5, powerFactor: 1, size: '2.5 mm²', metal: 'copper', metres: 20, celsius: 20 },
      expect: { dropVolts: 1.482 },
      tolerance: 0.001,
      source: 'by hand: 2 x 5 A x 20 m x 7.41 mohm',
    },
    {
      values: { system: 'three-phase', volts: 400, amps: 100, powerFactor: 0.8, size: '35 mm²', metal: 'copper', metres: 100, celsius: 20 },
      expect: { dropVolts: 8.09 },
      tolerance: 0.002,
      source: 'by hand: √3 x 100 x 0.1 x (0.524 x 0.8 + 0.08 x 0.6)',
    },
  ],
});
