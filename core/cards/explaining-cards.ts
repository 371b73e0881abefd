/** Cards that explain how a thing works, each by what everybody has seen. Common practice where no source is named. */
import type { Card } from './card';

export const explainingCards: readonly Card[] = [
  {
    id: 'pushing-a-car',
    title: 'Why a start takes so much',
    sentences: [
      'A motor at rest is a car to be pushed: most of the effort goes into the first step, little into keeping it rolling.',
      'Until it turns it holds nothing against the supply, and takes its locked-rotor current; that falls only near full speed.',
      'What is slow to get away (fan, centrifuge, full conveyor) takes it for longer, and heats motor and overload relay for longer.',
      'A rotor that is blocked takes it until something trips: the time to that is what the protection is chosen by.',
    ],
    families: ['contactor', 'overload-relay', 'breaker', 'fuse'],
    words: 'inrush locked rotor lra starting current start analogy explain',
  },
  {
    id: 'switch-not-dimmer',
    title: 'A switch, not a dimmer',
    sentences: [
      'A contactor is open or closed. A coil with too few volts does not close it by half: it hums, chatters and burns its contacts.',
      'What dims (a phase-cut dimmer, a soft starter’s output, a drive) feeds no coil: give it the supply before that, and switch with it.',
      'Too few volts at the coil are a fault of what feeds it: transformer, wire, contact in the way. A stronger coil only hides it.',
    ],
    families: ['contactor', 'control-relay'],
    words: 'dimmer half volts low voltage chatter coil solid state analogy explain',
  },
  {
    id: 'heat-and-magnet',
    title: 'Two releases in one breaker',
    sentences: [
      'A bimetal bends with heat: it adds up what has flowed, takes its time, and remembers until it is cold again.',
      'A solenoid pulls at once at a current, and remembers nothing: it sees the peak, however short.',
      'So a trip after minutes asks how much flowed and how warm it is; a trip at once asks how high the peak is.',
      'An electronic release reckons both from what its sensors give, and does what it is set to.',
    ],
    families: ['breaker', 'overload-relay', 'air-breaker'],
    words: 'bimetal thermal magnetic solenoid electronic trip unit long short instantaneous analogy explain',
  },
  {
    id: 'logarithmic-axis',
    title: 'Reading a curve with logarithmic axes',
    sentences: [
      'Each step along the axis is ten times the one before; the same distance is the same ratio, wherever it stands.',
      'Halfway between two steps is a little over three times the lower one, not five and a half times.',
      'A device trips somewhere in its band, not on a line: below it holds, above it has tripped, inside nobody knows.',
      'Multiples of the rating are shifted by the rating: before two curves are compared, both are brought to amps.',
    ],
    families: ['breaker', 'fuse', 'overload-relay', 'air-breaker'],
    words: 'log scale decade curve band tolerance time current explain',
  },
  {
    id: 'sense-resistor',
    title: 'How a device knows the current',
    sentences: [
      'By the volts over a small resistance that is known: exact at once, for direct current too, but not parted from the circuit.',
      'By a current transformer: parted from the circuit, for alternating current alone. Its secondary is never opened with current in the primary.',
      'By the field beside the wire: parted, direct current too; it drifts, and a magnet or a neighbour’s wire beside it is read with it.',
      'What is not switched through it is not seen: one wire that goes past, and the figure is too small.',
    ],
    families: ['monitoring-relay', 'overload-relay', 'air-breaker'],
    words: 'shunt sensor ct hall transformer measure current explain',
  },
];
