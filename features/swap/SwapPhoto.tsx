'use client';

import Button from '@mui/material/Button';
import { certain } from '@/core/certain';
import { plateOf } from '@/core/families/plates';
import { fieldOfWord } from '@/core/readings/reading';
import type { Change, SwapState } from '@/core/swap/swap';
import { TickBox } from '@/ui/forms/TickBox';
import { usePractice } from '@/ui/language/practice';
import { PhotoPanel } from '@/ui/photo/PhotoPanel';
import { PlateFindings } from '@/ui/photo/PlateFindings';
import { plateFieldsOf, readEdited, readingText, type EditField } from '@/ui/plates/edit-field';
import { Notice } from '@/ui/shell/Notice';
import { useSwapPhoto, type PhotoSection } from './use-swap-photo';

/** The picture of one plate of a swap: read here, kept with the swap, its words given to fields. */
export function SwapPhoto({
  swapId,
  section,
  state,
  focus,
  onChange,
}: {
  swapId: string;
  section: PhotoSection;
  state: SwapState;
  focus?: EditField;
  onChange: (changes: Change[]) => void;
}) {
  const plate = certain(plateOf(section === 'load' ? state.loadKind : state.family));
  const readings = state[section];
  const own = useSwapPhoto(swapId, section, plate, state, onChange);
  const { photo } = own;
  const fields = plateFieldsOf(plate, section, usePractice());
  const fieldOf = (id: string) => fields.find((one) => one.id === id);
  const assign = (word: number, id: string) => {
    const field = fieldOf(id);
    const text = own.seen?.first.words[word]?.text;
    if (!field || text === undefined) return;
    const edited = readEdited(field, text);
    own.setNote(edited.ok ? undefined : edited.fault);
    if (!edited.ok) return;
    const value = { state: 'read', value: edited.value, from: 'picture; word given by hand', words: [word] };
    onChange([{ path: `${section}.${id}`, value }]);
  };
  return (
    <div className="stack">
      <PhotoPanel
        state={photo.state}
        note={own.note}
        fields={fields.filter((field) => field.kind !== 'rows')}
        fieldOfWord={(word) => fieldOfWord(readings, word)}
        lit={focus?.section === section ? (readings[focus.id]?.words ?? []) : []}
        onChoose={(file) => void photo.choose(file)}
        onRead={photo.read}
        onCancel={photo.cancel}
        onClear={own.clear}
        onAssign={assign}
      />
      {photo.state.step === 'chosen' && (
        <label className="row-flex">
          <TickBox checked={own.keepOriginal} onTick={own.setKeepOriginal} />
          <span>Keep the original beside the small picture</span>
        </label>
      )}
      {own.findings && <PlateFindings found={own.findings} plate={plate} />}
      {own.differences.map((difference) => {
        const field = fieldOf(difference.field);
        return (
          field && (
            <Notice kind="check" key={field.id}>
              {field.label}: the field holds {readingText(field, difference.here)}, the picture gives{' '}
              {readingText(field, difference.picture)}. <Button onClick={() => own.takePictures(difference)}>Use the picture’s</Button>{' '}
              <Button onClick={() => own.keepField(field.id)}>Keep the field’s</Button>
            </Notice>
          )
        );
      })}
    </div>
  );
}
