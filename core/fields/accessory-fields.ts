/** Fields of coils and motors that work an air breaker, and what a position asks of them. Words of the open interface. */
import { flag, num, text, word, type Declared, type Field } from './field';

export const accessoryActions = [
  'opens-on-signal',
  'opens-when-supply-fails',
  'closes-on-signal',
  'charges-the-spring',
  'signals-position',
  'signals-trip',
] as const;
export type AccessoryAction = (typeof accessoryActions)[number];
export const accessoryFunctions = [
  'shunt-trip',
  'closing-coil',
  'undervoltage-release',
  'no-volt-release',
  'charging-motor',
  'auxiliary-contact',
  'alarm-contact',
] as const;
export type AccessoryFunction = (typeof accessoryFunctions)[number];
export const releaseSchools = ['same source (default for incomers)', 'secure supply with delay'] as const;

const percents = <const N extends string>(name: N, label: string, min: number, max: number, meaning: string): Declared<N, 'band'> => ({
  name,
  label,
  kind: 'band',
  unit: '%',
  min,
  max,
  meaning,
});

export const accessoryLoadFields = [
  word('action', 'Action required', accessoryActions, 'What the accessory does.', { short: 'Action' }),
  text('frameNeeded', 'Breaker frame and bay', 'Breaker frame and bay, in the user’s own code.', { short: 'Frame, bay' }),
  flag('commandMaintained', 'Command is maintained', 'The command stays on for as long as it likes.', { short: 'Maintained' }),
  num('commandSeconds', 'Command duration', 's', { min: 0.05, max: 1e6 }, 'How long the command lasts.', { short: 'Command' }),
  percents('releasePercent', 'Must let go between', 0, 85, 'Band in which the release must let go, percent of its mark.'),
  num('dipPercent', 'Voltage during the dip', '%', { min: 0, max: 100 }, 'Volts left in a dip that must not open the breaker.', {
    short: 'During dip',
  }),
  num('dipSeconds', 'Dip duration', 's', { min: 0, max: 10 }, 'Length of that dip.', { short: 'Dip' }),
  text('sourceNeeded', 'Source required', 'Source of the release, such as line-side-230V.', { short: 'Source' }),
  word('school', 'Method', releaseSchools, 'View of practice on where an undervoltage release is fed from.', { short: 'Method' }),
] as const satisfies readonly Field[];
