/**
 * Every grammar against worked plates of our own: made-up makers and figures, forms as they are printed (common practice).
 * Each gives exactly these readings: nothing more, nothing invented. `maker`, `type` and `serial` are left out where they are
 * not the point.
 */
import { describe, expect, it } from 'vitest';
import { parsePlate } from '../plates/parse-plate';
import { guessPlate, plateOf, plates } from './plates';

const names = new Set(['maker', 'type', 'serial']);
const reads = (kind: string, text: string) =>
  Object.fromEntries(
    Object.entries(parsePlate(text, plateOf(kind)!).readings)
      .filter(([id]) => !names.has(id))
      .map(([id, { value }]) => [id, value]),
  );

type Worked = [text: string, expected: Record<string, unknown>];
const worked: Record<string, Worked[]> = {
  'motor-3ph': [
    [
      'HP 15 RPM 1770 V 208-230/460 A 40-37/18.5 PH 3 HZ 60 CODE G DES B S.F. 1.15 FR 254T AMB 40°C INS CL F',
      {
        horsepower: 15,
        rpm: 1770,
        plateVolts: '208-230/460',
        fullLoadAmps: [40, 37, 18.5],
        phases: 3,
        hertz: 60,
        codeLetter: 'G',
        design: 'B',
        serviceFactor: 1.15,
        frame: '254T',
        ambientC: 40,
        insulationClass: 'F',
      },
    ],
    [
      'HP  VOLTS  AMPS  RPM  HZ  PH\n3  230/460  8.4/4.2  1740  60  3',
      { horsepower: 3, plateVolts: '230/460', fullLoadAmps: [8.4, 4.2], rpm: 1740, hertz: 60, phases: 3 },
    ],
    [
      'HP VOLTS AMPS RPM HZ PH\n7 1/2 460 10.2 1755 60 3',
      { horsepower: 7.5, plateVolts: 460, fullLoadAmps: 10.2, rpm: 1755, hertz: 60, phases: 3 },
    ],
    [
      '3~ Mot. 5,5 kW 400 V 11,1 A 50 Hz 1455 min-1 cos φ 0,83 IE3 89,6 % IP55',
      {
        phases: 3,
        kilowatts: 5.5,
        plateVolts: 400,
        fullLoadAmps: 11.1,
        hertz: 50,
        rpm: 1455,
        powerFactor: 0.83,
        efficiencyClass: 'IE3',
        efficiency: 0.896,
        ipRating: 'IP55',
      },
    ],
    [
      'V Hz kW A cos φ min-1\n230/400 50 2,2 8,3/4,8 0,80 1430\nTh. Cl. F  IA/IN 6,1  S1',
      {
        plateVolts: '230/400',
        hertz: 50,
        kilowatts: 2.2,
        fullLoadAmps: [8.3, 4.8],
        powerFactor: 0.8,
        rpm: 1430,
        insulationClass: 'F',
        lockedRotorRatio: 6.1,
        dutyMark: 'S1',
      },
    ],
    [
      '400 kW 690V 415A 1488 r/min IP 55 S.F. 1.0',
      { kilowatts: 400, plateVolts: 690, fullLoadAmps: 415, rpm: 1488, ipRating: 'IP55', serviceFactor: 1 },
    ],
    [
      '1/2 HP 208-230/460 VOLTS 2.2-2/1 AMPS 3 PH 60 HZ NEMA NOM EFF 82.5 P.F. 71',
      { horsepower: 0.5, plateVolts: '208-230/460', fullLoadAmps: [2.2, 2, 1], phases: 3, hertz: 60, efficiency: 0.825, powerFactor: 0.71 },
    ],
    [
      'THREE PHASE INDUCTION MOTOR LRA 116 FLA 22 KVA CODE H ENCL TEFC DUTY CONT',
      { phases: 3, lockedRotorAmps: 116, fullLoadAmps: 22, codeLetter: 'H', enclosure: 'TEFC', dutyMark: 'CONT' },
    ],
  ],
  'motor-1ph': [
    [
      'HP 1/3 RPM 1075 VOLTS 208-230 PH 1 HZ 60 FLA 2.2 CAP 5 MFD 370 VAC THERMALLY PROTECTED',
      {
        horsepower: 0.333333333333,
        rpm: 1075,
        plateVolts: '208-230',
        phases: 1,
        hertz: 60,
        fullLoadAmps: 2.2,
        runCapacitorMicrofarads: 5,
        runCapacitorVolts: 370,
        thermallyProtected: true,
      },
    ],
    [
      '1~ 0,37 kW 230 V 2,8 A 50 Hz 1390 min-1 Run cap. 12 µF 450 V',
      {
        phases: 1,
        kilowatts: 0.37,
        plateVolts: 230,
        fullLoadAmps: 2.8,
        hertz: 50,
        rpm: 1390,
        runCapacitorMicrofarads: 12,
        runCapacitorVolts: 450,
      },
    ],
    [
      'SINGLE PHASE HP 1 1/2 115/230 V 15.2/7.6 A SF 1.25 CODE L FRAME 56C',
      { phases: 1, horsepower: 1.5, plateVolts: '115/230', fullLoadAmps: [15.2, 7.6], serviceFactor: 1.25, codeLetter: 'L', frame: '56C' },
    ],
  ],
  'hermetic-compressor': [
    [
      'COMP RLA 12.8 LRA 64 FAN FLA 0.8 V 208/230 PH 1 HZ 60 MIN CIRCUIT AMPACITY 16.8 MAX FUSE 25',
      {
        ratedLoadAmps: 12.8,
        lockedRotorAmps: 64,
        fanFullLoadAmps: 0.8,
        plateVolts: '208/230',
        phases: 1,
        hertz: 60,
        minimumCircuitAmps: 16.8,
        maximumFuseAmps: 25,
      },
    ],
    [
      '            VOLTS   PH  HZ  RLA   LRA  FLA\nCOMPRESSOR  208/230  3  60  21.2  150  -\nFAN         208/230  1  60  -     -    1.5',
      { plateVolts: '208/230', phases: 3, hertz: 60, ratedLoadAmps: 21.2, lockedRotorAmps: 150, fanFullLoadAmps: 1.5 },
    ],
    [
      'MAX. CKT. BKR. (HACR TYPE) 45 A VOLTAGE RANGE 197-253 V DESIGN PRESS. HIGH 446 PSIG LOW 236 PSIG',
      { maximumBreakerAmps: 45, voltageRange: [197, 253], designPressureHighPsig: 446, designPressureLowPsig: 236 },
    ],
    ['MAX FUSE OR HACR BREAKER 60A SCCR 5 KA', { maximumOvercurrentAmps: 60, shortCircuitRatingAmps: 5000 }],
  ],
  'resistive-heater': [
    ['IMMERSION HEATER 6 kW 3~ 400 V 8.7 A', { kilowatts: 6, phases: 3, plateVolts: 400, resistiveAmps: 8.7 }],
    ['1500 W 120 V 60 HZ', { watts: 1500, plateVolts: 120, hertz: 60 }],
  ],
  transformer: [
    [
      'TRANSFORMER 75 kVA PRI 480 V SEC 208Y/120 V 3 PH 60 HZ %Z 4.2',
      { ratedKva: 75000, primaryVolts: 480, secondaryVolts: '208/120', phases: 3, hertz: 60, impedancePercent: 4.2 },
    ],
    [
      '400 kVA PRIMARY 11000 V SECONDARY 400 V Dyn11 IMPEDANCE 4.75 % IEC 60076-1 50 Hz',
      {
        ratedKva: 400000,
        primaryVolts: 11000,
        secondaryVolts: 400,
        vectorGroup: 'Dyn11',
        impedancePercent: 4.75,
        standard: 'IEC 60076-1',
        hertz: 50,
      },
    ],
  ],
  'lamp-bank': [
    [
      'LED DRIVER 150 W 230 V 0.7 A INRUSH 60 A',
      { lampKind: 'LED with driver', watts: 150, plateVolts: 230, runningAmps: 0.7, inrushPeakAmps: 60 },
    ],
    ['HALOGEN 500 WATTS 120 VOLTS', { lampKind: 'tungsten-halogen', watts: 500, plateVolts: 120 }],
  ],
  battery: [['12 V 100 AH AGM RI 4.5 MΩ', { plateVolts: 12, ampHours: 100, chemistry: 'VRLA', internalOhms: 0.0045 }]],
  contactor: [
    [
      'NEMA SIZE 2 CONT AMPS 45 POLES 3 COIL 120V 60HZ',
      { nemaSize: '2', continuousAmps: 45, poles: 3, coilVolts: 120, coilKind: 'ac', coilHertz: [60] },
    ],
    [
      'VAC  FLA  LRA  RES. AMPS\n240  30  180  40\n480  30  150  40\n600  30  120  40\n3 POLE COIL 24 VAC 50/60 HZ',
      {
        ratings: [240, 480, 600].map((volts, i) => ({ volts, fullLoadAmps: 30, lockedRotorAmps: [180, 150, 120][i], resistiveAmps: 40 })),
        poles: 3,
        coilVolts: 24,
        coilKind: 'ac',
        coilHertz: [50, 60],
      },
    ],
    [
      'AC-3 Ue 230 V 400 V 690 V\nIe 25 A 25 A 17 A\nkW 5.5 11 15\nAC-1 45 A Ui 690 V Uimp 8 kV Ith 45 A\nUc 110 V DC',
      {
        ratings: [
          { volts: 230, ac3Amps: 25, ac3Kilowatts: 5.5 },
          { volts: 400, ac3Amps: 25, ac3Kilowatts: 11 },
          { volts: 690, ac3Amps: 17, ac3Kilowatts: 15 },
        ],
        ac1Amps: 45,
        insulationVolts: 690,
        impulseVolts: 8000,
        thermalAmps: 45,
        coilVolts: 110,
        coilKind: 'dc',
      },
    ],
    [
      '1/L1 3/L2 5/L3 AUX 13-14 NO 21-22 NC 2/T1 4/T2 6/T3',
      { auxContacts: '13-14 NO 21-22 NC', poles: 3, auxNormallyOpen: 1, auxNormallyClosed: 1 },
    ],
    [
      'VOLTS 60 HZ 200 230 460 575\nMAX HP 3 PH 10 15 25 25',
      {
        ratings: [
          { volts: 200, normalHp: 10 },
          { volts: 230, normalHp: 15 },
          { volts: 460, normalHp: 25 },
          { volts: 575, normalHp: 25 },
        ],
      },
    ],
    [
      '1 PH HP: 2 @ 120 V 5 @ 240 V 600 VAC MAX TORQUE 35 IN-LB',
      {
        horsepowerAt: [
          { volts: 120, phases: 1, hp: 2 },
          { volts: 240, phases: 1, hp: 5 },
        ],
        maxVolts: 600,
        torqueInLb: 35,
      },
    ],
  ],
  'overload-relay': [
    [
      'SETTING 9 - 14 A CLASS 10 RESET MAN/AUTO IEC 60947-4-1',
      { settingRangeAmps: [9, 14], tripClass: '10', reset: 'manual or automatic', standard: 'IEC 60947-4-1' },
    ],
    [
      'OVERLOAD RELAY 0.63-1 A TRIP CLASS 20 PHASE LOSS SENSITIVE 690 V',
      { settingRangeAmps: [0.63, 1], tripClass: '20', phaseLossSensitive: true, ratedVolts: 690 },
    ],
    ['RANGE 17...25 A CLASS 10A', { settingRangeAmps: [17, 25], tripClass: '10A' }],
  ],
  breaker: [
    [
      '1 3\nB16\n400V~\n10000 3\nIEC 60898-1\n2 4',
      {
        curve: 'B',
        ratedAmps: 16,
        ratedVolts: 400,
        currentKind: 'ac',
        icnAmps: 10000,
        energyLimitingClass: 3,
        standard: 'IEC 60898-1',
        poles: 2,
      },
    ],
    [
      '20 AMP 2 POLE 120/240 V~ 60 HZ 14 KA INTERRUPTING RATING HACR TYPE SWD 40°C',
      {
        ratedAmps: 20,
        poles: 2,
        ratedVolts: [120, 240],
        currentKind: 'ac',
        hertz: 60,
        interruptingAmps: 14000,
        hacr: true,
        switchingDuty: true,
        maxAmbientC: 40,
      },
    ],
    [
      'In = 160 A 3P Ui 800 V Uimp 8 kV Frame 250\nUe (V) 240 415 690\nIcu (kA) 85 50 10\nIcs (kA) 85 50 5\nIEC 60947-2 Cat. A',
      {
        ratedAmps: 160,
        poles: 3,
        insulationVolts: 800,
        impulseVolts: 8000,
        frameAmps: 250,
        breaking: [
          { voltsList: [240], icuAmps: 85000, icsAmps: 85000 },
          { voltsList: [415], icuAmps: 50000, icsAmps: 50000 },
          { voltsList: [690], icuAmps: 10000, icsAmps: 5000 },
        ],
        standard: 'IEC 60947-2',
        utilisationCategory: 'A',
      },
    ],
    [
      'C6 2P 250 V DC 6000 IEC 60898-2',
      { curve: 'C', ratedAmps: 6, poles: 2, ratedVolts: 250, currentKind: 'dc', icnAmps: 6000, standard: 'IEC 60898-2' },
    ],
    ['TRIP UNIT TM-D Ir 63 - 80 A Ii 800 A', { tripUnit: 'TM-D', tripRangeAmps: [63, 80], instantaneousAmps: 800 }],
  ],
  fuse: [
    [
      'CLASS RK5 30 A 250 V AC I.R. 200 kA AC DUAL-ELEMENT TIME-DELAY',
      { fuseClass: 'RK5', ratedAmps: 30, voltsAc: 250, interruptingAmpsAc: 200000, dualElement: true, timeDelay: true },
    ],
    [
      'NH 1 100 A gG 500 V~ 120 kA IEC 60269-2 Pv 8 W',
      {
        bodySize: 'NH1',
        ratedAmps: 100,
        utilisation: 'gG',
        voltsAc: 500,
        interruptingAmpsAc: 120000,
        standard: 'IEC 60269-2',
        powerLossWatts: 8,
      },
    ],
    ['10x38 aM 16 A 500 V AC', { bodySize: '10x38', utilisation: 'aM', ratedAmps: 16, voltsAc: 500 }],
    ['5x20 T 1.6 A 250 V~ IEC 60127', { bodySize: '5x20', speed: 'T', ratedAmps: 1.6, voltsAc: 250, standard: 'IEC 60127' }],
    [
      'CLASS CC 15 AMP 600 VAC 300 VDC INT. RATING 200,000 A AC 20 kA DC REJECTION TYPE',
      {
        fuseClass: 'CC',
        ratedAmps: 15,
        voltsAc: 600,
        voltsDc: 300,
        interruptingAmpsAc: 200000,
        interruptingAmpsDc: 20000,
        rejectionType: true,
      },
    ],
  ],
  'control-relay': [
    [
      'COIL 24 VDC 650 Ω DPDT 8 PINS CONTACTS 10 A 250 VAC 10 A 30 VDC WITH LED',
      {
        coilVolts: 24,
        coilKind: 'dc',
        coilOhms: 650,
        contactForm: 'DPDT',
        poles: 2,
        pins: 8,
        contactRatings: [
          { amps: 10, volts: 250, kind: 'ac', loadType: 'resistive' },
          { amps: 10, volts: 30, kind: 'dc', loadType: 'resistive' },
        ],
        ledIndicator: true,
      },
    ],
    [
      '4 C/O COIL 120V 60HZ 14-PIN TEST BUTTON B300',
      { contactForm: '4PDT', poles: 4, coilVolts: 120, coilKind: 'ac', coilHertz: [60], pins: 14, testButton: true, pilotDuty: 'B300' },
    ],
  ],
  'timing-relay': [
    [
      'SUPPLY 24-240 V AC/DC TIME 0.1 s - 10 h OUTPUT 1 C/O 8 A 250 V AC-1 IP20',
      {
        supplyVoltsRange: [24, 240],
        supplyKind: 'ac/dc',
        timeRangeSeconds: [0.1, 36000],
        contactForm: 'SPDT',
        contactRatings: [{ amps: 8, volts: 250, kind: 'ac', loadType: 'AC-1' }],
        ipRating: 'IP20',
      },
    ],
    [
      'A ON-DELAY   B OFF-DELAY\nC INTERVAL\n11-PIN SUPPLY 120 V AC',
      {
        functions: [
          { letter: 'A', word: 'ON-DELAY' },
          { letter: 'C', word: 'INTERVAL' },
          { letter: 'B', word: 'OFF-DELAY' },
        ],
        pins: 11,
        supplyVolts: 120,
        supplyKind: 'ac',
      },
    ],
    ['0.5-10 MIN A1: 2 A2: 7', { timeRangeSeconds: [30, 600], supplyPins: '2 7' }],
  ],
  'monitoring-relay': [
    [
      '3-PHASE 4-WIRE UN 380-415 V 50/60 Hz PHASE FAILURE PHASE SEQUENCE 2 C/O',
      {
        phases: 3,
        wires: 4,
        nominalVoltsRange: [380, 415],
        nominalHertz: [50, 60],
        phaseFailure: true,
        phaseSequence: true,
        contactForm: 'DPDT',
      },
    ],
    [
      'U <  U >>  ASYM.  DELAY T\n75-95 %  105-125 %  5-15 %  0.2-10 s',
      { undervoltagePercent: [75, 95], overvoltagePercent: [105, 125], asymmetryPercent: [5, 15], delaySeconds: [0.2, 10] },
    ],
  ],
  'residual-current': [
    [
      'In 40 A IΔn 0.03 A TYPE A 230/400 V~ 50 Hz IEC 61008-1 10000 gG 63 A',
      {
        ratedAmps: 40,
        sensitivityMilliamps: 30,
        residualType: 'A',
        ratedVolts: [230, 400],
        currentKind: 'ac',
        hertz: 50,
        standard: 'IEC/EN 61008-1',
        conditionalShortCircuitAmps: 10000,
        backupFuseAmps: 63,
      },
    ],
    [
      '1 N\nC20 30 mA 1P+N 230V~ 6000 3 IEC 61009-1\n2 N',
      {
        curve: 'C',
        ratedAmps: 20,
        sensitivityMilliamps: 30,
        poleForm: '1P+N',
        ratedVolts: 230,
        currentKind: 'ac',
        icnAmps: 6000,
        energyLimitingClass: 3,
        standard: 'IEC/EN 61009-1',
      },
    ],
    ['40 A type B 30 mA EN 61008-1', { ratedAmps: 40, residualType: 'B', sensitivityMilliamps: 30, standard: 'IEC/EN 61008-1' }],
  ],
  'air-breaker': [
    [
      'ACB In 1600 A Icu 65 kA Ics 65 kA Icw 50 kA LSIG DRAW-OUT Ue 690 V~ IEC 60947-2',
      {
        ratedAmps: 1600,
        icuAmps: 65000,
        icsAmps: 65000,
        icwAmps: 50000,
        tripUnit: 'LSIG',
        mounting: 'draw-out',
        ratedVolts: 690,
        currentKind: 'ac',
        standard: 'IEC 60947-2',
      },
    ],
  ],
  'breaker-coil': [
    [
      'UNDERVOLTAGE RELEASE Un 220-240 V 50/60 Hz DROP-OUT 35-70 % Un PICK-UP 85-110 % Un POWER 5 VA TERMINALS D1 - D2',
      {
        function: 'undervoltage-release',
        coilVoltsRange: [220, 240],
        currentKind: 'ac',
        coilHertz: [50, 60],
        releasePercent: [35, 70],
        pickUpPercent: [85, 110],
        powerVA: 5,
        terminals: 'D1 D2',
      },
    ],
    [
      'SHUNT TRIP Un 110 V DC OPERATING RANGE 70-110 % INRUSH 250 W C1-C2',
      { function: 'shunt-trip', coilVolts: 110, currentKind: 'dc', operatePercent: [70, 110], inrushVA: 250, terminals: 'C1 C2' },
    ],
  ],
  'run-capacitor': [
    [
      '35 + 5 µF ± 6 % 440/370 VAC 50/60 Hz -40°C +70°C C HERM FAN PROTECTED 10,000 AFC',
      {
        microfarads: [35, 5],
        tolerancePercent: 6,
        ratedVolts: [440, 370],
        hertz: [50, 60],
        minCaseC: -40,
        maxCaseC: 70,
        terminals: 'C HERM FAN',
        faultCurrentAmps: 10000,
      },
    ],
    ['MOTOR RUN 25 MFD ±5% 450 VAC MAX 85°C', { kind: 'run', microfarads: 25, tolerancePercent: 5, ratedVolts: 450, maxCaseC: 85 }],
  ],
};

