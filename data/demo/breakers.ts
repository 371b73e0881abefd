/**
 * Demo catalogue of breakers by rule. Makers, names and figures are invented.
 * Plausible by construction: frames step with amps, interrupting falls as volts rise, DC takes poles in series.
 */
import type { PartSpec } from '../../core/case/case';
import { breakerSizes } from '../../core/standards/overcurrent-sizes';
import { partId, type DemoPart } from './part';

const part = (maker: string, name: string, footprint: string, raw: PartSpec, ...tell: (string | number)[]): DemoPart => ({
  id: partId(maker, ...tell),
  family: 'breaker',
  maker,
  name: `${maker} ${name}`,
  footprint,
  coilExchangeable: false,
  raw,
});

const iecSizes = [1, 2, 4, 6, 10, 13, 16, 20, 25, 32, 40, 50, 63] as const;

function miniature(): DemoPart[] {
  const series = [
    { maker: 'Saltmarsh', code: 'M', icn: 6000 },
    { maker: 'Saltmarsh', code: 'MH', icn: 10000 },
    { maker: 'Wexmoor', code: 'WB', icn: 6000 },
    { maker: 'Wexmoor', code: 'WBX', icn: 15000 },
    { maker: 'Ossel', code: 'OB', icn: 10000 },
    { maker: 'Tarnside', code: 'TB', icn: 10000 },
    { maker: 'Nettlecombe', code: 'NM', icn: 10000 },
    { maker: 'Harrowgate Forge', code: 'HM', icn: 6000 },
    { maker: 'Hartlebeck', code: 'HB', icn: 25000 },
  ];
  return series.flatMap(({ maker, code, icn }) =>
    (['B', 'C', 'D'] as const).flatMap((curve) =>
      iecSizes.flatMap((amps) =>
        [1, 2, 3, 4].map((poles) =>
          part(
            maker,
            `${code} ${curve}${amps}/${poles}`,
            `modular ${poles} x 18 mm`,
            {
              standard: 'IEC 60898-1',
              technology: 'thermal-magnetic',
              curve,
              poles,
              ratedAmps: amps,
              currentKinds: ['ac'],
              ratedVoltsLineToLine: poles === 1 ? 230 : 400,
              ...(poles === 1 ? {} : { ratedVoltsLineToGround: 230, slash: true }),
              icnAmps: icn,
              itSystemMark: 'none',
              dcRatings: 'none',
              polaritySensitive: false,
              calibratedAmbientC: 30,
            },
            code,
            `${curve}${amps}`,
            `${poles}p`,
          ),
        ),
      ),
    ),
  );
}

/** Modular breakers for DC, with poles in series; one series is polarised. */
function directCurrent(): DemoPart[] {
  return [
    { maker: 'Saltmarsh', code: 'D', polarised: false, kilo: 6 },
    { maker: 'Pellow & Stane', code: 'PD', polarised: true, kilo: 10 },
  ].flatMap(({ maker, code, polarised, kilo }) =>
    (['B', 'C'] as const).flatMap((curve) =>
      [2, 4, 6, 10, 16, 20, 25, 32, 40, 50, 63].flatMap((amps) =>
        [1, 2, 4].map((poles) =>
          part(
            maker,
            `${code} ${curve}${amps}/${poles}`,
            `modular ${poles} x 18 mm`,
            {
              standard: 'IEC 60898-2',
              technology: 'thermal-magnetic',
              curve,
              poles,
              ratedAmps: amps,
              currentKinds: ['ac', 'dc'],
              ratedVoltsLineToLine: 400,
              ratedVoltsLineToGround: 230,
              icnAmps: kilo * 1000,
              dcRatings: [60, 125, 250, 500]
                .map((volts, i) => ({ volts, polesInSeries: Math.max(1, 2 ** (i - 1)), interruptingAmps: kilo * 1000 }))
                .filter(({ polesInSeries }) => polesInSeries <= poles),
              polaritySensitive: polarised,
              calibratedAmbientC: 30,
            },
            code,
            `${curve}${amps}`,
            `${poles}p`,
          ),
        ),
      ),
    ),
  );
}

const frames = [
  { frame: 125, amps: [16, 20, 25, 32, 40, 50, 63, 80, 100, 125] },
  { frame: 250, amps: [100, 125, 160, 200, 250] },
  { frame: 630, amps: [250, 320, 400, 500, 630] },
  { frame: 1600, amps: [630, 800, 1000, 1250, 1600] },
];

