'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { LabAnswer, LabAsk } from '../../workers/relay-lab.worker';

type Ask = LabAsk extends infer One ? (One extends { id: number } ? Omit<One, 'id'> : never) : never;
export type LabState = { busy: boolean; share: number; answer?: LabAnswer; fault?: string };

/** The lab's worker: one thing at a time; what is asked anew, or cancelled, ends the one before at once. */
export function useLabWorker() {
  const worker = useRef<Worker | undefined>(undefined);
  const number = useRef(0);
  const [state, setState] = useState<LabState>({ busy: false, share: 0 });
  const stop = useCallback(() => {
    worker.current?.terminate();
    worker.current = undefined;
  }, []);
  useEffect(() => stop, [stop]);
  const cancel = useCallback(() => {
    stop();
    setState((before) => ({ ...before, busy: false, share: 0 }));
  }, [stop]);
  const ask = useCallback(
    (wanted: Ask) => {
      stop();
      const own = new Worker(new URL('../../workers/relay-lab.worker.ts', import.meta.url), { type: 'module' });
      worker.current = own;
      const id = (number.current += 1);
      setState((before) => ({ ...before, busy: true, share: 0, fault: undefined }));
      own.onmessage = ({ data }: MessageEvent<LabAnswer>) => {
        if (data.id !== id) return;
        if (data.kind === 'progress') return setState((before) => ({ ...before, share: data.share }));
        stop();
        setState(data.kind === 'fault' ? { busy: false, share: 0, fault: data.fault } : { busy: false, share: 1, answer: data });
      };
      own.onerror = () => {
        stop();
        setState({ busy: false, share: 0, fault: 'The run could not be started. Reload the page and try again.' });
      };
      own.postMessage({ ...wanted, id } as LabAsk);
    },
    [stop],
  );
  return { ...state, ask, cancel };
}
