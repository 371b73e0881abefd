/** Demo catalogue of residual-current devices by rule. Makers, names and figures are invented. */
import type { PartSpec } from '../../core/case/case';
import { partId, type DemoPart } from './part';

const part = (maker: string, name: string, footprint: string, raw: PartSpec, ...tell: (string | number)[]): DemoPart => ({
  id: partId(maker, 'residual', ...tell),
  family: 'residual-current',
  maker,
  name: `${maker} ${name}`,
  footprint,
  coilExchangeable: false,
  raw,
});

const iecMakers = [
  { maker: 'Saltmarsh', code: 'RC', types: ['AC', 'A', 'B'], conditional: 6000 },
  { maker: 'Wexmoor', code: 'WD', types: ['A', 'F', 'B'], conditional: 10000 },
  { maker: 'Quillfeather', code: 'QD', types: ['AC', 'A', 'F', 'B+'], conditional: 10000 },
] as const;

/** Without overcurrent part, IEC 61008: two and four poles, general and delayed. */
function withoutPart(): DemoPart[] {
  return iecMakers.flatMap(({ maker, code, types, conditional }) =>
    types.flatMap((residualType) =>
      [2, 4].flatMap((poles) =>
        [25, 40, 63, 80].flatMap((ratedAmps) =>
          [30, 100, 300, 500].flatMap((sensitivityMilliamps) =>
            (['general', 'S'] as const)
              .filter((delay) => delay === 'general' || sensitivityMilliamps >= 100)
              .map((delay) =>
                part(
                  maker,
                  `${code}${poles} ${ratedAmps}/${sensitivityMilliamps} ${residualType}${delay === 'S' ? ' S' : ''}`,
                  `${maker} ${poles === 2 ? 2 : 4} modules`,
                  {
                    standard: 'IEC/EN 61008-1',
                    residualType,
                    delay,
                    sensitivityMilliamps,
                    ratedAmps,
                    poles,
                    ratedVolts: poles === 2 ? 230 : 400,
                    curve: 'none',
                    conditionalShortCircuitAmps: conditional,
                  },
                  code,
                  poles,
                  ratedAmps,
                  sensitivityMilliamps,
                  residualType === 'B+' ? 'bplus' : residualType,
                  delay === 'S' ? 's' : 'g',
                ),
              ),
          ),
        ),
      ),
    ),
  );
}

/** With overcurrent part, IEC 61009: one pole and neutral. */
function withPart(): DemoPart[] {
  return iecMakers.flatMap(({ maker, code, types, conditional }) =>
    types.flatMap((residualType) =>
      (['B', 'C'] as const).flatMap((curve) =>
        [6, 10, 16, 20, 25, 32, 40].flatMap((ratedAmps) =>
          [10, 30, 100]
            .filter((sensitivityMilliamps) => sensitivityMilliamps > 10 || ratedAmps <= 16)
            .map((sensitivityMilliamps) =>
              part(
                maker,
                `${code}O ${curve}${ratedAmps}/${sensitivityMilliamps} ${residualType}`,
                `${maker} 2 modules`,
                {
                  standard: 'IEC/EN 61009-1',
                  residualType,
                  delay: 'general',
                  sensitivityMilliamps,
                  ratedAmps,
                  curve,
                  poles: 2,
                  ratedVolts: 230,
                  icnAmps: conditional,
                },
                `${code}o`,
                `${curve}${ratedAmps}`,
                sensitivityMilliamps,
                residualType === 'B+' ? 'bplus' : residualType,
              ),
            ),
        ),
      ),
    ),
  );
}

const american = [
  { code: 'GA', protectionClass: 'GFCI Class A', tripMilliamps: 5, standard: 'UL 943', volts: [120, 240] },
  { code: 'GE', protectionClass: 'GFPE', tripMilliamps: 30, standard: 'UL 1053', volts: [120, 240] },
  { code: 'GC', protectionClass: 'GFCI Class C', tripMilliamps: 20, standard: 'UL 943C', volts: [480] },
] as const;

/** North American ground-fault breakers: one and two poles, 10 and 22 kA. */
function northAmerican(): DemoPart[] {
  return ['Saltmarsh', 'Nettlecombe', 'Pellow & Stane'].flatMap((maker) =>
    american.flatMap(({ code, protectionClass, tripMilliamps, standard, volts }) =>
      volts.flatMap((ratedVolts) =>
        [15, 20, 30, 40, 50, 60].flatMap((ratedAmps) =>
          [10000, 22000].map((interruptingAmps) => {
            const poles = ratedVolts === 120 ? 1 : ratedVolts === 240 ? 2 : 3;
            return part(
              maker,
              `${code}${poles}${ratedAmps}${interruptingAmps > 10000 ? 'H' : ''}`,
              `${maker} ${poles} in`,
              { standard, protectionClass, tripMilliamps, ratedAmps, poles, ratedVolts, interruptingAmps },
              code,
              poles,
              ratedAmps,
              interruptingAmps > 10000 ? 'h' : 's',
            );
          }),
        ),
      ),
    ),
  );
}

/** Returns the demo's residual-current devices; the same on every machine. */
export const demoResidualCurrents = (): DemoPart[] => [...withoutPart(), ...withPart(), ...northAmerican()];
