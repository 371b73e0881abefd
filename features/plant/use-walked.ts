'use client';

import { useState } from 'react';
import { useKept } from '@/client/use-kept';
import { isRecord } from '@/core/certain';
import { platesAt, type PlateSection } from '@/core/plant/walk';
import { takePicture } from '@/core/plates/merge-photo-readings';
import { parsePlate, type PlateReading } from '@/core/plates/parse-plate';
import { withReading, type Reading, type Readings } from '@/core/readings/reading';
import { applyChanges, type Change } from '@/core/swap/swap';
import { retyped } from '@/core/swap/typed-plate';
import type { PanelWalk } from '@/services/plant-view';

export type WalkedPosition = PanelWalk['positions'][number];

/** What was typed and changed at a position and is not kept there yet: by path, so that another's marks stay as they are. */
type Draft = { typed: Partial<Record<PlateSection, string>>; changes: Record<string, unknown> };
const emptyDraft = (): Draft => ({ typed: {}, changes: {} });
const isDraft = (value: unknown): value is Draft => isRecord(value) && isRecord(value.typed) && isRecord(value.changes);

const listed = (changes: Draft['changes']): Change[] => Object.entries(changes).map(([path, value]) => ({ path, value }));

/** The plates of one position while they are read; nothing of it is lost on a reload of the page. */
export function useWalked(position: WalkedPosition) {
  const [draft, setDraft] = useKept(`loyal-coil:walk:${position.id}`, emptyDraft, isDraft);
  const [differs, setDiffers] = useState<Partial<Record<PlateSection, string[]>>>({});
  const over = (changes: Draft['changes']) => applyChanges(position.readings, listed(changes));
  /** The draft with these readings of a plate: what stands at the position already is no change. */
  const reading = (now: Draft, section: PlateSection, next: Readings): Draft['changes'] => {
    const stands: Readings = position.readings[section];
    const changes = { ...now.changes };
    for (const id of new Set([...Object.keys(stands), ...Object.keys(over(now.changes)[section]), ...Object.keys(next)])) {
      const path = `${section}.${id}`;
      if (JSON.stringify(stands[id]) === JSON.stringify(next[id])) delete changes[path];
      else changes[path] = next[id] ?? null;
    }
    return changes;
  };
  const plateOf = (section: PlateSection) => platesAt(position).find((one) => one.section === section)?.plate;
  return {
    readings: over(draft.changes),
    typed: draft.typed,
    changes: listed(draft.changes),
    /** Names of marks that stood there already and that a picture gives otherwise; what stood there stays. */
    differs,
    type: (section: PlateSection, text: string) => {
      const plate = plateOf(section);
      setDraft((now) => ({
        typed: { ...now.typed, [section]: text },
        changes: plate ? reading(now, section, retyped(over(now.changes)[section], parsePlate(text, plate))) : now.changes,
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
