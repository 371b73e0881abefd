/** What is proved of an air breaker before it is put in, while it is, and when it first carries load? Common practice; IEC 60947-2 limits. */
import { formatQuantity as q } from '../../quantities/format-quantity';
import { citeSource } from '../../standards/source';
import type { Proof, ProofContext } from '../contract';
import { carriedLoadAmps } from '../../overcurrent/load-current';
import { figureProof, runningAmpsProof, torqueProof, yesProof } from '../proof-makers';

/** Highest resistance of a closed pole of this size, ohm, and least insulation, ohm. Common practice; the maker's figure goes before. */
const POLE_OHMS = 100e-6;
const INSULATION_OHMS = 10e6;

const benchProofs = (): Proof[] => [
  yesProof(
    'discharged',
    'bench',
    'Open, springs discharged',
    'Opened, closed and opened by hand until both flags show open and discharged.',
    'It works with every supply off and takes a hand.',
  ),
  yesProof(
    'plate',
    'bench',
    'Its own plate',
    'Read amps, volts, breaking capacity, trip unit, mounting and control volts on the breaker itself.',
    'Frames of one size hold many ratings.',
  ),
  figureProof({
    id: 'poles-closed',
    when: 'bench',
    title: 'Worst pole, closed',
    unit: 'ohm',
    severity: 'should',
    low: 0,
    high: POLE_OHMS,
    how: 'Micro-ohmmeter with four leads across each pole, closed, withdrawn; enter the worst.',
    because: `Above ${q(POLE_OHMS, 'ohm')} look closer; poles that differ by half are dressed or renewed. The maker’s figure goes before.`,
  }),
  figureProof({
    id: 'insulation',
    when: 'bench',
    title: 'Insulation, worst',
    unit: 'ohm',
    low: INSULATION_OHMS,
    high: null,
    how: 'Insulation tester at 1000 V, electronics disconnected: open across each pole, closed between poles and to earth.',
    because: `At least ${q(INSULATION_OHMS, 'ohm')}.`,
  }),
  yesProof(
    'by-hand',
    'bench',
    'Charges, closes, opens by hand',
    'Withdrawn: charge, close, open, five times; the flags follow.',
    'Mechanism before electrics.',
  ),
  yesProof(
    'trip-test',
    'bench',
    'Trip unit tested',
    'Test set of its maker, or secondary injection: each function trips within its band; reset after.',
    'A trip unit that does not trip is no protection.',
    citeSource('powerBreakers'),
  ),
];

const fittingProofs = (context: ProofContext): Proof[] => [
  yesProof(
    'letters',
    'fitting',
    'Coils in their bays',
    'Code on bay, part, cover and cap agree with your table for this maker.',
    'Closing coil and shunt trip look alike; the undervoltage release is another part.',
  ),
  ...(context.part.mounting === 'draw-out'
    ? [
        yesProof(
          'interlocks',
          'fitting',
          'Interlocks of the carriage',
          'It cannot be racked while closed, nor closed between positions; shutters move.',
          'Racked under load the arc is outside.',
        ),
      ]
    : [torqueProof(context, 'breaker')]),
  yesProof(
    'settings',
    'fitting',
    'Settings as on the sheet',
    'Dials and display as worked out, written down as left, cover sealed.',
    'As delivered a trip unit stands low or high, seldom right.',
  ),
  yesProof(
    'maintenance',
    'fitting',
    'Maintenance mode off',
    'Switched on and off once, then off; its lamp shows it.',
    'Left on, the first start opens the whole board.',
  ),
];

/** Closing and opening from afar, in the test position. */
const remoteProofs = (): Proof[] => [
  yesProof(
    'remote',
    'first-start',
    'Closes and opens from afar',
    'In test position: close once, open once, and it charges by itself; nobody stands before it.',
    'Closing from afar is why the coils are there.',
  ),
  yesProof(
    'anti-pump',
    'first-start',
    'Does not pump',
    'In test position, close signal held, trip it: it stays open until the signal is given anew.',
    'Pumping on a fault destroys it.',
  ),
];

/** Returns the proofs in the order of the work. */
export function airBreakerProofs({ need, part }: ProofContext): Proof[] {
  const carry = carriedLoadAmps(need);
  return [
    ...benchProofs(),
    ...fittingProofs({ need, part }),
    ...(need.load.remoteOperation === true ? remoteProofs() : []),
    ...(typeof carry === 'number' ? [runningAmpsProof(carry, `The load takes ${q(carry, 'A')}.`)] : []),
    figureProof({
      id: 'warm',
      when: 'first-start',
      title: 'Warmest connection after an hour',
      unit: '°C',
      severity: 'should',
      low: -40,
      high: 90,
      how: 'Through a window or by labels fitted while dead, loaded as usual.',
      because: 'A joint that is warmer than its neighbours is loose.',
    }),
  ];
}
