/**
 * How much later does a DC relay drop out with a diode, a Zener or a varistor across its coil, and which volts does its driver see?
 * The current falls as i = (I0 + U/R) e^(-t R/L) - U/R, with U across the suppressor; it lets go at the release current.
 * Armature movement is left out: the ratio between suppressors is what counts. Source: common practice, circuit law.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, refuse, wordInput, worksheet } from './contract';

const DIODE_VOLTS = 0.8;

/** Seconds until the coil current has fallen to the release current. Volts V, amps A, time constant s. */
export function releaseSeconds(supplyVolts: number, releaseVolts: number, clampVolts: number, timeConstantSeconds: number): number {
  return timeConstantSeconds * Math.log((supplyVolts + clampVolts) / (releaseVolts + clampVolts));
}

export const suppressionDropOut = worksheet({
  id: 'suppression-drop-out',
  subject: 'coil',
  title: 'Suppression and drop-out',
  question: 'How much later does it let go, and what does the driver see?',
  inputs: [
    numberInput('supplyVolts', 'Coil supply', 'V', { above: 0, max: 300 }, 24, 'Volts at the coil when on.'),
    numberInput(
      'releaseVolts',
      'Lets go at',
      'V',
      { above: 0, max: 300 },
      3.6,
      'Volts at which it drops out when lowered slowly; often 10 to 20 % of the mark.',
    ),
    numberInput(
      'timeConstantMs',
      'Time constant L/R',
      'ms',
      { above: 0, max: 500 },
      12,
      'From the sheet, or measured with a scope; relays 5 to 20 ms, contactors more.',
    ),
    wordInput('suppressor', 'Suppressor', ['diode', 'diode and Zener', 'varistor'], 'What lies across the coil.'),
    numberInput(
      'clampVolts',
      'Its volts',
      'V',
      { above: 0, max: 1000 },
      39,
      'Of the Zener or varistor; a diode has 0.8 V whatever stands here.',
    ),
  ],
  compute: (v) => {
    const { supplyVolts: supply, releaseVolts: release, timeConstantMs: constant, clampVolts } = v;
    if (release >= supply) return refuse('It would let go at its own supply: read the release volts again.');
    const clamp = v.suppressor === 'diode' ? DIODE_VOLTS : v.suppressor === 'varistor' ? clampVolts : clampVolts + DIODE_VOLTS;
    const own = releaseSeconds(supply, release, clamp, constant / 1000);
    const diode = releaseSeconds(supply, release, DIODE_VOLTS, constant / 1000);
    return answer(
      [
        { name: 'laterSeconds', label: 'Current gone after', value: own, unit: 's' },
        { name: 'diodeSeconds', label: 'With a plain diode', value: diode, unit: 's' },
        { name: 'driverVolts', label: 'Driver sees', value: supply + clamp, unit: 'V' },
      ],
      [
        `t = ${constant} ms x ln((${q(supply, 'V')} + ${q(clamp, 'V')}) / (${q(release, 'V')} + ${q(clamp, 'V')})) = ${q(own, 's')}`,
        `With a diode ${q(diode, 's')}: ${(diode / own).toPrecision(2)} times as long`,
      ],
      [
        'A slow drop-out opens the contacts slowly and wears them; where they break an inductive load, a Zener or varistor is better.',
        'The driver must stand the volts given here; look at its sheet.',
        'Never a diode on an AC coil: it is a short circuit.',
      ],
    );
  },
  sources: ['commonPractice'],
  checks: [
    {
      values: { supplyVolts: 24, releaseVolts: 2.4, timeConstantMs: 10, suppressor: 'diode', clampVolts: 39 },
      // 10 ms x ln(24.8 / 3.2) = 20.48 ms
      expect: { laterSeconds: 0.020477, driverVolts: 24.8 },
      tolerance: 1e-3,
      source: 'decay of a series L and R against a constant voltage',
    },
  ],
});
