/**
 * Draws made-up plates of its own, from a fixed seed: other words, other layouts and other figures than any set the reader was
 * looked at with. They show whether the reading holds beyond one set of pictures. Nothing on them is a real product.
 */
import type { Browser } from '@playwright/test';
import { seeded } from '../../data/demo/random';
import type { TruthPlate } from './truth';

type Random = { next: () => number; int: (low: number, high: number) => number; pick: <T>(list: readonly T[]) => T };
const randomOf = (seed: number): Random => {
  const next = seeded(seed);
  return { next, int: (low, high) => low + Math.floor(next() * (high - low + 1)), pick: (list) => list[Math.floor(next() * list.length)]! };
};

type Item = { text: string; size?: number; bold?: boolean };
type Row = (Item | string)[];
type Drawn = { kind: string; rows: Row[]; table?: string[][]; fields: Record<string, unknown> };

const makers = ['ORRISDALE WORKS', 'Tamsel Drives', 'HUNDERTON', 'Wickmere', 'BELLFOLD ELECTRIC', 'Carnwick', 'PENNOVER', 'Strathlow'];
const big = (text: string): Item => ({ text, size: 30, bold: true });
const bold = (text: string): Item => ({ text, bold: true });
const fixed = (n: number) => String(Number(n.toPrecision(3)));

