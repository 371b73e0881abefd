'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Change } from '@/core/swap/swap';
import type { ApiAnswer } from './api';
import { claimTab, keepChanges, takeKept } from './kept-changes';

export type SaveState = 'saved' | 'unsaved' | 'saving' | 'offline' | 'refused';
/** Somebody saved first: what stands now, what they changed, and what is not saved here. */
export type DraftConflict<T> = { version: number; theirs: T; theirChanges: Change[]; mine: Change[] };

/** What a document must tell to be edited as a draft; the same object at every call, or the draft begins anew. */
export type DraftKind<T> = {
  apply: (value: T, changes: readonly Change[]) => T;
  diff: (from: T, to: T) => Change[];
  /** Saves over this version; what is sent is the whole value, or what changed. */
  send: (version: number, changes: Change[], value: T) => Promise<ApiAnswer<{ version: number; value?: T }>>;
  /** What stands, out of a refusal because somebody saved first. */
  standing: (body: Record<string, unknown>) => { version: number; value: T } | undefined;
  /** Saved by itself a moment after each change; else when `flush` is called. */
  autosave: boolean;
};

const WAIT_MS = 350;
const RETRY_MS = 2000;
const MOST_UNDO = 50;

const asList = (pending: ReadonlyMap<string, unknown>): Change[] => [...pending].map(([path, value]) => ({ path, value }));

/**
 * A document with a version under work: changes show at once, are kept on this device until they are saved, and can be undone. A later
 * save of somebody else is never overwritten: it becomes a conflict to decide. A lost connection is retried.
 * @param key names the document among what is kept on this device; `initial` is what the server held when the page was made.
 */
export function useVersionedDraft<T>(key: string, initial: { version: number; value: T }, kind: DraftKind<T>, open = true) {
  const [value, setValue] = useState(initial.value);
  const [save, setSave] = useState<SaveState>('saved');
  const [fault, setFault] = useState<string>();
  const [conflict, setConflict] = useState<DraftConflict<T>>();
  const [undoStack, setUndoStack] = useState<Change[][]>([]);
  const [recovered, setRecovered] = useState(false);
  const server = useRef(initial);
  const pending = useRef(new Map<string, unknown>());
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const busy = useRef<Promise<void> | undefined>(undefined);
  const current = useRef(initial.value);
  /** Asked to be saved, and the connection was lost. */
  const waiting = useRef(false);
  const tab = useRef<string>(undefined);

  const keepPending = useCallback(() => {
    if (tab.current) keepChanges(key, tab.current, asList(pending.current));
  }, [key]);

  const show = useCallback((next: T) => {
    current.current = next;
    setValue(next);
  }, []);

  /** Sends what is not saved, now. */
  const flush = useCallback(async (): Promise<void> => {
    clearTimeout(timer.current);
    if (busy.current) await busy.current;
    if (pending.current.size === 0) return;
    const sent = new Map(pending.current);
    const later = (wait: number) => {
      timer.current = setTimeout(() => void flush(), wait);
    };
    const took = (answered: { version: number; value?: T }) => {
      const changes = asList(sent);
      server.current = { version: answered.version, value: answered.value ?? kind.apply(server.current.value, changes) };
      for (const [path, one] of sent) if (pending.current.get(path) === one) pending.current.delete(path);
      keepPending();
      waiting.current = false;
      setFault(undefined);
      setRecovered(false);
      const more = pending.current.size > 0;
      setSave(more ? (kind.autosave ? 'saving' : 'unsaved') : 'saved');
      if (more && kind.autosave) later(WAIT_MS);
    };
    const refused = (reasons: string, stands: ReturnType<typeof kind.standing>) => {
      setSave('refused');
      if (stands) {
        const theirChanges = kind.diff(server.current.value, stands.value);
        setConflict({ version: stands.version, theirs: stands.value, theirChanges, mine: asList(pending.current) });
        return;
      }
      setFault(reasons);
      if (!kind.autosave) return;
      // Refused for what it says: what is saved by itself would be sent again and again; it stays on the screen.
      for (const path of sent.keys()) pending.current.delete(path);
      keepPending();
    };
    const work = async () => {
      setSave('saving');
      const answer = await kind.send(server.current.version, asList(sent), current.current);
      if (answer.ok) return took(answer.value);
      const reasons = answer.faults.map(({ reason }) => reason).join(' ');
      if (!answer.offline) return refused(reasons, answer.status === 409 ? kind.standing(answer.body) : undefined);
      waiting.current = true;
      setSave('offline');
      setFault(reasons);
      later(RETRY_MS);
    };
    busy.current = work().finally(() => (busy.current = undefined));
    await busy.current;
  }, [keepPending, kind]);

  const push = useCallback(
    (changes: readonly Change[]) => {
      show(kind.apply(current.current, changes));
      for (const { path, value: one } of changes) pending.current.set(path, one ?? null);
      keepPending();
      setSave(kind.autosave ? 'saving' : 'unsaved');
      clearTimeout(timer.current);
      if (kind.autosave) timer.current = setTimeout(() => void flush(), WAIT_MS);
    },
    [flush, keepPending, kind, show],
  );

  const change = useCallback(
    (changes: readonly Change[]) => {
      const before = current.current;
      const back = kind.diff(kind.apply(before, changes), before);
      if (back.length === 0) return;
      setUndoStack((stack) => [...stack.slice(1 - MOST_UNDO), back]);
      push(changes);
    },
    [kind, push],
  );

  const undo = useCallback(() => {
    const last = undoStack.at(-1);
    if (!last) return;
    setUndoStack((stack) => stack.slice(0, -1));
    push(last);
  }, [push, undoStack]);

  /** Settles a conflict: theirs, with those of my changes laid over it that are to stay. */
  const settle = useCallback(
    (keepPaths: readonly string[]) => {
      if (!conflict) return;
      server.current = { version: conflict.version, value: conflict.theirs };
      const mine = conflict.mine.filter(({ path }) => keepPaths.includes(path));
      pending.current = new Map(mine.map(({ path, value: one }) => [path, one]));
      keepPending();
      show(kind.apply(conflict.theirs, mine));
      setConflict(undefined);
      setUndoStack([]);
      setFault(undefined);
      setSave(mine.length > 0 ? 'saving' : 'saved');
      void flush();
    },
    [conflict, flush, keepPending, kind, show],
  );

  useEffect(() => {
    let here = true;
    // What could not be saved before is laid on again, unless another living tab still holds it.
    void claimTab().then(async (mine) => {
      if (!here) return;
      tab.current = mine;
      const kept = open ? await takeKept(key, mine) : [];
      if (!here || kept.length === 0) return keepPending();
      setRecovered(true);
      push(kept);
    });
    const online = () => {
      if (kind.autosave || waiting.current) void flush();
    };
    window.addEventListener('online', online);
    return () => {
      here = false;
      window.removeEventListener('online', online);
    };
  }, [flush, key, keepPending, kind, open, push]);

  return {
    value,
    save,
    fault,
    conflict,
    change,
    undo,
    canUndo: undoStack.length > 0,
    settle,
    flush,
    /** What was not saved when this page was last left stands here again. */
    recovered,
    version: () => server.current.version,
  };
}
