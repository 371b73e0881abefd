'use client';

import { useEffect, useRef, useState } from 'react';
import { newElement } from '@/core/supply/element-fields';
import type { Element, SupplyPath } from '@/core/supply/path';
import type { SupplyView } from '@/services/supply-paths';
import { api } from '../../client/api';
import { claimTab, keepChanges, takeKept } from '../../client/kept-changes';

const blank: SupplyPath = { system: 'three-phase', volts: 400, voltsToGround: 230, elements: [newElement('transformer')] };
type Runs = Record<string, Element[]>;
type Draft = { path: SupplyPath; runs: Runs; version: number };
export type SaveState = { words: string; bad?: boolean; dirty?: boolean };

const draftOf = (view: SupplyView): Draft => ({
  path: view.path ?? blank,
  runs: Object.fromEntries(view.positions.map(({ id, run }) => [id, run])),
  version: view.version,
});

/** What feeds a panel while it is edited: kept on this device until it is saved, and never written over somebody's work unseen. */
export function useSupply(view: SupplyView) {
  const [draft, setDraft] = useState<Draft>(() => draftOf(view));
  const [theirs, setTheirs] = useState<SupplyView>();
  const [save, setSave] = useState<SaveState>({
    words: view.path ? 'Saved' : 'Nothing is entered for this panel yet: an example stands here.',
  });
  const tab = useRef<string>(undefined);
  const busy = useRef(false);
  const key = `supply-${view.panel.id}`;
  const keep = (next: Draft | undefined) => tab.current && keepChanges(key, tab.current, next ? [{ path: 'draft', value: next }] : []);
  useEffect(() => {
    let here = true;
    void (async () => {
      tab.current = await claimTab();
      const kept = (await takeKept(key, tab.current)).at(-1)?.value as Draft | undefined;
      if (!here || !kept?.path) return;
      setDraft(kept);
      setSave({ words: 'Not saved yet: this is what was typed here before.', dirty: true });
    })();
    return () => {
      here = false;
    };
  }, [key]);
  const edit = (change: Partial<Pick<Draft, 'path' | 'runs'>>) => {
    const next = { ...draft, ...change };
    setDraft(next);
    keep(next);
    setSave({ words: 'Not saved yet', dirty: true });
  };
  /** Sends the whole path and, where one is named, the run to a position; `version` is the one that is written over. */
  const send = async (positionId: string | undefined, version = draft.version) => {
    if (busy.current) return;
    busy.current = true;
    setSave({ words: 'Saving', dirty: true });
    const answer = await api<{ version: number }>('PUT', `/api/v1/panels/${view.panel.id}/supply`, {
      version,
      path: draft.path,
      ...(positionId ? { positionId, run: draft.runs[positionId] ?? [] } : {}),
    });
    busy.current = false;
    if (answer.ok) {
      setDraft({ ...draft, version: answer.value.version });
      setTheirs(undefined);
      keep(undefined);
      return setSave({ words: 'Saved' });
    }
    if (answer.status === 409) setTheirs(answer.body.current as SupplyView);
    setSave({ words: answer.faults.map(({ reason }) => reason).join(' '), bad: true, dirty: true });
  };
  /** Drops what was typed here and shows what stands. */
  const takeTheirs = () => {
    if (!theirs) return;
    setDraft(draftOf(theirs));
    setTheirs(undefined);
    keep(undefined);
    setSave({ words: 'This is what stands now; what you had typed is gone.' });
  };
  return { path: draft.path, runs: draft.runs, save, theirs, edit, send, takeTheirs };
}
