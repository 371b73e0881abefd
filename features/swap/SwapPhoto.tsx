'use client';

import { TickBox } from '@/ui/forms/TickBox';
import { Notice } from '@/ui/shell/Notice';
import Button from '@mui/material/Button';
import { certain } from '@/core/certain';
import { useCallback, useEffect, useState } from 'react';
import { plateOf } from '@/core/families/plates';
import type { PictureReading } from '@/core/plates/read-seen';
import { confirmed, takePicture, type Difference } from '@/core/plates/merge-photo-readings';
import { fieldOfWord } from '@/core/readings/reading';
import type { Change, SwapState } from '@/core/swap/swap';
import type { PictureView } from '@/services/pictures';
import { PhotoPanel } from '@/ui/photo/PhotoPanel';
import { PlateFindings } from '@/ui/photo/PlateFindings';
import { plateFieldsOf, readEdited, readingText, type EditField } from '@/ui/plates/edit-field';
import { api } from '../../client/api';
import { usePlatePhoto, type PhotoResult } from '../../ui/photo/use-plate-photo';
import { usePractice } from '@/ui/language/practice';

/** The picture of one plate of a swap: read here, kept with the swap, its words given to fields. */
export function SwapPhoto({
  swapId,
  section,
  state,
  focus,
  onChange,
}: {
  swapId: string;
  section: 'load' | 'removed';
  state: SwapState;
  focus?: EditField;
  onChange: (changes: Change[]) => void;
}) {
  const plate = certain(plateOf(section === 'load' ? state.loadKind : state.family));
  const readings = state[section];
  const [differences, setDifferences] = useState<Difference[]>([]);
  const [findings, setFindings] = useState<PictureReading>();
  const [note, setNote] = useState<string>();
  const [picture, setPicture] = useState<PictureView>();
  const [keepOriginal, setKeepOriginal] = useState(false);

  const taken = useCallback(
    async (result: PhotoResult) => {
      const found = result.read?.found;
      if (!found) return;
      const { fill, differences: open } = takePicture(readings, found);
      setFindings(found);
      setDifferences(open);
      onChange(Object.entries(fill).map(([id, value]) => ({ path: `${section}.${id}`, value })));
      setNote('Keeping the picture with this swap.');
      const form = new FormData();
      form.set('picture', result.kept, 'plate.jpg');
      if (keepOriginal) form.set('original', result.file);
      form.set('section', section);
      form.set('kind', plate.id);
      form.set('seen', JSON.stringify(result.seen));
      const response = await fetch(`/api/v1/swaps/${swapId}/pictures`, { method: 'POST', body: form }).catch(() => undefined);
      const body = (await response?.json().catch(() => undefined)) as (PictureView & { faults?: { reason: string }[] }) | undefined;
      if (response?.ok && body) {
        setPicture(body);
        setNote(undefined);
      } else
        setNote(`The picture is not kept: ${body?.faults?.[0]?.reason ?? 'Loyal Coil cannot be reached.'} What was read from it stays.`);
    },
    [keepOriginal, onChange, plate, readings, section, swapId],
  );
  const photo = usePlatePhoto(plate.id, (result) => void taken(result));
  const { show } = photo;

  useEffect(() => {
    let gone = false;
    void api<PictureView[]>('GET', `/api/v1/swaps/${swapId}/pictures`).then((answer) => {
      const kept = answer.ok ? answer.value.find((one) => one.section === section) : undefined;
      if (gone || !kept) return;
      setPicture(kept);
      show(`/api/v1/pictures/${kept.id}`, kept.seen);
    });
    return () => {
      gone = true;
    };
  }, [section, show, swapId]);

  const fields = plateFieldsOf(plate, section, usePractice());
  const seen = photo.state.step === 'done' ? photo.state.seen : undefined;
  const assign = (word: number, id: string) => {
    const field = fields.find((one) => one.id === id);
    const text = seen?.first.words[word]?.text;
    if (!field || text === undefined) return;
    const edited = readEdited(field, text);
    if (!edited.ok) return setNote(edited.fault);
    setNote(undefined);
    onChange([
      { path: `${section}.${id}`, value: { state: 'read', value: edited.value, from: 'picture; word given by hand', words: [word] } },
    ]);
  };
  const clear = () => {
    if (picture) void api('DELETE', `/api/v1/pictures/${picture.id}`);
    setPicture(undefined);
    setFindings(undefined);
    setDifferences([]);
    setNote(undefined);
    photo.clear();
  };
  return (
    <div className="stack">
      <PhotoPanel
        state={photo.state}
        note={note}
        fields={fields.filter((field) => field.kind !== 'rows')}
        fieldOfWord={(word) => fieldOfWord(readings, word)}
        lit={focus?.section === section ? (readings[focus.id]?.words ?? []) : []}
        onChoose={(file) => void photo.choose(file)}
        onRead={photo.read}
        onCancel={photo.cancel}
        onClear={clear}
        onAssign={assign}
      />
      {photo.state.step === 'chosen' && (
        <label className="row-flex">
          <TickBox checked={keepOriginal} onTick={(ticked) => setKeepOriginal(ticked)} />
          <span>Keep the original beside the small picture</span>
        </label>
      )}
      {findings && <PlateFindings found={findings} plate={plate} />}
      {differences.map(({ field: id, here, picture: other }) => {
        const field = fields.find((one) => one.id === id);
        return (
          field && (
            <Notice kind="check" key={id}>
              {field.label}: the field holds {readingText(field, here)}, the picture gives {readingText(field, other)}.{' '}
              <Button
                onClick={() => {
                  onChange([{ path: `${section}.${id}`, value: confirmed({ ...other, toConfirm: true }) }]);
                  setDifferences(differences.filter((one) => one.field !== id));
                }}
              >
                Use the picture’s
              </Button>{' '}
              <Button onClick={() => setDifferences(differences.filter((one) => one.field !== id))}>Keep the field’s</Button>
            </Notice>
          )
        );
      })}
    </div>
  );
}
