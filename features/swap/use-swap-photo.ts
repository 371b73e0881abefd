'use client';

import { useCallback, useEffect, useState } from 'react';
import { api, send } from '@/client/api';
import { confirmed, takePicture, type Difference } from '@/core/plates/merge-photo-readings';
import type { PlateDefinition } from '@/core/plates/plate-field';
import type { PictureReading } from '@/core/plates/read-seen';
import type { Change, SwapState } from '@/core/swap/swap';
import type { PictureView } from '@/services/pictures';
import { usePlatePhoto, type PhotoResult } from '@/ui/photo/use-plate-photo';

export type PhotoSection = 'load' | 'removed';

function formOf(result: PhotoResult, section: PhotoSection, kind: string, keepOriginal: boolean): FormData {
  const form = new FormData();
  form.set('picture', result.kept, 'plate.jpg');
  if (keepOriginal) form.set('original', result.file);
  form.set('section', section);
  form.set('kind', kind);
  form.set('seen', JSON.stringify(result.seen));
  return form;
}

/** The picture of one plate of a swap: read on this device, kept with the swap, and what it says against what is typed. */
export function useSwapPhoto(
  swapId: string,
  section: PhotoSection,
  plate: PlateDefinition,
  state: SwapState,
  onChange: (changes: Change[]) => void,
) {
  const readings = state[section];
  const [differences, setDifferences] = useState<Difference[]>([]);
  const [findings, setFindings] = useState<PictureReading>();
  const [note, setNote] = useState<string>();
  const [picture, setPicture] = useState<PictureView>();
  const [keepOriginal, setKeepOriginal] = useState(false);
  const path = `/api/v1/swaps/${swapId}/pictures`;
  const taken = useCallback(
    async (result: PhotoResult) => {
      const found = result.read?.found;
      if (!found) return;
      const { fill, differences: open } = takePicture(readings, found);
      setFindings(found);
      setDifferences(open);
      onChange(Object.entries(fill).map(([id, value]) => ({ path: `${section}.${id}`, value })));
      setNote('Keeping the picture with this swap.');
      const answer = await send<PictureView>(path, formOf(result, section, plate.id, keepOriginal));
      if (answer.ok) setPicture(answer.value);
      setNote(answer.ok ? undefined : `The picture is not kept: ${answer.faults[0]?.reason ?? ''} What was read from it stays.`);
    },
    [keepOriginal, onChange, path, plate, readings, section],
  );
  const photo = usePlatePhoto(plate.id, (result) => void taken(result));
  const { show } = photo;
  useEffect(() => {
    let gone = false;
    void api<PictureView[]>('GET', path).then((answer) => {
      const kept = answer.ok ? answer.value.find((one) => one.section === section) : undefined;
      if (gone || !kept) return;
      setPicture(kept);
      show(`/api/v1/pictures/${kept.id}`, kept.seen);
    });
    return () => {
      gone = true;
    };
  }, [path, section, show]);
  const drop = (id: string) => setDifferences(differences.filter(({ field }) => field !== id));
  return {
    ...{ photo, differences, findings, note, setNote, keepOriginal, setKeepOriginal },
    seen: photo.state.step === 'done' ? photo.state.seen : undefined,
    /** What the field holds stays. */
    keepField: drop,
    takePictures: ({ field, picture: other }: Difference) => {
      onChange([{ path: `${section}.${field}`, value: confirmed({ ...other, toConfirm: true }) }]);
      drop(field);
    },
    clear: () => {
      if (picture) void api('DELETE', `/api/v1/pictures/${picture.id}`);
      setPicture(undefined);
      setFindings(undefined);
      setDifferences([]);
      setNote(undefined);
      photo.clear();
    },
  };
}
