/**
 * Star-delta changeover: star at once, after the run-up star off, after the pause delta on. The two are never on together.
 * Source: IEC 61812-1 and common practice, from memory; a pause of 40 to 100 ms lets the arc of the star contactor go out.
 */
import { runTimer } from './run';
import type { State, Trace } from './trace';

/** Contact traces of star and delta. `runUpSeconds` and `pauseSeconds` above zero; losing the supply drops both and starts anew. */
export function runStarDelta(
  runUpSeconds: number,
  pauseSeconds: number,
  supply: Trace,
  untilSeconds: number,
): { star: Trace; delta: Trace } {
  const star = runTimer('star-delta', [runUpSeconds, pauseSeconds], { supply }, untilSeconds);
  const delta: [number, State][] = [...runTimer('on-delay', [runUpSeconds + pauseSeconds], { supply }, untilSeconds)].map(([at, state]) => [
    at,
    state,
  ]);
  return { star, delta };
}
