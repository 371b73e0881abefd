'use client';

import { useMemo } from 'react';
import { api } from '@/client/api';
import { useVersionedDraft, type DraftKind } from '@/client/use-versioned-draft';
import { elementsSchema, newElement, pathSchema } from '@/core/supply/element-fields';
import type { Element, SupplyPath } from '@/core/supply/path';
import type { Change } from '@/core/swap/swap';
import type { SupplyView } from '@/services/supply-paths';

const blank: SupplyPath = { system: 'three-phase', volts: 400, voltsToGround: 230, elements: [newElement('transformer')] };
/** The path of a panel and the runs to its positions. Entries: 'path', and 'runs.' with a position. */
export type Supply = { path: SupplyPath; runs: Readonly<Record<string, readonly Element[]>> };
const RUN = 'runs.';

const supplyOf = (view: SupplyView): Supply => ({
  path: view.path ?? blank,
  runs: Object.fromEntries(view.positions.map(({ id, run }) => [id, run])),
});

/** An entry laid on; one that was kept on this device and reads otherwise now is left out. */
function applyEntry(supply: Supply, { path, value }: Change): Supply {
  if (path === 'path') return pathSchema.isValidSync(value) || value === supply.path ? { ...supply, path: value as SupplyPath } : supply;
  if (!path.startsWith(RUN)) return supply;
  const run = value ?? [];
  return elementsSchema.isType(run) ? { ...supply, runs: { ...supply.runs, [path.slice(RUN.length)]: run as Element[] } } : supply;
}
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
const diff = (from: Supply, to: Supply): Change[] => [
  ...(same(from.path, to.path) ? [] : [{ path: 'path', value: to.path }]),
  ...[...new Set([...Object.keys(from.runs), ...Object.keys(to.runs)])].flatMap((id) =>
    same(from.runs[id] ?? [], to.runs[id] ?? []) ? [] : [{ path: RUN + id, value: to.runs[id] ?? [] }],
  ),
];
const positionsIn = (changes: readonly Change[]): string[] =>
  changes.flatMap(({ path }) => (path.startsWith(RUN) ? [path.slice(RUN.length)] : []));
/** A change as its user reads it: which part of the supply, and its elements now. */
export function supplyChangeWords(view: SupplyView, change: Change): { what: string; says: string } {
  const { path, runs } = applyEntry(supplyOf(view), change);
  const place = view.positions.find(({ id }) => positionsIn([change]).includes(id));
  const names = (elements: readonly Element[]) => elements.map(({ name }) => name).join(', ') || 'nothing';
  return place
    ? { what: `Run to ${place.tag}`, says: names(runs[place.id] ?? []) }
    : { what: 'Supply of the panel', says: names(path.elements) };
}
const isView = (value: unknown): value is SupplyView =>
  typeof value === 'object' && value !== null && 'positions' in value && 'version' in value;

/** What feeds a panel while it is edited: saved when its user says so, since positions without a figure of their own take what stands. */
export function useSupply(view: SupplyView) {
  const { id } = view.panel;
  const kind = useMemo((): DraftKind<Supply> => {
    return {
      apply: (supply, changes) => changes.reduce(applyEntry, supply),
      diff,
      send: (version, changes, { path, runs }) =>
        api<{ version: number }>('PUT', `/api/v1/panels/${id}/supply`, {
          version,
          path,
          runs: positionsIn(changes).map((positionId) => ({ positionId, run: runs[positionId] ?? [] })),
        }),
      standing: ({ current }) => (isView(current) ? { version: current.version, value: supplyOf(current) } : undefined),
      autosave: false,
    };
  }, [id]);
  return useVersionedDraft(`supply-${id}`, { version: view.version, value: supplyOf(view) }, kind);
}
