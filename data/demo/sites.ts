/**
 * The two demo sites: panels with rails of positions. Places, tags, makers and figures are invented.
 * `device` names a part of the demo catalogue; `wear` takes marks off its plate, as years in a panel do.
 */
import type { Practice } from '../../core/case/case';
import type { Reading, Readings } from '../../core/readings/reading';
import { allRead, assumed, measured, read, worn } from './readings';

export type DemoEvent = { monthsAgo: number; kind: 'fault' | 'swap' | 'measurement' | 'note'; text: string };
export type DemoPosition = {
  tag: string;
  function: string;
  family: string;
  rating: string;
  rail: number;
  loadKind?: string;
  load?: Readings;
  duty?: Readings;
  supply?: Readings;
  hazards?: Record<string, boolean>;
  device?: string;
  deviceName?: string;
  wear?: Record<string, Reading>;
  fittedYearsAgo?: number;
  events?: DemoEvent[];
  openSwap?: boolean;
};
export type DemoPanel = {
  id: string;
  name: string;
  note: string;
  supply: Readings;
  positions: DemoPosition[];
};
export type DemoSite = {
  id: string;
  name: string;
  practice: Practice;
  timeZone: string;
  panels: DemoPanel[];
  stock: [part: string, place: string, quantity: number][];
};

const tile = (
  tag: string,
  fn: string,
  family: string,
  rating: string,
  rail: number,
  deviceName: string,
  events?: DemoEvent[],
): DemoPosition => ({ tag, function: fn, family, rating, rail, deviceName, events });
const fault = (monthsAgo: number, text: string): DemoEvent => ({ monthsAgo, kind: 'fault', text });
const note = (monthsAgo: number, text: string): DemoEvent => ({ monthsAgo, kind: 'note', text });
const meter = (monthsAgo: number, text: string): DemoEvent => ({ monthsAgo, kind: 'measurement', text });

const contactor = (tag: string, fn: string, rating: string, rail: number, rest: Partial<DemoPosition>): DemoPosition => ({
  tag,
  function: fn,
  family: 'contactor',
  rating,
  rail,
  ...rest,
});

const nema = (hp: number, at460: number, codeLetter: string, more: Readings = {}): Readings => ({
  horsepower: read(hp),
  plateVolts: read('230/460'),
  fullLoadAmps: read([at460 * 2, at460]),
  codeLetter: read(codeLetter),
  phases: read(3),
  hertz: read(60),
  serviceFactor: read(1.15),
  ...more,
});
const kw = (kilowatts: number, amps: number, ratio: number, more: Readings = {}): Readings => ({
  kilowatts: read(kilowatts),
  plateVolts: read(400),
  fullLoadAmps: read(amps),
  lockedRotorRatio: read(ratio),
  phases: read(3),
  hertz: read(50),
  ...more,
});
const wiring = (more: Record<string, number | string | boolean>): Readings =>
  allRead({ control: 'three-wire', auxNormallyOpenNeeded: 1, ...more });

const system480 = allRead({
  systemVolts: 480,
  voltsToGround: 277,
  phases: 3,
  wires: 4,
  hertz: 60,
  currentKind: 'ac',
  grounding: 'solidly-grounded-wye',
});
const system208 = allRead({
  systemVolts: 208,
  voltsToGround: 120,
  phases: 3,
  wires: 4,
  hertz: 60,
  currentKind: 'ac',
  grounding: 'solidly-grounded-wye',
});
const system400 = allRead({
  systemVolts: 400,
  voltsToGround: 230,
  phases: 3,
  wires: 4,
  hertz: 50,
  currentKind: 'ac',
  grounding: 'TN-S',
});
const control120 = allRead({
  controlVolts: 120,
  controlKind: 'ac',
  controlHertz: 60,
  controlTransformerVA: 500,
  controlTransformerInrushVA: 1600,
});
const control24ac = allRead({
  controlVolts: 24,
  controlKind: 'ac',
  controlHertz: 60,
  controlTransformerVA: 75,
  controlTransformerInrushVA: 260,
});
const control24dc = allRead({
  controlVolts: 24,
  controlVoltsMin: 22.8,
  controlVoltsMax: 25.2,
  controlKind: 'dc',
  supplyVA: 240,
});
const control110dc = allRead({
  controlVolts: 110,
  controlVoltsMin: 99,
  controlVoltsMax: 119,
  controlKind: 'dc',
  supplyVA: 1200,
});

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

