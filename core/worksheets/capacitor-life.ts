/** Life of a run capacitor at its case temperature: class hours at the mark, halved for each 10 K above. IEC 60252-1 classes; the rule is common practice. */
import { isOneOf, keysOf } from '../certain';
import { HALVING_KELVIN, HOURS_OF_YEAR, lifeHours, restateLife, USUAL_LIFE_HOURS } from '../standards/run-capacitors';
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, wordInput, worksheet } from './contract';

const DAYS = 365;

export const capacitorLife = worksheet({
  id: 'capacitor-life',
  subject: 'capacitor',
  title: 'Life of a run capacitor',
  question: 'How long does it last at the temperature of its case?',
  inputs: [
    wordInput(
      'lifeClass',
      'Class',
      ['B', 'A', 'C', 'D', 'none printed'],
      'Class of operation on its case (IEC 60252-1); without one, 60 000 h is usual in one market.',
    ),
    numberInput('ratedCelsius', 'Marked for', '°C', { min: 40, max: 110 }, 85, 'Highest case temperature on its mark.'),
    numberInput('caseCelsius', 'Case in service', '°C', { min: -40, max: 120 }, 68, 'Measured by a label on the case.'),
    numberInput('hoursPerDay', 'Hours a day', 'h', { above: 0, max: 24 }, 9, 'Of running.'),
  ],
  compute: ({ lifeClass, ratedCelsius, caseCelsius, hoursPerDay }) => {
    const printed = isOneOf(keysOf(lifeHours), lifeClass) ? lifeHours[lifeClass] : undefined;
    const hours = printed ?? USUAL_LIFE_HOURS;
    const [rated, warm] = [ratedCelsius, caseCelsius];
    const life = restateLife(hours, rated, warm);
    const years = life / (hoursPerDay * DAYS);
    return answer(
      [
        { name: 'hours', label: 'Life here', value: life, unit: 'h' },
        { name: 'years', label: 'At these hours', value: years, unit: 'years' },
        { name: 'continuousYears', label: 'Running without a stop', value: life / HOURS_OF_YEAR, unit: 'years' },
      ],
      [
        `${hours} h at ${rated} °C x 2^((${rated} − ${warm}) / ${HALVING_KELVIN}) = ${q(life, 'h')}`,
        `${q(life, 'h')} / (${hoursPerDay} h x ${DAYS}) = ${years.toFixed(1)} years`,
      ],
      [
        ...(warm > rated ? ['Above its mark: it is not rated there, whatever the arithmetic says.'] : []),
        ...(printed === undefined ? ['No class is printed: 60 000 h is common practice of one market, no promise.'] : []),
        'A rule of thumb to plan by; the reading says when it is spent.',
      ],
    );
  },
  sources: ['runCapacitors', 'commonPractice'],
  checks: [
    {
      values: { lifeClass: 'none printed', ratedCelsius: 70, caseCelsius: 70, hoursPerDay: 24 },
      expect: { hours: 60000, years: 6.85 },
      tolerance: 0.001,
      source: 'common practice: 60 000 h are 6.85 years',
    },
    {
      values: { lifeClass: 'B', ratedCelsius: 85, caseCelsius: 75, hoursPerDay: 10 },
      expect: { hours: 20000 },
      tolerance: 1e-9,
      source: 'IEC 60252-1 class B 10 000 h, doubled for 10 K, from memory',
    },
    {
      values: { lifeClass: 'C', ratedCelsius: 70, caseCelsius: 80, hoursPerDay: 10 },
      expect: { hours: 1500 },
      tolerance: 1e-9,
      source: 'IEC 60252-1 class C 3 000 h, halved for 10 K, from memory',
    },
  ],
});
