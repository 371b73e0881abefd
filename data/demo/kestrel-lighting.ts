/** Lighting panel of the demo ferry slip. Invented. */
import { allRead, measured, read, worn } from './readings';
import { tile, placed, fault, note, contactor, system208, control24ac, type DemoPanel } from './site-words';

/** Plate of the unit that cools the hut: contactor and capacitor serve the same. */
const hutUnit = { plateVolts: read('208/230'), phases: read(1), hertz: read(60), ratedLoadAmps: read(18.6) };

export const lightingPanel: DemoPanel = {
  id: 'kestrel-lighting',
  name: 'Lighting LP-1',
  note: '208Y/120 V, control 24 V AC for the huts.',
  supply: { ...system208, ...control24ac, prospectiveFaultAmps: read(4200), ambientC: read(40) },
  circuits: [
    { name: 'Hut cooling', kind: 'load', tags: ['K1', 'C1'] },
    { name: 'Vent fan', kind: 'load', tags: ['K5', 'C5'] },
  ],
  positions: [
    tile('Q1', 'incomer', 'breaker', '100 A', 0, 'Saltmarsh B100'),
    contactor('K1', 'hut cooling', '25 A', 0, {
      loadKind: 'hermetic-compressor',
      load: {
        ...hutUnit,
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
    contactor('K6', 'ramp lights', '20 A', 1, {
      loadKind: 'lamp-bank',
      load: allRead({ runningAmps: 14, lampKind: 'discharge with ballast', continuous: true, polesToSwitch: 6 }),
      device: 'quillfeather-l20-6p-24-e',
      fittedYearsAgo: 8,
    }),
    placed('residual-current', 'R2', 'hut sockets', '20 A', 1, {
      loadKind: 'socket-circuit',
      load: {
        electronics: read('single-phase-rectifier'),
        purpose: read('personnel'),
        overcurrentNeededHere: read(true),
        noncontinuousAmps: read(12),
        conductorAmpacityAmps: read(20),
        smallConductorLimit: read(true),
        polesToSwitch: read(1),
      },
      supply: allRead({ systemVolts: 120, voltsToGround: 120, phases: 1, wires: 2 }),
      device: 'nettlecombe-residual-ga-1-20-s',
      fittedYearsAgo: 3,
    }),
    placed('run-capacitor', 'C1', 'hut cooling capacitor', '40+7.5 µF', 1, {
      loadKind: 'hermetic-compressor',
      load: {
        ...hutUnit,
        sections: read([
          { name: 'compressor', microfarads: 40 },
          { name: 'fan', microfarads: 7.5 },
        ]),
        runCapacitorVolts: read(370),
        caseTemperatureC: read(58),
        protectionNeeded: read(['protected']),
      },
      hazards: { capacitors: true },
      device: 'pellow-stane-capacitor-pc-40-5-370',
      wear: { reads: measured({ compressor: 39.6, fan: 4.9 }, 'meter, discharged, common to each') },
      fittedYearsAgo: 1,
      events: [fault(0.3, 'fan slow, compressor out on its protector'), note(11, 'dual fitted from the van, the old one had bulged')],
    }),
    placed('run-capacitor', 'C5', 'vent fan capacitor', '20 µF', 1, {
      loadKind: 'motor-1ph',
      load: {
        horsepower: read(1),
        plateVolts: read('115/208-230'),
        phases: read(1),
        hertz: read(60),
        runCapacitorMicrofarads: read(20),
        runCapacitorVolts: read(370),
        protectionNeeded: read(['protected']),
      },
      hazards: { capacitors: true },
      device: 'hartlebeck-capacitor-st-20-450',
      fittedYearsAgo: 0,
      events: [fault(0.1, 'burst an hour after it was fitted')],
    }),
  ],
};
