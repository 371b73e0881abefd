/** Fields of residual-current devices and what a position asks of them. Words as printed in the trade and in the open interface. */
import { breakerCurves } from './protection-fields';
import { flag, num, word, type Field } from './field';

export const residualStandards = [
  'IEC/EN 61008-1',
  'IEC/EN 61009-1',
  'IEC/EN 62423',
  'IEC/EN 60947-2',
  'UL 943',
  'UL 943C',
  'UL 1053',
] as const;
export const residualTypes = ['AC', 'A', 'F', 'B', 'B+'] as const;
export type ResidualType = (typeof residualTypes)[number];
export const residualDelays = ['general', 'short-time-delay', 'S'] as const;
export const protectionClasses = ['GFCI Class A', 'GFCI Class C', 'GFCI Class D', 'GFCI Class E', 'GFPE'] as const;
export const electronicsKinds = [
  'none',
  'phase-control',
  'single-phase-rectifier',
  'single-phase-converter',
  'two-phase-rectifier',
  'three-phase-rectifier',
  'ev-charger',
  'pv-inverter',
] as const;
export type Electronics = (typeof electronicsKinds)[number];

export const residualLoadFields: readonly Field[] = [
  word('electronics', 'Front end', electronicsKinds, 'Front end of the load, which shapes the residual current; none: known to have none.'),
  num(
    'smoothDcLimitMilliamps',
    'Smooth DC at most',
    'mA',
    { min: 0, max: 1000 },
    'Smooth DC at which the load itself disconnects, or the most that its maker states can leak; absent: no such statement.',
  ),
  num('standingLeakageMilliamps', 'Standing leakage', 'mA', { min: 0, max: 1000 }, 'Protective-conductor current in service, sum.'),
  flag('additionalProtection', 'Additional protection', 'Additional protection of people is asked for (IEC).'),
  word('purpose', 'Protects', ['personnel', 'equipment', 'fire'], 'Whom or what the device protects.'),
  num(
    'downstreamSensitivityMilliamps',
    'Device downstream',
    'mA',
    { min: 5, max: 3000 },
    'Rated residual current of the residual device downstream.',
  ),
  flag('selectivityRequired', 'That one alone trips', 'On a fault beyond the device downstream that one alone may trip.'),
];

export const residualFields: readonly Field[] = [
  word('standard', 'Standard', residualStandards, 'Standard marked: 61008 without, 61009 with overcurrent part.'),
  word('residualType', 'Residual type', residualTypes, 'Waveforms detected.'),
  word('delay', 'Delay', residualDelays, 'Time delay; S waits for the one downstream.'),
  num('sensitivityMilliamps', 'Sensitivity', 'mA', { min: 4, max: 30000 }, 'Rated residual current, I-delta-n.'),
  num('ratedAmps', 'Rated current', 'A', { min: 6, max: 250 }, 'Rated current, In.'),
  num('poles', 'Poles', 'count', { min: 1, max: 4 }, 'Poles, a switched neutral counted.'),
  num('ratedVolts', 'Rated volts', 'V', { min: 100, max: 690 }, 'Rated volts.'),
  num(
    'conditionalShortCircuitAmps',
    'Conditional rating',
    'A',
    { min: 500, max: 50000 },
    'Conditional short-circuit current with the named device before it (Inc).',
  ),
  word('curve', 'Curve', breakerCurves, 'Letter of its overcurrent part; none: it has no overcurrent part.'),
  num('icnAmps', 'Icn', 'A', { min: 500, max: 200000 }, 'Short-circuit capacity of its overcurrent part.'),
  num('interruptingAmps', 'Interrupting rating', 'A', { min: 100, max: 300000 }, 'Interrupting rating (UL).'),
  word('protectionClass', 'Class', protectionClasses, 'North American class.'),
  num('tripMilliamps', 'Trips at', 'mA', { min: 4, max: 3000 }, 'Trip level (North America).'),
];
