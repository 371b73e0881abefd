'use client';

import { certain } from '@/core/certain';
import { inSentence } from '@/core/language/in-sentence';
import { schoolChoices } from '@/core/loads/schools';
import { inputLabel } from '@/core/needs/input-label';
import { limitText } from '@/core/needs/line-text';
import { citeSource } from '@/core/standards/source';
import type { Change } from '@/core/swap/swap';
import { SelectBox } from '@/ui/forms/SelectBox';
import { useSay } from '@/ui/language/practice';
import type { Derived } from '../derived';
import { Note } from '../RunningCard';

/** Why a line asks what it asks, from where, and the method that it goes by. */
export function NeedNote({ derived, id, onChange }: { derived: Derived; id: string; onChange: (changes: Change[]) => void }) {
  const say = useSay();
  const { practice } = derived.context;
  const need = derived.needs.find((one) => one.id === id);
  if (!need) return null;
  const school = schoolChoices.find(({ lines }) => lines.includes(id));
  return (
    <Note title={`Why ${say(limitText(need.ways[0].limit, need.ways[0]))}`}>
      <p>{need.because}</p>
      <p className="muted">
        {citeSource(need.source)}.
        {need.inputs.length > 0 ? ` From: ${need.inputs.map((input) => inSentence(inputLabel(input, practice))).join(', ')}.` : ''}
      </p>
      {need.school && <p className="muted">Method: {need.school}.</p>}
      {school && (
        <label className="stack" style={{ gap: 4, marginTop: 8 }}>
          <span>{school.question}</span>
          <SelectBox
            wide
            value={String(derived.schools[school.id])}
            options={school.choices.map((one) => [String(one.value), one.words] as const)}
            onWord={(word) =>
              onChange([{ path: `schools.${school.id}`, value: certain(school.choices.find((one) => String(one.value) === word)).value }])
            }
          />
          <small className="muted">{school.reason}</small>
        </label>
      )}
    </Note>
  );
}
