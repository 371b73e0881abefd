/** Demo catalogue of air breakers and of the coils that work them, by rule. Makers, names, letters and figures are invented. */
import { certain } from '../../core/certain';
import type { PartSpec } from '../../core/case/case';
import type { AccessoryFunction } from '../../core/fields/accessory-fields';
import { partId, type DemoPart } from './part';

const remote: readonly AccessoryFunction[] = ['closing-coil', 'shunt-trip', 'charging-motor', 'auxiliary-contact'];
const control = [
  { code: '110d', volts: 110, kind: 'dc', hertz: [] },
  { code: '24d', volts: 24, kind: 'dc', hertz: [] },
  { code: '230a', volts: 230, kind: 'ac', hertz: [50, 60] },
  { code: '125d', volts: 125, kind: 'dc', hertz: [] },
  { code: '120a', volts: 120, kind: 'ac', hertz: [60] },
] as const;

const makers = [
  { maker: 'Saltmarsh', code: 'A', frames: [1250, 2500, 4000], letters: 'Y', protocol: 'Modbus TCP', kiloamps: [42, 65] },
  { maker: 'Wexmoor', code: 'WA', frames: [1600, 3200], letters: 'M', protocol: 'Modbus RTU', kiloamps: [50, 85] },
  { maker: 'Nettlecombe', code: 'NA', frames: [1600, 3000], letters: 'P', protocol: 'Modbus TCP', kiloamps: [50, 65] },
] as const;
type Maker = (typeof makers)[number];
const american = ({ maker }: Maker) => maker === 'Nettlecombe';
const ratings = (frame: number) =>
  [800, 1000, 1250, 1600, 2000, 2500, 3000, 3200, 4000].filter((amps) => amps <= frame && amps >= frame / 3.2);

const coilPower = (kind: 'ac' | 'dc'): PartSpec => (kind === 'dc' ? { coilWatts: 200 } : { coilInrushVA: 250, coilSealedVA: 12 });

function breaker(
  one: Maker,
  frame: number,
  amps: number,
  kiloamps: number,
  tripUnit: 'LSI' | 'LSIG',
  mounting: 'fixed' | 'draw-out',
  drive: (typeof control)[number] | undefined,
): DemoPart {
  const own: PartSpec = american(one)
    ? {
        standard: 'UL 1066',
        ratedVoltsLineToLine: 508,
        interruptingRatings: [
          { volts: 254, kind: 'ac', amps: kiloamps * 1300 },
          { volts: 508, kind: 'ac', amps: kiloamps * 1000 },
        ],
        icwAmps: kiloamps * 1000,
        icwSeconds: 0.5,
      }
    : {
        standard: 'IEC 60947-2',
        ratedVoltsLineToLine: 690,
        icuAmps: kiloamps * 1000,
        icsAmps: kiloamps * 1000,
        icwAmps: Math.min(kiloamps, 50) * 1000,
        icmAmps: kiloamps * 2200,
      };
  const ground = tripUnit === 'LSIG' ? { groundFaultPickupAmps: Math.min(1200, amps * 0.3), groundFaultSeconds: 0.3 } : {};
  return {
    id: partId(one.maker, 'air', one.code, frame, amps, kiloamps, tripUnit, mounting === 'fixed' ? 'f' : 'd', drive?.code ?? 'hand'),
    family: 'air-breaker',
    maker: one.maker,
    name: `${one.maker} ${one.code}${frame} ${amps} ${kiloamps}k ${tripUnit} ${mounting === 'fixed' ? 'F' : 'D'}${drive ? ` ${drive.code}` : ''}`,
    footprint: `${one.maker} ${one.code}${frame} ${mounting}`,
    coilExchangeable: false,
    raw: {
      ...own,
      frameAmps: frame,
      ratedAmps: amps,
      poles: 3,
      currentKinds: ['ac'],
      tripUnit,
      mounting,
      protocol: one.protocol,
      arcEnergyReduction: kiloamps > 50 ? ['maintenance-setting'] : [],
      ...ground,
      accessories: drive ? [...remote] : ['auxiliary-contact'],
      ...(drive ? { coilVolts: drive.volts, coilKind: drive.kind, coilHertz: [...drive.hertz], ...coilPower(drive.kind) } : {}),
      calibratedAmbientC: 40,
    },
  };
}

/** Returns the demo's air breakers; the same on every machine. */
export const demoAirBreakers = (): DemoPart[] =>
  makers.flatMap((one) =>
    one.frames.flatMap((frame) =>
      ratings(frame).flatMap((amps) =>
        one.kiloamps.flatMap((kiloamps) =>
          (['LSI', 'LSIG'] as const).flatMap((tripUnit) =>
            (['fixed', 'draw-out'] as const).flatMap((mounting) =>
              [undefined, ...control.filter(({ code }) => (american(one) ? ['125d', '120a'] : ['110d', '24d', '230a']).includes(code))].map(
                (drive) => breaker(one, frame, amps, kiloamps, tripUnit, mounting, drive),
              ),
            ),
          ),
        ),
      ),
    ),
  );

