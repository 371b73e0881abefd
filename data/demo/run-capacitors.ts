/** Demo catalogue of run capacitors by rule, with start capacitors that look like them. Makers, names and figures are invented. */
import type { PartSpec } from '../../core/case/case';
import { partId, type DemoPart } from './part';

const part = (maker: string, name: string, footprint: string, raw: PartSpec, ...tell: (string | number)[]): DemoPart => ({
  id: partId(maker, 'capacitor', ...tell),
  family: 'run-capacitor',
  maker,
  name: `${maker} ${name}`,
  footprint,
  coilExchangeable: false,
  raw,
});

const singles = [2, 3, 4, 5, 6, 7.5, 8, 10, 12.5, 14, 15, 16, 18, 20, 25, 30, 35, 40, 45, 50, 55, 60, 70, 80];
const american = [
  { maker: 'Hartlebeck', code: 'HC', tolerancePercent: 6, maxCaseC: 70 },
  { maker: 'Pellow & Stane', code: 'PC', tolerancePercent: 10, maxCaseC: 65 },
  { maker: 'Nettlecombe', code: 'NC', tolerancePercent: 5, maxCaseC: 80 },
] as const;

function americanSingles(): DemoPart[] {
  return american.flatMap(({ maker, code, tolerancePercent, maxCaseC }) =>
    [370, 440].flatMap((ratedVolts) =>
      singles.map((microfarads) =>
        part(
          maker,
          `${code} ${microfarads}/${ratedVolts}`,
          `${maker} ${microfarads <= 20 ? 'oval' : 'round'}`,
          {
            standard: 'UL 810',
            kind: 'run',
            sections: [{ name: 'motor', microfarads }],
            ratedVolts,
            hertz: [50, 60],
            tolerancePercent,
            maxCaseC,
            protection: 'protected',
          },
          code,
          microfarads,
          ratedVolts,
        ),
      ),
    ),
  );
}

function duals(): DemoPart[] {
  return american.flatMap(({ maker, code, tolerancePercent, maxCaseC }) =>
    [25, 30, 35, 40, 45, 50, 55, 60, 80].flatMap((compressor) =>
      [3, 4, 5, 7.5, 10].flatMap((fan) =>
        [370, 440].map((ratedVolts) =>
          part(
            maker,
            `${code} ${compressor}+${fan}/${ratedVolts}`,
            `${maker} round, three terminals`,
            {
              standard: 'UL 810',
              kind: 'run',
              sections: [
                { name: 'compressor', microfarads: compressor },
                { name: 'fan', microfarads: fan },
              ],
              ratedVolts,
              hertz: [50, 60],
              tolerancePercent,
              maxCaseC,
              protection: 'protected',
            },
            code,
            compressor,
            fan,
            ratedVolts,
          ),
        ),
      ),
    ),
  );
}

const iec = [
  { maker: 'Ossel', code: 'OK', lifeClass: 'B', protection: 'S0', tolerancePercent: 5 },
  { maker: 'Wexmoor', code: 'WK', lifeClass: 'B', protection: 'S2', tolerancePercent: 5 },
  { maker: 'Tarnside', code: 'TK', lifeClass: 'C', protection: 'S2', tolerancePercent: 10 },
] as const;

function iecSingles(): DemoPart[] {
  return iec.flatMap(({ maker, code, ...marks }) =>
    [400, 450, 500].flatMap((ratedVolts) =>
      singles.map((microfarads) =>
        part(
          maker,
          `${code} ${microfarads}/${ratedVolts}`,
          `${maker} ${microfarads <= 16 ? '35' : '45'} mm`,
          {
            standard: 'IEC 60252-1',
            kind: 'run',
            sections: [{ name: 'motor', microfarads }],
            ratedVolts,
            hertz: [50, 60],
            maxCaseC: 85,
            ...marks,
          },
          code,
          microfarads,
          ratedVolts,
        ),
      ),
    ),
  );
}

const starts = (): DemoPart[] =>
  ['Hartlebeck', 'Ossel'].flatMap((maker) =>
    [20, 25, 30, 40, 50, 60, 80].flatMap((microfarads) =>
      [330, 450].map((ratedVolts) =>
        part(
          maker,
          `ST ${microfarads}/${ratedVolts}`,
          `${maker} black case`,
          {
            standard: maker === 'Ossel' ? 'IEC 60252-2' : 'UL 810',
            kind: 'start',
            sections: [{ name: 'motor', microfarads }],
            ratedVolts,
            hertz: [50, 60],
            tolerancePercent: 20,
            maxCaseC: 65,
            protection: 'none',
          },
          'st',
          microfarads,
          ratedVolts,
        ),
      ),
    ),
  );

/** Returns the demo's run capacitors; the same on every machine. */
export const demoRunCapacitors = (): DemoPart[] => [...americanSingles(), ...duals(), ...iecSingles(), ...starts()];
