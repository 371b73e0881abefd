/** Does an undervoltage release live through a dip? Its band 35 to 70 %, its delay, and the volts in hand. IEC 60947-1. */
import { formatQuantity as q } from '../quantities/format-quantity';
import { undervoltageShare } from '../standards/breaker-releases';
import { answer, numberInput, worksheet } from './contract';

const PERCENT = 100;

export const releaseDipMargin = worksheet({
  id: 'release-dip-margin',
  subject: 'coil',
  title: 'Undervoltage release in a dip',
  question: 'Does the release hold, may it open the breaker, or will it?',
  inputs: [
    numberInput('markVolts', 'Mark of the release', 'V', { above: 0, max: 690 }, 220, 'Rated volts on the release.'),
    numberInput('supplyVolts', 'Supply before the dip', 'V', { above: 0, max: 690 }, 225, 'Where it is fed from.'),
    numberInput('dipPercent', 'Dip leaves', '%', { min: 0, max: 100 }, 62, 'Of the supply before it.'),
    numberInput('dipSeconds', 'Dip lasts', 's', { min: 0, max: 10 }, 0.8, 'By recorder, or the start that makes it.'),
    numberInput('lowPercent', 'Lets go, lowest', '%', { min: 0, max: 85 }, 35, 'Lower end of its band; 35 % by standard.', true),
    numberInput('highPercent', 'Lets go, highest', '%', { min: 0, max: 85 }, 70, 'Upper end of its band; 70 % by standard.', true),
    numberInput('delaySeconds', 'Its delay', 's', { min: 0, max: 10 }, 0.5, 'As set; left out: none.', true),
  ],
  compute: (v) => {
    const mark = v.markVolts;
    const low = (v.lowPercent ?? undervoltageShare.letsGo[0] * PERCENT) / PERCENT;
    const high = (v.highPercent ?? undervoltageShare.letsGo[1] * PERCENT) / PERCENT;
    const left = (v.supplyVolts * v.dipPercent) / PERCENT;
    const delay = v.delaySeconds ?? 0;
    const rides = delay > 0 && delay >= v.dipSeconds;
    const outcome =
      left >= high * mark
        ? 'It holds.'
        : left < low * mark
          ? 'It opens the breaker.'
          : 'It may open the breaker: the dip lies inside its band.';
    return answer(
      [
        { name: 'leftVolts', label: 'Left in the dip', value: left, unit: 'V' },
        { name: 'leftPercent', label: 'Of its mark', value: (left / mark) * PERCENT, unit: '%' },
        { name: 'marginVolts', label: 'In hand above its highest release', value: left - high * mark, unit: 'V' },
        { name: 'closesFromVolts', label: 'Lets close again from', value: undervoltageShare.closesFrom * mark, unit: 'V' },
        { name: 'delayBeyondDipSeconds', label: 'Delay beyond the dip', value: delay - v.dipSeconds, unit: 's' },
      ],
      [
        `${q(v.supplyVolts, 'V')} x ${v.dipPercent} % = ${q(left, 'V')}; the release lets go between ${q(low * mark, 'V')} and ${q(high * mark, 'V')}`,
        delay > 0 ? `Delay ${q(delay, 's')} against a dip of ${q(v.dipSeconds, 's')}` : 'No delay',
      ],
      [
        rides ? `Its delay outlasts the dip. Without it: ${outcome.toLowerCase()}` : outcome,
        'Same source as the breaker is the default for incomers: it then opens with its own supply. A secure supply with a delay rides dips, and something else must open.',
      ],
    );
  },
  sources: ['breakerReleases'],
  checks: [
    {
      values: { markVolts: 230, supplyVolts: 230, dipPercent: 70, dipSeconds: 1 },
      expect: { leftVolts: 161, marginVolts: 0, closesFromVolts: 195.5, delayBeyondDipSeconds: -1 },
      tolerance: 1e-4,
      source: 'IEC 60947-1: 70 % of 230 V = 161 V, 85 % = 195.5 V, from memory',
    },
    {
      values: { markVolts: 100, supplyVolts: 110, dipPercent: 50, dipSeconds: 0.4, delaySeconds: 0.4 },
      expect: { leftVolts: 55, marginVolts: -15, delayBeyondDipSeconds: 0 },
      tolerance: 1e-9,
      source: 'by hand: 55 − 70 V',
    },
  ],
});
