/** Demo catalogue of monitoring relays by rule. Makers, names and figures are invented. */
import type { PartSpec } from '../../core/case/case';
import { partId, type DemoPart } from './part';

const kinds = [
  { code: 'S', has: ['phaseLoss', 'phaseSequence'] },
  { code: 'U', has: ['undervoltage', 'overvoltage', 'phaseLoss', 'phaseSequence'] },
  { code: 'A', has: ['undervoltage', 'phaseLoss', 'phaseSequence', 'asymmetry'] },
  { code: 'F', has: ['undervoltage', 'overvoltage', 'phaseLoss', 'phaseSequence', 'asymmetry', 'underfrequency', 'overfrequency'] },
] as const;
const all = ['undervoltage', 'overvoltage', 'phaseLoss', 'phaseSequence', 'neutralOpen', 'asymmetry', 'underfrequency', 'overfrequency'];
const volts = [
  { code: '208', low: 200, high: 240 },
  { code: '400', low: 380, high: 415 },
  { code: '480', low: 440, high: 480 },
  { code: '600', low: 575, high: 600 },
  { code: 'W', low: 208, high: 480 },
];
const makers = [
  { maker: 'Wexmoor', loss: 70, asymmetry: [5, 15], delay: [0.1, 10] },
  { maker: 'Ossel', loss: 60, asymmetry: [8, 25], delay: [0.5, 0.5] },
  { maker: 'Nettlecombe', loss: 83, asymmetry: [2, 10], delay: [0.1, 999] },
  { maker: 'Tarnside', loss: 70, asymmetry: [4, 20], delay: [0.2, 30] },
  { maker: 'Quillfeather', loss: 65, asymmetry: [5, 50], delay: [0.1, 20] },
] as const;

/** Returns the demo's monitoring relays; the same on every machine. */
export function demoMonitoringRelays(): DemoPart[] {
  return makers.flatMap(({ maker, loss, asymmetry, delay }) =>
    kinds.flatMap(({ code, has }) =>
      volts.flatMap(({ code: at, low, high }) =>
        [3, 4].flatMap((wires) =>
          [1, 2].flatMap((changeovers) =>
            [false, true].map((latch): DemoPart => {
              const list: readonly string[] = has;
              const detects = (name: string) => list.includes(name) || (name === 'neutralOpen' && wires === 4 && code === 'F');
              const own = code === 'F' && maker !== 'Ossel';
              const raw: PartSpec = {
                nominalVoltsMin: low,
                nominalVoltsMax: high,
                nominalVoltsBetween: 'line-to-line',
                nominalHertz: maker === 'Ossel' ? [50] : [50, 60],
                wires,
                measuredKind: 'ac',
                auxiliarySupply: own && changeovers === 2 ? { volts: 24, kind: 'ac/dc' } : 'self',
                functions: Object.fromEntries(all.map((name) => [name, detects(name)])),
                ...(list.includes('undervoltage')
                  ? { underVoltsMin: Math.round(low * 0.75), underVoltsMax: Math.round(high * 0.98) }
                  : { underVoltsMin: 'none', underVoltsMax: 'none' }),
                phaseLossBelowPercent: loss,
                ...(list.includes('asymmetry')
                  ? { asymmetrySettingMinPercent: asymmetry[0], asymmetrySettingMaxPercent: asymmetry[1] }
                  : { asymmetrySettingMinPercent: 'none', asymmetrySettingMaxPercent: 'none' }),
                tripDelayMinSeconds: code === 'S' ? 0.2 : delay[0],
                tripDelayMaxSeconds: code === 'S' ? 0.2 : delay[1],
                changeovers,
                energisedWhenHealthy: true,
                latch,
                contactRatings: [
                  { loadType: 'AC-15', kind: 'ac', volts: 240, amps: maker === 'Ossel' ? 1 : 3 },
                  { loadType: 'DC-13', kind: 'dc', volts: 24, amps: 2 },
                ],
                minAmbientC: -20,
                maxAmbientC: 60,
              };
              return {
                id: partId(maker, 'monitor', code, at, wires, changeovers, latch ? 'm' : 'a'),
                family: 'monitoring-relay',
                maker,
                name: `${maker} V${code}${at} ${wires}W ${changeovers}CO${latch ? ' M' : ''}`,
                footprint: `${maker} ${changeovers === 1 ? '22' : '35'} mm`,
                coilExchangeable: false,
                raw,
              };
            }),
          ),
        ),
      ),
    ),
  );
}