const kinds: ((r: Random) => Drawn)[] = [
  (r) => {
    const [hp, amps] = r.pick([
      [5, 13.2],
      [10, 25],
      [15, 36.4],
      [25, 61],
      [40, 95.4],
    ] as const);
    const [rpm, code, sf, frame] = [
      r.pick([1745, 1760, 1770, 3520]),
      r.pick(['F', 'G', 'J', 'K']),
      r.pick([1.0, 1.15, 1.25]),
      r.pick(['184T', '215T', '256T', '284T']),
    ];
    return {
      kind: 'motor3phNema',
      rows: [
        [big(r.pick(makers))],
        ['THREE PHASE INDUCTION MOTOR'],
        [`HP ${hp}`, `RPM ${rpm}`, `FRAME ${frame}`],
        ['VOLTS 230/460', `AMPS ${amps}/${fixed(amps / 2)}`],
        ['HZ 60', 'PH 3', `CODE ${code}`, 'DESIGN B'],
        [`S.F. ${sf.toFixed(2)}`, 'INS CL F', 'AMB 40°C', 'DUTY CONT'],
      ],
      fields: {
        powerHp: hp,
        rpm,
        frame,
        voltsList: [230, 460],
        fullLoadAmpsList: [amps, Number(fixed(amps / 2))],
        hertz: 60,
        phases: 3,
        codeLetter: code,
        design: 'B',
        serviceFactor: sf,
        insulationClass: 'F',
        ambientC: 40,
        duty: 'CONT',
      },
    };
  },
  (r) => {
    const [kw, amps, pf, rpm] = r.pick([
      [2.2, 4.8, 0.8, 1430],
      [5.5, 11.2, 0.83, 1455],
      [7.5, 14.9, 0.84, 1460],
      [11, 21.5, 0.85, 1465],
    ] as const);
    const ratio = r.pick([6.2, 6.9, 7.4]);
    return {
      kind: 'motor3phIec',
      rows: [
        [big(r.pick(makers)), 'IEC 60034-1'],
        [bold(`${kw} kW`), bold('400 V Y'), bold(`${amps} A`)],
        ['50 Hz', `${rpm} min-1`, `cos φ ${pf}`],
        [r.pick(['IE2', 'IE3']), 'IP55', `IA/IN ${ratio}`],
        ['Ins. Cl. F', 'S1', 'Amb. 40 °C'],
      ],
      fields: {
        powerKw: kw,
        voltsList: [400],
        fullLoadAmpsList: [amps],
        hertz: 50,
        rpm,
        powerFactor: pf,
        ipRating: 'IP55',
        startingCurrentRatio: ratio,
        insulationClass: 'F',
        duty: 'S1',
        ambientC: 40,
        standard: 'IEC 60034-1',
      },
    };
  },
  (r) => {
    const [fla, base] = r.pick([
      [25, 150],
      [30, 180],
      [50, 300],
      [60, 360],
    ] as const);
    const res = fla + 10;
    const lra = [base, Math.round(base * 0.83), Math.round(base * 0.66)];
    const coil = r.pick([24, 120, 208]);
    return {
      kind: 'contactorDefinitePurpose',
      rows: [[big(r.pick(makers)), `${3} POLE`], ['DEFINITE PURPOSE CONTACTOR'], [bold(`COIL ${coil} V AC 60 Hz`), 'TORQUE 35 in-lb']],
      table: [['VAC', 'FLA', 'LRA', 'RES. AMPS'], ...[240, 480, 600].map((v, i) => [v, fla, lra[i]!, res].map(String))],
      fields: {
        poles: 3,
        ratings: [240, 480, 600].map((voltsAc, i) => ({ voltsAc, fullLoadAmps: fla, lockedRotorAmps: lra[i], resistiveAmps: res })),
        coilVoltsList: [coil],
        coilCurrentType: 'AC',
        coilHertzList: [60],
        torqueInLb: 35,
      },
    };
  },
  (r) => {
    const [curve, amps, kilo] = [r.pick(['B', 'C', 'D']), r.pick([6, 10, 13, 16, 25, 32, 40]), r.pick([6000, 10000])];
    return {
      kind: 'mcb',
      rows: [
        ['1'],
        [bold(r.pick(makers))],
        [{ text: `${curve}${amps}`, size: 44, bold: true }],
        ['230/400V~'],
        [bold(String(kilo)), bold('3')],
        ['IEC 60898-1'],
        ['2'],
      ],
      fields: {
        curve,
        ratedAmps: amps,
        voltsList: [230, 400],
        currentType: 'AC',
        breakingCapacityA: kilo,
        energyLimitingClass: 3,
        standard: 'IEC 60898-1',
      },
    };
  },
  (r) => {
    const [amps, ma] = [r.pick([25, 40, 63]), r.pick([30, 100, 300])];
    return {
      kind: 'rccb',
      rows: [
        ['1', '3', '5', 'N'],
        [bold(r.pick(makers))],
        [bold(`In ${amps} A`), bold(`IΔn ${ma / 1000} A`)],
        ['230/400 V~', '50 Hz', 'TYPE A'],
        ['TEST MONTHLY'],
        ['IEC/EN 61008-1', '-25 °C'],
        ['2', '4', '6', 'N'],
      ],
      fields: {
        ratedAmps: amps,
        residualMilliamps: ma,
        residualType: 'A',
        voltsList: [230, 400],
        hertz: 50,
        standard: 'IEC/EN 61008-1',
        minTempC: -25,
      },
    };
  },
  (r) => {
    const [cls, amps] = [r.pick(['J', 'RK1', 'RK5', 'CC', 'T']), r.pick([15, 20, 30, 60])];
    return {
      kind: 'fuse',
      rows: [
        [bold(r.pick(makers)), `CLASS ${cls}`],
        [big(`${amps} AMP`), '600 VAC', '300 VDC'],
        ['TIME DELAY', 'CURRENT LIMITING'],
        ['I.R. 200 kA AC', '20 kA DC'],
      ],
      fields: {
        fuseClass: cls,
        ratedAmps: amps,
        voltsAc: 600,
        voltsDc: 300,
        timeDelay: true,
        currentLimiting: true,
        interruptingKaAc: 200,
        interruptingKaDc: 20,
      },
    };
  },
  (r) => {
    const [uf, fan, volts] = [r.pick([25, 30, 35, 45, 55]), r.pick([3, 5, 7.5]), r.pick([[440], [440, 370]])];
    return {
      kind: 'runCapacitor',
      rows: [
        [bold(r.pick(makers))],
        ['MOTOR RUN CAPACITOR'],
        [big(`${uf} + ${fan} µF`), '± 6 %'],
        [`${volts.join('/')} VAC`, '50/60 Hz'],
        ['-40°C +70°C'],
        ['C HERM FAN'],
        ['PROTECTED 10,000 AFC'],
      ],
      fields: {
        microfaradsList: [uf, fan],
        tolerancePlusPct: 6,
        voltsAcList: volts,
        hertzList: [50, 60],
        minTempC: -40,
        maxTempC: 70,
        faultCurrentA: 10000,
      },
    };
  },
  (r) => {
    const [volts, ohms] = r.pick([
      [12, 160],
      [24, 650],
      [48, 2600],
    ] as const);
    return {
      kind: 'relayPlugIn',
      rows: [
        [bold(r.pick(makers)), 'RELAY'],
        [bold('DPDT'), '8 PINS'],
        [big(`COIL ${volts} VDC`), `${ohms} Ω`],
        ['CONTACTS', '10 A 250 VAC', '10 A 30 VDC'],
        ['WITH LED'],
      ],
      fields: {
        coilVolts: volts,
        coilCurrentType: 'DC',
        coilOhms: ohms,
        contactForm: 'DPDT',
        poles: 2,
        contactRatings: [
          { amps: 10, volts: 250, currentType: 'AC' },
          { amps: 10, volts: 30, currentType: 'DC' },
        ],
        pins: 8,
        ledIndicator: true,
      },
    };
  },
  (r) => {
    const [rla, lra, fan] = r.pick([
      [12.8, 64, 0.8],
      [15.4, 84, 1.2],
      [21.2, 118, 1.5],
    ] as const);
    const mca = Number((rla * 1.25 + fan).toFixed(1));
    return {
      kind: 'hermeticUnit',
      rows: [
        [big(r.pick(makers)), 'CONDENSING UNIT'],
        ['VOLTS 208/230', 'PH 1', 'HZ 60'],
        [`COMPRESSOR RLA ${rla}`, `LRA ${lra}`],
        [`FAN FLA ${fan}`],
        [`MIN. CIRCUIT AMPACITY ${mca} A`, 'MAX. FUSE 40 A'],
        ['VOLTAGE RANGE 197 - 253 V'],
      ],
      fields: {
        voltsList: [208, 230],
        phases: 1,
        hertz: 60,
        compressorRla: rla,
        compressorLra: lra,
        fanFla: fan,
        minimumCircuitAmps: mca,
        maximumFuseAmps: 40,
        voltageRangeList: [197, 253],
      },
    };
  },
  (r) => {
    const [amps, kilo] = [r.pick([15, 20, 30, 50]), r.pick([10, 14, 22])];
    return {
      kind: 'breakerUl',
      rows: [
        [bold(r.pick(makers)), 'CIRCUIT BREAKER'],
        [big(`${amps} AMP`), '2 POLE'],
        ['120/240 V~ 60 Hz'],
        [`${kilo} kA INTERRUPTING RATING`],
        ['HACR TYPE', 'SWD', '40°C'],
        ['TORQUE 36 LB-IN', 'USE 60/75°C WIRE'],
      ],
      fields: {
        ratedAmps: amps,
        poles: 2,
        voltsList: [120, 240],
        currentType: 'AC',
        hertz: 60,
        interruptingKa: kilo,
        hacr: true,
        switchingDuty: true,
        ambientC: 40,
        torqueInLb: 36,
        wireTempCList: [60, 75],
      },
    };
  },
];

