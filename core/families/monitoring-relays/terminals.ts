/** Which wire goes where on a monitoring relay? Rail terminals L1 L2 L3 (N), A1 A2, 11-12-14: IEC 60947-1 marking, from memory. */
import type { CanonicalMonitoringRelay } from './figures';
import type { NeedContext, TerminalMove } from '../contract';

/** Measured conductors, own supply, contacts in use. */
export function monitoringTerminals(
  { load }: NeedContext,
  from: CanonicalMonitoringRelay | null,
  to: CanonicalMonitoringRelay,
): TerminalMove[] {
  const wires = (part: CanonicalMonitoringRelay | null) => (typeof part?.wires === 'number' ? part.wires : undefined);
  const names = (count: number) => (count === 2 ? ['L', 'N'] : ['L1', 'L2', 'L3', 'N'].slice(0, count));
  const [old, fresh] = [names(wires(from) ?? wires(to) ?? 3), names(wires(to) ?? 3)];
  const measured = (fresh.length >= old.length ? fresh : old).map((name): TerminalMove => ({
    circuit: 'main',
    from: old.includes(name) ? name : 'not wired before: bring the conductor',
    to: fresh.includes(name) ? name : 'none on this relay',
    note: name === 'N' ? 'neutral, before the phases' : 'keep the order of phases',
  }));
  const own: TerminalMove[] =
    to.fedByOther !== undefined
      ? ['A1', 'A2'].map((name) => ({
          circuit: 'coil',
          from: from?.fedByOther !== undefined ? name : 'not wired before',
          to: name,
          note: 'own supply',
        }))
      : [];
  const needed =
    typeof load.changeoversNeeded === 'number' ? load.changeoversNeeded : typeof from?.changeovers === 'number' ? from.changeovers : 1;
  const has = typeof to.changeovers === 'number' ? to.changeovers : 0;
  const contacts = Array.from({ length: needed }, (_, i): TerminalMove => {
    const marks = `${i + 1}1-${i + 1}2-${i + 1}4`;
    return {
      circuit: 'auxiliary',
      from: marks,
      to: i < has ? marks : 'none on this relay',
      note: 'make closed while healthy, where fail-safe',
    };
  });
  return [...measured, ...own, ...contacts];
}