function mouldedCaseIec(): DemoPart[] {
  const makers = [
    { maker: 'Saltmarsh', code: 'MC' },
    { maker: 'Tarnside', code: 'TMC' },
  ];
  const classes = [
    { letter: 'N', icu: 36000, share: 1 },
    { letter: 'H', icu: 70000, share: 0.75 },
    { letter: 'E', icu: 25000, share: 0.5 },
  ];
  return makers.flatMap(({ maker, code }) =>
    frames.flatMap(({ frame, amps }) =>
      amps.flatMap((rated) =>
        classes.flatMap(({ letter, icu, share }) =>
          [3, 4].flatMap((poles) =>
            ['thermal-magnetic', 'electronic'].map((technology) =>
              part(
                maker,
                `${code}${frame}${letter} ${rated}${technology === 'electronic' ? ' LSI' : ''}/${poles}`,
                `moulded-case ${frame} ${poles}p`,
                {
                  standard: 'IEC 60947-2',
                  technology,
                  poles,
                  ratedAmps: rated,
                  currentKinds: technology === 'electronic' ? ['ac'] : ['ac', 'dc'],
                  ratedVoltsLineToLine: 690,
                  slash: false,
                  icuAmps: icu,
                  icsAmps: icu * share,
                  itSystemMark: letter === 'E' ? 'crossed-out' : 'suitable',
                  dcRatings: technology === 'electronic' ? 'none' : [{ volts: 250, polesInSeries: 2, interruptingAmps: 25000 }],
                  polaritySensitive: false,
                  calibratedAmbientC: 40,
                  // The maker's figure of its magnetic release at the factory setting.
                  guaranteedTripAmps: rated * 12,
                },
                code,
                `${frame}${letter}`,
                rated,
                technology.slice(0, 2),
                `${poles}p`,
              ),
            ),
          ),
        ),
      ),
    ),
  );
}

function mouldedCaseUl(): DemoPart[] {
  const makers = [
    { maker: 'Saltmarsh', code: 'B' },
    { maker: 'Nettlecombe', code: 'NB' },
    { maker: 'Harrowgate Forge', code: 'HF' },
    { maker: 'Hartlebeck', code: 'HK' },
  ];
  const classes = [
    { letter: 'S', at240: 22000, at480: 14000, slash: true },
    { letter: 'N', at240: 65000, at480: 25000, slash: false },
    { letter: 'H', at240: 100000, at480: 65000, slash: false },
  ];
  return makers.flatMap(({ maker, code }) =>
    breakerSizes
      .filter((amps) => amps >= 15 && amps <= 600)
      .flatMap((amps) =>
        classes.flatMap(({ letter, at240, at480, slash }) =>
          [1, 2, 3].flatMap((poles) => {
            const frame = amps <= 125 ? 125 : amps <= 250 ? 250 : 600;
            const lighting = amps <= 30 && poles === 1;
            return part(
              maker,
              `${code}${frame}${letter} ${amps}/${poles}`,
              `bolt-on ${frame} A ${poles}p`,
              {
                standard: 'UL 489',
                technology: 'thermal-magnetic',
                poles,
                ratedAmps: amps,
                currentKinds: ['ac'],
                ratedVoltsLineToLine: 480,
                ...(slash ? { ratedVoltsLineToGround: 277, slash: true } : { slash: false }),
                interruptingRatings: [
                  { volts: 240, kind: 'ac', amps: at240 },
                  { volts: 480, kind: 'ac', amps: at480 },
                ],
                dcRatings: 'none',
                hundredPercentRated: letter === 'H' && amps >= 400,
                marks: [...(amps <= 100 ? ['HACR'] : []), ...(lighting ? ['HID'] : []), ...(slash ? [] : ['1ph-3ph'])],
                calibratedAmbientC: 40,
              },
              code,
              `${frame}${letter}`,
              amps,
              `${poles}p`,
            );
          }),
        ),
      ),
  );
}

