'use client';

import { useEffect, useRef, useState, useSyncExternalStore } from 'react';
import type { Change } from '@/core/swap/swap';
import { DraftQueue, type DraftKind } from './draft-queue';
import { claimTab, keepChanges, takeKept } from './kept-changes';

export type { DraftConflict, DraftKind, SaveState } from './draft-queue';

/** The copy of a document's unsaved changes on this device; nothing is written before this tab has claimed its place. */
function keeperOf(key: string) {
  let tab: string | undefined;
  return {
    /** Changes kept before, taken over where they are asked for. */
    claim: async (take: boolean) => {
      tab = await claimTab();
      return take ? takeKept(key, tab) : [];
    },
    keep: (changes: Change[]) => {
      if (tab) keepChanges(key, tab, changes);
    },
  };
}

/**
 * A document with a version under work: saved, retried, kept on this device, undone and settled by `DraftQueue`.
 * @param key names the document among what is kept on this device; `initial` is what the server held when the page was made; made anew from a later version, that stands here where nothing is unsaved.
 * @param open false: nothing kept is laid on again, such as over a job that was signed.
 */
export function useVersionedDraft<T>(key: string, initial: { version: number; value: T }, kind: DraftKind<T>, open = true) {
  const [{ queue, keeper }] = useState(() => {
    const own = keeperOf(key);
    const later = (work: () => void, ms: number) => {
      const timer = setTimeout(work, ms);
      return () => clearTimeout(timer);
    };
    return { keeper: own, queue: new DraftQueue(initial, kind, { later, keep: own.keep }) };
  });
  const view = useSyncExternalStore(queue.subscribe, queue.view, queue.view);
  useEffect(() => {
    // What could not be saved before is laid on again, unless another living tab still holds it.
    void keeper.claim(open).then(queue.recover);
    window.addEventListener('online', queue.online);
    return () => window.removeEventListener('online', queue.online);
  }, [keeper, open, queue]);
  const made = useRef(initial);
  useEffect(() => {
    made.current = initial;
  });
  useEffect(() => void queue.stands(made.current), [queue, initial.version]);
  const { change, undo, settle, flush, version } = queue;
  // `now`: how it stands at this moment, for who waited on `flush`.
  return { ...view, change, undo, settle, flush, version, now: queue.view };
}
