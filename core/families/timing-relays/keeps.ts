/** Marks that should stay as on the removed part. Source: common practice, the substitution matrix. */
import type { KeptMark } from '../../matching/changes';
import type { TimingRelayFigure } from './figures';
import { socketKept } from '../../relays/keeps';

export const timingRelayKeeps: readonly KeptMark<TimingRelayFigure>[] = [
  {
    name: 'functions',
    label: 'Timing function',
    unit: '',
    why: 'Names differ by maker; another function starts or stops at another moment.',
    ask: 'What must the output do, after what happens? Time the old one or read the diagram.',
    lines: ['function'],
  },
  socketKept,
  {
    name: 'contactForms',
    label: 'Contacts',
    unit: '',
    why: 'Other contacts leave a circuit unwired.',
    ask: 'Which contacts are in use?',
    lines: ['changeovers', 'make-contacts', 'break-contacts', 'contacts-in-all'],
  },
  {
    name: 'coilKinds',
    label: 'Supply AC or DC',
    unit: '',
    why: 'A timer for one kind of current fails on the other.',
    ask: 'Was the control supply changed?',
    lines: ['coil-kind'],
  },
  {
    name: 'signalKinds',
    label: 'Type of control signal',
    unit: '',
    why: 'Volts on a volt-free input destroy it.',
    ask: 'What does the signal bring?',
    lines: ['signal-kind'],
  },
];
