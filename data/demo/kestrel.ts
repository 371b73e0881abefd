/** Kestrel Point Ferry Slip, NFPA practice. Places, tags, makers and figures are invented. `device` names a part of the demo catalogue; `wear` takes marks off its plate. */
import type { Reading, Readings } from '../../core/readings/reading';
import { allRead, measured, read, worn } from './readings';
import {
  tile,
  fault,
  note,
  meter,
  contactor,
  nema,
  wiring,
  system480,
  system208,
  control120,
  control24ac,
  type DemoPanel,
  type DemoSite,
} from './site-words';

const hoistDuty: Readings = {
  joggingPerMinute: read(8),
  operationsPerDay: read(140),
  lifeYearsWanted: read(5),
};
const hoistWiring = wiring({ auxNormallyOpenNeeded: 2, starter: 'reversing', polesToSwitch: 3 });
const hoistLoad = (place: string): Readings => ({
  ...nema(30, 37, 'G'),
  ...hoistWiring,
  contactorPosition: read(place),
});
const hoistWear: Record<string, Reading> = {
  coilMarks: worn,
  coilOhms: measured(18.4, '18.7 Ω read less 0.3 Ω of leads'),
};

const rampPanel: DemoPanel = {
  id: 'kestrel-ramp',
  name: 'Ramp panel',
  note: '480Y/277 V from MCC-2, control 120 V from LP-1.',
  supply: { ...system480, ...control120, prospectiveFaultAmps: read(9800), ambientC: read(38) },
  positions: [
    tile('Q1', 'incomer', 'breaker', '125 A', 0, 'Saltmarsh B125'),
    tile('F1', 'fuse', 'fuse', '6 A', 0, 'Saltmarsh fuse 6 A'),
    tile('F2', 'fuse', 'fuse', '6 A', 0, 'Saltmarsh fuse 6 A', [
      fault(0.3, 'blown, third this month'),
      fault(0.6, 'blown, replaced like for like'),
      fault(0.9, 'blown, replaced like for like'),
    ]),
    tile('T1', 'control', 'transformer', '500 VA', 0, 'Pellow & Stane C500'),
    tile('K0', 'monitor', 'monitoring-relay', '480 V', 0, 'Quillfeather PM'),
    tile('K9', 'on-delay', 'timing-relay', '0-30 s', 0, 'Quillfeather TD'),
    tile('Q4', 'hoist', 'breaker', '70 A', 1, 'Saltmarsh B70'),
    contactor('K4', 'hoist, forward', '27 A', 1, {
      loadKind: 'motor-3ph',
      load: hoistLoad('forward'),
      duty: hoistDuty,
      hazards: { controlElsewhere: true, springs: true },
      device: 'nettlecombe-n1-3p-120-22',
      wear: hoistWear,
      fittedYearsAgo: 7,
      events: [
        fault(0.3, 'contacts welded, freed'),
        note(3.6, 'contacts dressed'),
        meter(10, 'coil 18.7 Ω with leads'),
        fault(6, 'would not drop out'),
      ],
    }),
    contactor('K5', 'hoist, reverse', '27 A', 1, {
      loadKind: 'motor-3ph',
      load: hoistLoad('reverse'),
      duty: hoistDuty,
      hazards: { controlElsewhere: true, springs: true },
      device: 'nettlecombe-n1-3p-120-22',
      fittedYearsAgo: 7,
      events: [note(3.6, 'contacts dressed')],
    }),
    tile('F4', 'overload', 'overload-relay', '34-46 A', 1, 'Nettlecombe R46'),
    contactor('K6', 'ballast 1', '18 A', 1, {
      loadKind: 'motor-3ph',
      load: { ...nema(5, 6.8, 'J'), ...wiring({ polesToSwitch: 3 }) },
      duty: allRead({ startsPerHour: 6 }),
      hazards: { controlElsewhere: true },
      device: 'nettlecombe-n0-3p-120-11',
      fittedYearsAgo: 4,
    }),
    tile('F6', 'overload', 'overload-relay', '6-9 A', 1, 'Nettlecombe R9'),
    tile('Q7', 'ballast 2', 'breaker', '20 A', 2, 'Saltmarsh B20'),
    contactor('K7', 'ballast 2', '18 A', 2, {
      loadKind: 'motor-3ph',
      load: { ...nema(5, 6.8, 'J'), codeLetter: worn, ...wiring({ polesToSwitch: 3 }) },
      duty: allRead({ startsPerHour: 6 }),
      hazards: { controlElsewhere: true },
      device: 'nettlecombe-n0-3p-120-11',
      fittedYearsAgo: 4,
      openSwap: true,
      events: [fault(0.2, 'hums, does not seal')],
    }),
    tile('K8', 'nav lights', 'lighting contactor', 'latched', 2, 'Quillfeather L20/4 latched'),
    tile('R1', 'sockets', 'residual-current', '30 mA', 2, 'Saltmarsh RG'),
  ],
};

