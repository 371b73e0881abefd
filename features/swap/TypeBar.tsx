'use client';

import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { certain } from '@/core/certain';
import { loadPlates, plateOf } from '@/core/families/plates';
import { familyOf } from '@/core/families/registry';
import { parsePlate } from '@/core/plates/parse-plate';
import type { Readings } from '@/core/readings/reading';
import type { Change, SwapState } from '@/core/swap/swap';
import { retyped, type LineChange } from '@/core/swap/typed-plate';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TypedLine } from '@/ui/plates/TypedLine';
import photoStyle from '@/ui/styles/photo.module.css';

const examples: Record<string, string> = {
  'motor-3ph': 'HP 20 V 230/460 A 50/25 CODE F PH 3 HZ 60 SF 1.15',
  'motor-1ph': '1 HP 115/230 V 16/8 A 1 PH 60 HZ CODE L',
  'hermetic-compressor': 'V 208/230 PH 1 RLA 15.4 LRA 83 FAN FLA 0.9 MCA 20.2 MOP 35',
  'resistive-heater': '6 kW 400 V 3 PH',
};

/** Changes that a typed line makes: what it gives, and what it gave before and now does not. */
function changesOf(section: Target, before: Readings, line: LineChange): Change[] {
  const after = retyped(before, line);
  const gone = Object.keys(before).filter((id) => !after[id]);
  return [
    ...gone.map((id) => ({ path: `${section}.${id}`, value: null })),
    ...Object.entries(line.gives).map(([id, reading]) => ({ path: `${section}.${id}`, value: reading })),
  ];
}

type Target = 'load' | 'removed';

/** The line in which a plate is typed or pasted, and its picture. */
export function TypeBar({
  state,
  photo,
  onChange,
}: {
  state: SwapState;
  photo: (section: Target) => ReactNode;
  onChange: (changes: Change[]) => void;
}) {
  const family = certain(familyOf(state.family));
  const loadPlate = loadPlates[state.loadKind];
  const [chosen, setTarget] = useState<Target>('load');
  const [pictured, setPictured] = useState(false);
  const target = loadPlate ? chosen : 'removed';
  const plate = target === 'load' && loadPlate ? loadPlate : certain(plateOf(family.id));
  const options = [...(loadPlate ? [['load', 'Load plate'] as const] : []), ['removed', 'Old part'] as const];
  return (
    <>
      <div className={`row-flex ${photoStyle.typedRow}`}>
        <SelectBox
          style={{ width: 128, minHeight: 66, flex: 'none' }}
          aria-label="Plate being typed"
          value={target}
          options={options}
          onWord={setTarget}
        />
        <Button style={{ minHeight: 66, flex: 'none' }} aria-pressed={pictured} onClick={() => setPictured(!pictured)}>
          {pictured ? 'Hide picture' : 'Picture'}
        </Button>
        <div style={{ flex: 1, minWidth: 0 }}>
          <TypedLine
            key={target === 'load' ? plate.id : target}
            plate={plate}
            label="Type or paste"
            text={state.typed[target] ?? ''}
            example={target === 'load' ? (examples[plate.id] ?? '') : family.example}
            onType={(text, found) => {
              const line = { gave: parsePlate(state.typed[target] ?? '', plate).readings, gives: found.readings };
              onChange([{ path: `typed.${target}`, value: text === '' ? null : text }, ...changesOf(target, state[target], line)]);
            }}
          />
        </div>
      </div>
      {pictured && <div key={target}>{photo(target)}</div>}
    </>
  );
}
