/** Marks that should stay as on the removed part. Source: common practice, the substitution matrix. */
import type { KeptMark } from '../../matching/changes';
import type { ContactorFigure } from './figures';
import { coilKindKept } from '../../coils/keeps';

export const contactorKeeps: readonly KeptMark<ContactorFigure>[] = [
  {
    name: 'poles',
    label: 'Poles',
    unit: 'count',
    why: 'Fewer poles leave a conductor closed; more may leave one unwired.',
    ask: 'Which conductors does each pole switch, and is one used for control?',
    lines: ['poles', 'poles-open'],
  },
  coilKindKept,
  {
    name: 'coilVoltsMarked',
    label: 'Coil voltage',
    unit: '',
    why: 'The coil mark follows the control circuit, not the contactor.',
    ask: 'What volts does the control circuit give, measured or by its transformer?',
    lines: ['coil-volts', 'coil-mark'],
  },
  {
    name: 'holding',
    label: 'Held closed',
    unit: '',
    why: 'A latched contactor stays closed when control power is lost.',
    ask: 'What must the load do when control power is lost?',
    lines: ['holding'],
  },
];
