/** Demo catalogue of control relays by rule. Makers, names and figures are invented. */
import type { PartSpec } from '../../core/case/case';
import { partId, type DemoPart } from './part';

type Build = { base: string; poles: number; code: string };
const builds: readonly Build[] = [
  { base: 'octal-8', poles: 2, code: 'P8' },
  { base: '11-pin', poles: 3, code: 'P11' },
  { base: '5-blade', poles: 1, code: 'B5' },
  { base: '8-blade', poles: 2, code: 'B8' },
  { base: '11-blade', poles: 3, code: 'B11' },
  { base: '14-blade', poles: 4, code: 'B14' },
  { base: 'din-rail', poles: 1, code: 'D1' },
  { base: 'din-rail', poles: 2, code: 'D2' },
];
/** Contacts: amps at 240 V, what they switch as pilots, least load, operations. */
const grades = [
  { code: 'S', resistive: 10, ac15: 3, dc13: 2, pilotDuty: 'B300', horsepower: 0.5, least: 0.1, life: 100_000 },
  { code: 'H', resistive: 15, ac15: 5, dc13: 3, pilotDuty: 'A300', horsepower: 1, least: 0.1, life: 100_000 },
  { code: 'G', resistive: 5, ac15: 1.5, dc13: 1, pilotDuty: 'C300', horsepower: 0.125, least: 0.002, life: 200_000 },
] as const;
const coils = [
  { volts: 12, kind: 'dc', watts: 1.2 },
  { volts: 24, kind: 'dc', watts: 1.2 },
  { volts: 48, kind: 'dc', watts: 1.3 },
  { volts: 110, kind: 'dc', watts: 1.4 },
  { volts: 125, kind: 'dc', watts: 1.4 },
  { volts: 24, kind: 'ac', va: 2.4 },
  { volts: 120, kind: 'ac', va: 2.5 },
  { volts: 230, kind: 'ac', va: 2.6 },
  { volts: 240, kind: 'ac', va: 2.6 },
] as const;
const extras = [
  { code: '', polarity: 'none' },
  { code: 'L', polarity: 'led' },
  { code: 'LD', polarity: 'led-and-diode' },
] as const;
const makers = [
  { maker: 'Wexmoor', factor: 1, enclosure: 'dust-cover', plusFirst: true },
  { maker: 'Ossel', factor: 0.8, enclosure: 'dust-cover', plusFirst: false },
  { maker: 'Nettlecombe', factor: 1, enclosure: 'wash-tight', plusFirst: true },
  { maker: 'Tarnside', factor: 1.2, enclosure: 'sealed', plusFirst: false },
  { maker: 'Harrowgate Forge', factor: 1, enclosure: 'open-frame', plusFirst: true },
] as const;
/** Coil pins of a base; the first is plus with makers that mark it so. */
const coilPins: Record<string, readonly [number, number]> = {
  'octal-8': [2, 7],
  '11-pin': [2, 10],
  '5-blade': [14, 13],
  '8-blade': [14, 13],
  '14-blade': [14, 13],
};
const round = (value: number) => Number(value.toPrecision(2));

/** Returns the demo's control relays; the same on every machine. */
export function demoControlRelays(): DemoPart[] {
  return makers.flatMap(({ maker, factor, enclosure, plusFirst }) =>
    builds.flatMap(({ base, poles, code }) =>
      grades.flatMap((grade) =>
        coils.flatMap((coil) =>
          extras
            .filter(({ polarity }) => coil.kind === 'dc' || polarity !== 'led-and-diode')
            .filter((_, i) => maker !== 'Harrowgate Forge' || i === 0)
            .map(({ code: extra, polarity }): DemoPart => {
              const name = `${code}${grade.code}${extra} ${coil.volts} ${coil.kind.toUpperCase()}`;
              const pins = coilPins[base];
              const row = (loadType: string, kind: string, volts: number, amps: number) => ({
                loadType,
                kind,
                volts,
                amps: round(amps * factor),
              });
              const raw: PartSpec = {
                base,
                contactForms: { SPDT: poles },
                coilVolts: coil.volts,
                coilKind: coil.kind,
                coilHertz: coil.kind === 'ac' ? [50, 60] : [],
                ...(coil.kind === 'dc'
                  ? { coilWatts: coil.watts, coilOhms: Math.round((coil.volts * coil.volts) / coil.watts) }
                  : { coilInrushVA: round(coil.va * 1.8), coilSealedVA: coil.va }),
                contactRatings: [
                  { ...row('resistive', 'ac', 250, grade.resistive), minimumAmps: grade.least },
                  { ...row('resistive', 'dc', 30, grade.resistive * 0.8), minimumAmps: grade.least },
                  row('AC-15', 'ac', 240, grade.ac15),
                  row('DC-13', 'dc', 24, grade.dc13),
                  row('DC-13', 'dc', 125, grade.dc13 * 0.11),
                  { loadType: 'motor', kind: 'ac', volts: 120, horsepower: grade.horsepower },
                ],
                pilotDuty: grade.pilotDuty,
                polarity,
                ...(polarity === 'none' ? {} : { positivePin: pins ? pins[plusFirst ? 0 : 1] : null }),
                enclosure: grade.code === 'G' && enclosure === 'sealed' ? 'hermetically-sealed' : enclosure,
                electricalLifeOperations: grade.life,
                maxOperationsPerHour: grade.code === 'G' ? 3600 : 1800,
                minAmbientC: enclosure === 'sealed' ? -40 : -10,
                maxAmbientC: enclosure === 'sealed' ? 70 : 55,
              };
              return {
                id: partId(maker, 'relay', code, grade.code, extra || 'n', coil.volts, coil.kind),
                family: 'control-relay',
                maker,
                name: `${maker} ${name}`,
                footprint: `${maker} ${base}`,
                coilExchangeable: false,
                raw,
              };
            }),
        ),
      ),
    ),
  );
}
