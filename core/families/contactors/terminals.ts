/**
 * Which wire goes from which terminal of the old part to which of the new?
 * Marks by practice: 1/L1-2/T1 (IEC 60947-1 annex on terminal marking, from memory) or L1-T1 (NEMA ICS 2).
 * Coil A1/A2, release coil of a latched one E1/E2 (IEC 60947-1, from memory). Auxiliaries: function digits 3-4 make, 1-2 break; positions are counted from 1 (13-14, 21-22).
 * Where a contact has no counterpart the move says so; nothing is mapped by likeness.
 */
import type { CanonicalContactor } from './figures';
import type { NeedContext, TerminalMove } from '../contract';

const isIec = (part: CanonicalContactor | null) => typeof part?.standard === 'string' && part.standard.startsWith('IEC');
const count = (mark: unknown) => (typeof mark === 'number' ? mark : 0);

const line = (iec: boolean, pole: number) => (iec ? `${2 * pole - 1}/L${pole}` : `L${pole}`);
const load = (iec: boolean, pole: number) => (iec ? `${2 * pole}/T${pole}` : `T${pole}`);

/** Auxiliary marks of a part in order: makes first, then breaks. Example: 2 NO and 1 NC give 13-14, 23-24, 31-32. */
export function auxiliaryMarks(part: CanonicalContactor | null): { open: string[]; closed: string[] } {
  const makes = count(part?.auxNormallyOpen);
  const breaks = count(part?.auxNormallyClosed);
  const mark = (position: number, first: number) => `${position}${first}-${position}${first + 1}`;
  return {
    open: Array.from({ length: makes }, (_, i) => mark(i + 1, 3)),
    closed: Array.from({ length: breaks }, (_, i) => mark(makes + i + 1, 1)),
  };
}

/** Returns the moves in the order of wiring: main circuit, coil, auxiliaries in use. */
export function contactorTerminals(context: NeedContext, from: CanonicalContactor | null, to: CanonicalContactor): TerminalMove[] {
  const fromIec = from ? isIec(from) : context.practice === 'IEC';
  const poles = Math.min(
    count(to.poles) || 3,
    typeof context.load.polesToSwitch === 'number' ? context.load.polesToSwitch : count(from?.poles) || count(to.poles) || 3,
  );
  const moves: TerminalMove[] = [];
  for (let pole = 1; pole <= poles; pole += 1) {
    moves.push({
      circuit: 'main',
      from: line(fromIec, pole),
      to: line(isIec(to), pole),
      note: 'supply side',
    });
    moves.push({ circuit: 'main', from: load(fromIec, pole), to: load(isIec(to), pole), note: 'load side' });
  }
  for (const terminal of ['A1', 'A2']) {
    const note =
      context.supply.controlKind === 'dc' ? `${terminal === 'A1' ? 'plus' : 'minus'} where the coil is marked with polarity` : '';
    moves.push({ circuit: 'coil', from: terminal, to: terminal, note });
  }
  if (to.holding === 'mechanical' || to.holding === 'magnetic-latch')
    for (const terminal of ['E1', 'E2'])
      moves.push({ circuit: 'coil', from: terminal, to: terminal, note: 'release coil, by the maker’s drawing; a pulse, never held' });
  const old = auxiliaryMarks(from);
  const fresh = auxiliaryMarks(to);
  for (const [form, needed] of [
    ['open', context.load.auxNormallyOpenNeeded],
    ['closed', context.load.auxNormallyClosedNeeded],
  ] as const)
    for (let i = 0; i < count(needed); i += 1) {
      const target = fresh[form][i];
      moves.push({
        circuit: 'auxiliary',
        from: old[form][i] ?? `${form === 'open' ? 'NO' : 'NC'} ${i + 1}`,
        to: target ?? 'none: add a block',
        note: form === 'open' ? 'make' : 'break',
      });
    }
  return moves;
}
