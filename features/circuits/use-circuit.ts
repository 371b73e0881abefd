'use client';

import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import { api } from '@/client/api';
import { useVersionedDraft, type DraftKind } from '@/client/use-versioned-draft';
import { isOneOf, isRecord, keysOf } from '@/core/certain';
import { circuitFacts, factIds, withFact, type CircuitFacts, type FactId } from '@/core/circuit/circuit';
import { factSchema, saveCircuitSchema } from '@/core/circuit/circuit-fields';
import type { Change } from '@/core/swap/swap';
import type { CircuitView, PanelCircuits, StandingCircuit } from '@/services/circuits';

/** What of a circuit is edited. Entries: 'name', 'positionIds', and 'fact.' with what was seen. */
export type Drawn = { name: string; positionIds: readonly string[]; facts: CircuitFacts };
const FACT = 'fact.';

const namesIt = (value: unknown): value is { name: string } => isRecord(value) && typeof value.name === 'string';
const placesIt = (value: unknown): value is { positionIds: string[] } => isRecord(value) && Array.isArray(value.positionIds);

/** An entry laid on; one that was kept on this device and reads otherwise now is left out. */
function applyEntry(drawn: Drawn, { path, value }: Change): Drawn {
  const id = path.slice(FACT.length);
  if (path.startsWith(FACT) && isOneOf(factIds, id)) {
    const fact = value ?? { id, answer: 'not-seen', seenWith: '' };
    return factSchema.isValidSync(fact) && fact.id === id ? { ...drawn, facts: withFact(drawn.facts, fact) } : drawn;
  }
  const sent = { version: 1, [path]: value };
  if (!saveCircuitSchema.isValidSync(sent)) return drawn;
  if (path === 'name' && namesIt(sent)) return { ...drawn, name: sent.name };
  return path === 'positionIds' && placesIt(sent) ? { ...drawn, positionIds: sent.positionIds } : drawn;
}

const factEntry = (facts: CircuitFacts, id: FactId): Change => ({ path: FACT + id, value: facts[id] ? { id, ...facts[id] } : null });
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
const sorted = (ids: readonly string[]) => [...ids].sort();
const diff = (from: Drawn, to: Drawn): Change[] => [
  ...(from.name === to.name ? [] : [{ path: 'name', value: to.name }]),
  ...(same(sorted(from.positionIds), sorted(to.positionIds)) ? [] : [{ path: 'positionIds', value: to.positionIds }]),
  ...factIds.flatMap((id) => (same(from.facts[id], to.facts[id]) ? [] : [factEntry(to.facts, id)])),
];

/** The body of a save: what changed, as the server takes it. */
const bodyOf = (version: number, changes: readonly Change[]) => ({
  version,
  ...Object.fromEntries(changes.filter(({ path }) => !path.startsWith(FACT)).map(({ path, value }) => [path, value])),
  ...(changes.some(({ path }) => path.startsWith(FACT))
    ? {
        facts: changes
          .filter(({ path }) => path.startsWith(FACT))
          .map(({ path, value }) => value ?? { id: path.slice(FACT.length), answer: 'not-seen', seenWith: '' }),
      }
    : {}),
});

/** A change as its user reads it: what of the circuit, and what stands for it now. */
export function circuitChangeWords(view: PanelCircuits, circuit: CircuitView, change: Change): { what: string; says: string } {
  const { name, positionIds, facts } = applyEntry(drawnOf(circuit), change);
  if (change.path === 'name') return { what: 'Name', says: name };
  if (change.path === 'positionIds') {
    const tags = view.positions.filter(({ id }) => positionIds.includes(id)).map(({ tag }) => tag);
    return { what: 'Positions', says: tags.join(', ') };
  }
  const id = keysOf(circuitFacts).find((one) => FACT + one === change.path);
  return { what: id ? circuitFacts[id] : change.path, says: (id && facts[id]?.answer) ?? 'not seen' };
}

const drawnOf = ({ name, facts, members }: CircuitView): Drawn => ({ name, facts, positionIds: members.map(({ id }) => id) });
const isStanding = (value: unknown): value is StandingCircuit =>
  isRecord(value) && typeof value.version === 'number' && isRecord(value.facts) && placesIt(value) && namesIt(value);

/** A circuit while it is edited: saved by itself, and the panel judged anew once it is. */
export function useCircuit(circuit: CircuitView) {
  const router = useRouter();
  const { id, version } = circuit;
  const kind = useMemo(
    (): DraftKind<Drawn> => ({
      apply: (drawn, changes) => changes.reduce(applyEntry, drawn),
      diff,
      send: async (from, changes) => {
        const answer = await api<{ version: number }>('PATCH', `/api/v1/circuits/${id}`, bodyOf(from, changes));
        if (answer.ok) router.refresh();
        return answer;
      },
      standing: ({ current }) => (isStanding(current) ? { version: current.version, value: current } : undefined),
      autosave: true,
    }),
    [id, router],
  );
  const saved = drawnOf(circuit);
  const draft = useVersionedDraft(`circuit-${id}`, { version, value: saved }, kind);
  /** Draws it anew: what differs from what was saved is sent, and nothing else. Resolves to why it was refused for what it says. */
  const draw = async (next: Pick<Drawn, 'name' | 'positionIds'>): Promise<string | undefined> => {
    draft.change(diff(saved, { ...saved, ...next }));
    const why = await draft.flush();
    const { save, conflict } = draft.now();
    return save === 'refused' && !conflict ? why : undefined;
  };
  return { ...draft, draw };
}