const winchPanel: DemoPanel = {
  id: 'kestrel-winch',
  name: 'Winch MCC-2',
  note: '480Y/277 V from the shore transformer, control 120 V of its own.',
  supply: { ...system480, ...control120, prospectiveFaultAmps: read(18500), ambientC: read(35) },
  positions: [
    tile('Q1', 'incomer', 'breaker', '400 A', 0, 'Saltmarsh B400'),
    contactor('K1', 'haul winch', '135 A', 0, {
      loadKind: 'motor-3ph',
      load: { ...nema(75, 87, 'G'), ...wiring({ polesToSwitch: 3 }) },
      duty: allRead({ startsPerHour: 12 }),
      device: 'nettlecombe-n4-3p-120-11',
      fittedYearsAgo: 9,
    }),
    contactor('K2', 'winch oil pump', '45 A', 0, {
      loadKind: 'motor-3ph',
      load: { ...nema(20, 25, 'F'), ...wiring({ polesToSwitch: 3 }) },
      duty: allRead({ startsPerHour: 4 }),
      device: 'nettlecombe-n2-3p-120-11',
      fittedYearsAgo: 9,
    }),
    contactor('K3', 'bilge pump', '18 A', 1, {
      loadKind: 'motor-3ph',
      load: { ...nema(3, 4.2, 'K'), ...wiring({ polesToSwitch: 3 }) },
      duty: allRead({ startsPerHour: 8 }),
      device: 'harrowgate-forge-n0-3p-120-10',
      fittedYearsAgo: 2,
    }),
    contactor('K14', 'deck wash', '9 A', 1, {
      loadKind: 'motor-3ph',
      load: { ...nema(10, 12.6, 'H'), ...wiring({ polesToSwitch: 3 }) },
      duty: allRead({ startsPerHour: 4 }),
      device: 'wexmoor-w9-110-10',
      fittedYearsAgo: 1,
      events: [fault(2, 'contacts welded'), { monthsAgo: 12, kind: 'swap', text: 'Wexmoor W9 10 fitted, the old part number' }],
    }),
    tile('F3', 'overload', 'overload-relay', '4-6 A', 1, 'Nettlecombe R6'),
  ],
};

