'use client';

import { SelectBox } from '@/ui/forms/SelectBox';
import Button from '@mui/material/Button';
import { certain } from '@/core/certain';
import { useState, type ReactNode } from 'react';
import type { Practice } from '@/core/case/case';
import type { DeviceFamily } from '@/core/families/contract';
import { loadPlates, plateOf } from '@/core/families/plates';
import { familyOf } from '@/core/families/registry';
import type { PlateReading } from '@/core/plates/parse-plate';
import type { PlateDefinition } from '@/core/plates/plate-field';
import type { Readings } from '@/core/readings/reading';
import type { Change, SwapState } from '@/core/swap/swap';
import { usePractice } from '../../ui/language/practice';
import { cardsOf, plateFieldsOf, type EditField } from '../../ui/plates/edit-field';
import { Plate } from '../../ui/plates/Plate';
import { StateLegend } from '../../ui/plates/state-marks';
import { RatingRows } from '../../ui/plates/RatingRows';
import { TypedLine } from '../../ui/plates/TypedLine';
import { inSentence } from '@/core/language/in-sentence';
import { wordText } from '@/core/language/word-text';

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
const examples: Record<string, string> = {
  'motor-3ph': 'HP 20 V 230/460 A 50/25 CODE F PH 3 HZ 60 SF 1.15',
  'motor-1ph': '1 HP 115/230 V 16/8 A 1 PH 60 HZ CODE L',
  'hermetic-compressor': 'V 208/230 PH 1 RLA 15.4 LRA 83 FAN FLA 0.9 MCA 20.2 MOP 35',
  'resistive-heater': '6 kW 400 V 3 PH',
};

/** How many marks are read, and how many want something. */
export function tally(readings: Readings): string {
  const all = Object.values(readings);
  const worn = all.filter((reading) => reading.state === 'unreadable').length;
  const confirm = all.filter((reading) => reading.state === 'assumed' || reading.toConfirm).length;
  return [`${all.length - worn - confirm} read`, confirm ? `${confirm} to confirm` : '', worn ? `${worn} worn` : '']
    .filter(Boolean)
    .join(' · ');
}

/** Changes that a typed line makes: what it found, and what it had found before and now has not. */
function changesOf(section: 'load' | 'removed', found: PlateReading, before: Readings): Change[] {
  const gone = Object.entries(before)
    .filter(([id, reading]) => reading.from?.startsWith('typed line') && !found.readings[id])
    .map(([id]) => ({ path: `${section}.${id}`, value: null }));
  return [...gone, ...Object.entries(found.readings).map(([id, reading]) => ({ path: `${section}.${id}`, value: reading }))];
}

/** Read: the load's plate decides; the one that came out is evidence; the card says what the panel offers. */
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
  const partPlate = certain(plateOf(family.id));
  const plate = loadPlates[state.loadKind];
  const practice = usePractice();
  const cards = cardsOf(family, practice);
  const kinds = family.loads.map((id) => ({ id, title: wordText(id) }));
  const [chosen, setTarget] = useState<'load' | 'removed'>('load');
  const target = plate ? chosen : 'removed';
  const [pictured, setPictured] = useState(false);
  const set = (field: EditField, reading: unknown) => onChange([{ path: `${field.section}.${field.id}`, value: reading }]);
  const system = state.supply.systemVolts?.value;
  const typed = (section: 'load' | 'removed', text: string, found: PlateReading) =>
    onChange([{ path: `typed.${section}`, value: text === '' ? null : text }, ...changesOf(section, found, state[section])]);
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
          <SelectBox
            style={{ width: 180, fontFamily: 'var(--sans)' }}
            value={state.loadKind}
            options={kinds.map((kind) => [kind.id, kind.title] as const)}
            onWord={(value) => onChange([{ path: 'loadKind', value }])}
          />
        </label>
      </div>
      <div className="row-flex typed-row">
        <SelectBox
          style={{ width: 128, minHeight: 66, fontFamily: 'var(--sans)', flex: 'none' }}
          aria-label="Plate being typed"
          value={target}
          options={
            plate
              ? [
                  ['load', 'Load plate'],
                  ['removed', 'Old part'],
                ]
              : [['removed', 'Old part']]
          }
          onWord={setTarget}
        />
        <Button style={{ minHeight: 66, flex: 'none' }} aria-pressed={pictured} onClick={() => setPictured(!pictured)}>
          {pictured ? 'Hide picture' : 'Picture'}
        </Button>
        <div style={{ flex: 1, minWidth: 0 }}>
          {target === 'load' && plate ? (
            <TypedLine
              key={plate.id}
              plate={plate}
              label="Type or paste"
              text={state.typed.load ?? ''}
              example={examples[plate.id] ?? ''}
              onType={(text, found) => typed('load', text, found)}
            />
          ) : (
            <TypedLine
              key="removed"
              plate={partPlate}
              label="Type or paste"
              text={state.typed.removed ?? ''}
              example={family.example}
              onType={(text, found) => typed('removed', text, found)}
            />
          )}
        </div>
      </div>
      {pictured && <div key={target}>{photo(target)}</div>}
      {plate && (
        <Plate
          title={`Load plate · ${position}`}
          note={tally(state.load)}
          fields={onPlate(plate, 'load', practice)}
          readings={state}
          onChange={set}
          onFocus={onFocus}
        />
      )}
      <div className="two-plates" style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 12, alignItems: 'start' }}>
        <Plate
          title={`Removed plate · ${inSentence(practice === 'IEC' ? family.title.iec : family.title.nfpa)}`}
          note="for reference"
          fields={removedFieldsOf(family, partPlate, state.removed, practice)}
          readings={state}
          onChange={set}
          onFocus={onFocus}
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
          <Plate
            card
            title={`Supply · ${panelName}`}
            note={tally(state.supply)}
            fields={cards.supply}
            readings={state}
            onChange={set}
            onFocus={onFocus}
          />
          <Plate
            card
            title={family.positionFields.duty.length > 0 ? 'Circuit and duty' : 'Circuit'}
            note={family.positionFields.duty.length > 0 ? tally(state.duty) : ''}
            fields={cards.wiring.filter(({ id, section }) => section !== 'load' || !plate?.fields.some((field) => field.id === id))}
            readings={state}
            onChange={set}
            onFocus={onFocus}
          />
        </div>
      </div>
    </div>
  );
}
