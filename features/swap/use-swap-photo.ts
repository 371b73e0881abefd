'use client';

import { useQuery, useQueryClient } from '@tanstack/react-query';
import { read } from '@/client/Queries';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { api, send, faultWords } from '@/client/api';
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
  const picturesKey = useMemo(() => ['pictures', path], [path]);
  const queries = useQueryClient();
  /** The list as the server has it after this: a picture a section. */
  const listed = useCallback(
    (kept: PictureView | undefined) =>
      queries.setQueryData<PictureView[]>(picturesKey, (list = []) => [
        ...list.filter((one) => one.section !== section),
        ...(kept ? [kept] : []),
      ]),
    [queries, picturesKey, section],
  );
  const taken = useCallback(
    async (result: PhotoResult) => {
      const found = result.read?.found;
      if (!found) return;
      const { fill, differences: open } = takePicture(readings, found);
      setFindings(found);
      setDifferences(open);
      onChange(Object.entries(fill).map(([id, value]) => ({ path: `${section}.${id}`, value })));
      isShown.current = true;
      setNote('Keeping the picture with this job.');
      const answer = await send<PictureView>(path, formOf(result, section, plate.id, keepOriginal));
      if (answer.ok) {
        setPicture(answer.value);
        listed(answer.value);
      }
      setNote(answer.ok ? undefined : `The picture is not kept: ${faultWords(answer)} What was read from it stays.`);
    },
    [keepOriginal, listed, onChange, path, plate, readings, section],
  );
  const photo = usePlatePhoto(plate.id, (result) => void taken(result));
  const { show } = photo;
  const { data: pictures } = useQuery({
    queryKey: picturesKey,
    queryFn: ({ signal }) => read<PictureView[]>('GET', path, undefined, signal),
  });
  // The list as it first came: a picture that is taken here stands here already.
  const isShown = useRef(false);
  useEffect(() => {
    const kept = pictures?.find((one) => one.section === section);
    if (!kept || isShown.current) return;
    isShown.current = true;
    setPicture(kept);
    show(`/api/v1/pictures/${kept.id}`, kept.seen);
  }, [pictures, section, show]);
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
      listed(undefined);
      setFindings(undefined);
      setDifferences([]);
      setNote(undefined);
      photo.clear();
    },
  };
}
