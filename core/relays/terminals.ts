/**
 * Which wire goes from which pin of the old base to which of the new? Coil, then each contact in use, then the control signal.
 * Where a base has no pin for it, or its pins are not known here, the move says so; nothing is mapped by likeness.
 */
import type { Figures } from '../matching/canonical';
import type { BaseFigure, ContactFigure } from './figures';

type Part = Figures<ContactFigure | BaseFigure>;
import type { NeedContext, TerminalMove } from '../families/contract';
import { baseOf, type Base, type ContactSet } from './bases';

const contactsOf = (base: Base | undefined, timer: boolean): readonly ContactSet[] =>
  base ? (timer ? (base.timer?.contacts ?? base.contacts) : base.contacts) : [];

/** How many contact sets are in use: as the position says, else what the removed part had. */
function setsInUse({ load }: NeedContext, from: Part | null, to: Part): number {
  const forms = load.contactForms as Record<string, number> | null | undefined;
  const named = Array.isArray(load.contacts) ? (load.contacts as { pole?: number }[]) : [];
  const byForms = forms && typeof forms === 'object' ? Object.values(forms).reduce((sum, count) => sum + (Number(count) || 0), 0) : 0;
  const byPole = Math.max(0, ...named.map(({ pole }, i) => pole ?? i + 1));
  const count = (part: Part | null) => (typeof part?.contactsInAll === 'number' ? part.contactsInAll : 0);
  return Math.max(byForms, byPole) || count(from) || count(to) || 1;
}

const unknown = 'read the diagram';

/** Moves in the order of wiring. `timer` takes the pins of timers, which leave out a contact set for the signal. */
export function relayTerminals(context: NeedContext, from: Part | null, to: Part, timer = false): TerminalMove[] {
  const socket = context.supply.socket ?? from?.base;
  const [old, fresh] = [baseOf(socket), baseOf(to.base)];
  const dc = context.supply.controlKind === 'dc';
  const plus = typeof context.supply.coilPositivePin === 'number' ? String(context.supply.coilPositivePin) : undefined;
  const newPlus = Array.isArray(to.positivePins) && to.positivePins[0] ? String(to.positivePins[0]) : undefined;
  const same = old !== undefined && old === fresh;
  const coil: TerminalMove[] = [0, 1].map((i) => {
    const pin = old?.coil[i] ?? unknown;
    const wasPlus = plus === pin;
    // The plus wire goes to the pin that the new part marks as plus.
    const swapped = newPlus !== undefined && plus !== undefined && fresh !== undefined;
    const target = swapped ? (wasPlus ? newPlus : (fresh.coil.find((one) => one !== newPlus) ?? unknown)) : (fresh?.coil[i] ?? unknown);
    return {
      circuit: 'coil',
      from: pin,
      to: target,
      note: dc ? (wasPlus ? 'plus' : plus ? 'minus' : 'polarity: read the diagram') : timer ? 'supply' : 'coil',
    };
  });
  const sets = setsInUse(context, from, to);
  const [was, is] = [contactsOf(old, timer), contactsOf(fresh, timer)];
  const contacts = Array.from({ length: sets }, (_, i): TerminalMove[] =>
    (
      [
        ['common', 'common'],
        ['normallyClosed', 'break'],
        ['normallyOpen', 'make'],
      ] as const
    ).map(([name, words]) => ({
      circuit: 'auxiliary',
      from: was[i]?.[name] ?? (old ? `pole ${i + 1}, ${words}` : unknown),
      to: is[i]?.[name] ?? (fresh ? 'no such contact on this base' : unknown),
      note: `pole ${i + 1}, ${words}`,
    })),
  ).flat();
  const signal: TerminalMove[] =
    timer && context.load.controlSignal === true
      ? [
          {
            circuit: 'auxiliary',
            from: old?.timer?.signal.join('-') || unknown,
            to: fresh?.timer?.signal.join('-') || 'no signal pin on this base',
            note: `control signal, ${typeof context.load.signalKind === 'string' ? context.load.signalKind : 'kind not known'}: pins by the diagram`,
          },
        ]
      : [];
  return [...coil, ...contacts, ...signal].map((move) =>
    same && move.from === move.to ? { ...move, note: `${move.note}, as before` } : move,
  );
}
