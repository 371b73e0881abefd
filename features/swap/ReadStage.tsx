'use client';

import { SelectBox } from '@/ui/forms/SelectBox';
import { certain } from '@/core/certain';
import type { ReactNode } from 'react';
import type { Practice } from '@/core/case/case';
import type { DeviceFamily } from '@/core/families/contract';
import { loadPlates, plateOf } from '@/core/families/plates';
import { familyOf } from '@/core/families/registry';
import type { PlateDefinition } from '@/core/plates/plate-field';
import type { Readings } from '@/core/readings/reading';
import type { Change, SwapState } from '@/core/swap/swap';
import { usePractice } from '../../ui/language/practice';
import { cardsOf, plateFieldsOf, type EditField } from '../../ui/plates/edit-field';
import { Plate } from '../../ui/plates/Plate';
import { StateLegend } from '../../ui/plates/state-marks';
import { RatingRows } from '../../ui/plates/RatingRows';
import { TypeBar } from './TypeBar';
import { inSentence } from '@/core/language/in-sentence';
import { wordText } from '@/core/language/word-text';
import swapStyle from '@/ui/styles/swap.module.css';

const onPlate = (plate: PlateDefinition, section: EditField['section'], practice: Practice): EditField[] =>
  plateFieldsOf(plate, section, practice).filter((field) => field.kind !== 'rows');
/** Marks of the removed part: as its plate names them, then those that only the case names. One word of a plate that holds several is written as the case's list. */
function removedFieldsOf(family: DeviceFamily, plate: PlateDefinition, readings: Readings, practice: Practice): EditField[] {
  const { part } = cardsOf(family, practice);
  const printed = onPlate(plate, 'removed', practice).map((field) => {
    const several = field.kind === 'word' && Array.isArray(readings[field.id]?.value);
    const list = several ? part.find(({ id }) => id === field.id) : undefined;
    return list ? { ...list, label: field.label, meaning: field.meaning, recovery: field.recovery } : field;
  });
  const others = part.filter((field) => (field.rowFields || field.kind !== 'rows') && field.id !== 'coilMarks');
  return [...printed, ...others.filter((field) => !printed.some(({ id }) => id === field.id))];
}
/** How many marks are read, and how many want something. */
export function tally(readings: Readings): string {
  const all = Object.values(readings);
  const worn = all.filter((reading) => reading.state === 'unreadable').length;
  const confirm = all.filter((reading) => reading.state === 'assumed' || reading.toConfirm).length;
  return [`${all.length - worn - confirm} read`, confirm ? `${confirm} to confirm` : '', worn ? `${worn} worn` : '']
    .filter(Boolean)
    .join(' · ');
}

/** Read: the load’s plate decides; the one that came out is evidence; the card says what the panel offers. */
export function ReadStage({
  state,
  panelName,
  position,
  photo,
  onChange,
  onFocus,
}: {
  state: SwapState;
  panelName: string;
  position: string;
  /** The picture of the plate that is typed. */
  photo: (section: 'load' | 'removed') => ReactNode;
  onChange: (changes: Change[]) => void;
  onFocus: (field: EditField) => void;
}) {
  const family = certain(familyOf(state.family));
  const plate = loadPlates[state.loadKind];
  const practice = usePractice();
  const cards = cardsOf(family, practice);
  const system = state.supply.systemVolts?.value;
  const duty = family.positionFields.duty.length > 0;
  const plates = {
    readings: state,
    onFocus,
    onChange: (field: EditField, reading: unknown) => onChange([{ path: `${field.section}.${field.id}`, value: reading }]),
  };
  return (
    <div className="stack">
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <div>
          <h1>Nameplates</h1>
          <p className="muted">The load’s plate decides. The removed part’s plate is for reference.</p>
          <StateLegend />
        </div>
        <label className="row-flex">
          <span className="muted">The load is a</span>
          <SelectBox<string>
            style={{ width: 180 }}
            value={state.loadKind}
            options={family.loads.map((id) => [id, wordText(id)] as const)}
            onWord={(value) => onChange([{ path: 'loadKind', value }])}
          />
        </label>
      </div>
      <TypeBar state={state} photo={photo} onChange={onChange} />
      {plate && <Plate title={`Load plate · ${position}`} note={tally(state.load)} fields={onPlate(plate, 'load', practice)} {...plates} />}
      <div className={swapStyle.twoPlates} style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 12, alignItems: 'start' }}>
        <Plate
          title={`Removed plate · ${inSentence(practice === 'IEC' ? family.title.iec : family.title.nfpa)}`}
          note="for reference"
          fields={removedFieldsOf(family, certain(plateOf(family.id)), state.removed, practice)}
          {...plates}
        >
          {family.ratingColumns.length > 0 && (
            <RatingRows
              reading={state.removed.ratings}
              systemVolts={typeof system === 'number' ? system : undefined}
              onChange={(reading) => onChange([{ path: 'removed.ratings', value: reading }])}
            />
          )}
        </Plate>
        <div className="stack">
          <Plate card title={`Supply · ${panelName}`} note={tally(state.supply)} fields={cards.supply} {...plates} />
          <Plate
            card
            title={duty ? 'Circuit and duty' : 'Circuit'}
            note={duty ? tally(state.duty) : ''}
            fields={cards.wiring.filter(({ id, section }) => section !== 'load' || !plate?.fields.some((field) => field.id === id))}
            {...plates}
          />
        </div>
      </div>
    </div>
  );
}
