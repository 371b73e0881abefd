/**
 * Demo catalogue of contactors by rule, from a fixed seed. Makers, names and figures are invented.
 * Plausible by construction: locked-rotor amps fall as volts rise, coil VA grows with size, life falls with size.
 */
import { terminalsFor } from './terminals';
import { certain } from '../../core/certain';
import type { PartSpec } from '../../core/case/case';
import { nemaSizes } from '../../core/standards/nema-sizes';
import type { DemoPart } from './part';
import { seeded } from './random';

type Coil = { code: string; spec: PartSpec; kind: 'ac' | 'dc' | 'ac/dc' };
const ac = (code: string, volts: number, hertz = [50, 60]): Coil => ({
  code,
  kind: 'ac',
  spec: { coilVolts: volts, coilKind: 'ac', coilHertz: hertz },
});
const dc = (volts: number): Coil => ({
  code: `${volts}D`,
  kind: 'dc',
  spec: { coilVolts: volts, coilKind: 'dc', coilHertz: [] },
});
const dual = (code: string, at50: number, at60: number): Coil => ({
  code,
  kind: 'ac',
  spec: {
    coilMarks: [
      { volts: at50, kind: 'ac', hertz: [50] },
      { volts: at60, kind: 'ac', hertz: [60] },
    ],
  },
});
const wide: Coil = {
  code: 'U',
  kind: 'ac/dc',
  spec: { coilVoltsMin: 24, coilVoltsMax: 60, coilKind: 'ac/dc', coilHertz: [50, 60] },
};

const iecCoils = [
  ac('24', 24),
  ac('48', 48),
  dual('110', 110, 120),
  ac('230', 230),
  ac('400', 400),
  dc(24),
  dc(48),
  dc(110),
  dc(125),
  wide,
];
const nemaCoils = [
  ac('24', 24, [60]),
  dual('120', 110, 120),
  ac('208', 208, [60]),
  dual('240', 220, 240),
  ac('277', 277, [60]),
  ac('480', 480, [60]),
  dc(125),
];
const dpCoils = [
  ac('24', 24),
  ac('120', 120),
  {
    code: '240',
    kind: 'ac',
    spec: { coilVoltsMin: 208, coilVoltsMax: 240, coilKind: 'ac', coilHertz: [50, 60] },
  } satisfies Coil,
  ac('277', 277),
  ac('480', 480),
];
const lightingCoils = [ac('24', 24), ac('120', 120, [60]), ac('230', 230), ac('277', 277, [60]), dual('240', 220, 240)];

const round = (value: number, step: number) => Math.round(value / step) * step;

/** Coil power by running amps: inrush about 30 VA at 9 A to 1000 VA at 400 A; DC coils by watts. */
function coilPower(amps: number, coil: Coil, spread: number): PartSpec {
  const inrush = round(14 * amps ** 0.72 * spread, 1);
  const watts = Number((1.7 * amps ** 0.5 * spread).toFixed(1));
  if (coil.kind === 'ac') return { coilInrushVA: inrush, coilSealedVA: round(inrush / 8, 0.5) };
  if (coil.kind === 'dc') return { coilWatts: watts, coilOhms: Number(((coil.spec.coilVolts as number) ** 2 / watts).toPrecision(3)) };
  return { coilInrushVA: round(inrush * 0.6, 1), coilSealedVA: round(inrush / 14, 0.5), coilWatts: watts };
}

const auxVariants = [
  { code: '10', no: 1, nc: 0 },
  { code: '11', no: 1, nc: 1 },
  { code: '22', no: 2, nc: 2 },
];