const grades = ['clean', 'moderate', 'hard'] as const;
const looks = {
  clean: { tilt: 1.2, blur: 0.4, noise: 8, quality: 92, contrast: 1 },
  moderate: { tilt: 6, blur: 0.9, noise: 20, quality: 70, contrast: 0.75 },
  hard: { tilt: 6, blur: 1.3, noise: 38, quality: 55, contrast: 0.4 },
};

function page(drawn: Drawn, grade: (typeof grades)[number], r: Random): string {
  const look = looks[grade];
  const dark = r.next() < 0.25;
  const [paper, ink] = dark ? [45, 225] : [r.int(175, 225), 25];
  const faded = Math.round(paper + (ink - paper) * look.contrast);
  const rgb = (n: number) => `rgb(${n},${n},${Math.max(0, n - 4)})`;
  const item = (one: Item | string) => {
    const { text, size = 22, bold: heavy = false } = typeof one === 'string' ? { text: one } : one;
    return `<span style="font-size:${size}px;font-weight:${heavy ? 700 : 400}">${text}</span>`;
  };
  const turn = (r.next() * 2 - 1) * look.tilt;
  const table = drawn.table
    ? `<table>${drawn.table.map((row) => `<tr>${row.map((cell) => `<td>${cell}</td>`).join('')}</tr>`).join('')}</table>`
    : '';
  const font = r.pick(['Liberation Sans', 'DejaVu Sans', 'Liberation Mono']);
  return `<!doctype html><meta charset="utf-8"><style>
    body{margin:0;width:1200px;height:900px;display:grid;place-items:center;background:repeating-linear-gradient(${r.int(0, 90)}deg,rgb(96,92,84) 0 14px,rgb(78,76,70) 14px 30px)}
    .plate{width:900px;padding:34px 44px;border-radius:14px;color:${rgb(faded)};font-family:'${font}',sans-serif;display:grid;gap:18px;
      background:linear-gradient(${r.int(0, 180)}deg,${rgb(paper)},${rgb(Math.round(paper * 0.86))});transform:perspective(2600px) rotate(${turn}deg) rotateY(${(r.next() * 2 - 1) * look.tilt * 1.5}deg);filter:blur(${look.blur}px)}
    .row{display:flex;justify-content:space-between;gap:48px;align-items:baseline} .row:has(> :only-child){justify-content:${r.pick(['flex-start', 'center'])}}
    table{border-collapse:collapse;width:100%} td{border:2px solid currentColor;padding:6px 14px;text-align:center;font-size:22px}
    canvas{position:fixed;inset:0;mix-blend-mode:overlay}
  </style><div class="plate">${drawn.rows.map((row) => `<div class="row">${row.map(item).join('')}</div>`).join('')}${table}</div><canvas width="1200" height="900"></canvas><script>
    const c=document.querySelector('canvas').getContext('2d'),d=c.createImageData(1200,900);let s=${r.int(1, 1e6)};
    for(let i=0;i<d.data.length;i+=4){s=(s*1664525+1013904223)>>>0;const v=128+((s>>>16)%256-128)*${look.noise}/128;d.data[i]=d.data[i+1]=d.data[i+2]=v;d.data[i+3]=170}c.putImageData(d,0,0);
  </script>`;
}

/** Draws `each` plates of every kind and grade. Returns the pictures with their truth. */
export async function drawPlates(browser: Browser, each: number, seed = 20261123): Promise<{ plate: TruthPlate; picture: Buffer }[]> {
  const r = randomOf(seed);
  const sheet = await browser.newPage({ viewport: { width: 1200, height: 900 } });
  const drawn: { plate: TruthPlate; picture: Buffer }[] = [];
  for (const [k, make] of kinds.entries())
    for (const grade of grades)
      for (let i = 0; i < each; i += 1) {
        const one = make(r);
        await sheet.setContent(page(one, grade, r));
        const picture = await sheet.screenshot({ type: 'jpeg', quality: looks[grade].quality });
        drawn.push({
          plate: { file: `drawn-${k}-${grade}-${i}.jpg`, kind: one.kind, grade, text: [], fields: one.fields, unreadable: [] },
          picture,
        });
      }
  await sheet.close();
  return drawn;
}
