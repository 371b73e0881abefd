/** Demo catalogue of fuses by rule. Makers, names and figures are invented. */
import { certain } from '../../core/certain';
import type { PartSpec } from '../../core/case/case';
import { gGGates } from '../../core/standards/fuse-gates';
import { fuseSizes } from '../../core/standards/overcurrent-sizes';
import { partId, type DemoPart } from './part';

const part = (maker: string, name: string, footprint: string, raw: PartSpec, ...tell: (string | number)[]): DemoPart => ({
  id: partId(maker, 'fuse', ...tell),
  family: 'fuse',
  maker,
  name: `${maker} ${name}`,
  footprint,
  coilExchangeable: false,
  raw,
});

const bodyStep = (amps: number) => [30, 60, 100, 200, 400, 600].find((step) => amps <= step) ?? 601;

type UlClass = {
  fuseClass: string;
  low: number;
  high: number;
  voltsAc: number;
  voltsDc: number | 'none';
  kilo: number;
  speeds: readonly string[];
};
const ulClasses: readonly UlClass[] = [
  { fuseClass: 'CC', low: 0.5, high: 30, voltsAc: 600, voltsDc: 300, kilo: 200, speeds: ['fast', 'time-delay'] },
  { fuseClass: 'J', low: 1, high: 600, voltsAc: 600, voltsDc: 300, kilo: 200, speeds: ['fast', 'time-delay'] },
  { fuseClass: 'RK1', low: 1, high: 600, voltsAc: 600, voltsDc: 300, kilo: 200, speeds: ['fast', 'time-delay'] },
  { fuseClass: 'RK1', low: 1, high: 600, voltsAc: 250, voltsDc: 125, kilo: 200, speeds: ['time-delay'] },
  { fuseClass: 'RK5', low: 1, high: 600, voltsAc: 600, voltsDc: 300, kilo: 200, speeds: ['time-delay'] },
  { fuseClass: 'RK5', low: 1, high: 600, voltsAc: 250, voltsDc: 'none', kilo: 200, speeds: ['time-delay'] },
  { fuseClass: 'T', low: 1, high: 600, voltsAc: 600, voltsDc: 'none', kilo: 200, speeds: ['fast'] },
  { fuseClass: 'T', low: 1, high: 600, voltsAc: 300, voltsDc: 125, kilo: 200, speeds: ['fast'] },
  { fuseClass: 'G', low: 1, high: 20, voltsAc: 600, voltsDc: 'none', kilo: 100, speeds: ['time-delay'] },
  { fuseClass: 'G', low: 25, high: 60, voltsAc: 480, voltsDc: 'none', kilo: 100, speeds: ['time-delay'] },
  { fuseClass: 'H', low: 1, high: 600, voltsAc: 250, voltsDc: 'none', kilo: 10, speeds: ['fast'] },
  { fuseClass: 'K5', low: 1, high: 600, voltsAc: 600, voltsDc: 'none', kilo: 50, speeds: ['fast'] },
  { fuseClass: 'L', low: 601, high: 4000, voltsAc: 600, voltsDc: 'none', kilo: 200, speeds: ['time-delay'] },
];
const fractions = [0.5, 1.25, 1.6, 2, 2.5, 3.2, 4, 5, 7, 8, 12, 17.5];

function ulFuses(): DemoPart[] {
  return ['Saltmarsh', 'Hartlebeck', 'Pellow & Stane', 'Nettlecombe'].flatMap((maker) =>
    ulClasses.flatMap(({ fuseClass, low, high, voltsAc, voltsDc, kilo, speeds }) =>
      speeds.flatMap((speed) =>
        [...new Set([...fuseSizes, ...fractions])]
          .filter((amps) => amps >= low && amps <= high)
          .map((amps) =>
            part(
              maker,
              `${fuseClass} ${amps}${speed === 'time-delay' ? ' TD' : ''} ${voltsAc} V`,
              `${fuseClass} ${bodyStep(amps)} A`,
              {
                standard: 'UL 248',
                fuseClass,
                ratedAmps: amps,
                voltsAc,
                voltsDc,
                interruptingAmpsAc: kilo * 1000,
                interruptingAmpsDc: voltsDc === 'none' ? 'none' : 20000,
                speed,
                supplementary: false,
                powerLossWatts: Number((0.09 * amps + 0.6).toFixed(1)),
              },
              fuseClass,
              amps,
              certain(speed[0]),
              voltsAc,
            ),
          ),
      ),
    ),
  );
}