function iecParts(random: () => number): DemoPart[] {
  const amps = [6, 9, 12, 16, 18, 25, 32, 40, 50, 65, 80, 95, 115, 150, 185, 225, 265, 330, 400, 500];
  const makers = [
    { name: 'Wexmoor', series: 'W', spread: 1 },
    { name: 'Ossel', series: 'OS', spread: 0.86 },
    { name: 'Tarnside', series: 'T', spread: 1.15 },
  ];
  return makers.flatMap(({ name, series, spread }) =>
    amps.flatMap((ac3) => {
      const jitter = spread * (0.95 + random() * 0.1);
      const derate = 0.82 + random() * 0.06;
      const ac1 = round(ac3 * (ac3 <= 40 ? 1.5 : 1.3) + 4, 1);
      const ac4 = round(ac3 * (0.42 + random() * 0.1), 0.5);
      const frame = ac3 <= 12 ? 45 : ac3 <= 32 ? 46 : ac3 <= 65 ? 55 : ac3 <= 95 ? 70 : ac3 <= 150 ? 120 : ac3 <= 265 ? 140 : 160;
      const life = round((2.2e6 / ac3 ** 0.25) * (0.9 + random() * 0.2), 1e5);
      return iecCoils.flatMap((coil) =>
        auxVariants.map(({ code, no, nc }): DemoPart => ({
          id: `${name.toLowerCase()}-${series.toLowerCase()}${ac3}-${coil.code.toLowerCase()}-${code}`,
          family: 'contactor',
          maker: name,
          name: `${name} ${series}${ac3} ${code}`,
          footprint: `${name} ${frame} mm`,
          coilExchangeable: ac3 >= 40 && coil.kind !== 'ac/dc',
          raw: {
            standard: 'IEC 60947-4-1',
            poles: 3,
            auxNormallyOpen: no,
            auxNormallyClosed: nc,
            holding: 'electrical',
            ratings: [
              { volts: 240, ac1Amps: ac1, ac3Amps: ac3, ac4Amps: ac4 },
              { volts: 440, ac1Amps: ac1, ac3Amps: ac3, ac4Amps: ac4 },
              {
                volts: 500,
                ac1Amps: ac1,
                ac3Amps: round(ac3 * derate, 0.5),
                ac4Amps: round(ac4 * derate, 0.5),
              },
              { volts: 690, ac1Amps: ac1, ac3Amps: round(ac3 * 0.6, 0.5), ac4Amps: round(ac4 * 0.6, 0.5) },
            ],
            ...coil.spec,
            ...coilPower(ac3, coil, jitter),
            shortCircuitRatingAmps: ac3 <= 95 ? 50000 : 65000,
            maxAmbientC: 60,
            ...terminalsFor(ac3, false),
            maxOperationsPerHour: ac3 <= 95 ? 1200 : 600,
            electricalLifeOperations: life,
          },
        })),
      );
    }),
  );
}

function nemaParts(random: () => number): DemoPart[] {
  const makers = [
    { name: 'Nettlecombe', spread: 1 },
    { name: 'Harrowgate Forge', spread: 1.12 },
  ];
  return makers.flatMap(({ name, spread }) =>
    Object.entries(nemaSizes)
      .filter(([size]) => Number(size) <= 6)
      .flatMap(([size, { continuousAmps }]) => {
        const jitter = spread * (0.95 + random() * 0.1);
        const life = round(2.4e6 / continuousAmps ** 0.2, 1e5);
        return [2, 3]
          .filter((poles) => poles === 3 || continuousAmps <= 90)
          .flatMap((poles) =>
            nemaCoils.flatMap((coil) =>
              auxVariants.map(({ code, no, nc }): DemoPart => ({
                id: `${name.toLowerCase().replace(' ', '-')}-n${size}-${poles}p-${coil.code.toLowerCase()}-${code}`,
                family: 'contactor',
                maker: name,
                name: `${name} N${size}${poles === 2 ? '/2' : ''} ${code}`,
                footprint: `NEMA size ${size}`,
                coilExchangeable: true,
                raw: {
                  standard: 'NEMA ICS 2',
                  nemaSize: size,
                  continuousAmps,
                  poles,
                  auxNormallyOpen: no,
                  auxNormallyClosed: nc,
                  holding: 'electrical',
                  ...coil.spec,
                  ...coilPower(continuousAmps * 1.3, coil, jitter),
                  shortCircuitRatingAmps: continuousAmps <= 45 ? 65000 : 100000,
                  maxAmbientC: 40,
                  ...terminalsFor(continuousAmps, true),
                  maxOperationsPerHour: 600,
                  electricalLifeOperations: life,
                },
              })),
            ),
          );
      }),
  );
}

