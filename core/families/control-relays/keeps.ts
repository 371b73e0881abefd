/** Marks that should stay as on the removed part. Source: common practice, the substitution matrix. */
import type { KeptMark } from '../../matching/changes';

export const controlRelayKeeps: readonly KeptMark[] = [
  {
    name: 'base',
    label: 'Socket',
    unit: '',
    why: 'Another socket is rewired wire by wire.',
    ask: 'Is the socket changed with it, and is the new diagram at hand?',
    lines: ['base'],
  },
  {
    name: 'contactForms',
    label: 'Contacts',
    unit: '',
    why: 'Other contacts leave a circuit unwired, or change what happens at rest.',
    ask: 'Which contacts are in use, open and closed at rest?',
    lines: ['changeovers', 'make-contacts', 'break-contacts', 'contacts-in-all', 'contacts-together'],
  },
  {
    name: 'coilKinds',
    label: 'Coil AC or DC',
    unit: '',
    why: 'An AC coil on DC burns, a DC coil on AC does not pull in.',
    ask: 'Was the control supply changed, or was the removed coil the wrong one?',
    lines: ['coil-kind'],
  },
  {
    name: 'coilVoltsMarked',
    label: 'Coil volts',
    unit: '',
    why: 'The coil mark follows the control circuit.',
    ask: 'What volts does the control circuit give?',
    lines: ['coil-volts', 'coil-mark'],
  },
  {
    name: 'polarity',
    label: 'Coil suppression',
    unit: '',
    why: 'A diode or a lamp asks for the right polarity; without one the driver sees the surge.',
    ask: 'Which pin is positive, and does the driver need the suppression?',
    lines: ['coil-suppression', 'coil-polarity'],
  },
];
