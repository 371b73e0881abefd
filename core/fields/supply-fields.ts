/** What a case says of the supply: system, earthing, fault current, control supply. Words of the open interface. */
import type { MarksOf } from './mark-types';
import { currentKinds, flag, num, text, upTo, word, type Field } from './field';
import { fuseHolders } from './protection-fields';
import { relaySupplyFields } from './relay-fields';

export const groundings = [
  'TN-S',
  'TN-C',
  'TN-C-S',
  'TT',
  'IT',
  'solidly-grounded-wye',
  'solidly-grounded-midpoint',
  'high-leg-delta',
  'corner-grounded-delta',
  'resistance-grounded-wye',
  'reactance-grounded-wye',
  'ungrounded-delta',
  'ungrounded-wye',
  'dc-ungrounded',
  'dc-negative-grounded',
  'dc-positive-grounded',
  'dc-midpoint-grounded',
] as const;

export const supplyFields = [
  num('systemVolts', 'System voltage', 'V', upTo(1500), 'Nominal volts between the conductors that the device switches.', {
    short: 'System V',
  }),
  num('voltsToGround', 'Voltage to earth', 'V', { min: 0, max: 1500 }, 'Nominal volts of a live conductor to earth.', {
    short: 'V to earth',
  }),
  num('phases', 'Phases', 'count', { min: 1, max: 3 }, 'Phases of the system; null on DC.'),
  num('wires', 'Wires', 'count', { min: 2, max: 5 }, 'Conductors without the protective one.'),
  num('hertz', 'Frequency', 'Hz', upTo(400), 'Rated frequency of the system; null on DC.'),
  word('currentKind', 'AC or DC', currentKinds, 'Kind of current of the system.'),
  word('grounding', 'System earthing', groundings, 'System earthing (grounding).', { short: 'Earthing' }),
  num(
    'prospectiveFaultAmps',
    'Prospective fault current',
    'A',
    upTo(200000),
    'Highest prospective short-circuit (available fault) current at the device.',
    {
      short: 'Fault current',
      recovery:
        'From the utility’s figure, the transformer’s kVA and impedance with the cable run, or a tester’s reading; the highest counts here.',
    },
  ),
  num('minFaultAmps', 'Minimum fault current', 'A', upTo(200000), 'Lowest fault current, at the far end.', { short: 'Min. fault' }),
  text('minFaultNote', 'How the minimum was found', 'How the least fault current was found; no line.', { short: 'Found by' }),
  flag('currentReverses', 'Current flows both ways', 'Current flows both ways through the device.', { short: 'Both ways' }),
  num('loopImpedanceOhms', 'Earth-fault loop impedance, Zs', 'ohm', upTo(2000), 'Earth-fault loop impedance, Zs.', { short: 'Zs' }),
  word(
    'loopImpedanceBasis',
    'Zs was found',
    ['worked-out-hot', 'worked-out-cold', 'measured-hot', 'measured-cold'],
    'How the loop impedance was found: conductors at operating temperature or cold.',
    { short: 'Zs found' },
  ),
  num('earthElectrodeOhms', 'Earth electrode resistance', 'ohm', upTo(20000), 'Resistance of earth electrode and its conductor.', {
    short: 'Earth electrode',
  }),
  num('upstreamOvercurrentAmps', 'Overcurrent device upstream', 'A', upTo(6300), 'Rated current of the next overcurrent device upstream.', {
    short: 'Upstream device',
  }),
  word('fuseHolder', 'Fuse holder', fuseHolders, 'Fuse holder (base) fitted.'),
  num('maxFuseWatts', 'Fuse watts accepted by the holder', 'W', upTo(200), 'Power that the holder accepts per fuse.', {
    short: 'Max. watts/fuse',
  }),
  num('ambientC', 'Ambient temperature', '°C', { min: -40, max: 90 }, 'Air temperature around the device.', { short: 'Ambient' }),
  num(
    'altitudeM',
    'Height above the sea',
    'm',
    { min: -430, max: 6000 },
    'Height of the place; above 2000 m usual ratings no longer hold.',
    {
      short: 'Altitude',
      recovery: 'From a map or the site’s papers.',
    },
  ),
  num('widthAvailableMm', 'Room on the rail', 'mm', { min: 5, max: 2000 }, 'Width that is free where the device stands.', {
    short: 'Room',
    recovery: 'Measure from neighbour to neighbour, cover off, dead.',
  }),
  num('controlVolts', 'Control voltage', 'V', upTo(690), 'Nominal volts of the control supply.', {
    short: 'Control V',
    recovery: 'From the drawing and the control transformer’s plate. An unloaded transformer reads up to 10 % high.',
  }),
  num('controlVoltsMin', 'Minimum control voltage', 'V', upTo(690), 'Lowest control volts that occur; absent: the nominal only.', {
    short: 'Min. control V',
  }),
  num('controlVoltsMax', 'Maximum control voltage', 'V', upTo(690), 'Highest control volts that occur; absent: the nominal only.', {
    short: 'Max. control V',
  }),
  word('controlKind', 'Control supply AC or DC', currentKinds, 'Kind of current of the control supply.', { short: 'Control AC/DC' }),
  num('controlHertz', 'Control frequency', 'Hz', upTo(400), 'Frequency of the control supply; null on DC.', { short: 'Control Hz' }),
  num('controlLoopOhms', 'Control wiring resistance', 'ohm', { min: 0, max: 1000 }, 'Resistance of the control run, both conductors.', {
    short: 'Control wiring',
    recovery: 'Both conductors of the run, dead, far end joined; leads taken off.',
  }),
  num('controlTransformerVA', 'Control transformer rating', 'VA', upTo(100000), 'Continuous rating of the control transformer.', {
    short: 'Control transf.',
  }),
  num(
    'controlTransformerInrushVA',
    'Control transformer inrush capacity',
    'VA',
    upTo(100000),
    'Momentary capability of the control transformer.',
    { short: 'Transf. inrush' },
  ),
  num('supplyVA', 'Control source capacity', 'VA', upTo(100000), 'Capability of any other control source.', { short: 'Control source' }),
  num('driverMaxAmps', 'Maximum output current of the driver', 'A', upTo(10), 'Most that the output driving the coil can give.', {
    short: 'Driver max.',
  }),
  ...relaySupplyFields,
] as const satisfies readonly Field[];

/** Marks of a supply by name. */
export type SupplyMarks = MarksOf<typeof supplyFields>;
