/** Ferrow Locks, IEC practice. Places, tags, makers and figures are invented. `device` names a part of the demo catalogue; `wear` takes marks off its plate. */
import type { Element } from '../../core/supply/path';
import { allRead, assumed, measured, read, worn } from './readings';
import {
  tile,
  cable,
  fault,
  note,
  contactor,
  placed,
  kw,
  wiring,
  system400,
  control24dc,
  control110dc,
  type DemoPanel,
  type DemoSite,
} from './site-words';

/** From the network to the main panel. */
const network: Element[] = [
  { kind: 'utility', name: 'Network', faultVA: 90e6, xOverR: 4 },
  { kind: 'transformer', name: 'T1', ratedVA: 400e3, impedancePercent: 4.1, xOverR: 3.4, parallel: 1 },
  cable('Riser', '240 mm²', 9, { parallel: 2 }),
];

const gatePanel: DemoPanel = {
  id: 'ferrow-gate',
  name: 'Gate hydraulics',
  note: '400/230 V TN-S from the incomer, control 24 V DC.',
  supply: { ...system400, ...control24dc, prospectiveFaultAmps: read(6100), ambientC: read(40) },
  path: {
    system: 'three-phase',
    volts: 400,
    voltsToGround: 230,
    elements: [
      ...network,
      cable('Gate feeder', '35 mm²', 38),
      { kind: 'measured', name: 'At the panel', highestAmps: 6100, loopOhms: 0.15, on: '2026-03-17' },
    ],
  },
  positions: [
    placed('breaker', 'Q0', 'incomer', 'C63', 0, {
      loadKind: 'distribution-board',
      load: { loadAmps: read(44), conductorAmpacityAmps: read(70), polesToSwitch: read(4), disconnectSeconds: read(5) },
      supply: { loopImpedanceOhms: read(0.18), loopImpedanceBasis: read('measured-cold') },
      device: 'saltmarsh-m-c63-4p',
      run: [cable('Busbar of the panel', '25 mm²', 1)],
      fittedYearsAgo: 12,
    }),
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
    placed('breaker', 'Q24', 'lock 3 sensors', 'C4', 2, {
      loadKind: 'electronic-supply-branch',
      load: { loadAmps: read(1.8), conductorAmpacityAmps: read(13), polesToSwitch: read(1), minFaultTripSeconds: read(0.1) },
      supply: {
        systemVolts: read(24),
        voltsToGround: read(24),
        currentKind: read('dc'),
        grounding: read('dc-negative-grounded'),
        prospectiveFaultAmps: read(60),
        minFaultAmps: { state: 'worked-out', value: 15, from: '24 V / (2 x 60 m x 13 mΩ) = 15.4 A, the supply limits at 15 A' },
      },
      device: 'saltmarsh-d-c4-1p',
      fittedYearsAgo: 3,
      events: [fault(2, 'sensor cable chafed, supply dropped, nothing tripped')],
    }),
    tile('T2', 'gate delay', 'timing-relay', '0.5-10 s', 2, 'Quillfeather TS'),
  ],
};

const pumpPanel: DemoPanel = {
  id: 'ferrow-pump',
  name: 'Pump house',
  note: '400/230 V TN-S, control 110 V DC from the tripping battery. Fault current not known.',
  supply: { ...system400, ...control110dc, prospectiveFaultAmps: worn, ambientC: read(35) },
  path: { system: 'three-phase', volts: 400, voltsToGround: 230, elements: [...network, cable('Pump house feeder', '95 mm²', 120)] },
  positions: [
    placed('breaker', 'Q0', 'incomer', '160 A', 0, {
      loadKind: 'distribution-board',
      load: { loadAmps: read(120), conductorAmpacityAmps: read(168), polesToSwitch: read(3), disconnectSeconds: read(5) },
      supply: { loopImpedanceOhms: read(0.09), loopImpedanceBasis: read('worked-out-hot') },
      device: 'saltmarsh-mc-250n-160-th-3p',
      fittedYearsAgo: 12,
    }),
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
    placed('overload-relay', 'F11', 'drainage A overload', '31-46 A', 1, {
      loadKind: 'motor-3ph',
      load: {
        ...kw(22, 41, 7.2),
        control: read('two-wire'),
        startSeconds: read(5),
        stallSecondsHot: read(14),
        tripContactsNeeded: read(['NC', 'NO']),
      },
      hazards: { battery: true, controlElsewhere: true },
      device: 'tarnside-overload-r-46-10-s',
      run: [cable('To drainage A', '10 mm²', 18)],
      fittedYearsAgo: 10,
    }),
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
    placed('breaker', 'Q2', 'cabin sockets', 'C32', 0, {
      loadKind: 'socket-circuit',
      load: { loadAmps: read(24), conductorAmpacityAmps: read(34), polesToSwitch: read(2), disconnectSeconds: read(0.4) },
      supply: { loopImpedanceOhms: measured(0.94, 'loop tester at the far socket, cold'), loopImpedanceBasis: read('measured-cold') },
      device: 'saltmarsh-m-c32-2p',
      fittedYearsAgo: 4,
      events: [note(4, 'B32 tripped at the pressure washer, C32 fitted')],
    }),
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
  path: {
    system: 'three-phase',
    volts: 400,
    voltsToGround: 230,
    elements: [...network],
  },
  positions: [
    tile('Q1', 'incomer', 'air breaker', '800 A', 0, 'Saltmarsh A800'),
    tile('Y1', 'closing coil', 'breaker-coil', '110 V DC', 0, 'Saltmarsh Y'),
    tile('Y2', 'shunt trip', 'breaker-coil', '110 V DC', 0, 'Saltmarsh Y'),
    placed('fuse', 'F1', 'tripping battery', '16 A', 0, {
      loadKind: 'battery',
      load: { loadAmps: read(6), conductorAmpacityAmps: read(24), overloadByFuse: read(true) },
      supply: {
        systemVolts: read(110),
        currentKind: read('dc'),
        grounding: read('dc-ungrounded'),
        prospectiveFaultAmps: read(1900),
        fuseHolder: read('NH000'),
      },
      hazards: { battery: true },
      device: 'saltmarsh-fuse-nh000-gg-16',
      fittedYearsAgo: 6,
    }),
  ],
};

export const ferrow: DemoSite = {
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
    ['saltmarsh-mh-c63-4p', 'crib, shelf 4', 1],
    ['wexmoor-wbx-c63-4p', 'crib, shelf 4', 1],
    ['saltmarsh-mh-b32-2p', 'crib, shelf 4', 2],
    ['quillfeather-e24-3', 'van', 2],
    ['quillfeather-e24-4', 'crib, shelf 5', 3],
    ['wexmoor-overload-wr-46-10-s', 'crib, shelf 3', 1],
    ['wexmoor-fuse-nh000-gg-16', 'crib, shelf 6', 6],
  ],
};
