import type { State, Trace } from '@/core/timing/trace';
import { normalised } from '@/core/timing/trace';
import relaysStyle from '@/ui/styles/relays.module.css';

const LEFT = 84;
const ROW = 46;
const WIDTH = 760;

export type NamedTrace = { name: string; trace: Trace; wanted?: boolean };

/** Steps of the axis: 1, 2 or 5 times a power of ten, about eight of them. */
function axisSteps(seconds: number): number[] {
  const raw = seconds / 8;
  const power = 10 ** Math.floor(Math.log10(raw));
  const step = ([1, 2, 5, 10].find((one) => one * power >= raw) ?? 10) * power;
  return Array.from({ length: Math.floor(seconds / step + 1e-9) + 1 }, (_, i) => Number((i * step).toPrecision(10)));
}

/** Supply, signal and contacts over time, one above the other. `now` draws a line at that second. */
export function TraceChart({ traces, untilSeconds, now }: { traces: readonly NamedTrace[]; untilSeconds: number; now?: number }) {
  const height = traces.length * ROW + 30;
  const x = (seconds: number) => LEFT + (Math.min(seconds, untilSeconds) / untilSeconds) * (WIDTH - LEFT - 12);
  const path = (trace: Trace, top: number) => {
    const level = (state: State) => top + (state === 1 ? 8 : 30);
    let state: State = 0;
    let d = `M${x(0)} ${level(0)}`;
    for (const [at, next] of normalised(trace)) {
      if (at > untilSeconds) break;
      d += ` H${x(at)} V${level(next)}`;
      state = next;
    }
    return `${d} H${x(untilSeconds)} V${level(state)}`;
  };
  const words = traces
    .map(
      ({ name, trace }) =>
        `${name}: ${
          normalised(trace)
            .map(([at, state]) => `${state ? 'on' : 'off'} at ${Number(at.toPrecision(4))} s`)
            .join(', ') || 'off throughout'
        }`,
    )
    .join('; ');
  return (
    <svg className={relaysStyle.traceChart} viewBox={`0 0 ${WIDTH} ${height}`} role="img" aria-label={words}>
      {axisSteps(untilSeconds).map((at) => (
        <g key={at}>
          <line x1={x(at)} x2={x(at)} y1={0} y2={height - 24} className={relaysStyle.grid} />
          <text x={x(at)} y={height - 8} textAnchor="middle">
            {at}
          </text>
        </g>
      ))}
      <text x={LEFT - 10} y={height - 8} textAnchor="end">
        s
      </text>
      {traces.map(({ name, trace, wanted }, i) => (
        <g key={name}>
          <text x={4} y={i * ROW + 26} className="name">
            {name}
          </text>
          <path d={path(trace, i * ROW)} className={`${relaysStyle.trace} ${wanted ? 'wanted' : ''}`} />
        </g>
      ))}
      {now !== undefined && <line x1={x(now)} x2={x(now)} y1={0} y2={height - 24} className="now" />}
    </svg>
  );
}
