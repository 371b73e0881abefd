'use client';

import { loadPlates, plates } from '@/core/families/plates';
import { familyOf } from '@/core/families/registry';
import { sayIn } from '@/core/language/by-practice';
import { wordText } from '@/core/language/word-text';
import { SelectBox } from '@/ui/forms/SelectBox';
import { LOAD } from '@/ui/plates/examples';
import { cardsOf } from '@/ui/plates/edit-field';
import { Plate } from '@/ui/plates/Plate';
import { PlateBox } from '@/ui/plates/PlateBox';
import type { QuickCheck } from './use-check';

export { LOAD };

/** What the part must serve. */
export function Load({ check }: { check: QuickCheck }) {
  const { state, practice } = check;
  const loads = familyOf(state.family)?.loads ?? plates.filter(({ side }) => side === 'load').map(({ id }) => id);
  return (
    <PlateBox
      title="What it must serve"
      about={
        loadPlates[state.loadKind] || !state.loadKind
          ? 'Type or paste the load’s plate, or take its picture'
          : 'This load has no plate: what counts of it is asked beside the supply'
      }
      kind={loadPlates[state.loadKind] ? state.loadKind : ''}
      section="load"
      text={state.typed.load ?? ''}
      readings={state.load}
      example={LOAD}
      pick={
        <SelectBox<string>
          aria-label="Kind of load"
          style={{ width: 190 }}
          value={state.loadKind}
          options={[
            ...(state.loadKind ? [] : [['', 'kind: by its plate'] as const]),
            ...loads.map((id) => [id, sayIn(practice, wordText(id))] as const),
          ]}
          onWord={check.chooseLoad}
        />
      }
      onType={check.typeLoad}
      onPictured={(kind, found) => check.pictured('load', kind, found)}
      onChange={({ id }, reading) => check.change([{ path: `load.${id}`, value: reading }])}
    />
  );
}

/** What feeds it, and what else the family asks of the place. */
export function Supply({ check }: { check: QuickCheck }) {
  const { state, practice } = check;
  const family = familyOf(state.family);
  if (!family) return null;
  const { supply, wiring } = cardsOf(family, practice);
  const plate = loadPlates[state.loadKind];
  const others = wiring.filter(({ id, section }) => section !== 'load' || !plate?.fields.some((field) => field.id === id));
  const shared = {
    readings: state,
    onFocus: () => undefined,
    onChange: (field: { section: string; id: string }, reading: unknown) =>
      check.change([{ path: `${field.section}.${field.id}`, value: reading }]),
  };
  return (
    <>
      <Plate card title="What feeds it" note="" fields={supply} {...shared} />
      {others.length > 0 && <Plate card title="Circuit and duty" note="" fields={others} {...shared} />}
    </>
  );
}