const gatePanel: DemoPanel = {
  id: 'ferrow-gate',
  name: 'Gate hydraulics',
  note: '400/230 V TN-S from the incomer, control 24 V DC.',
  supply: { ...system400, ...control24dc, prospectiveFaultAmps: read(6100), ambientC: read(40) },
  positions: [
    tile('Q0', 'incomer', 'breaker', '63 A', 0, 'Saltmarsh M63'),
    contactor('K1', 'gate pump 1', '18 A', 0, {
      loadKind: 'motor-3ph',
      load: { ...kw(7.5, 14.6, 7.1), ...wiring({ polesToSwitch: 3 }) },
      duty: allRead({ startsPerHour: 10, operationsPerDay: 60, lifeYearsWanted: 10 }),
      device: 'wexmoor-w18-24d-11',
      fittedYearsAgo: 6,
    }),
    contactor('K2', 'gate pump 2', '12 A', 0, {
      loadKind: 'motor-3ph',
      load: { ...kw(7.5, 14.6, 7.1), ...wiring({ polesToSwitch: 3 }) },
      duty: allRead({ startsPerHour: 10, operationsPerDay: 60, lifeYearsWanted: 10 }),
      device: 'ossel-os12-24d-10',
      fittedYearsAgo: 1,
      events: [
        fault(0.5, 'pump does not stop, contacts welded'),
        fault(4, 'contacts welded'),
        fault(8, 'contacts welded'),
        { monthsAgo: 13, kind: 'swap', text: 'Ossel OS12 10 fitted from the van' },
      ],
    }),
    contactor('K3', 'sluice 1 raise', '9 A', 1, {
      loadKind: 'motor-3ph',
      load: {
        ...kw(1.5, 3.4, 6.2),
        ...wiring({ polesToSwitch: 3, starter: 'reversing', contactorPosition: 'forward' }),
      },
      duty: allRead({ joggingPerMinute: 3 }),
      device: 'wexmoor-w9-24d-11',
      fittedYearsAgo: 6,
    }),
    contactor('K4', 'sluice 1 lower', '9 A', 1, {
      loadKind: 'motor-3ph',
      load: {
        ...kw(1.5, 3.4, 6.2),
        ...wiring({ polesToSwitch: 3, starter: 'reversing', contactorPosition: 'reverse' }),
      },
      duty: allRead({ joggingPerMinute: 3 }),
      device: 'wexmoor-w9-24d-11',
      fittedYearsAgo: 6,
    }),
    contactor('K5', 'drain pump', '9 A', 1, {
      loadKind: 'motor-3ph',
      load: { ...kw(4, 8.1, 6.9), lockedRotorRatio: worn, ...wiring({ polesToSwitch: 3 }) },
      duty: allRead({ startsPerHour: 20 }),
      device: 'ossel-os9-24d-10',
      fittedYearsAgo: 3,
      events: [fault(1, 'coil open'), fault(5, 'coil open'), fault(9, 'coil open')],
    }),
    contactor('K7', 'oil heater', '25 A', 2, {
      loadKind: 'resistive-heater',
      load: { kilowatts: read(6), plateVolts: read(400), phases: read(3), polesToSwitch: read(3) },
      device: 'ossel-os12-24d-10',
      fittedYearsAgo: 8,
    }),
    tile('T2', 'gate delay', 'timing-relay', '0.5-10 s', 2, 'Quillfeather TS'),
  ],
};

