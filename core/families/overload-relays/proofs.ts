/** What is proved of an overload relay on the bench, while fitting and at first start? Common practice. */
import { certain } from '../../certain';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { overloadTripPercent } from '../../standards/motor-branch';
import { ultimateTripRatio } from '../../standards/overload-classes';
import { citeSource } from '../../standards/source';
import type { Proof, ProofContext } from '../contract';
import { figureProof, runningAmpsProof, torqueProof, yesProof } from '../proof-makers';
import { allowedTripPercent, relayAmps } from './needs';

const DIAL_TOLERANCE = 0.05;

/** Dial setting worked out, A: plate amps, or less where the dial trips later than allowed. Example: 30 A, 115 %, a 125 % dial: 27.6 A. */
export function dialAmps({ need, part }: ProofContext): number | null {
  const seen = relayAmps(need);
  if (!seen || seen.amps === null) return null;
  if (need.practice === 'IEC') return seen.amps;
  const { percent } = allowedTripPercent(need);
  const given = part.ultimateTripPercentOfSetting;
  if (percent === null || given === null) return null;
  const iec = String(part.standard ?? '').startsWith('IEC');
  const ratio = typeof given === 'number' ? given / 100 : iec ? ultimateTripRatio.iec : ultimateTripRatio.nema;
  return seen.amps * Math.min(1, percent / 100 / ratio);
}

/** Returns the proofs in the order of the work. */
export function overloadProofs(context: ProofContext): Proof[] {
  const { need } = context;
  const dial = dialAmps(context);
  const seen = relayAmps(need);
  return [
    yesProof('plate', 'bench', 'Its own plate', 'Read range, class and reset on the relay itself.', 'Bodies of one size hold many ranges.'),
    yesProof(
      'test',
      'bench',
      'Test button',
      'Press test: the break contact opens and the make contact closes; reset brings both back.',
      'A relay whose contact does not open stops nothing.',
    ),
    figureProof({
      id: 'dial',
      when: 'fitting',
      title: 'Dial set to',
      unit: 'A',
      low: dial === null ? null : dial * (1 - DIAL_TOLERANCE),
      high: dial === null ? null : dial * (1 + DIAL_TOLERANCE),
      how: 'Enter what the dial shows after setting.',
      because:
        dial === null
          ? 'What it must be set to is not known: read the motor’s plate first.'
          : `${certain(seen).words} Set to ${q(dial, 'A')}, so that it trips at ${need.practice === 'IEC' ? 'no more than 120' : allowedTripPercent(need).percent} % of the plate amps.`,
      source: citeSource(need.practice === 'IEC' ? 'overloadClasses' : 'overloadSetting'),
    }),
    yesProof(
      'reset',
      'fitting',
      'Reset mode',
      'Selector on the mode that the control asks for.',
      'Automatic reset under a maintained contact restarts the motor.',
    ),
    torqueProof(context, 'relay'),
    yesProof(
      'trip-stops',
      'first-start',
      'Trip stops the motor',
      'Motor running unloaded, press test: the contactor drops out.',
      'The contact must be in the coil’s circuit.',
    ),
    ...(seen && seen.amps !== null
      ? [
          runningAmpsProof(
            seen.amps,
            `${seen.words} Above it, the load or the supply is at fault, not the dial (percent of plate: ${overloadTripPercent.otherMotors} to ${overloadTripPercent.serviceFactor115}).`,
          ),
        ]
      : []),
    yesProof(
      'holds',
      'first-start',
      'Holds at start',
      'Started three times with the usual pause; the relay holds.',
      'A trip at start asks for start time and class.',
    ),
  ];
}
