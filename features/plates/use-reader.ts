'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { useKept } from '@/client/use-kept';
import { isRecord } from '@/core/certain';
import { guessPlate, plateOf } from '@/core/families/plates';
import type { OcrPlate } from '@/core/picture/ocr-plate';
import { parsePlate } from '@/core/plates/parse-plate';
import type { Reading, Readings } from '@/core/readings/reading';
import type { Change } from '@/core/swap/swap';
import { useSpokenPractice } from '@/ui/language/practice';
import { usePlatePhoto } from '@/ui/photo/use-plate-photo';
import { plateFieldsOf, readEdited } from '@/ui/plates/edit-field';
import type { Interpreted } from '@/workers/plate-reader.worker';

const isReading = (value: unknown): value is Reading => typeof value === 'object' && value !== null && 'state' in value;

/** What was typed is kept on this device, so that a reload loses nothing of it. */
type Typed = { text: string; chosen?: string; edits: Record<string, Reading | null> };
const TYPED = 'loyal-coil:plate';
const emptyTyped = (): Typed => ({ text: '', edits: {} });
const isTyped = (value: unknown): value is Typed => isRecord(value) && typeof value.text === 'string' && isRecord(value.edits);

/** A plate that is read with no job open: its wording or its picture, the kind guessed or chosen, and what was typed over it. */
export function useReader() {
  const asked = useSearchParams().get('kind') ?? undefined;
  const router = useRouter();
  const practice = useSpokenPractice(undefined);
  const [kept, setKept] = useKept(TYPED, emptyTyped, isTyped);
  const [seen, setSeen] = useState<OcrPlate>();
  const { text, edits } = kept;
  const chosen = asked ?? kept.chosen;
  const setText = (next: string) => setKept((now) => ({ ...now, text: next }));
  const setEdits = (next: Typed['edits']) => setKept((now) => ({ ...now, edits: next }));
  const [read, setRead] = useState<Interpreted>();
  const photo = usePlatePhoto(
    chosen,
    (result) => {
      setSeen(result.seen);
      setRead(result.read);
      setKept((now) => ({ ...now, text: '', edits: {} }));
    },
    setRead,
  );
  const source = seen ? seen.first.laid.text : text;
  const guesses = useMemo(() => guessPlate(source), [source]);
  const plate = plateOf(chosen ?? guesses[0]?.id ?? '');
  const found = useMemo(() => {
    if (!plate) return undefined;
    if (seen) return read?.plate === plate.id ? read.found : undefined;
    return text.trim() ? parsePlate(text, plate) : undefined;
  }, [plate, read, seen, text]);
  const section: 'load' | 'removed' = plate?.side === 'load' ? 'load' : 'removed';
  const readings: Readings = Object.fromEntries(
    Object.entries({ ...found?.readings, ...edits }).filter((entry): entry is [string, Reading] => entry[1] !== null),
  );
  const fields = plate ? plateFieldsOf(plate, section, practice) : [];
  const put = (id: string, reading: Reading | null) => setEdits({ ...edits, [id]: reading });
  return {
    ...{ practice, text, setText, seen, chosen, source, guesses, plate, found, section, readings, fields, photo, put },
    /** Changes by path, as recoveries give them. */
    change: (changes: readonly Change[]) =>
      setEdits({
        ...edits,
        ...Object.fromEntries(changes.map(({ path, value }) => [path.split('.')[1] ?? '', isReading(value) ? value : null])),
      }),
    /** Gives a word of the picture to a field. */
    assign: (word: number, id: string) => {
      const field = fields.find((one) => one.id === id);
      const given = seen?.first.words[word]?.text;
      const edited = field && given !== undefined ? readEdited(field, given) : undefined;
      if (edited?.ok) put(id, { state: 'read', value: edited.value, from: 'picture; word given by hand', words: [word] });
    },
    choose: (kind: string) => {
      setKept((now) => ({ ...now, chosen: kind === '' ? undefined : kind, edits: {} }));
      if (seen) photo.interpret(seen, kind === '' ? undefined : kind);
      router.replace(kind === '' ? '/plates' : `/plates?kind=${kind}`, { scroll: false });
    },
    clear: () => {
      photo.clear();
      setSeen(undefined);
      setEdits({});
    },
  };
}
export type Reader = ReturnType<typeof useReader>;
