/**
 * What is proved of a residual-current device: test button, polarity, no trip at half, break times at once and five times, loop.
 * Readings by a residual tester, by the site's rules for testing. Sources: IEC 61008-1 and 61009-1, IEC 62423, BS 7671 643.8 and 411.5.3; from memory.
 */
import { certain } from '../../certain';
import { numberMark } from '../../case/case';
import { formatQuantity as q } from '../../quantities/format-quantity';
import type { ResidualType } from '../../fields/residual-fields';
import { frontEndOf } from '../../residual/leakage';
import {
  leakageOf,
  pulsatingTrip,
  residualGate,
  residualOrder,
  residualSeconds,
  smoothTrip,
  standingShare,
  TT_TOUCH_VOLTS,
  typeDetects,
} from '../../standards/residual-current';
import { citeSource } from '../../standards/source';
import type { NeedContext, Proof, ProofContext } from '../contract';
import { carriedLoadAmps } from '../../overcurrent/load-current';
import { figureProof, runningAmpsProof, torqueProof, yesProof } from '../proof-makers';

const times = citeSource('residualTimes');
const byRules = 'Residual tester at the load end, load disconnected, by the site’s rules for testing.';

function timeProofs(sensitivityAmps: number | null, part: ProofContext['part']): Proof[] {
  const delayed = part.delay === 'S';
  const row = delayed ? residualSeconds.S : residualSeconds.general;
  const at = (multiple: string) =>
    sensitivityAmps === null ? multiple : `${multiple}, ${q(sensitivityAmps * Number(multiple.split(' ')[0]), 'A')}`;
  const figure = (id: string, title: string, most: number, least: number) =>
    figureProof({
      id,
      when: 'first-start',
      title,
      unit: 's',
      low: least,
      high: most,
      how: `${byRules} Both half-waves; enter the longer time.`,
      because: `${delayed ? 'A delayed type' : 'A general type'} trips within ${q(most, 's')}${least > 0 ? ` and not before ${q(least, 's')}` : ''}.`,
      source: times,
    });
  const least = delayed ? certain(residualSeconds.S.least) : ([0, 0, 0] as const);
  return [
    yesProof(
      'holds-half',
      'first-start',
      `Holds at ${at('0.5 x')}`,
      `${byRules} It does not trip.`,
      'At half its rated residual current it must hold.',
      times,
    ),
    figure('time-once', `Break time at ${at('1 x')}`, row.atOnce, least[0]),
    figure('time-five', `Break time at ${at('5 x')}`, row.atFive, least[2]),
  ];
}

function rampProof(sensitivityAmps: number | null): Proof[] {
  if (sensitivityAmps === null) return [];
  const [low, high] = [sensitivityAmps * residualGate.holds, sensitivityAmps * residualGate.trips];
  return [
    figureProof({
      id: 'trip-current',
      when: 'first-start',
      title: 'Trips at, rising slowly',
      unit: 'A',
      severity: 'should',
      low,
      high,
      how: byRules,
      because: `Between ${q(low, 'A')} and ${q(high, 'A')} by standard; low in that band may be leakage already there.`,
      source: times,
    }),
  ];
}

/** Does it see what this load leaks? Half-waves and smooth DC, rising slowly, where the front end has them and the part is made for them. */
function waveProofs({ need, part }: ProofContext, sensitivityAmps: number | null): Proof[] {
  const front = frontEndOf(need.load, need.supply);
  const type = typeof part.residualType === 'string' ? (part.residualType as ResidualType) : undefined;
  if (sensitivityAmps === null || !front || !type || !residualOrder.includes(type)) return [];
  const waves = leakageOf[front.electronics].filter((wave) => typeDetects[type].includes(wave));
  const proof = (id: string, title: string, [low, high]: readonly [number, number], words: string) =>
    figureProof({
      id,
      when: 'first-start',
      title,
      unit: 'A',
      low: sensitivityAmps * low,
      high: sensitivityAmps * high,
      how: `${byRules} A tester that has this waveform, both senses; enter the larger.`,
      because: `${words}: between ${low} and ${high} times ${q(sensitivityAmps, 'A')}.`,
      source: times,
    });
  const half = sensitivityAmps <= 0.01 ? pulsatingTrip.to10Milliamps : pulsatingTrip.above;
  return [
    ...(waves.includes('pulsating-dc') || waves.includes('phase-cut')
      ? [proof('trips-half-waves', 'Trips on half-waves at', [pulsatingTrip.holds, half], 'Its load may leak half-waves')]
      : []),
    ...(waves.includes('smooth-dc') ? [proof('trips-smooth-dc', 'Trips on smooth DC at', smoothTrip, 'Its load may leak smooth DC')] : []),
  ];
}