function definitePurposeParts(random: () => number): DemoPart[] {
  const makers = [
    { name: 'Hartlebeck', series: 'H' },
    { name: 'Pellow & Stane', series: 'PS' },
  ];
  return makers.flatMap(({ name, series }) =>
    [20, 25, 30, 40, 50, 60, 75, 90, 120].flatMap((fullLoad) =>
      [1, 2, 3, 4].flatMap((poles) => {
        const jitter = 0.95 + random() * 0.1;
        const resistive = round(fullLoad * 1.3, 5);
        const rows = [
          [240, 6],
          [480, 5],
          [600, 4],
        ].map(([volts, times]) => ({
          volts,
          fullLoadAmps: fullLoad,
          lockedRotorAmps: fullLoad * certain(times),
          resistiveAmps: resistive,
        }));
        return dpCoils.flatMap((coil) =>
          [0, 1].map((no): DemoPart => ({
            id: `${name.toLowerCase().replace(/[^a-z]+/g, '-')}-${series.toLowerCase()}${fullLoad}-${poles}p-${coil.code.toLowerCase()}-${no}`,
            family: 'contactor',
            maker: name,
            name: `${name} ${series}${fullLoad}${poles === 3 ? '' : `/${poles}`}${no ? ' aux' : ''}`,
            footprint: `definite purpose ${fullLoad <= 40 ? 'small' : fullLoad <= 75 ? 'medium' : 'large'} ${poles}p`,
            coilExchangeable: fullLoad >= 50,
            raw: {
              standard: 'UL 60947-4-1 (definite purpose)',
              poles,
              auxNormallyOpen: no,
              auxNormallyClosed: false,
              holding: 'electrical',
              ratings: rows,
              ...coil.spec,
              ...coilPower(fullLoad * 0.7, coil, jitter),
              shortCircuitRatingAmps: fullLoad <= 60 ? 5000 : 10000,
              maxAmbientC: 65,
              ...terminalsFor(fullLoad, true),
              maxOperationsPerHour: 600,
              electricalLifeOperations: round((1.1e6 / fullLoad ** 0.3) * jitter, 1e4),
            },
          })),
        );
      }),
    ),
  );
}

function lightingParts(random: () => number): DemoPart[] {
  return [20, 30, 60, 100, 200].flatMap((amps) =>
    [2, 3, 4, 6, 8, 10, 12]
      .filter((poles) => amps <= 60 || poles <= 4)
      .flatMap((poles) =>
        (['electrical', 'mechanical'] as const).flatMap((holding) => {
          const jitter = 0.95 + random() * 0.1;
          return lightingCoils.map((coil): DemoPart => ({
            id: `quillfeather-l${amps}-${poles}p-${coil.code.toLowerCase()}-${holding[0]}`,
            family: 'contactor',
            maker: 'Quillfeather',
            name: `Quillfeather L${amps}/${poles}${holding === 'mechanical' ? ' latched' : ''}`,
            footprint: `lighting ${amps} A ${poles <= 4 ? 'short' : 'long'}`,
            coilExchangeable: false,
            raw: {
              standard: 'UL 60947-4-1 (lighting)',
              poles,
              auxNormallyOpen: 1,
              auxNormallyClosed: false,
              holding,
              ratings: [
                { volts: 277, ballastAmps: amps, tungstenAmps: amps, resistiveAmps: amps },
                { volts: 480, ballastAmps: amps, tungstenAmps: 'none', resistiveAmps: amps },
                { volts: 600, ballastAmps: amps, tungstenAmps: 'none', resistiveAmps: amps },
              ],
              ...coil.spec,
              ...coilPower(amps * (poles / 3), coil, jitter),
              shortCircuitRatingAmps: 14000,
              maxAmbientC: 50,
              ...terminalsFor(amps, true),
              maxOperationsPerHour: 300,
              electricalLifeOperations: 100000,
            },
          }));
        }),
      ),
  );
}

/** Returns the whole demo catalogue; the same on every machine. */
export function demoContactors(): DemoPart[] {
  const random = seeded(20261);
  return [...iecParts(random), ...nemaParts(random), ...definitePurposeParts(random), ...lightingParts(random)];
}
