/** Incomer of the demo locks: an air breaker and its coils. Invented. */
import type { Element } from '../../core/supply/path';
import { allRead, read } from './readings';
import { cable, fault, note, placed, system400, control110dc, type DemoPanel } from './site-words';

/** From the network to the main panel. */
export const network: Element[] = [
  { kind: 'utility', name: 'Network', faultVA: 90e6, xOverR: 4 },
  { kind: 'transformer', name: 'T1', ratedVA: 400e3, impedancePercent: 4.1, xOverR: 3.4, parallel: 1 },
  cable('Riser', '240 mm²', 9, { parallel: 2 }),
];

/** What works the incomer: fed by the tripping battery unless it says otherwise. */
const accessory = (tag: string, name: string, rating: string, rest: Omit<Parameters<typeof placed>[5], 'loadKind'>) =>
  placed('breaker-coil', tag, name, rating, 0, {
    loadKind: 'air-breaker-accessory',
    supply: control110dc,
    hazards: { springs: true, battery: true },
    ...rest,
  });

export const incomerPanel: DemoPanel = {
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
    placed('air-breaker', 'Q1', 'incomer', '800 A', 0, {
      loadKind: 'distribution-board',
      load: {
        loadAmps: read(560),
        conductorAmpacityAmps: read(830),
        polesToSwitch: read(3),
        tripFunctionsNeeded: read(['L', 'S', 'I', 'G']),
        withstandSeconds: read(0.3),
        remoteOperation: read(true),
        maintenanceModeNeeded: read(false),
        longestShutdownHours: read(6),
        protocolNeeded: read('Modbus TCP'),
      },
      supply: control110dc,
      hazards: { springs: true, battery: true },
      device: 'saltmarsh-air-a-1250-800-42-lsi-f-24d',
      fittedYearsAgo: 16,
      events: [fault(0.4, 'does not close from the desk, closes by hand'), fault(9, 'charging motor changed, did not run')],
    }),
    accessory('Y1', 'closing coil', '110 V DC', {
      load: { action: read('closes-on-signal'), frameNeeded: read('A1250'), commandMaintained: read(false), commandSeconds: read(0.4) },
      device: 'saltmarsh-coil-y-a1250-c-110d',
      fittedYearsAgo: 3,
      events: [fault(0.3, 'breaker will not close, spring charged, coil measured in order')],
    }),
    accessory('Y2', 'shunt trip', '110 V DC', {
      load: { action: read('opens-on-signal'), frameNeeded: read('A1250'), commandMaintained: read(true) },
      supply: { ...control110dc, controlVoltsMin: read(84) },
      device: 'saltmarsh-coil-y-a1250-c-110d',
      fittedYearsAgo: 1,
      events: [fault(0.5, 'coil burnt, flood float kept the command on'), fault(7, 'coil burnt')],
    }),
    accessory('Y3', 'undervoltage', '230 V', {
      load: {
        action: read('opens-when-supply-fails'),
        frameNeeded: read('A1250'),
        releasePercent: read([35, 70]),
        dipPercent: read(45),
        dipSeconds: read(1.5),
        school: read('same source (default for incomers)'),
      },
      supply: allRead({ controlVolts: 230, controlKind: 'ac', controlHertz: 50 }),
      hazards: { springs: true },
      device: 'saltmarsh-coil-y-a1250-n-230a',
      fittedYearsAgo: 2,
      events: [fault(1, 'pumps kept running on 120 V for a quarter of an hour, incomer did not open')],
    }),
    accessory('Y4', 'charging motor', '110 V DC', {
      load: { action: read('charges-the-spring'), frameNeeded: read('A1250') },
      device: 'saltmarsh-coil-y-a1250-m-230a',
      fittedYearsAgo: 1,
      events: [note(9, 'fitted from the van'), fault(0.4, 'hums and does not charge, charged by hand since')],
    }),
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
