/** Marks that should stay as on the removed part. Source: common practice, the substitution matrix. */
import type { KeptMark } from '../../matching/changes';
import type { ControlRelayFigure } from './figures';
import { socketKept } from '../../relays/keeps';
import { coilKindKept, coilVoltsKept } from '../../coils/keeps';

export const controlRelayKeeps: readonly KeptMark<ControlRelayFigure>[] = [
  socketKept,
  {
    name: 'contactForms',
    label: 'Contacts',
    unit: '',
    why: 'Other contacts leave a circuit unwired, or change what happens at rest.',
    ask: 'Which contacts are in use, open and closed at rest?',
    lines: ['changeovers', 'make-contacts', 'break-contacts', 'contacts-in-all', 'contacts-together'],
  },
  coilKindKept,
  coilVoltsKept,
  {
    name: 'polarity',
    label: 'Coil suppression',
    unit: '',
    why: 'A diode or a lamp asks for the right polarity; without one the driver sees the surge.',
    ask: 'Which pin is positive, and does the driver need the suppression?',
    lines: ['coil-suppression', 'coil-polarity'],
  },
];