const pumpPanel: DemoPanel = {
  id: 'ferrow-pump',
  name: 'Pump house',
  note: '400/230 V TN-S, control 110 V DC from the tripping battery. Fault current not known.',
  supply: { ...system400, ...control110dc, prospectiveFaultAmps: worn, ambientC: read(35) },
  positions: [
    tile('Q0', 'incomer', 'breaker', '160 A', 0, 'Saltmarsh M160'),
    contactor('K11', 'drainage A', '50 A', 0, {
      loadKind: 'motor-3ph',
      load: { ...kw(22, 41, 7.2), ...wiring({ polesToSwitch: 3 }) },
      duty: allRead({ startsPerHour: 4, operationsPerDay: 30, lifeYearsWanted: 10 }),
      hazards: { battery: true, controlElsewhere: true },
      device: 'wexmoor-w50-110d-11',
      fittedYearsAgo: 10,
    }),
    contactor('K12', 'drainage B', '50 A', 0, {
      loadKind: 'motor-3ph',
      load: { ...kw(22, 41, 7.2), ...wiring({ polesToSwitch: 3 }) },
      duty: allRead({ startsPerHour: 4 }),
      hazards: { battery: true, controlElsewhere: true },
      device: 'wexmoor-w50-110-11',
      fittedYearsAgo: 0,
      events: [fault(0.1, 'coil burnt the day it was fitted')],
    }),
    contactor('K13', 'sump', '9 A', 0, {
      loadKind: 'motor-3ph',
      load: { ...kw(2.2, 4.6, 6.4), ...wiring({ polesToSwitch: 3 }) },
      hazards: { battery: true, controlElsewhere: true },
      device: 'tarnside-t9-110d-10',
      fittedYearsAgo: 3,
    }),
    contactor('K14', 'paddle heater 1', '25 A', 1, {
      loadKind: 'resistive-heater',
      load: { kilowatts: read(9), plateVolts: read(400), phases: read(3), polesToSwitch: read(3) },
      hazards: { battery: true },
      device: 'tarnside-t18-110d-10',
      fittedYearsAgo: 3,
    }),
    contactor('K15', 'paddle heater 2', '25 A', 1, {
      loadKind: 'resistive-heater',
      load: { kilowatts: read(9), plateVolts: read(400), phases: read(3), polesToSwitch: read(3) },
      hazards: { battery: true },
      device: 'tarnside-t18-110d-10',
      fittedYearsAgo: 3,
    }),
    tile('F11', 'overload', 'overload-relay', '36-46 A', 1, 'Tarnside R46'),
  ],
};

const cabinPanel: DemoPanel = {
  id: 'ferrow-cabin',
  name: 'Control cabin',
  note: '230 V single phase, control 24 V DC.',
  supply: {
    ...allRead({
      systemVolts: 230,
      voltsToGround: 230,
      phases: 1,
      wires: 2,
      hertz: 50,
      currentKind: 'ac',
      grounding: 'TN-S',
    }),
    ...control24dc,
    prospectiveFaultAmps: read(2400),
    ambientC: assumed(35),
  },
  positions: [
    tile('Q0', 'incomer', 'breaker', '40 A', 0, 'Saltmarsh M40'),
    contactor('K20', 'cabin heater', '25 A', 0, {
      loadKind: 'resistive-heater',
      load: { kilowatts: read(3), plateVolts: read(230), phases: read(1), polesToSwitch: read(2) },
      device: 'wexmoor-w16-24d-10',
      fittedYearsAgo: 5,
    }),
    contactor('K21', 'extract fan', '9 A', 0, {
      loadKind: 'motor-1ph',
      load: {
        kilowatts: read(0.37),
        plateVolts: read(230),
        fullLoadAmps: read(2.8),
        lockedRotorAmps: read(11),
        phases: read(1),
        hertz: read(50),
        polesToSwitch: read(2),
      },
      device: 'wexmoor-w9-24d-10',
      fittedYearsAgo: 5,
    }),
    tile('R1', 'sockets', 'residual-current', '30 mA', 0, 'Saltmarsh RC'),
    tile('K22', 'towpath lights', 'lighting contactor', '20 A', 0, 'Quillfeather L20/4'),
  ],
};

const incomerPanel: DemoPanel = {
  id: 'ferrow-incomer',
  name: 'Incomer',
  note: '400/230 V from the network, tripping battery 110 V DC.',
  supply: system400,
  positions: [
    tile('Q1', 'incomer', 'air breaker', '800 A', 0, 'Saltmarsh A800'),
    tile('Y1', 'closing coil', 'breaker-coil', '110 V DC', 0, 'Saltmarsh Y'),
    tile('Y2', 'shunt trip', 'breaker-coil', '110 V DC', 0, 'Saltmarsh Y'),
    tile('F1', 'battery', 'fuse', '16 A DC', 0, 'Saltmarsh fuse 16 A'),
  ],
};

export const demoSites: readonly DemoSite[] = [
  {
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
  },
  {
    id: 'ferrow',
    name: 'Ferrow Locks',
    practice: 'IEC',
    timeZone: 'Europe/London',
    panels: [gatePanel, pumpPanel, cabinPanel, incomerPanel],
    stock: [
      ['wexmoor-w18-24d-11', 'crib, shelf 2', 2],
      ['wexmoor-w25-24d-11', 'crib, shelf 2', 1],
      ['ossel-os12-24d-10', 'van', 2],
      ['wexmoor-w50-110d-11', 'crib, shelf 3', 1],
      ['tarnside-t25-110d-11', 'crib, shelf 3', 2],
      ['wexmoor-w9-24d-11', 'crib, shelf 1', 4],
      ['tarnside-t50-110-11', 'crib, shelf 3', 1],
      ['tarnside-t18-24d-22', 'van', 1],
    ],
  },
];