const benchAndFitting = (context: ProofContext): Proof[] => [
  yesProof(
    'plate',
    'bench',
    'Its own plate',
    'Read type by its drawn waveform, sensitivity, amps, poles and standard on the device itself.',
    'Bodies of one size hold every type.',
  ),
  yesProof('lever', 'bench', 'Lever and button move', 'Close and open it by hand, press the button.', 'A stuck latch opens nothing.'),
  yesProof(
    'polarity',
    'fitting',
    'Line, load and neutral',
    'Line and load sides as marked, neutral on the pole marked N, functional earth where it has one.',
    'Fed from the wrong side its test circuit may burn; with the neutral beside it, it trips or never does.',
  ),
  yesProof(
    'own-neutral',
    'fitting',
    'Neutral of this circuit alone',
    'Isolated: the neutral that leaves it reaches no other circuit’s neutral.',
    'A shared neutral is an imbalance to one and hides one from the other.',
  ),
  torqueProof(context, 'device'),
];

/** What the electrode may have in TT, and what may leak in service. */
function placeProofs({ supply, load }: NeedContext, sensitivityAmps: number | null): Proof[] {
  const electrode = supply.grounding === 'TT' && sensitivityAmps ? TT_TOUCH_VOLTS / sensitivityAmps : undefined;
  const leak = numberMark(load, 'standingLeakageMilliamps');
  return [
    ...(electrode === undefined
      ? []
      : [
          figureProof({
            id: 'electrode',
            when: 'first-start',
            title: 'Earth electrode, RA',
            unit: 'ohm',
            low: 0,
            high: electrode,
            how: 'Electrode or loop tester, by the site’s rules.',
            because: `${TT_TOUCH_VOLTS} V / ${q(certain(sensitivityAmps), 'A')} = ${q(electrode, 'ohm', 'down')}.`,
            source: citeSource('ttTouchVolts'),
          }),
        ]),
    ...(sensitivityAmps === null
      ? []
      : [
          figureProof({
            id: 'leakage',
            when: 'first-start',
            title: 'Standing leakage, loads on',
            unit: 'A',
            severity: 'should',
            low: 0,
            high: sensitivityAmps * standingShare.advised,
            rejectAbove: sensitivityAmps * standingShare.most,
            how: 'Leakage clamp around all live conductors of the circuit, fitted while dead.',
            because: `30 % of ${q(sensitivityAmps, 'A')}${typeof leak === 'number' ? `; ${leak} mA are expected` : ''}. Above half it may trip by itself.`,
            source: citeSource('standingLeakage'),
          }),
        ]),
  ];
}

/** Returns the proofs in the order of the work. */
export function residualProofs({ need, part }: ProofContext): Proof[] {
  const milliamps = typeof part.sensitivityMilliamps === 'number' ? part.sensitivityMilliamps : undefined;
  const sensitivityAmps = milliamps === undefined ? null : milliamps / 1000;
  const american = typeof part.protectionClass === 'string' && part.protectionClass !== 'none';
  const carry = carriedLoadAmps(need);
  return [
    ...benchAndFitting({ need, part }),
    yesProof('test-button', 'first-start', 'Test button trips it', 'Supply on, press the button.', 'It shows that coil and latch work.'),
    ...(american
      ? [
          yesProof(
            'tester',
            'first-start',
            'Trips with a tester of its class',
            'Tester of the class of the device, plugged or connected at the load end.',
            'The button proves the mechanism, the tester the wiring.',
            citeSource('groundFaultPersonnel'),
          ),
        ]
      : [...timeProofs(sensitivityAmps, part), ...rampProof(sensitivityAmps), ...waveProofs({ need, part }, sensitivityAmps)]),
    ...placeProofs(need, sensitivityAmps),
    ...(typeof carry === 'number' ? [runningAmpsProof(carry, `The load takes ${q(carry, 'A')}.`)] : []),
  ];
}
