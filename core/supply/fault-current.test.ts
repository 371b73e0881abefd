/** Fault current against a general complex-number library, against figures of the trade, and by its laws. */
import fc from 'fast-check';
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { complex, add, multiply, divide, abs, type Complex } from 'mathjs';
import { describe, expect, it } from 'vitest';
import { conductorPerMetre, conductorSizes } from '../standards/conductors';
import { faultAtEnd, faultNodes, fromRatio } from './fault-current';
import type { Cable, Element, SupplyPath, Transformer } from './path';

const SIMULATOR = '/usr/bin/ngspice';

const cable = (metres: number, size = '35 mm²', more: Partial<Cable> = {}): Cable => ({
  kind: 'cable',
  name: 'run',
  size,
  metal: 'copper',
  metres,
  parallel: 1,
  steelConduit: false,
  hotCelsius: 70,
  ...more,
});
const transformer = (ratedVA: number, impedancePercent: number, more: Partial<Transformer> = {}): Transformer => ({
  kind: 'transformer',
  name: 'T1',
  ratedVA,
  impedancePercent,
  xOverR: 5,
  parallel: 1,
  ...more,
});
const supply = (elements: Element[], more: Partial<SupplyPath> = {}): SupplyPath => ({
  system: 'three-phase',
  volts: 400,
  voltsToGround: 230,
  elements,
  ...more,
});

/** The same path solved with complex numbers of a general library, per phase. */
function solved(
  volts: number,
  va: number,
  percent: number,
  ratio: number,
  metres: number,
  size: string,
  celsius: number,
): { three: number; lineToLine: number; earth: number } {
  const angle = Math.atan(ratio);
  const z = ((volts * volts) / va) * (percent / 100);
  const source = complex(z * Math.cos(angle), z * Math.sin(angle));
  const each = conductorPerMetre(size, 'copper', celsius)!;
  const line = multiply(complex(each.r, each.x), metres) as Complex;
  const phase = add(source, line) as Complex;
  const loop = add(phase, line) as Complex;
  const amps = (v: number, ohms: Complex) => abs(divide(complex(v, 0), ohms) as Complex) as unknown as number;
  return { three: amps(volts / Math.sqrt(3), phase), lineToLine: amps(volts / 2, phase), earth: amps(volts / Math.sqrt(3), loop) };
}

describe('against complex numbers of a general library', () => {
  it('three-phase, line to line and earth fault, random paths', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 2500 }),
        fc.double({ min: 3, max: 8, noNaN: true }),
        fc.double({ min: 0.5, max: 12, noNaN: true }),
        fc.double({ min: 0.1, max: 300, noNaN: true }),
        fc.constantFrom('6 mm²', '35 mm²', '240 mm²', '2 AWG', '500 kcmil'),
        (kva, percent, ratio, metres, size) => {
          const node = faultAtEnd(
            supply([transformer(kva * 1000, percent, { xOverR: ratio }), cable(metres, size)], { voltsToGround: 400 / Math.sqrt(3) }),
            'IEC',
          )!;
          const cold = solved(400, kva * 1000, percent * 0.9, ratio, metres, size, 20);
          const hot = solved(400, kva * 1000, percent * 1.1, ratio, metres, size, 70);
          expect(node.highestAmps / (1.05 * cold.three)).toBeCloseTo(1, 9);
          expect(node.lowestAmps / (0.95 * hot.lineToLine)).toBeCloseTo(1, 9);
          expect(node.earthFaultAmps! / (0.95 * hot.earth)).toBeCloseTo(1, 9);
        },
      ),
    );
  });
});

/** The same loop in Debian's circuit simulator, where it is installed: amps of one phase. */
function simulated(volts: number, r: number, x: number): number {
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'loyal-coil-spice-')), 'fault.cir');
  const henry = x / (2 * Math.PI * 50);
  writeFileSync(
    file,
    `fault\nV1 a 0 AC ${volts}\nR1 a b ${r}\nL1 b 0 ${henry}\n.ac lin 1 50 50\n.control\nrun\nprint mag(i(V1))\n.endc\n.end\n`,
  );
  const out = spawnSync(SIMULATOR, ['-b', file], { encoding: 'utf8' }).stdout;
  rmSync(path.dirname(file), { recursive: true });
  return Number(/mag\(i\(v1\)\) = (\S+)/.exec(out)?.[1]);
}

