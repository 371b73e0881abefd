/** What a supply path says at a position, as readings with their arithmetic: worked out, or measured where a measurement stands over it. */
import type { Practice } from '../case/case';
import { formatQuantity as q } from '../quantities/format-quantity';
import type { Reading, Readings } from '../readings/reading';
import { faultAtEnd } from './fault-current';
import type { SupplyPath } from './path';

const FIGURES = 3;
const round = (value: number, up: boolean) => {
  const scale = 10 ** (FIGURES - 1 - Math.floor(Math.log10(value)));
  return (up ? Math.ceil(value * scale) : Math.floor(value * scale)) / scale;
};

/** Highest fault rounded up, lowest and loop towards the safe side; empty where the path ends nowhere. */
export function readingsOfPath(path: SupplyPath, practice: Practice): Readings {
  const node = faultAtEnd(path, practice);
  if (!node || !Number.isFinite(node.highestAmps)) return {};
  const from = node.measuredOn
    ? `measured on ${node.measuredOn}, then the run`
    : `supply path: ${path.elements.map(({ name }) => name).join(', ')}`;
  const reading = (value: number): Reading => ({ state: node.measuredOn ? 'measured' : 'worked-out', value, from });
  const highest = Math.max(node.highestAmps, node.highestLineToNeutralAmps ?? 0);
  return {
    prospectiveFaultAmps: { ...reading(round(highest, true)), from: `${from}; ${q(highest, 'A')} at the most` },
    ...(node.loopOhms === null
      ? {}
      : {
          loopImpedanceOhms: reading(round(node.loopOhms, true)),
          loopImpedanceBasis: { state: 'worked-out', value: 'worked-out-hot', from },
        }),
    ...(path.system === 'dc' ? { minFaultAmps: reading(round(node.lowestAmps, false)) } : {}),
  };
}
