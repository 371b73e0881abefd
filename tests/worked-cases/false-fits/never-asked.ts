/** Lines that nobody asked. */
import { ac480, vocabulary, contactor, type FalseFit } from './false-fit';

export const neverAsked: readonly FalseFit[] = [
  // 1. Lines that nobody asked.
  {
    what: 'AC-1 alone on a motor',
    ...contactor({ poles: 3, ratings: [{ volts: 480, ac1Amps: 25 }] }),
    verdict: 'fails',
    line: ['fullLoadAmps', 'fails'],
    source: vocabulary,
  },
  {
    what: 'AC-4 5 A alone on a 21 A motor',
    ...contactor({ poles: 3, ratings: [{ volts: 480, ac4Amps: 5 }] }),
    verdict: 'not-known',
    line: ['fullLoadAmps', 'not-known'],
    source: vocabulary,
  },
  {
    what: 'AC-4 25 A alone carries 21 A',
    ...contactor({ poles: 3, ratings: [{ volts: 480, ac4Amps: 25 }] }),
    verdict: 'fits',
    source: 'IEC 60947-4-1, AC-4 makes 12 and breaks 10 times, from memory',
  },
  {
    what: 'AC-2 outside slip-ring',
    ...contactor({ poles: 3, ratings: [{ volts: 480, ac2Amps: 40 }] }),
    verdict: 'not-known',
    line: ['fullLoadAmps', 'not-known'],
    source: 'IEC 60947-4-1 utilization categories, from memory',
  },
  {
    what: 'AC-8b outside compressors',
    ...contactor({ poles: 3, ratings: [{ volts: 480, ac8bAmps: 40 }] }),
    verdict: 'not-known',
    line: ['fullLoadAmps', 'not-known'],
    source: 'IEC 60947-4-1 utilization categories, from memory',
  },
  {
    what: 'a misspelt column',
    ...contactor({ poles: 3, ratings: [{ volts: 480, ac3Amp: 25 }] }),
    verdict: 'fails',
    line: ['fullLoadAmps', 'fails'],
    source: vocabulary,
  },
  { what: 'poles alone', ...contactor({ poles: 3 }), verdict: 'not-known', source: vocabulary },
  {
    what: 'a bare coil',
    ...contactor({ coilVolts: 120, coilKind: 'ac' }, { supply: { ...ac480, controlVolts: 120, controlKind: 'ac' } }),
    verdict: 'not-known',
    source: vocabulary,
  },
  {
    what: 'a rating without its coil',
    ...contactor({ poles: 3, ratings: [{ volts: 480, ac3Amps: 25 }] }, { supply: { ...ac480, controlVolts: 120, controlKind: 'ac' } }),
    verdict: 'not-known',
    line: ['coilVolts', 'not-known'],
    source: vocabulary,
  },
  {
    what: 'FLA and RES on a capacitor bank, beside a part with another mark',
    ...contactor(
      { poles: 3, ratings: [{ volts: 480, fullLoadAmps: 9, resistiveAmps: 40 }] },
      { load: { kind: 'capacitor-bank', loadAmps: 30 } },
    ),
    beside: { poles: 3, ratings: [{ volts: 480, ac6bAmps: 40 }] },
    verdict: 'fails',
    source: 'IEC 60947-4-1 AC-6b, from memory',
  },
  {
    what: 'FLA and RES on a transformer',
    ...contactor(
      { poles: 3, ratings: [{ volts: 480, fullLoadAmps: 9, resistiveAmps: 40 }] },
      { load: { kind: 'transformer', loadAmps: 30 } },
    ),
    verdict: 'fails',
    source: 'IEC 60947-4-1 AC-6a, from memory',
  },
  {
    what: 'FLA and RES on filament lamps',
    ...contactor(
      { poles: 3, ratings: [{ volts: 480, fullLoadAmps: 9, resistiveAmps: 40 }] },
      { load: { kind: 'filament-lamps', loadAmps: 30 } },
    ),
    verdict: 'fails',
    source: 'IEC 60947-4-1 AC-5b, from memory',
  },
  {
    what: 'a fuse for AC alone on 110 V DC',
    practice: 'IEC',
    family: 'fuse',
    supply: { systemVolts: 110, currentKind: 'dc', prospectiveFaultAmps: 2000 },
    load: { kind: 'battery', loadAmps: 10 },
    spec: { standard: 'IEC 60269', fuseClass: '10x38', ratedAmps: 16, utilisation: 'gG', voltsAc: 500, interruptingAmpsAc: 100000 },
    verdict: 'not-known',
    line: ['fuseVoltsDc', 'not-known'],
    source: vocabulary,
  },
];
