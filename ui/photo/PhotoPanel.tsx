'use client';

import { FilePick } from '@/ui/forms/FilePick';
import { FaultNotice } from '@/ui/shell/Notice';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';
import LinearProgress from '@mui/material/LinearProgress';
import ReactCrop, { type PercentCrop } from 'react-image-crop';
import 'react-image-crop/dist/ReactCrop.css';
import type { OcrPlate } from '@/core/picture/ocr-plate';
import { WordsOverPicture, type WordField } from './WordsOverPicture';
import photoStyle from '@/ui/styles/photo.module.css';

/** A picture from choosing to words. */
export type PhotoState =
  | { step: 'empty'; fault?: string }
  | { step: 'chosen'; file: File; url: string }
  | { step: 'reading'; file: File; url: string; share: number }
  | { step: 'done'; url: string; seen: OcrPlate };

/** Where a picture is dropped, chosen or taken. */
function DropPlace({ fault, onFile }: { fault?: string; onFile: (file: File | undefined) => void }) {
  const [over, setOver] = useState(false);
  return (
    <div
      className={`${photoStyle.drop} ${over ? 'over' : ''}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        onFile(event.dataTransfer.files[0]);
      }}
    >
      <p>
        <b>Drop or paste a picture of the plate.</b> It is read on this device.
      </p>
      <p className="muted">Square on, light from the side, plate wiped. JPEG, PNG or WebP, up to 15 MB.</p>
      <div className="row-flex" style={{ justifyContent: 'center' }}>
        <FilePick accept="image/jpeg,image/png,image/webp" onFile={onFile}>
          Choose a picture
        </FilePick>
        <FilePick accept="image/*" capture="environment" onFile={onFile}>
          Take a photo
        </FilePick>
      </div>
      <FaultNotice words={fault} />
    </div>
  );
}

/** A picture of a plate: drop, paste, file or camera; crop, read, cancel; then the words found, drawn over it. */
export function PhotoPanel({
  state,
  note,
  fields,
  fieldOfWord,
  lit,
  onChoose,
  onRead,
  onCancel,
  onClear,
  onAssign,
}: {
  state: PhotoState;
  note?: string;
  /** Fields a word may be given to. */
  fields: readonly WordField[];
  fieldOfWord: (word: number) => string | undefined;
  /** Words of the field in hand. */
  lit: readonly number[];
  onChoose: (file: File) => void;
  onRead: (file: File, url: string, crop?: { x: number; y: number; width: number; height: number }) => void;
  onCancel: () => void;
  onClear: () => void;
  onAssign: (word: number, field: string) => void;
}) {
  const [crop, setCrop] = useState<PercentCrop>();
  const choose = useRef(onChoose);
  useEffect(() => {
    choose.current = onChoose;
  });
  useEffect(() => {
    const onPaste = (event: ClipboardEvent) => {
      const file = [...(event.clipboardData?.files ?? [])][0];
      if (!file) return;
      event.preventDefault();
      setCrop(undefined);
      choose.current(file);
    };
    window.addEventListener('paste', onPaste);
    return () => window.removeEventListener('paste', onPaste);
  }, []);
  const take = (file: File | undefined) => {
    if (!file) return;
    setCrop(undefined);
    onChoose(file);
  };
  const part =
    crop && crop.width > 2 && crop.height > 2
      ? { x: crop.x / 100, y: crop.y / 100, width: crop.width / 100, height: crop.height / 100 }
      : undefined;
  return (
    <section className={`sheet ${photoStyle.photo}`} aria-label="Picture of the plate">
      {state.step === 'empty' && <DropPlace fault={state.fault} onFile={take} />}
      {(state.step === 'chosen' || state.step === 'reading') && (
        <div className="stack">
          <ReactCrop crop={crop} onChange={(_, percent) => setCrop(percent)} disabled={state.step === 'reading'} ruleOfThirds>
            <img src={state.url} alt="Picture chosen" className="picture" />
          </ReactCrop>
          {state.step === 'chosen' ? (
            <div className="row-flex">
              <Button variant="contained" onClick={() => onRead(state.file, state.url, part)}>
                {part ? 'Read the framed part' : 'Read the picture'}
              </Button>
              <Button onClick={onClear}>Other picture</Button>
              <span className="muted">Drag a frame around the plate if other things are in the picture.</span>
            </div>
          ) : (
            <div className="row-flex" role="status">
              <div style={{ flex: 1, minWidth: 160 }}>
                <LinearProgress variant="determinate" value={Math.round(state.share * 100)} aria-label="Reading the picture" />
              </div>
              <span className="figure">{Math.round(state.share * 100)} %</span>
              <Button onClick={onCancel}>Cancel</Button>
            </div>
          )}
        </div>
      )}
      {state.step === 'done' && (
        <div className="stack">
          <WordsOverPicture url={state.url} seen={state.seen} fields={fields} fieldOfWord={fieldOfWord} lit={lit} onAssign={onAssign} />
          <div className="row-flex">
            <Button onClick={onClear}>Other picture</Button>
            <span className="muted">{note ?? 'Select a word to assign it to a field; select a field to see its words.'}</span>
          </div>
        </div>
      )}
    </section>
  );
}