const iecBodies: readonly { body: string; low: number; high: number; volts: number }[] = [
  { body: '10x38', low: 2, high: 32, volts: 500 },
  { body: '14x51', low: 4, high: 50, volts: 690 },
  { body: '22x58', low: 10, high: 125, volts: 690 },
  { body: 'NH000', low: 6, high: 100, volts: 500 },
  { body: 'NH00', low: 25, high: 160, volts: 500 },
  { body: 'NH1', low: 50, high: 250, volts: 500 },
  { body: 'NH2', low: 100, high: 400, volts: 500 },
  { body: 'NH3', low: 250, high: 630, volts: 500 },
  { body: 'D02', low: 20, high: 63, volts: 400 },
  { body: 'DII', low: 2, high: 25, volts: 500 },
  { body: 'BS88-A2', low: 2, high: 32, volts: 415 },
  { body: 'BS88-A3', low: 32, high: 63, volts: 415 },
];

function iecFuses(): DemoPart[] {
  return ['Wexmoor', 'Tarnside', 'Ossel', 'Saltmarsh', 'Hartlebeck'].flatMap((maker) =>
    iecBodies.flatMap(({ body, low, high, volts }) =>
      (['gG', 'aM'] as const)
        .filter((utilisation) => utilisation === 'gG' || !/^D|^BS/.test(body))
        .flatMap((utilisation) =>
          gGGates
            .map(([amps]) => amps)
            .filter((amps) => amps >= low && amps <= high)
            .map((amps) =>
              part(
                maker,
                `${body} ${utilisation} ${amps}`,
                body,
                {
                  standard: 'IEC 60269',
                  fuseClass: body,
                  ratedAmps: amps,
                  utilisation,
                  voltsAc: volts,
                  voltsDc: body.startsWith('NH') ? 250 : 'none',
                  interruptingAmpsAc: body.startsWith('NH') ? 120000 : 100000,
                  interruptingAmpsDc: body.startsWith('NH') ? 50000 : 'none',
                  powerLossWatts: Number((0.075 * amps + 0.5).toFixed(1)),
                },
                body,
                utilisation,
                amps,
              ),
            ),
        ),
    ),
  );
}

function smallFuses(): DemoPart[] {
  const amps = [0.1, 0.2, 0.315, 0.5, 0.63, 0.8, 1, 1.25, 1.6, 2, 2.5, 3.15, 4, 5, 6.3, 8, 10];
  const small = ['Quillfeather', 'Ossel'].flatMap((maker) =>
    (['F', 'T'] as const).flatMap((speed) =>
      (['5x20', '6.3x32'] as const).flatMap((body) =>
        amps.map((rated) =>
          part(
            maker,
            `${body} ${speed}${rated}`,
            body,
            {
              standard: 'IEC 60127',
              fuseClass: body,
              ratedAmps: rated,
              speed,
              voltsAc: 250,
              voltsDc: 'none',
              interruptingAmpsAc: body === '6.3x32' ? 1500 : Math.max(35, 10 * rated),
              interruptingAmpsDc: 'none',
              supplementary: true,
              meltingI2tA2s: Number(((speed === 'T' ? 12 : 1.2) * rated ** 2).toPrecision(2)),
            },
            body,
            speed,
            rated,
          ),
        ),
      ),
    ),
  );
  const strings = [6, 8, 10, 12, 15, 20, 25].map((rated) =>
    part(
      'Tarnside',
      `10x38 gPV ${rated}`,
      '10x38',
      {
        standard: 'IEC 60269',
        fuseClass: '10x38',
        ratedAmps: rated,
        utilisation: 'gPV',
        voltsAc: 'none',
        voltsDc: 1000,
        interruptingAmpsAc: 'none',
        interruptingAmpsDc: 30000,
      },
      '10x38',
      'gpv',
      rated,
    ),
  );
  return [...small, ...strings];
}

/** Returns the demo's fuses; the same on every machine. */
export const demoFuses = (): DemoPart[] => [...ulFuses(), ...iecFuses(), ...smallFuses()];
