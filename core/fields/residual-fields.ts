/** Fields of residual-current devices and what a position asks of them. Words as printed in the trade and in the open interface. */
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

export const residualLoadFields = [
  word(
    'electronics',
    'Input stage of the load',
    electronicsKinds,
    'Front end of the load, which shapes the residual current; none: known to have none.',
    { short: 'Input stage' },
  ),
  num(
    'smoothDcLimitMilliamps',
    'Maximum smooth DC leakage',
    'mA',
    { min: 0, max: 1000 },
    'Smooth DC at which the load itself disconnects, or the most that its maker states can leak; absent: no such statement.',
    { short: 'Max. smooth DC' },
  ),
  num(
    'standingLeakageMilliamps',
    'Standing leakage current',
    'mA',
    { min: 0, max: 1000 },
    'Protective-conductor current in service, sum.',
    { short: 'Leakage' },
  ),
  flag('additionalProtection', 'Additional protection required', 'Additional protection of people is asked for (IEC).', {
    short: 'Additional prot.',
  }),
  word('purpose', 'Protects', ['personnel', 'equipment', 'fire'], 'Whom or what the device protects.'),
  num(
    'downstreamSensitivityMilliamps',
    'RCD downstream',
    'mA',
    { min: 5, max: 3000 },
    'Rated residual current of the residual device downstream.',
    { short: 'RCD downstream', nfpa: { label: 'Ground-fault device downstream', short: 'GF downstream' } },
  ),
  flag('selectivityRequired', 'Selective with the device downstream', 'On a fault beyond the device downstream that one alone may trip.', {
    short: 'Selective',
  }),
] as const satisfies readonly Field[];
