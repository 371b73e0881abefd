/** Demo catalogue of overload relays by rule. Makers, names and figures are invented. */
import { certain } from '../../core/certain';
import type { PartSpec } from '../../core/case/case';
import { partId, type DemoPart } from './part';

const part = (maker: string, name: string, footprint: string, raw: PartSpec, ...tell: (string | number)[]): DemoPart => ({
  id: partId(maker, 'overload', ...tell),
  family: 'overload-relay',
  maker,
  name: `${maker} ${name}`,
  footprint,
  coilExchangeable: false,
  raw,
});

/** Tops of the ranges of bimetal relays, A; each reaches down to about 0.7 of its top. */
const tops = [
  0.16, 0.24, 0.4, 0.6, 1, 1.6, 2.4, 4, 6, 8, 9, 12, 14, 16, 18, 24, 28, 32, 38, 46, 57, 65, 75, 90, 104, 120, 150, 180, 205, 250, 300, 400,
];
const round = (value: number) => Number(value.toPrecision(2));

function bimetal(): DemoPart[] {
  return [
    { maker: 'Wexmoor', code: 'WR', classes: ['10A', '10', '20'] },
    { maker: 'Ossel', code: 'OR', classes: ['10', '20'] },
    { maker: 'Tarnside', code: 'R', classes: ['10A', '10', '20', '30'] },
    { maker: 'Saltmarsh', code: 'SR', classes: ['10A', '10', '20', '30'] },
    { maker: 'Hartlebeck', code: 'HR', classes: ['10A', '10', '20', '30'] },
    { maker: 'Quillfeather', code: 'QR', classes: ['10A', '10', '20', '30'] },
    { maker: 'Harrowgate Forge', code: 'FR', classes: ['10A', '10', '20', '30'] },
  ].flatMap(({ maker, code, classes }) =>
    tops.flatMap((top) =>
      classes.flatMap((tripClass) =>
        [true, false].map((sensitive) =>
          part(
            maker,
            `${code}${top} class ${tripClass}${sensitive ? '' : ' plain'}`,
            `${maker} ${top <= 32 ? '45' : top <= 90 ? '55' : '120'} mm`,
            {
              standard: 'IEC 60947-4-1',
              kind: 'adjustable-thermal',
              poles: 3,
              settingMinAmps: round(top * 0.68),
              settingMaxAmps: top,
              ultimateTripPercentOfSetting: 120,
              tripClass,
              reset: ['manual', 'automatic'],
              tripContacts: ['NC', 'NO'],
              phaseLossSensitive: sensitive,
            },
            code,
            top,
            tripClass,
            sensitive ? 's' : 'p',
          ),
        ),
      ),
    ),
  );
}

function electronic(): DemoPart[] {
  const ranges = [
    [0.1, 0.5],
    [0.3, 1.5],
    [1, 5],
    [3, 15],
    [5, 25],
    [9, 45],
    [20, 100],
    [40, 200],
    [60, 300],
  ] as const;
  const makers = [
    { maker: 'Nettlecombe', code: 'NE', standard: 'UL 60947-4-1', percent: 125 },
    { maker: 'Harrowgate Forge', code: 'HE', standard: 'NEMA ICS 2', percent: 120 },
    { maker: 'Ossel', code: 'OE', standard: 'IEC 60947-4-1', percent: 115 },
    { maker: 'Wexmoor', code: 'WE', standard: 'IEC 60947-4-1', percent: 115 },
    { maker: 'Tarnside', code: 'TE', standard: 'IEC 60947-4-1', percent: 110 },
    { maker: 'Hartlebeck', code: 'HKE', standard: 'UL 60947-4-1', percent: 120 },
  ];
  return makers.flatMap(({ maker, code, standard, percent }) =>
    ranges.flatMap(([low, high]) =>
      ['5E', '10E', '20E', '30E'].flatMap((tripClass) =>
        [['manual'], ['manual', 'automatic'], ['manual', 'automatic', 'remote']].map((reset) =>
          part(
            maker,
            `${code} ${low}-${high} class ${tripClass} ${reset.length}`,
            `${maker} electronic ${high <= 45 ? 'small' : 'large'}`,
            {
              standard,
              kind: 'adjustable-electronic',
              poles: 3,
              settingMinAmps: low,
              settingMaxAmps: high,
              ultimateTripPercentOfSetting: percent,
              tripClass,
              reset,
              tripContacts: ['NC', 'NO'],
              phaseLossSensitive: true,
            },
            code,
            high,
            tripClass,
            reset.length,
          ),
        ),
      ),
    ),
  );
}

/** North American bimetal relays, and heater elements by table. */
function nema(): DemoPart[] {
  const dials = tops.flatMap((top) =>
    ['10', '20', '30'].map((tripClass) =>
      part(
        'Nettlecombe',
        `R${top} class ${tripClass}`,
        'NEMA overload',
        {
          standard: 'NEMA ICS 2',
          kind: 'adjustable-thermal',
          poles: 3,
          settingMinAmps: round(top * 0.72),
          settingMaxAmps: top,
          ultimateTripPercentOfSetting: 125,
          tripClass,
          reset: ['manual'],
          tripContacts: ['NC'],
          phaseLossSensitive: false,
        },
        'r',
        top,
        tripClass,
      ),
    ),
  );
  const steps = Array.from({ length: 120 }, (_, i) => Number((0.3 * 1.06 ** i).toPrecision(3)));
  const elements = steps.slice(0, -1).flatMap((from, i) =>
    ['Nettlecombe', 'Harrowgate Forge'].flatMap((maker) =>
      ['10', '20', '30'].map((tripClass) =>
        part(
          maker,
          `element ${i + 1} class ${tripClass}`,
          `${maker} heater`,
          {
            standard: 'NEMA ICS 2',
            kind: 'heater-element',
            poles: 3,
            elementMinFullLoadAmps: from,
            elementMaxFullLoadAmps: certain(steps[i + 1]),
            tripClass,
            reset: ['manual'],
            tripContacts: ['NC'],
            phaseLossSensitive: false,
          },
          'element',
          i + 1,
          tripClass,
        ),
      ),
    ),
  );
  return [...dials, ...elements];
}

/** Returns the demo's overload relays; the same on every machine. */
export const demoOverloadRelays = (): DemoPart[] => [...bimetal(), ...electronic(), ...nema()];
