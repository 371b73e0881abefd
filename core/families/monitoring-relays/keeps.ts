/** Marks that should stay as on the removed part. Source: common practice, the substitution matrix. */
import type { KeptMark } from '../../matching/changes';
import type { MonitoringRelayFigure } from './figures';

export const monitoringRelayKeeps: readonly KeptMark<MonitoringRelayFigure>[] = [
  {
    name: 'nominalVoltsMin',
    label: 'Nominal voltage, minimum',
    unit: 'V',
    why: 'The settings are shares of the nominal volts.',
    ask: 'What is the nominal voltage of the system, and between which conductors is it measured?',
    lines: ['nominal-volts'],
  },
  {
    name: 'wires',
    label: 'Wires monitored',
    unit: 'count',
    why: 'A relay without its neutral reads nonsense.',
    ask: 'Is a neutral brought to it?',
    lines: ['wires'],
  },
  {
    name: 'energisedWhenHealthy',
    label: 'Fail-safe',
    unit: '',
    why: 'The opposite principle opens what should stay closed.',
    ask: 'What must happen when the relay itself loses its supply?',
    lines: ['fail-safe'],
  },
  {
    name: 'latch',
    label: 'Latching',
    unit: '',
    why: 'Without it the machine may start again by itself when the supply returns.',
    ask: 'Who must look at the fault before the machine runs again?',
    lines: ['latch'],
  },
];
