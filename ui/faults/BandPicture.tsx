import type { Band, CurvePoint } from '@/core/curves/band';
import { formatQuantity } from '@/core/quantities/format-quantity';

export type Mark = CurvePoint & { label: string };

const [WIDTH, HEIGHT, LEFT, BOTTOM, TOP, RIGHT] = [420, 250, 54, 30, 10, 12];
const SPARE = 1.6; // of a decade's edge on either side, so that nothing lies on the frame

type Scale = { x: (amps: number) => number; y: (seconds: number) => number; amps: readonly number[]; seconds: readonly number[] };

const decades = (from: number, to: number): number[] => {
  const [low, high] = [Math.ceil(Math.log10(from)), Math.floor(Math.log10(to))];
  return Array.from({ length: Math.max(0, high - low + 1) }, (_, i) => 10 ** (low + i));
};

function scaleOf(points: readonly CurvePoint[]): Scale {
  const span = (all: readonly number[]): [number, number] => [Math.min(...all) / SPARE, Math.max(...all) * SPARE];
  const [lowAmps, highAmps] = span(points.map(({ amps }) => amps));
  const [lowSeconds, highSeconds] = span(points.map(({ seconds }) => seconds));
  const share = (value: number, low: number, high: number) => Math.log(value / low) / Math.log(high / low);
  return {
    x: (amps) => LEFT + share(amps, lowAmps, highAmps) * (WIDTH - LEFT - RIGHT),
    y: (seconds) => HEIGHT - BOTTOM - share(seconds, lowSeconds, highSeconds) * (HEIGHT - BOTTOM - TOP),
    amps: decades(lowAmps, highAmps),
    seconds: decades(lowSeconds, highSeconds),
  };
}

/** An edge: straight up from its first point, below which it never opens, and level from its last. */
function edgePath(edge: readonly CurvePoint[], { x, y }: Scale): string {
  const [first, last] = [edge[0], edge.at(-1)];
  if (!first || !last) return '';
  const through = edge.map(({ amps, seconds }) => `L${x(amps).toFixed(1)} ${y(seconds).toFixed(1)}`).join('');
  return `M${x(first.amps).toFixed(1)} ${TOP}${through}L${WIDTH - RIGHT} ${y(last.seconds).toFixed(1)}`;
}

/** What was observed, on the device's own band: left of the first edge it should have held, right of the second it should have opened. */
export function BandPicture({ band, marks: given }: { band: Band; marks: readonly Mark[] }) {
  const marks = given.filter(({ amps, seconds }) => amps > 0 && seconds > 0);
  const all = [...(band.fast ?? []), ...(band.slow ?? []), ...marks];
  if (all.length < 2) return null;
  const scale = scaleOf(all);
  const spoken = marks
    .filter(({ label }) => label !== '')
    .map(({ label, amps, seconds }) => `${label}: ${formatQuantity(seconds, 's')} at ${formatQuantity(amps, 'A')}`);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`Its own band, and ${spoken.join('; ')}`}
      style={{ width: '100%', maxWidth: 520 }}
    >
      {scale.amps.map((amps) => (
        <g key={amps}>
          <line x1={scale.x(amps)} x2={scale.x(amps)} y1={TOP} y2={HEIGHT - BOTTOM} stroke="var(--line)" />
          <text x={scale.x(amps)} y={HEIGHT - 10} textAnchor="middle" fontSize={11} fill="currentColor">
            {formatQuantity(amps, 'A')}
          </text>
        </g>
      ))}
      {scale.seconds.map((seconds) => (
        <g key={seconds}>
          <line x1={LEFT} x2={WIDTH - RIGHT} y1={scale.y(seconds)} y2={scale.y(seconds)} stroke="var(--line)" />
          <text x={LEFT - 6} y={scale.y(seconds) + 4} textAnchor="end" fontSize={11} fill="currentColor">
            {formatQuantity(seconds, 's')}
          </text>
        </g>
      ))}
      {band.fast && <path d={edgePath(band.fast, scale)} fill="none" stroke="currentColor" strokeWidth={2} strokeDasharray="6 4" />}
      {band.slow && <path d={edgePath(band.slow, scale)} fill="none" stroke="currentColor" strokeWidth={2} />}
      {marks.map(({ label, amps, seconds }, i) => (
        <g key={`${i} ${label}`}>
          <circle
            cx={scale.x(amps)}
            cy={scale.y(seconds)}
            r={5}
            fill={i === 0 ? 'var(--copper)' : 'none'}
            stroke="var(--copper)"
            strokeWidth={2}
          />
          <text
            x={scale.x(amps) + (scale.x(amps) > WIDTH * 0.66 ? -9 : 9)}
            y={scale.y(seconds) - 7}
            textAnchor={scale.x(amps) > WIDTH * 0.66 ? 'end' : 'start'}
            fontSize={11.5}
            fill="currentColor"
          >
            {label}
          </text>
        </g>
      ))}
    </svg>
  );
}