describe('against a circuit: network, transformer and cable as R and L', () => {
  const size = '35 mm²';
  const line = conductorPerMetre(size, 'copper', 20)!;
  it.each([10, 60, 240])('%i m of cable', (metres) => {
    const node = faultAtEnd(
      supply([{ kind: 'utility', name: 'grid', faultVA: 90e6, xOverR: 4 }, transformer(250_000, 4), cable(metres, size)]),
      'IEC',
    )!;
    const [grid, unit] = [fromRatio(400 ** 2 / 90e6, 4), fromRatio((400 ** 2 / 250_000) * 0.04 * 0.9, 5)];
    const [r, x] = [grid.r + unit.r + line.r * metres, grid.x + unit.x + line.x * metres];
    const volts = (1.05 * 400) / Math.sqrt(3);
    // By hand, and by the simulator beside it where there is one.
    const amps = [volts / Math.hypot(r, x), ...(existsSync(SIMULATOR) ? [simulated(volts, r, x)] : [])];
    for (const value of amps) expect(node.highestAmps / value).toBeCloseTo(1, 5);
  });
});

describe('figures of the trade', () => {
  it('endless source: FLA x 100 / %Z, less the tolerance of the impedance', () => {
    const node = faultAtEnd({ system: 'three-phase', volts: 480, voltsToGround: 277, elements: [transformer(1e6, 5)] }, 'NFPA70')!;
    expect(node.highestAmps).toBeCloseTo(1202.8 / 0.05 / 0.925, -1);
  });
  it('a centre-tapped transformer gives about 1.5 times line to neutral, at its terminals alone', () => {
    const at = (elements: Element[]) => faultAtEnd({ system: 'single-phase', volts: 240, voltsToGround: 120, elements }, 'NFPA70')!;
    const terminals = at([transformer(50000, 2, { centreTapped: true })]);
    // At 2.5 % impedance and below the tolerance is 10 % (ANSI, from memory).
    expect(terminals.highestAmps).toBeCloseTo(208.3 / 0.02 / 0.9, -1);
    expect(terminals.highestLineToNeutralAmps! / terminals.highestAmps).toBeCloseTo(1.5, 9);
    expect(at([transformer(50000, 2, { centreTapped: true }), cable(10)]).highestLineToNeutralAmps).toBeNull();
  });
  it('motors give four to six times their amps', () => {
    const without = faultAtEnd(supply([transformer(400000, 4)]), 'IEC')!.highestAmps;
    expect(
      faultAtEnd(supply([transformer(400000, 4), { kind: 'motors', name: 'pumps', fullLoadAmps: 100, times: 4 }]), 'IEC')!.highestAmps,
    ).toBeCloseTo(without + 400, 6);
  });
  it('what motors give passes through the cable behind them', () => {
    const motors: Element = { kind: 'motors', name: 'pumps', fullLoadAmps: 500, times: 4 };
    const elements = (...rest: Element[]) => supply([transformer(400000, 4), ...rest]);
    const long: Element = cable(400);
    const without = faultAtEnd(elements(long), 'IEC')!.highestAmps;
    const end = faultAtEnd(elements(motors, long), 'IEC')!;
    // More than without them, and never more than an endless source would drive through that cable.
    const endless = faultAtEnd(supply([{ kind: 'utility', name: 'endless', faultVA: null, xOverR: 1 }, long]), 'IEC')!.highestAmps;
    expect(end.highestAmps).toBeGreaterThan(without);
    expect(end.highestAmps).toBeLessThan(endless);
    expect(end.highestAmps).toBeLessThan(without + 100);
    expect(end.pointToPointAmps!).toBeLessThan(endless * 1.01);
  });
  it('two transformers side by side give twice as much', () => {
    const amps = (parallel: number) => faultAtEnd(supply([transformer(400000, 4, { parallel })]), 'IEC')!.highestAmps;
    expect(amps(2) / amps(1)).toBeCloseTo(2, 9);
  });
  it('eleven healthy batteries of 51.2 V and 0.03 ohm into one branch: 18.8 kA', () =>
    expect(
      faultAtEnd(
        {
          system: 'dc',
          volts: 51.2,
          voltsToGround: null,
          elements: [{ kind: 'battery', name: 'bank', volts: 51.2, internalOhms: 0.03, parallel: 11 }],
        },
        'IEC',
      )!.highestAmps,
    ).toBeCloseTo(18773, 0));
  it('48 V over two times 15 m of 7.41 mohm a metre', () => {
    const node = faultAtEnd(
      {
        system: 'dc',
        volts: 48,
        voltsToGround: null,
        elements: [{ kind: 'battery', name: 'bank', volts: 48, internalOhms: 1e-6, parallel: 1 }, cable(15, '2.5 mm²', { hotCelsius: 20 })],
      },
      'IEC',
    )!;
    expect(node.lowestAmps).toBeCloseTo(48 / (2 * 15 * 0.00741), 0);
  });
  it('a supply that limits itself never gives more', () => {
    const run = (metres: number) =>
      faultAtEnd(
        {
          system: 'dc',
          volts: 24,
          voltsToGround: null,
          elements: [{ kind: 'dc-supply', name: 'G1', ratedAmps: 10, limitRatio: 1.5 }, cable(metres, '1.5 mm²')],
        },
        'IEC',
      )!;
    expect(run(5).lowestAmps).toBe(15);
    expect(run(80).lowestAmps).toBeLessThan(15);
  });
  it('point to point gives no more than the impedance method, and the same where angles agree', () => {
    const node = faultAtEnd(
      { ...supply([{ kind: 'utility', name: 'grid', faultVA: 20e6, xOverR: 2 }, transformer(500000, 4), cable(60)]), volts: 480 },
      'NFPA70',
    )!;
    expect(node.pointToPointAmps!).toBeLessThan(node.highestAmps);
    const each = conductorPerMetre('35 mm²', 'copper', 20)!;
    const same = faultAtEnd({ ...supply([transformer(500000, 4, { xOverR: each.x / each.r }), cable(60)]), volts: 480 }, 'NFPA70')!;
    expect(same.pointToPointAmps! / same.highestAmps).toBeCloseTo(1, 9);
  });
  it('a measured figure stands over what was worked out, from there on, and is dated', () => {
    const nodes = faultNodes(
      supply([
        transformer(400000, 4),
        cable(30),
        { kind: 'measured', name: 'DB1', highestAmps: 4000, loopOhms: 0.3, on: '2026-05-04' },
        cable(10, '6 mm²'),
      ]),
      'IEC',
    );
    expect(nodes[2]!.highestAmps).toBeCloseTo(4000, 6);
    expect(nodes[2]!.loopOhms).toBeCloseTo(0.3, 9);
    expect(nodes[1]!.measuredOn).toBeUndefined();
    expect(nodes[3]).toMatchObject({ measuredOn: '2026-05-04' });
    expect(nodes[3]!.highestAmps).toBeLessThan(4000);
    expect(nodes[3]!.loopOhms!).toBeGreaterThan(0.3);
  });
  it('a generator: volts over its subtransient reactance', () =>
    expect(
      faultAtEnd(supply([{ kind: 'generator', name: 'G', ratedVA: 100000, subtransientPercent: 12, xOverR: 20 }]), 'NFPA70')!.highestAmps,
    ).toBeCloseTo(144.34 / 0.12, 0));
});

