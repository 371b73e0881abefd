/**
 * A warm coil has more resistance: it draws less and needs more volts to pull in. R = R0 (234.5 + t) / (234.5 + t0).
 * Source: copper between 0 and 150 °C, IEC 60034-1 and IEC 61810-1, from memory.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, worksheet } from './contract';

/** Temperature at which copper, continued straight, would have no resistance, °C below zero. */
const COPPER_ZERO = 234.5;

export const coilTemperature = worksheet({
  id: 'coil-temperature',
  subject: 'coil',
  title: 'Coil when warm',
  question: 'Does a DC coil still pull in when it is warm?',
  inputs: [
    numberInput('coldOhms', 'Resistance, cold', 'ohm', { above: 0, max: 1e6 }, 640, 'Measured or from the sheet, at the cold temperature.'),
    numberInput('coldCelsius', 'Cold is', '°C', { min: -40, max: 60 }, 20, 'Usually 20 or 23 °C.'),
    numberInput('hotCelsius', 'Warm is', '°C', { min: -40, max: 180 }, 75, 'Ambient and own heat together.'),
    numberInput('supplyVolts', 'Volts at the coil', 'V', { above: 0, max: 690 }, 22, 'The lowest that occur.'),
    numberInput(
      'pickUpVolts',
      'Pulls in at, cold',
      'V',
      { above: 0, max: 690 },
      16.8,
      'From the sheet or measured cold; often 70 to 80 % of the mark.',
    ),
  ],
  compute: (v) => {
    const { coldOhms: cold, coldCelsius: coldC, hotCelsius: hotC, supplyVolts: supply, pickUpVolts: pick } = v;
    const ratio = (COPPER_ZERO + hotC) / (COPPER_ZERO + coldC);
    const hot = cold * ratio;
    const needed = pick * ratio;
    return answer(
      [
        { name: 'hotOhms', label: 'Resistance, warm', value: hot, unit: 'ohm' },
        { name: 'hotPickUpVolts', label: 'Pulls in at, warm', value: needed, unit: 'V' },
        { name: 'marginVolts', label: 'In hand', value: supply - needed, unit: 'V' },
        { name: 'hotAmps', label: 'Draws, warm', value: supply / hot, unit: 'A' },
      ],
      [
        `${q(cold, 'ohm')} x (234.5 + ${hotC}) / (234.5 + ${coldC}) = ${q(hot, 'ohm')}`,
        `The same amps are needed: ${q(pick, 'V')} x ${ratio.toFixed(3)} = ${q(needed, 'V')}`,
      ],
      [
        ...(hotC < coldC ? ['Colder than its reference: it draws more and pulls in sooner; the driver must give the larger current.'] : []),
        ...(supply < needed ? ['It may not pull in again once it is warm: raise the volts, shorten the run, or take another coil.'] : []),
        'For DC coils. An AC coil is governed by its impedance; read its limits on the sheet.',
      ],
    );
  },
  sources: ['coilTemperature'],
  checks: [
    {
      values: { coldOhms: 100, coldCelsius: 20, hotCelsius: 75, supplyVolts: 24, pickUpVolts: 18 },
      // (234.5 + 75) / (234.5 + 20) = 1.21611
      expect: { hotOhms: 121.611, hotPickUpVolts: 21.89 },
      tolerance: 1e-4,
      source: 'copper formula of IEC 60034-1, from memory',
    },
    {
      values: { coldOhms: 100, coldCelsius: 20, hotCelsius: -20, supplyVolts: 24, pickUpVolts: 18 },
      // (234.5 - 20) / (234.5 + 20) = 0.84283
      expect: { hotOhms: 84.283, hotPickUpVolts: 15.171 },
      tolerance: 1e-4,
      source: 'copper formula of IEC 60034-1, from memory, below its reference',
    },
  ],
});
