/** Earth electrode and residual device in a TT system: RA x I-delta-n at most 50 V. BS 7671 411.5.3. */
import { formatQuantity as q } from '../quantities/format-quantity';
import { TT_TOUCH_VOLTS } from '../standards/residual-current';
import { answer, numberInput, worksheet } from './contract';

/** Above this an electrode is not counted on to stay as it is. BS 7671 table 41.5 note, from memory. */
const UNSTABLE_OHMS = 200;
const usual = [30, 100, 300, 500] as const;

export const residualTouchTt = worksheet({
  id: 'residual-touch-tt',
  subject: 'protection',
  title: 'Residual device in TT',
  question: 'Does this residual device keep the touch voltage within 50 V on this electrode?',
  inputs: [
    numberInput('ratedMilliamps', 'Rated residual current', 'mA', { min: 5, max: 3000 }, 100, 'I-delta-n of the device.'),
    numberInput(
      'electrodeOhms',
      'Electrode, or Zs',
      'ohm',
      { above: 0, max: 20000 },
      180,
      'RA measured; the loop impedance is on the safe side of it.',
    ),
  ],
  compute: ({ ratedMilliamps, electrodeOhms }) => {
    const [rated, ohms] = [ratedMilliamps, electrodeOhms];
    const limit = TT_TOUCH_VOLTS / (rated / 1000);
    const touch = (ohms * rated) / 1000;
    const most = (TT_TOUCH_VOLTS / ohms) * 1000;
    const fits = usual.filter((one) => one <= most);
    return answer(
      [
        { name: 'touchVolts', label: 'Touch voltage at its rating', value: touch, unit: 'V' },
        { name: 'limitOhms', label: 'Largest electrode', value: limit, unit: 'ohm' },
        { name: 'maxMilliamps', label: 'Least sensitive device', value: most, unit: 'mA' },
      ],
      [`${TT_TOUCH_VOLTS} V / ${rated} mA = ${q(limit, 'ohm', 'down')}`, `${q(ohms, 'ohm')} x ${rated} mA = ${q(touch, 'V', 'up')}`],
      [
        touch > TT_TOUCH_VOLTS * (1 + 1e-9)
          ? `Above ${TT_TOUCH_VOLTS} V: it fails here. ${fits.length > 0 ? `Up to ${fits.at(-1)} mA serves.` : 'Lower the electrode’s resistance first.'}`
          : `Within ${TT_TOUCH_VOLTS} V.`,
        ...(ohms > UNSTABLE_OHMS ? [`Above ${UNSTABLE_OHMS} Ω an electrode dries and freezes: do not count on the reading.`] : []),
      ],
    );
  },
  sources: ['ttTouchVolts'],
  checks: (
    [
      [30, 1667],
      [100, 500],
      [300, 167],
      [500, 100],
    ] as const
  ).map(([ratedMilliamps, ohms]) => ({
    values: { ratedMilliamps, electrodeOhms: 50 },
    expect: { limitOhms: ohms },
    tolerance: 0.003,
    source: `BS 7671 table 41.5, ${ratedMilliamps} mA, from memory`,
  })),
});