describe('laws', () => {
  it('larger impedance never gives more current; more metres never raise any node behind', () => {
    const system = fc.constantFrom('three-phase' as const, 'single-phase' as const);
    fc.assert(
      fc.property(
        system,
        fc.double({ min: 1, max: 400, noNaN: true }),
        fc.double({ min: 0, max: 400, noNaN: true }),
        fc.constantFrom(...conductorSizes.slice(2, 15)),
        (kind, metres, more, size) => {
          const at = (length: number) =>
            faultAtEnd(
              supply([transformer(250000, 4), cable(length, size), cable(5, '16 mm²')], { system: kind, voltsToGround: 230 }),
              'IEC',
            )!;
          const [near, far] = [at(metres), at(metres + more)];
          return (
            far.highestAmps <= near.highestAmps &&
            far.lowestAmps <= near.lowestAmps &&
            far.earthFaultAmps! <= near.earthFaultAmps! &&
            far.pointToPointAmps! <= near.pointToPointAmps!
          );
        },
      ),
    );
  });
  it('the lowest never exceeds the highest', () => {
    fc.assert(
      fc.property(fc.integer({ min: 25, max: 2000 }), fc.double({ min: 0.1, max: 200, noNaN: true }), (kva, metres) => {
        const node = faultAtEnd(supply([transformer(kva * 1000, 5), cable(metres)]), 'IEC')!;
        return node.lowestAmps < node.highestAmps && node.earthFaultAmps! < node.highestAmps;
      }),
    );
  });
  it('a size that the tables lack is refused by name', () => {
    expect(() => faultAtEnd(supply([cable(5, '3 mm²')]), 'IEC')).toThrow(/run: no figures for 3 mm²/);
    expect(() => faultAtEnd(supply([cable(5, '14 AWG', { metal: 'aluminium' })]), 'IEC')).toThrow(RangeError);
  });
});
