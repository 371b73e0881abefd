/** Fields of coils and motors that work an air breaker, and what a position asks of them. Words of the open interface. */
import { flag, num, text, upTo, word, words, type Field } from './field';

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

const percents = (name: string, label: string, min: number, max: number, meaning: string): Field => ({
  name,
  label,
  kind: 'band',
  unit: '%',
  min,
  max,
  meaning,
});

export const accessoryLoadFields: readonly Field[] = [
  word('action', 'What it does', accessoryActions, 'What the accessory does.'),
  text('frameNeeded', 'Frame and bay', 'Breaker frame and bay, in the user’s own code.'),
  flag('commandMaintained', 'Command stays on', 'The command stays on for as long as it likes.'),
  num('commandSeconds', 'Command lasts', 's', { min: 0.05, max: 1e6 }, 'How long the command lasts.'),
  percents('releasePercent', 'Must let go between', 0, 85, 'Band in which the release must let go, percent of its mark.'),
  num('dipPercent', 'Dip leaves', '%', { min: 0, max: 100 }, 'Volts left in a dip that must not open the breaker.'),
  num('dipSeconds', 'Dip lasts', 's', { min: 0, max: 10 }, 'Length of that dip.'),
  text('sourceNeeded', 'Source wanted', 'Source of the release, such as line-side-230V.'),
  word('school', 'School', releaseSchools, 'View of practice on where an undervoltage release is fed from.'),
];

/** Beside the coil's own marks. */
export const breakerCoilFields: readonly Field[] = [
  words('function', 'Function', accessoryFunctions, 'Functions that the part is marked for.'),
  text('code', 'Letter code', 'The maker’s letters on the part.'),
  text('frame', 'Frame and bay', 'Frame and bay it enters.'),
  text('connectedTo', 'Connected to', 'Source it would be connected to, such as line-side-230V.'),
  percents('operatePercent', 'Operates between', 10, 130, 'Band in which it operates, percent of its mark.'),
  percents('releasePercent', 'Lets go between', 0, 85, 'Band in which a release lets go, percent of its mark.'),
  flag('dutyContinuous', 'Continuous', 'Rated for a maintained command.'),
  flag('cutOffContact', 'Cut-off contact', 'A series contact takes its current off when the breaker has moved.'),
  num('maxCommandSeconds', 'Longest command', 's', upTo(3600), 'Longest command that a short-time coil stands.'),
  num('delaySeconds', 'Delay', 's', { min: 0, max: 10 }, 'Delay of the release.'),
  num('inrushVA', 'Inrush', 'VA', upTo(5000), 'Inrush of a charging motor.'),
  num('auxNormallyOpen', 'Contacts NO', 'count', { min: 0, max: 8 }, 'Make contacts of an auxiliary or alarm block.'),
  num('auxNormallyClosed', 'Contacts NC', 'count', { min: 0, max: 8 }, 'Break contacts of an auxiliary or alarm block.'),
];
