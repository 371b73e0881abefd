'use client';

import { certain } from '@/core/certain';
import type { PointerEvent } from 'react';
import { normalised, type State, type Trace } from '@/core/timing/trace';
import { TraceChart } from './TraceChart';
import relaysStyle from '@/ui/styles/relays.module.css';

const LEFT_SHARE = 84 / 760;
const RIGHT_SHARE = 12 / 760;
const NEAR_SHARE = 0.012;
const ROW = 46;

/** A trace with one change more, or without the one that lies near: states follow each other from the first. */
export function toggled(trace: Trace, seconds: number, near: number): Trace {
  const times = normalised(trace).map(([at]) => at);
  const hit = times.findIndex((at) => Math.abs(at - seconds) <= near);
  const next = hit >= 0 ? times.filter((_, i) => i !== hit) : [...times, seconds].sort((a, b) => a - b);
  return next.map((at, i) => [at, (i % 2 === 0 ? 1 : 0) as State]);
}

/** Lanes into which changes are clicked; the same is typed in the line above, so that the keyboard reaches it. */
export function LaneEditor({
  lanes,
  untilSeconds,
  onLane,
}: {
  lanes: readonly { name: string; trace: Trace }[];
  untilSeconds: number;
  onLane: (name: string, trace: Trace) => void;
}) {
  const click = (event: PointerEvent<HTMLDivElement>) => {
    const box = certain(event.currentTarget.querySelector('svg')).getBoundingClientRect();
    const share = ((event.clientX - box.left) / box.width - LEFT_SHARE) / (1 - LEFT_SHARE - RIGHT_SHARE);
    const lane = lanes[Math.floor(((event.clientY - box.top) / box.height) * ((lanes.length * ROW + 30) / ROW))];
    if (!lane || share < -0.01 || share > 1.01) return;
    const step = untilSeconds > 100 ? 1 : untilSeconds > 20 ? 0.5 : 0.1;
    const seconds = Math.max(0, Number((Math.round((share * untilSeconds) / step) * step).toFixed(3)));
    onLane(lane.name, toggled(lane.trace, seconds, untilSeconds * NEAR_SHARE));
  };
  return (
    <div className={relaysStyle.laneEditor} onPointerUp={click}>
      <TraceChart
        traces={lanes.map(({ name, trace }) => ({
          name: `${certain(name[0]).toUpperCase()}${name.slice(1)}`,
          trace,
          wanted: name === 'output',
        }))}
        untilSeconds={untilSeconds}
      />
    </div>
  );
}
