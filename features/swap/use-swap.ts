'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { applyChanges, diffStates, type Change, type SwapState } from '@/core/swap/swap';
import type { SwapView } from '@/services/swaps';
import { api } from '../../client/api';
import { claimTab, keepChanges, takeKept } from '../../client/kept-changes';

export type SaveState = 'saved' | 'saving' | 'offline' | 'refused';
export type Conflict = { version: number; theirs: SwapState; theirChanges: Change[]; mine: Change[] };

const WAIT_MS = 350;
const RETRY_MS = 2000;

const asList = (pending: Map<string, unknown>): Change[] => [...pending].map(([path, value]) => ({ path, value }));
/**
 * A swap under work: changes show at once, are kept on this device, and are saved in the background.
 * A later save of somebody else is never overwritten: it becomes a conflict to decide. A lost connection is retried.
 */
export function useSwap(initial: SwapView) {
  const [state, setState] = useState(initial.state);
  const [save, setSave] = useState<SaveState>('saved');
  const [fault, setFault] = useState<string>();
  const [conflict, setConflict] = useState<Conflict>();
  const [undoStack, setUndoStack] = useState<Change[][]>([]);
  const server = useRef({ version: initial.version, state: initial.state });
  const pending = useRef(new Map<string, unknown>());
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const busy = useRef<Promise<void> | undefined>(undefined);
  const current = useRef(initial.state);
  const tab = useRef<string>(undefined);

  const keepPending = useCallback(() => {
    if (tab.current) keepChanges(initial.id, tab.current, asList(pending.current));
  }, [initial.id]);

  const show = useCallback((next: SwapState) => {
    current.current = next;
    setState(next);
  }, []);

  const flush = useCallback(async (): Promise<void> => {
    clearTimeout(timer.current);
    if (busy.current) await busy.current;
    if (pending.current.size === 0) return;
    const sent = new Map(pending.current);
    const work = async () => {
      setSave('saving');
      const changes = asList(sent);
      const answer = await api<{ version: number }>('PATCH', `/api/v1/swaps/${initial.id}`, {
        version: server.current.version,
        changes,
      });
      if (answer.ok) {
        server.current = {
          version: answer.value.version,
          state: applyChanges(server.current.state, changes),
        };
        for (const [path, value] of sent) if (pending.current.get(path) === value) pending.current.delete(path);
        keepPending();
        setFault(undefined);
        setSave(pending.current.size > 0 ? 'saving' : 'saved');
        if (pending.current.size > 0) timer.current = setTimeout(() => void flush(), WAIT_MS);
      } else if (answer.status === 409 && answer.body.state) {
        const theirs = answer.body.state as SwapState;
        setConflict({
          version: answer.body.version as number,
          theirs,
          theirChanges: diffStates(server.current.state, theirs),
          mine: asList(pending.current),
        });
        setSave('refused');
      } else if (answer.offline) {
        setSave('offline');
        setFault(answer.faults[0]?.reason);
        timer.current = setTimeout(() => void flush(), RETRY_MS);
      } else {
        // Refused for what it says: take the refused entries out of the queue, they stay on the screen.
        for (const path of sent.keys()) pending.current.delete(path);
        keepPending();
        setSave('refused');
        setFault(answer.faults.map((one) => one.reason).join(' '));
      }
    };
    busy.current = work().finally(() => (busy.current = undefined));
    await busy.current;
  }, [initial.id, keepPending]);

  const push = useCallback(
    (changes: Change[]) => {
      show(applyChanges(current.current, changes));
      for (const { path, value } of changes) pending.current.set(path, value ?? null);
      keepPending();
      setSave('saving');
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void flush(), WAIT_MS);
    },
    [flush, keepPending, show],
  );

  const change = useCallback(
    (changes: Change[]) => {
      const before = current.current;
      const back = diffStates(applyChanges(before, changes), before);
      if (back.length === 0) return;
      setUndoStack((stack) => [...stack.slice(-49), back]);
      push(changes);
    },
    [push],
  );

  const undo = useCallback(() => {
    const last = undoStack.at(-1);
    if (!last) return;
    setUndoStack((stack) => stack.slice(0, -1));
    push(last);
  }, [push, undoStack]);

  /** Settles a conflict: theirs, with those of my changes laid over it that are to stay. */
  const settle = useCallback(
    (keepPaths: string[]) => {
      if (!conflict) return;
      server.current = { version: conflict.version, state: conflict.theirs };
      const mine = conflict.mine.filter(({ path }) => keepPaths.includes(path));
      pending.current = new Map(mine.map(({ path, value }) => [path, value]));
      keepPending();
      show(applyChanges(conflict.theirs, mine));
      setConflict(undefined);
      setUndoStack([]);
      setSave(mine.length > 0 ? 'saving' : 'saved');
      void flush();
    },
    [conflict, flush, keepPending, show],
  );

  useEffect(() => {
    // What could not be saved before is laid on again, unless another living tab still holds it.
    void claimTab().then(async (mine) => {
      tab.current = mine;
      const kept = initial.status === 'open' ? await takeKept(initial.id, mine) : [];
      if (kept.length > 0) push(kept);
      else keepPending();
    });
    const online = () => void flush();
    window.addEventListener('online', online);
    return () => {
      window.removeEventListener('online', online);
    };
  }, [flush, initial.id, initial.status, keepPending, push]);

  return {
    state,
    save,
    fault,
    conflict,
    change,
    undo,
    canUndo: undoStack.length > 0,
    settle,
    flush,
    version: () => server.current.version,
    dismissFault: () => setFault(undefined),
  };
}
