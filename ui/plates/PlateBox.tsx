'use client';

import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { rowsMark } from '@/core/case/case';
import { plateOf } from '@/core/families/plates';
import { parsePlate, type PlateReading } from '@/core/plates/parse-plate';
import type { Readings } from '@/core/readings/reading';
import { TextBox } from '@/ui/forms/TextBox';
import { usePractice } from '@/ui/language/practice';
import { PhotoPanel } from '@/ui/photo/PhotoPanel';
import { PlateFindings } from '@/ui/photo/PlateFindings';
import { usePlatePhoto } from '@/ui/photo/use-plate-photo';
import { plateFieldsOf, type EditField } from './edit-field';
import type { FieldChange } from './MarkField';
import { Plate } from './Plate';
import { PlateRows } from './PlateRows';

type Pictured = (kind: string, found: PlateReading) => void;

/** A picture of the plate; what it says goes to the plate below it. */
function Picture({ kind, onPictured }: { kind: string; onPictured: Pictured }) {
  const photo = usePlatePhoto(
    kind || undefined,
    ({ read }) => read && onPictured(read.plate, read.found),
    (read) => read && onPictured(read.plate, read.found),
  );
  return (
    <PhotoPanel
      state={photo.state}
      fields={[]}
      fieldOfWord={() => undefined}
      lit={[]}
      onChoose={(file) => void photo.choose(file)}
      onRead={photo.read}
      onCancel={photo.cancel}
      onClear={photo.clear}
      onAssign={() => undefined}
    />
  );
}

/** One plate: typed, pasted or photographed, and each mark to be corrected in place. */
export function PlateBox({
  title,
  about,
  kind,
  section,
  text,
  readings,
  example,
  pick,
  onType,
  onPictured,
  onChange,
}: {
  title: string;
  about: string;
  /** The plate's kind; empty where it is not known yet. */
  kind: string;
  section: EditField['section'];
  text: string;
  readings: Readings;
  example: string;
  pick: ReactNode;
  onType: (text: string) => void;
  onPictured: Pictured;
  onChange: FieldChange;
}) {
  const practice = usePractice();
  const [pictured, setPictured] = useState(false);
  const plate = plateOf(kind);
  const found = plate && text.trim() ? parsePlate(text, plate) : undefined;
  return (
    <section className="sheet stack" style={{ padding: 14, minWidth: 0 }} aria-label={title}>
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <h2 style={{ fontSize: 15.5 }}>{title}</h2>
        {pick}
      </div>
      <label className="stack" style={{ gap: 4 }}>
        <span className="muted">{about}</span>
        <TextBox
          wide
          className="figure"
          rows={2}
          value={text}
          spellCheck={false}
          placeholder={example}
          aria-label={`${title}: type or paste its plate`}
          onChange={(event) => onType(event.target.value)}
        />
      </label>
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <span className="muted" role="status">
          {found ? `${Object.keys(found.readings).length} read.` : ''}
        </span>
        <Button aria-pressed={pictured} onClick={() => setPictured(!pictured)}>
          {pictured ? 'Hide picture' : 'Picture'}
        </Button>
      </div>
      {pictured && <Picture kind={kind} onPictured={onPictured} />}
      {found && plate && <PlateFindings found={found} plate={plate} />}
      {plate && Object.keys(readings).length > 0 && (
        <Plate
          brief
          title={`${title}, marks`}
          note={`${Object.keys(readings).length} fields`}
          fields={plateFieldsOf(plate, section, practice).filter((field) => field.kind !== 'rows')}
          readings={{ [section]: readings }}
          onChange={onChange}
          onFocus={() => undefined}
        >
          {plate.fields
            .filter((field) => field.kind === 'rows')
            .flatMap((field) => {
              const reading = readings[field.id];
              return reading && Array.isArray(reading.value)
                ? [<PlateRows key={field.id} title={field.label} rows={rowsMark(reading.value)} toConfirm={reading.toConfirm} />]
                : [];
            })}
        </Plate>
      )}
    </section>
  );
}
