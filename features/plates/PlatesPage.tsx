'use client';

import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { Notice } from '@/ui/shell/Notice';
import Button from '@mui/material/Button';
import { rowsMark } from '@/core/case/case';
import { certain } from '@/core/certain';
import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { guessPlate, plateOf, plates } from '@/core/families/plates';
import { parsePlate } from '@/core/plates/parse-plate';
import type { OcrPlate } from '@/core/picture/ocr-plate';
import { fieldOfWord, stateMeaning, type Reading, type Readings } from '@/core/readings/reading';
import { PhotoPanel } from '@/ui/photo/PhotoPanel';
import { PlateFindings } from '@/ui/photo/PlateFindings';
import { plateFieldsOf, readEdited, type EditField } from '@/ui/plates/edit-field';
import { DrawnMarks } from '@/ui/residual/TypeSymbols';
import { Plate } from '@/ui/plates/Plate';
import { PlateRows } from '@/ui/plates/PlateRows';
import { RecoveryForm } from '@/ui/plates/RecoveryForm';
import type { Interpreted } from '@/workers/plate-reader.worker';
import { PlatesShell } from './PlatesShell';
import { usePlatePhoto } from '../../ui/photo/use-plate-photo';
import { useSpokenPractice } from '@/ui/language/practice';
import { inSentence } from '@/core/language/in-sentence';
import { sayIn } from '@/core/language/by-practice';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';

/** A plate as it may be typed, invented. */
const EXAMPLE = 'C16  IΔn 30mA\n230V~ 50Hz 6000 3\nIEC 61009-1';

