'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { LARGEST_FILE, sniffPicture } from '@/core/picture/image-type';
import { NO_PLATE, readsLikeAPlate, type OcrPlate } from '@/core/picture/ocr-plate';
import type { PhotoState } from './PhotoPanel';
import type { Crop, Interpreted, ReadAnswer, ReadRequest } from '@/workers/plate-reader.worker';

export type PhotoResult = { seen: OcrPlate; kept: Blob; file: File; read: Interpreted };

/** A picture from choosing to words: the work is done in a worker, shows its progress and can be cancelled. */
export function usePlatePhoto(
  plate: string | undefined,
  onRead: (result: PhotoResult) => void,
  onInterpreted: (read: Interpreted) => void = () => {},
) {
  const [state, setState] = useState<PhotoState>({ step: 'empty' });
  const worker = useRef<Worker>(undefined);
  const job = useRef(0);
  const urls = useRef<string[]>([]);
  const tell = useRef({ plate, onRead, onInterpreted });
  useEffect(() => {
    tell.current = { plate, onRead, onInterpreted };
  });
  const urlOf = (blob: Blob) => {
    const url = URL.createObjectURL(blob);
    urls.current.push(url);
    return url;
  };
  useEffect(
    () => () => {
      worker.current?.terminate();
      urls.current.forEach((url) => URL.revokeObjectURL(url));
    },
    [],
  );

  const start = () => {
    worker.current ??= new Worker(new URL('../../workers/plate-reader.worker.ts', import.meta.url), { type: 'module' });
    job.current += 1;
    return { id: job.current, to: worker.current };
  };

  const choose = useCallback(async (file: File) => {
    const head = new Uint8Array(await file.slice(0, Math.min(file.size, 262_144, LARGEST_FILE)).arrayBuffer());
    const sniffed = sniffPicture(head, file.size);
    // The engine loads while the frame is set.
    if (sniffed.ok) {
      const { id, to } = start();
      to.postMessage({ id, warm: true } satisfies ReadRequest);
    }
    setState(sniffed.ok ? { step: 'chosen', file, url: urlOf(file) } : { step: 'empty', fault: sniffed.fault });
  }, []);

  const cancel = useCallback(() => {
    worker.current?.terminate();
    worker.current = undefined;
    job.current += 1;
    setState((now) => (now.step === 'reading' ? { step: 'chosen', file: now.file, url: now.url } : now));
  }, []);

  const read = useCallback((file: File, url: string, crop?: Crop) => {
    const { id, to } = start();
    setState({ step: 'reading', file, url, share: 0 });
    to.onmessage = ({ data }: MessageEvent<ReadAnswer>) => {
      if (data.id !== job.current) return;
      if (data.kind === 'progress') setState({ step: 'reading', file, url, share: data.share });
      else if (data.kind === 'fault') setState({ step: 'empty', fault: data.fault });
      else if (data.kind === 'interpreted') return;
      else if (!readsLikeAPlate(data.seen))
        setState({
          step: 'empty',
          fault: NO_PLATE,
        });
      else {
        setState({ step: 'done', url: urlOf(data.kept), seen: data.seen });
        tell.current.onRead({ seen: data.seen, kept: data.kept, file, read: data.read });
      }
    };
    to.onerror = () => {
      if (id === job.current) setState({ step: 'empty', fault: 'The reader stopped. Try again, or type the marks.' });
    };
    to.postMessage({ id, file, crop, plate: tell.current.plate } satisfies ReadRequest);
  }, []);

  /** Reads what was seen as another kind of plate. */
  const interpret = useCallback((seen: OcrPlate, as: string | undefined) => {
    const { id, to } = start();
    to.onmessage = ({ data }: MessageEvent<ReadAnswer>) => {
      if (data.id === job.current && data.kind === 'interpreted') tell.current.onInterpreted(data.read);
    };
    to.postMessage({ id, seen, plate: as } satisfies ReadRequest);
  }, []);

  /** Shows a kept picture, unless somebody has begun with another. */
  const show = useCallback(
    (url: string, seen: OcrPlate) => setState((now) => (now.step === 'empty' ? { step: 'done', url, seen } : now)),
    [],
  );
  const clear = useCallback((fault?: string) => setState({ step: 'empty', fault }), []);
  return { state, choose, read, interpret, cancel, clear, show };
}
