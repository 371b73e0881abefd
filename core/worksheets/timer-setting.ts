/** Where does a timer’s dial stand, or which digits are set, for a time? A dial within about 10 %, digits exactly or not. Common practice. */
import { seconds as secondsText } from '../case/field-text';
import { dialSetting, digitSetting } from '../timing/setting';
import { answer, numberInput, refuse, worksheet } from './contract';

export const timerSetting = worksheet({
  id: 'timer-setting',
  subject: 'timer',
  title: 'Timer range and dial',
  question: 'What is dialled for this time?',
  inputs: [
    numberInput('seconds', 'Time', 's', { above: 0, max: 3_600_000 }, 7, 'The time to be set.'),
    numberInput('lowSeconds', 'Range from', 's', { above: 0, max: 3_600_000 }, 0.5, 'Lowest of the range.'),
    numberInput('highSeconds', 'Range to', 's', { above: 0, max: 3_600_000 }, 20, 'Top of the range.'),
  ],
  compute: (v) => {
    const [time, low, high] = [v.seconds, v.lowSeconds, v.highSeconds];
    if (low > high) return refuse('The range begins above its end: exchange them.');
    const dial = dialSetting([[low, high]], time);
    if (!dial) return refuse(`${secondsText(time)} does not lie in ${secondsText(low)} to ${secondsText(high)}: take another range.`);
    const digits = digitSetting(time);
    return answer(
      [
        { name: 'dialPercent', label: 'Dial', value: dial.percent, unit: '%' },
        { name: 'digitSeconds', label: 'By digits', value: digits?.seconds ?? null, unit: 's' },
      ],
      [
        `${secondsText(time)} / ${secondsText(high)} = ${dial.percent.toPrecision(3)} % of the top`,
        ...(digits ? [`With three digits: ${digits.words}`] : ['Beyond three digits.']),
      ],
      [
        ...(dial.percent < 10 ? ['Low on the dial a small turn is a large share: take the next smaller range.'] : []),
        'A dial is set within about 10 %: time one run.',
      ],
    );
  },
  sources: ['timingAccuracy', 'commonPractice'],
  checks: [
    {
      values: { seconds: 7, lowSeconds: 0.5, highSeconds: 20 },
      expect: { dialPercent: 35, digitSeconds: 7 },
      tolerance: 1e-9,
      source: 'common practice',
    },
    {
      values: { seconds: 330.4, lowSeconds: 1, highSeconds: 600 },
      expect: { dialPercent: 55.0667, digitSeconds: 330 },
      tolerance: 1e-4,
      source: 'three digits in whole seconds: 330 s is the nearest',
    },
  ],
});
