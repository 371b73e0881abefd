/** A made-up case for the try-it page, in the plain vocabulary. */
export const sampleCase = {
  practice: 'NFPA70',
  family: 'contactor',
  supply: { systemVolts: 480, phases: 3, hertz: 60, currentKind: 'ac', grounding: 'solidly-grounded-wye', prospectiveFaultAmps: 9800, controlVolts: 120, controlKind: 'ac', controlHertz: 60 },
  load: { kind: 'motor-3ph', plateVolts: '230/460', horsepower: 20, fullLoadAmps: 25, codeLetter: 'F', auxNormallyOpenNeeded: 1 },
  duty: { startsPerHour: 4 },
  removed: { spec: { standard: 'NEMA ICS 2', nemaSize: '1', poles: 3, coilVolts: 120, coilKind: 'ac', coilHertz: [60], auxNormallyOpen: 1, shortCircuitRatingAmps: 65000 } },
  candidates: [
    { id: 'size 2', spec: { standard: 'NEMA ICS 2', nemaSize: '2', poles: 3, coilVolts: 120, coilKind: 'ac', coilHertz: [60], auxNormallyOpen: 1, shortCircuitRatingAmps: 65000, maxOperationsPerHour: 600 } },
    { id: 'definite purpose 40', spec: { standard: 'UL 60947-4-1 (definite purpose)', poles: 3, ratings: [{ volts: 240, fullLoadAmps: 40, lockedRotorAmps: 240 }, { volts: 480, fullLoadAmps: 40, lockedRotorAmps: 200 }], coilVolts: 24, coilKind: 'ac', coilHertz: [50, 60], auxNormallyOpen: 'none', shortCircuitRatingAmps: 5000, maxOperationsPerHour: null } },
  ],
};