type Kind = { functions: readonly AccessoryFunction[]; word: string; tell: string; bay: string; more: PartSpec };
const kinds = (letters: string): Kind[] =>
  [
    {
      functions: ['shunt-trip', 'closing-coil'],
      word: 'coil',
      tell: 'c',
      bay: '1',
      more: { dutyContinuous: false, cutOffContact: false, maxCommandSeconds: 1 },
    },
    {
      functions: ['shunt-trip', 'closing-coil'],
      word: 'coil, continuous',
      tell: 'cc',
      bay: '1',
      more: { dutyContinuous: true, cutOffContact: false },
    },
    {
      functions: ['undervoltage-release'],
      word: 'release',
      tell: 'u',
      bay: '3',
      more: { dutyContinuous: true, releasePercent: [35, 70], delaySeconds: 0 },
    },
    {
      functions: ['undervoltage-release'],
      word: 'release, delayed',
      tell: 'ud',
      bay: '3',
      more: { dutyContinuous: true, releasePercent: [35, 70], delaySeconds: 3 },
    },
    {
      functions: ['no-volt-release'],
      word: 'no-volt release',
      tell: 'n',
      bay: '3',
      more: { dutyContinuous: true, releasePercent: [10, 35], delaySeconds: 0 },
    },
    { functions: ['charging-motor'], word: 'motor', tell: 'm', bay: '4', more: { cutOffContact: true, inrushVA: 450 } },
  ].map((kind) => ({ ...kind, more: { ...kind.more, code: `${letters}${kind.bay}` } })) as Kind[];

const coilVolts = [
  { code: '24d', volts: 24, kind: 'dc', hertz: [] },
  { code: '48d', volts: 48, kind: 'dc', hertz: [] },
  { code: '110d', volts: 110, kind: 'dc', hertz: [] },
  { code: '125d', volts: 125, kind: 'dc', hertz: [] },
  { code: '220d', volts: 220, kind: 'dc', hertz: [] },
  { code: '24a', volts: 24, kind: 'ac', hertz: [50, 60] },
  { code: '120a', volts: 120, kind: 'ac', hertz: [60] },
  { code: '230a', volts: 230, kind: 'ac', hertz: [50, 60] },
  { code: '400a', volts: 400, kind: 'ac', hertz: [50] },
] as const;

const contacts = (one: Maker, frame: string): DemoPart[] =>
  (
    [
      ['auxiliary-contact', 'x', 2, 2],
      ['auxiliary-contact', 'x4', 4, 4],
      ['alarm-contact', 't', 1, 1],
    ] as const
  ).map(([fn, tell, open, closed]) => ({
    id: partId(one.maker, 'coil', one.letters, frame, tell),
    family: 'breaker-coil',
    maker: one.maker,
    name: `${one.maker} ${one.letters}${tell.toUpperCase()} for ${frame}`,
    footprint: `${one.maker} ${frame} contacts`,
    coilExchangeable: false,
    raw: { function: [fn], frame, code: `${one.letters}5`, auxNormallyOpen: open, auxNormallyClosed: closed },
  }));

/** Returns the demo's coils, motors and contacts of air breakers; the same on every machine. */
export function demoBreakerCoils(): DemoPart[] {
  return makers.flatMap((one) =>
    one.frames.flatMap((size) => {
      const frame = `${one.code}${size}`;
      const coils = kinds(one.letters).flatMap(({ functions, word, tell, bay, more }) =>
        coilVolts.map(({ code, volts, kind, hertz }): DemoPart => {
          const power = coilPower(kind);
          const held = certain(functions[0]).endsWith('release') && kind === 'dc' ? { coilWatts: 12 } : {};
          const raw: PartSpec = {
            function: [...functions],
            // One part for two bays of a frame: what is in the bay is told by its letters, not by the part.
            frame,
            coilVolts: volts,
            coilKind: kind,
            coilHertz: [...hertz],
            ...(functions[0] === 'charging-motor' ? {} : { ...power, ...held }),
            ...more,
          };
          return {
            id: partId(one.maker, 'coil', one.letters, frame, tell, code),
            family: 'breaker-coil',
            maker: one.maker,
            name: `${one.maker} ${one.letters}${tell.toUpperCase()} ${word} ${volts} V ${kind.toUpperCase()} for ${frame}`,
            footprint: `${one.maker} ${frame} bay ${bay}`,
            coilExchangeable: false,
            raw: Object.fromEntries(Object.entries(raw).filter(([, value]) => value !== undefined)),
          };
        }),
      );
      return [...coils, ...contacts(one, frame)];
    }),
  );
}

/** A maker's letters and what stands behind them: the user's own table. Invented. */
export const demoPositionCodes: readonly { maker: string; code: string; bay: string; function: AccessoryFunction; note: string }[] =
  makers.flatMap(({ maker, letters }) => [
    {
      maker,
      code: `${letters}1`,
      bay: 'upper left',
      function: 'closing-coil' as const,
      note: 'Same part as the shunt trip; the bay decides',
    },
    {
      maker,
      code: `${letters}2`,
      bay: 'upper right',
      function: 'shunt-trip' as const,
      note: 'Same part as the closing coil; the bay decides',
    },
    {
      maker,
      code: `${letters}3`,
      bay: 'middle',
      function: 'undervoltage-release' as const,
      note: 'Another part: its shaft stands out unpowered',
    },
    { maker, code: `${letters}4`, bay: 'left side', function: 'charging-motor' as const, note: '' },
    { maker, code: `${letters}5`, bay: 'right side', function: 'auxiliary-contact' as const, note: '' },
    { maker, code: `${letters}6`, bay: 'right side, lower', function: 'alarm-contact' as const, note: '' },
  ]);
