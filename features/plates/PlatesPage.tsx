'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { fieldOfWord } from '@/core/readings/reading';
import { TextBox } from '@/ui/forms/TextBox';
import { PhotoPanel } from '@/ui/photo/PhotoPanel';
import type { EditField } from '@/ui/plates/edit-field';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';
import { KindPick } from './KindPick';
import { PlatesShell } from './PlatesShell';
import { MarkNote, ReadPlate } from './ReadPlate';
import { useReader } from './use-reader';
import { WayOn } from './WayOn';
import photoStyle from '@/ui/styles/photo.module.css';

/** A plate as it may be typed, invented. */
const EXAMPLE = 'C16  IΔn 30mA\n230V~ 50Hz 6000 3\nIEC 61009-1';

/** Read any plate, with no job open: a picture or a line of marks, the kind guessed or chosen. */
export function PlatesPage() {
  const reader = useReader();
  const { photo, seen, text, setText, readings, fields, plate, source } = reader;
  const [focus, setFocus] = useState<EditField>();
  return (
    <PlatesShell
      here="/plates"
      title="Read a plate"
      about="A picture or a typed line becomes readings. Uncertain fields are marked for confirmation; unreadable fields stay unreadable."
    >
      <div className={photoStyle.reader}>
        <div className="stack">
          <PhotoPanel
            state={photo.state}
            fields={fields.filter((field) => field.kind !== 'rows')}
            fieldOfWord={(word) => fieldOfWord(readings, word)}
            lit={(focus && readings[focus.id]?.words) ?? []}
            onChoose={(file) => void photo.choose(file)}
            onRead={photo.read}
            onCancel={photo.cancel}
            onClear={reader.clear}
            onAssign={reader.assign}
          />
          {!seen && (
            <label className="stack" style={{ gap: 4 }}>
              <span className="label">Or type or paste the wording of the plate</span>
              <TextBox
                wide
                className="figure"
                rows={4}
                value={text}
                spellCheck={false}
                placeholder={EXAMPLE}
                onChange={(event) => setText(event.target.value)}
              />
            </label>
          )}
        </div>
        <div className="stack">
          <KindPick reader={reader} />
          {source.trim() === '' && !plate && (
            <EmptyPlace title="The plate appears here" action={<Button onClick={() => setText(EXAMPLE)}>Try an example</Button>}>
              Each field with what it means; uncertain ones are marked for confirmation, unreadable ones say how to recover them.
            </EmptyPlace>
          )}
          <WayOn reader={reader} />
          <ReadPlate reader={reader} onFocus={setFocus} />
          {focus && <MarkNote field={focus} reader={reader} />}
        </div>
      </div>
    </PlatesShell>
  );
}