describe.each(Object.entries(worked))('%s', (kind, cases) => {
  it.each(cases)('%j', (text, expected) => expect(reads(kind, text)).toEqual(expected));
});

describe('every plate', () => {
  it('has worked plates here', () => expect(Object.keys(worked).sort()).toEqual(plates.map(({ id }) => id).sort()));
  it.each(
    Object.entries(worked).flatMap(([kind, cases]) =>
      cases.filter(([, expected]) => Object.keys(expected).length >= 7).map(([text]) => [kind, text] as const),
    ),
  )('of kind %s is known by its words: %j', (kind, text) =>
    expect(
      guessPlate(text)
        .slice(0, 2)
        .map(({ id }) => id),
    ).toContain(kind),
  );
  it.each(plates.flatMap((plate) => plate.fields.map((field) => [plate.id, field] as const)))(
    '%s $id has a meaning and a recovery in sentences',
    (_, field) => {
      expect(field.meaning).toMatch(/^[A-Z0-9±%η][^.].{7,}[.]$/);
      expect(field.recovery).toMatch(/^[A-Z0-9±].{3,}[.]$/);
      if (field.words) for (const printed of Object.values(field.printed ?? {})) expect(field.words).toContain(printed);
    },
  );
  it('names no field twice', () => {
    for (const plate of plates) expect(new Set(plate.fields.map(({ id }) => id)).size).toBe(plate.fields.length);
  });
});