/** Read any plate, with no job open: a picture or a line of marks, the kind guessed or chosen. */
export function PlatesPage() {
  const params = useSearchParams();
  const router = useRouter();
  const [text, setText] = useState('');
  const [seen, setSeen] = useState<OcrPlate>();
  const [chosen, setChosen] = useState<string | undefined>(params.get('kind') ?? undefined);
  const [edits, setEdits] = useState<Record<string, Reading | null>>({});
  const [focus, setFocus] = useState<EditField>();
  const [read, setRead] = useState<Interpreted>();
  const photo = usePlatePhoto(
    chosen,
    (result) => {
      setSeen(result.seen);
      setRead(result.read);
      setText('');
      setEdits({});
    },
    setRead,
  );
  const practice = useSpokenPractice(undefined);
  const source = seen ? seen.first.laid.text : text;
  const guesses = useMemo(() => guessPlate(source), [source]);
  const plate = plateOf(chosen ?? guesses[0]?.id ?? '');
  const found = useMemo(
    () =>
      plate ? (seen ? (read?.plate === plate.id ? read.found : undefined) : text.trim() ? parsePlate(text, plate) : undefined) : undefined,
    [plate, read, seen, text],
  );
  const section = plate?.side === 'load' ? 'load' : 'removed';
  const readings: Readings = Object.fromEntries(
    Object.entries({ ...found?.readings, ...edits }).filter((entry): entry is [string, Reading] => entry[1] !== null),
  );
  const fields = plate ? plateFieldsOf(plate, section, practice) : [];
  const rows = fields.filter((field) => field.kind === 'rows' && Array.isArray(readings[field.id]?.value));
  const assign = (word: number, id: string) => {
    const field = fields.find((one) => one.id === id);
    const given = seen?.first.words[word]?.text;
    const edited = field && given !== undefined ? readEdited(field, given) : undefined;
    if (field && edited?.ok)
      setEdits({ ...edits, [id]: { state: 'read', value: edited.value, from: 'picture; word given by hand', words: [word] } });
  };
  const choose = (kind: string) => {
    setChosen(kind === '' ? undefined : kind);
    setEdits({});
    if (seen) photo.interpret(seen, kind === '' ? undefined : kind);
    router.replace(kind === '' ? '/plates' : `/plates?kind=${kind}`, { scroll: false });
  };
  const focused = focus && readings[focus.id];
  return (
    <PlatesShell
      here="/plates"
      title="Read a plate"
      about="A picture or a typed line becomes readings. Uncertain fields are marked for confirmation; unreadable fields stay unreadable."
    >
      <div className="reader">
        <div className="stack">
          <PhotoPanel
            state={photo.state}
            fields={fields.filter((field) => field.kind !== 'rows')}
            fieldOfWord={(word) => fieldOfWord(readings, word)}
            lit={focused?.words ?? []}
            onChoose={(file) => void photo.choose(file)}
            onRead={photo.read}
            onCancel={photo.cancel}
            onClear={() => {
              photo.clear();
              setSeen(undefined);
              setEdits({});
            }}
            onAssign={assign}
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
          <label className="row-flex">
            <span className="muted">It is a</span>
            <SelectBox
              style={{ fontFamily: 'var(--sans)', minWidth: 220 }}
              value={chosen ?? ''}
              options={[
                ['', guesses[0] ? `guessed: ${inSentence(sayIn(practice, guesses[0].title))}` : 'not known yet'],
                ...plates.map(({ id, title }) => [id, inSentence(sayIn(practice, title))] as const),
              ]}
              onWord={choose}
            />
          </label>
          {!chosen && guesses.length > 1 && certain(guesses[1]).weight > certain(guesses[0]).weight * 0.7 && (
            <Notice kind="check">
              It could also be{' '}
              {guesses
                .slice(1, 3)
                .map(({ title }) => inSentence(sayIn(practice, title)))
                .join(' or ')}
              . Choose, or ask the key.
            </Notice>
          )}
          {source.trim() !== '' && !plate && (
            <Notice kind="not-known">The wording does not identify the device. Choose it above, or use “What is this?”.</Notice>
          )}
          {source.trim() === '' && !plate && (
            <EmptyPlace title="The plate appears here" action={<Button onClick={() => setText(EXAMPLE)}>Try an example</Button>}>
              Each field with what it means; uncertain ones are marked for confirmation, unreadable ones say how to recover them.
            </EmptyPlace>
          )}
          {found && plate && <PlateFindings found={found} plate={plate} />}
          {plate && (
            <Plate
              title={sayIn(practice, plate.title)}
              note={`${Object.values(readings).filter((one) => one.state !== 'unreadable').length} fields`}
              fields={fields.filter((field) => field.kind !== 'rows')}
              readings={{ [section]: readings }}
              onChange={(field, reading) => setEdits({ ...edits, [field.id]: reading })}
              onFocus={setFocus}
            >
              {rows.map((field) => (
                <PlateRows
                  key={field.id}
                  title={field.label}
                  rows={rowsMark(certain(readings[field.id]).value)}
                  toConfirm={certain(readings[field.id]).toConfirm}
                />
              ))}
            </Plate>
          )}
          {focus && (
            <div className="sheet" style={{ padding: 14 }}>
              <b>{focus.label}</b>
              <p>{focus.meaning}</p>
              {focused && (
                <p className="muted">
                  {stateMeaning[focused.state]} {focused.from ? `From: ${focused.from}.` : ''}
                </p>
              )}
              <DrawnMarks
                fieldId={focus.id}
                value={focused?.value}
                onPick={(value) => setEdits({ ...edits, [focus.id]: { state: 'read', value, from: 'its drawn symbol' } })}
              />
              {(!focused || focused.state === 'unreadable') && (
                <RecoveryForm
                  key={focus.id}
                  field={focus}
                  state={{ load: section === 'load' ? readings : {}, removed: section === 'removed' ? readings : {}, supply: {} }}
                  onChange={(changes) =>
                    setEdits({
                      ...edits,
                      ...Object.fromEntries(changes.map(({ path, value }) => [certain(path.split('.')[1]), value as Reading | null])),
                    })
                  }
                />
              )}
            </div>
          )}
        </div>
      </div>
    </PlatesShell>
  );
}
