/** What contacts, horsepower, kind of current, receptacles and capacitors ask for. */
import { breaker30, relay, type FalseFit } from './false-fit';

export const byLoad: readonly FalseFit[] = [
  // 2.7 Contacts.
  {
    what: 'two loads on one contact',
    practice: 'IEC',
    family: 'control-relay',
    supply: {},
    load: {
      kind: 'contactor-coil',
      contacts: [
        { loadType: 'resistive', kind: 'ac', volts: 230, amps: 2 },
        { loadType: 'resistive', kind: 'ac', volts: 230, amps: 2 },
      ],
    },
    spec: relay([{ loadType: 'resistive', kind: 'ac', volts: 250, amps: 10 }], { SPDT: 1 }),
    verdict: 'fails',
    line: ['contactsInAll', 'fails'],
    source: 'common practice',
  },
  {
    what: 'a contact above its rated volts, general use not printed',
    practice: 'NFPA70',
    family: 'control-relay',
    supply: {},
    load: { kind: 'resistive-heater', contacts: [{ loadType: 'resistive', kind: 'ac', volts: 480, amps: 2 }] },
    spec: relay([{ loadType: 'resistive', kind: 'ac', volts: 250, amps: 10 }], { SPDT: 1 }),
    verdict: 'fails',
    line: ['contactVolts', 'fails'],
    source: 'IEC 60947-5-1, rated operational voltage, from memory',
  },
  // 2.8 Horsepower of its own row.
  {
    what: '5 hp at 480 V is no 5 hp at 240 V',
    practice: 'NFPA70',
    family: 'contactor',
    supply: { systemVolts: 240, phases: 3, currentKind: 'ac' },
    load: { kind: 'motor-3ph', horsepower: 5, polesToSwitch: 3 },
    spec: { standard: 'UL 508', poles: 3, ratings: [{ volts: 480, normalHp: 5 }] },
    verdict: 'fails',
    line: ['fullLoadAmps', 'fails'],
    source: 'NFPA 70 430.83(A) and table 430.250: 15.2 A against 7.6 A, from memory',
  },
  // 2.9 A kind of current that follows.
  {
    what: 'a battery is DC though nobody says so',
    practice: 'IEC',
    family: 'breaker',
    supply: { systemVolts: 110 },
    load: { kind: 'battery', loadAmps: 10 },
    spec: { standard: 'IEC 60898-1', curve: 'C', poles: 1, ratedAmps: 16, ratedVoltsLineToLine: 230, icnAmps: 6000 },
    verdict: 'fails',
    line: ['currentKind', 'fails'],
    source: 'plain case, section 1: earthing and load tell the kind of current',
  },
  // 2.10 Receptacles.
  {
    what: 'no next size up for receptacles',
    practice: 'NFPA70',
    family: 'breaker',
    supply: { systemVolts: 240, currentKind: 'ac' },
    load: { kind: 'socket-circuit', loadAmps: 12, conductorAmpacityAmps: 28, polesToSwitch: 2 },
    spec: breaker30,
    verdict: 'fails',
    line: ['ratedAmpsConductor', 'fails'],
    source: 'NFPA 70 240.4(B)(1), from memory',
  },
  // 2.11 Volts of the capacitor beside its sections.
  {
    what: 'a 250 V capacitor where 370 V are called for',
    practice: 'NFPA70',
    family: 'run-capacitor',
    supply: { hertz: 60 },
    load: { kind: 'motor-1ph', sections: [{ name: 'motor', microfarads: 25 }], runCapacitorVolts: 370, plateVolts: 230 },
    spec: { kind: 'run', sections: [{ name: 'motor', microfarads: 25 }], ratedVolts: 250 },
    verdict: 'fails',
    line: ['capacitorVolts', 'fails'],
    source: 'IEC 60252-1 and UL 810: equal or higher, from memory',
  },
];