/** Large breakers with trip units: long time, short time, instantaneous, and earth fault where the letter G stands. */
function tripUnitsUl(): DemoPart[] {
  const sizes = [
    { frame: 800, amps: [400, 600, 800] },
    { frame: 1200, amps: [800, 1000, 1200] },
    { frame: 2500, amps: [1600, 2000, 2500] },
  ];
  const units = [
    { letters: 'LSI', groundFault: false, maintenance: false },
    { letters: 'LSIG', groundFault: true, maintenance: false },
    { letters: 'LSIGM', groundFault: true, maintenance: true },
  ];
  return ['Saltmarsh', 'Hartlebeck'].flatMap((maker) =>
    sizes.flatMap(({ frame, amps }) =>
      amps.flatMap((rated) =>
        units.map(({ letters, groundFault, maintenance }) =>
          part(
            maker,
            `T${frame} ${rated} ${letters}/3`,
            `bolt-on ${frame} A 3p`,
            {
              standard: 'UL 489',
              technology: 'electronic',
              poles: 3,
              ratedAmps: rated,
              currentKinds: ['ac'],
              ratedVoltsLineToLine: 600,
              slash: false,
              interruptingRatings: [
                { volts: 240, kind: 'ac', amps: 100000 },
                { volts: 480, kind: 'ac', amps: 65000 },
                { volts: 600, kind: 'ac', amps: 35000 },
              ],
              dcRatings: 'none',
              hundredPercentRated: true,
              longTimeSettingAmps: rated,
              settingAccessRestricted: maintenance,
              groundFaultPickupAmps: groundFault ? Math.min(1200, rated / 2) : 'none',
              ...(groundFault ? { groundFaultSeconds: 0.3 } : {}),
              arcEnergyReduction: maintenance ? ['maintenance-setting', 'zone-interlocking'] : [],
              calibratedAmbientC: 40,
            },
            't',
            frame,
            rated,
            letters.toLowerCase(),
          ),
        ),
      ),
    ),
  );
}

/** DC breakers of North American practice, and motor-circuit protectors. */
function special(): DemoPart[] {
  const dc = [15, 20, 30, 50, 70, 100, 125, 150, 200, 225, 250].flatMap((amps) =>
    [1, 2, 3].map((poles) =>
      part(
        'Saltmarsh',
        `DC ${amps}/${poles}`,
        `bolt-on DC ${poles}p`,
        {
          standard: 'UL 489',
          technology: 'thermal-magnetic',
          poles,
          ratedAmps: amps,
          currentKinds: ['dc'],
          interruptingRatings: 'none',
          dcRatings: [125, 250, 500].slice(0, poles).map((volts, i) => ({ volts, polesInSeries: i + 1, interruptingAmps: 10000 })),
          polaritySensitive: false,
          calibratedAmbientC: 40,
        },
        'dc',
        amps,
        `${poles}p`,
      ),
    ),
  );
  const protectors = [3, 7, 15, 30, 50, 70, 100, 150, 250].flatMap((amps) =>
    [true, false].map((combination) =>
      part(
        'Nettlecombe',
        `MP ${amps}${combination ? ' in starter' : ''}`,
        'bolt-on 125 A 3p',
        {
          standard: 'UL 489',
          technology: 'magnetic',
          curve: 'MA',
          poles: 3,
          ratedAmps: amps,
          currentKinds: ['ac'],
          ratedVoltsLineToLine: 600,
          slash: false,
          interruptingRatings: [{ volts: 600, kind: 'ac', amps: 25000 }],
          instantaneousOnly: true,
          partOfListedCombination: combination,
          calibratedAmbientC: 40,
        },
        'mp',
        amps,
        combination ? 'listed' : 'alone',
      ),
    ),
  );
  const electronic = [1, 2, 3, 4, 6, 8, 10].flatMap((amps) =>
    ['Quillfeather', 'Ossel'].map((maker) =>
      part(
        maker,
        `E24 ${amps}`,
        'modular 1 x 12 mm',
        {
          standard: 'electronic',
          technology: 'electronic',
          poles: 1,
          ratedAmps: amps,
          currentKinds: ['dc'],
          ratedVoltsLineToLine: 30,
          dcRatings: [{ volts: 30, polesInSeries: 1, interruptingAmps: 300 }],
          polaritySensitive: true,
          calibratedAmbientC: 60,
          guaranteedTripAmps: Number((amps * 1.4).toFixed(1)),
        },
        'e24',
        amps,
      ),
    ),
  );
  const supplementary = [0.5, 1, 2, 3, 5, 7, 10, 15].map((amps) =>
    part(
      'Quillfeather',
      `SP ${amps}`,
      'modular 1 x 18 mm',
      {
        standard: 'UL 1077',
        technology: 'thermal-magnetic',
        poles: 1,
        ratedAmps: amps,
        currentKinds: ['ac', 'dc'],
        ratedVoltsLineToLine: 277,
        interruptingRatings: [{ volts: 277, kind: 'ac', amps: 5000 }],
        dcRatings: [{ volts: 48, polesInSeries: 1, interruptingAmps: 1000 }],
        calibratedAmbientC: 25,
      },
      'sp',
      amps,
    ),
  );
  return [...dc, ...protectors, ...electronic, ...supplementary];
}

/** Returns the demo's breakers; the same on every machine. */
export const demoBreakers = (): DemoPart[] => [
  ...miniature(),
  ...directCurrent(),
  ...mouldedCaseIec(),
  ...mouldedCaseUl(),
  ...tripUnitsUl(),
  ...special(),
];