const lightingPanel: DemoPanel = {
  id: 'kestrel-lighting',
  name: 'Lighting LP-1',
  note: '208Y/120 V, control 24 V AC for the huts.',
  supply: { ...system208, ...control24ac, prospectiveFaultAmps: read(4200), ambientC: read(40) },
  positions: [
    tile('Q1', 'incomer', 'breaker', '100 A', 0, 'Saltmarsh B100'),
    contactor('K1', 'hut cooling', '25 A', 0, {
      loadKind: 'hermetic-compressor',
      load: {
        plateVolts: read('208/230'),
        phases: read(1),
        hertz: read(60),
        ratedLoadAmps: read(18.6),
        lockedRotorAmps: read(102),
        fanFullLoadAmps: read(1.3),
        minimumCircuitAmps: read(24.6),
        maximumOvercurrentAmps: read(40),
        polesToSwitch: read(2),
        polesThatMustOpen: read(2),
      },
      device: 'hartlebeck-h25-2p-24-0',
      fittedYearsAgo: 5,
    }),
    contactor('K2', 'store cooling', '20 A', 0, {
      loadKind: 'hermetic-compressor',
      load: {
        plateVolts: read('208/230'),
        phases: read(1),
        hertz: read(60),
        ratedLoadAmps: read(22.4),
        lockedRotorAmps: read(134),
        fanFullLoadAmps: read(1.6),
        minimumCircuitAmps: read(29.6),
        maximumOvercurrentAmps: read(50),
        polesToSwitch: read(2),
      },
      device: 'hartlebeck-h20-2p-24-0',
      wear: { coilVolts: worn },
      fittedYearsAgo: 2,
      events: [fault(0.8, 'compressor single-phased, contact burnt'), fault(7, 'contact burnt'), fault(11, 'contact burnt')],
    }),
    contactor('K3', 'hut heater', '40 A', 0, {
      loadKind: 'resistive-heater',
      load: {
        kilowatts: read(9),
        plateVolts: read(208),
        phases: read(3),
        polesToSwitch: read(3),
        continuous: read(true),
      },
      device: 'hartlebeck-h40-3p-24-0',
      fittedYearsAgo: 3,
    }),
    contactor('K5', 'vent fan', '25 A', 1, {
      loadKind: 'motor-1ph',
      load: {
        horsepower: read(1),
        plateVolts: read('115/208-230'),
        fullLoadAmps: worn,
        codeLetter: read('L'),
        phases: read(1),
        hertz: read(60),
        polesToSwitch: read(2),
      },
      duty: allRead({ startsPerHour: 3 }),
      device: 'hartlebeck-h25-2p-24-0',
      fittedYearsAgo: 6,
    }),
    tile('K6', 'ramp lights', 'lighting contactor', '30 A', 1, 'Quillfeather L30/6'),
    tile('R2', 'hut sockets', 'residual-current', '5 mA', 1, 'Saltmarsh RA'),
  ],
};

const chargerPanel: DemoPanel = {
  id: 'kestrel-charger',
  name: 'Charger DC-1',
  note: '125 V DC, battery of the bow thruster.',
  supply: allRead({ systemVolts: 125, currentKind: 'dc' }),
  positions: [
    tile('Q1', 'battery', 'breaker', '200 A DC', 0, 'Saltmarsh D200'),
    tile('F1', 'charger', 'fuse', '80 A DC', 0, 'Saltmarsh fuse 80 A'),
    tile('Q2', 'thruster', 'breaker', '150 A DC', 0, 'Saltmarsh D150'),
    tile('F2', 'trip supply', 'fuse', '10 A DC', 0, 'Saltmarsh fuse 10 A'),
  ],
};

export const kestrel: DemoSite = {
  id: 'kestrel',
  name: 'Kestrel Point Ferry Slip',
  practice: 'NFPA70',
  timeZone: 'America/Halifax',
  panels: [rampPanel, winchPanel, lightingPanel, chargerPanel],
  stock: [
    ['nettlecombe-n3-3p-120-22', 'crib, bin C3', 2],
    ['harrowgate-forge-n3-3p-120-22', 'van', 1],
    ['nettlecombe-n2-3p-120-22', 'crib, bin C2', 1],
    ['nettlecombe-n0-3p-120-11', 'crib, bin C1', 3],
    ['nettlecombe-n1-3p-120-11', 'crib, bin C1', 2],
    ['hartlebeck-h30-2p-24-0', 'crib, bin D2', 2],
    ['hartlebeck-h40-3p-24-0', 'crib, bin D3', 1],
    ['hartlebeck-h25-2p-24-0', 'van', 1],
    ['wexmoor-w25-110-11', 'crib, bin E1', 2],
    ['nettlecombe-n3-3p-24-22', 'crib, bin C3', 1],
    ['hartlebeck-h60-3p-120-1', 'crib, bin D4', 1],
  ],
};
