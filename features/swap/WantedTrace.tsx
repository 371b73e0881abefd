import type { NeedContext } from '@/core/families/contract';
// eslint-disable-next-line import/no-restricted-paths -- which function a drawn trace is, only the timing relays know
import { requiredFunction } from '@/core/families/timing-relays/required';
import type { Trace } from '@/core/timing/trace';
import { TraceChart } from '../../ui/relays/TraceChart';

const TAIL = 1.25;

/** The trace that the position wants, drawn, with what it is. */
export function WantedTrace({ context }: { context: NeedContext }) {
  const trace = context.load.requiredTrace as { supply?: Trace; signal?: Trace; output?: Trace } | null | undefined;
  if (!trace?.output) return null;
  const rows = [
    { name: 'Supply', trace: trace.supply ?? ([[0, 1]] as const) },
    ...(trace.signal ? [{ name: 'Signal', trace: trace.signal }] : []),
    { name: 'Contact', trace: trace.output, wanted: true },
  ];
  const last = Math.max(1, ...rows.flatMap((row) => row.trace.map(([at]) => at)));
  return (
    <section className="sheet" style={{ padding: 12 }} aria-label="Required timing diagram">
      <b>What the contact must do</b>
      <TraceChart traces={rows} untilSeconds={last * TAIL} />
      <p className="muted">{requiredFunction(context)?.because}</p>
    </section>
  );
}
