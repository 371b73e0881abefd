'use client';

import { useState } from 'react';
import { useKept } from '@/client/use-kept';
import { isRecord } from '@/core/certain';
import { changedAgainst, lineTyped, platesAt, withWalked, type PlateSection, type WalkChanges } from '@/core/plant/walk';
import { takePicture } from '@/core/plates/merge-photo-readings';
import { parsePlate, type PlateReading } from '@/core/plates/parse-plate';
import { withReading, type Reading, type Readings } from '@/core/readings/reading';
import type { PanelWalk } from '@/services/plant-view';

export type WalkedPosition = PanelWalk['positions'][number];

/** What was typed and changed at a position and is not kept there yet: by path, so that another's marks stay as they are. */
type Draft = { typed: Partial<Record<PlateSection, string>>; changes: WalkChanges };
const emptyDraft = (): Draft => ({ typed: {}, changes: {} });
const isDraft = (value: unknown): value is Draft => isRecord(value) && isRecord(value.typed) && isRecord(value.changes);

/** The plates of one position while they are read; nothing of it is lost on a reload of the page. */
export function useWalked(position: WalkedPosition) {
  const [draft, setDraft] = useKept(`loyal-coil:walk:${position.id}`, emptyDraft, isDraft);
  const [differs, setDiffers] = useState<Partial<Record<PlateSection, string[]>>>({});
  const over = (changes: WalkChanges) => withWalked(position.readings, changes);
  const reading = (now: Draft, section: PlateSection, next: Readings): WalkChanges =>
    changedAgainst(position.readings, now.changes, section, next);
  const plateOf = (section: PlateSection) => platesAt(position).find((one) => one.section === section)?.plate;
  return {
    readings: over(draft.changes),
    typed: draft.typed,
    changes: Object.entries(draft.changes).map(([path, value]) => ({ path, value })),
    /** Names of marks that stood there already and that a picture gives otherwise; what stood there stays. */
    differs,
    type: (section: PlateSection, text: string) => {
      const plate = plateOf(section);
      const says = (line = ''): Readings => (plate ? parsePlate(line, plate).readings : {});
      setDraft((now) => ({
        typed: { ...now.typed, [section]: text },
        changes: lineTyped(position.readings, now.changes, section, { gave: says(now.typed[section]), gives: says(text) }),
      }));
    },
    picture: (section: PlateSection, found: PlateReading) => {
      const { fill, differences } = takePicture(over(draft.changes)[section], found);
      const label = (id: string) => plateOf(section)?.fields.find((field) => field.id === id)?.label ?? id;
      setDiffers((now) => ({ ...now, [section]: differences.map(({ field }) => label(field)) }));
      setDraft((now) => {
        const before: Record<string, Reading | null> = { ...over(now.changes)[section], ...fill };
        const next = Object.fromEntries(Object.entries(before).filter((entry): entry is [string, Reading] => entry[1] !== null));
        return { ...now, changes: reading(now, section, next) };
      });
    },
    put: (section: PlateSection, id: string, mark: Reading | null) =>
      setDraft((now) => ({ ...now, changes: reading(now, section, withReading(over(now.changes)[section], id, mark)) })),
    clear: () => setDraft(emptyDraft),
  };
}
