'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { Controller } from 'react-hook-form';
import { useState } from 'react';
import { api, faultWords } from '@/client/api';
import { newPanelSchema, newSiteSchema } from '@/core/plant/plant-fields';
import { FormFault } from '@/ui/forms/FormFault';
import { NumberBox } from '@/ui/forms/NumberBox';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';
import { noSystem, SystemFields, systemOf } from './Systems';

const practices = [
  ['IEC', 'IEC and BS 7671'],
  ['NFPA70', 'NFPA 70 (NEC)'],
] as const;
const hereNow = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;
const zones = (): string[] => Intl.supportedValuesOf('timeZone');

/** Names a site: what is judged there follows its practice. */
export function NewSite() {
  const router = useRouter();
  const start = { name: '', practice: 'IEC' as const, timeZone: 'UTC', tagHabit: undefined };
  const [draft, setDraft] = useState(noSystem(start.practice));
  const { register, control, errors, ready, onSubmit } = useSentForm(newSiteSchema, start, async (site, startAgain) => {
    const system = systemOf(draft);
    const answer = await api('POST', '/api/v1/sites', { ...site, systems: system ? [system] : [] });
    if (answer.ok) {
      startAgain(start);
      setDraft(noSystem(start.practice));
      router.refresh();
    }
    return faultWords(answer);
  });
  return (
    <form className="sheet stack" style={{ padding: 14 }} aria-label="Name a site" onSubmit={onSubmit}>
      <h2 style={{ fontSize: 15.5 }}>A site</h2>
      <div className="row-flex" style={{ alignItems: 'flex-end' }}>
        <label className="stack" style={{ gap: 4 }}>
          <span>Name of the site</span>
          <TextBox style={{ width: 240, fontFamily: 'var(--sans)' }} {...register('name', trimmed)} />
        </label>
        <Controller
          control={control}
          name="practice"
          render={({ field: { value, onChange } }) => (
            <>
              <label className="stack" style={{ gap: 4 }}>
                <span>Practice: it stays as it is</span>
                <SelectBox
                  style={{ width: 200 }}
                  value={value}
                  options={practices}
                  onWord={(practice) => {
                    onChange(practice);
                    setDraft(noSystem(practice));
                  }}
                />
              </label>
              <SystemFields practice={value} draft={draft} onDraft={setDraft} />
            </>
          )}
        />
        <Controller
          control={control}
          name="timeZone"
          render={({ field: { value, onChange } }) => (
            <label className="stack" style={{ gap: 4 }}>
              <span>Time zone</span>
              <SelectBox<string>
                style={{ width: 220 }}
                value={value}
                options={['UTC', ...zones().filter((zone) => zone !== 'UTC')]}
                onWord={onChange}
                onFocus={() => value === 'UTC' && onChange(hereNow())}
              />
            </label>
          )}
        />
        <Button type="submit" variant="contained" disabled={!ready}>
          Name the site
        </Button>
      </div>
      <FormFault errors={errors} />
    </form>
  );
}

/** Draws a panel of a site, and goes there. */
export function NewPanel({ siteId }: { siteId: string }) {
  const router = useRouter();
  const { register, control, errors, ready, onSubmit } = useSentForm(newPanelSchema, { name: '', note: '', rails: 3 }, async (panel) => {
    const answer = await api<{ id: string }>('POST', `/api/v1/sites/${siteId}/panels`, panel);
    if (answer.ok) router.push(`/panels/${answer.value.id}`);
    return faultWords(answer);
  });
  return (
    <form className="stack" aria-label="A panel" onSubmit={onSubmit}>
      <div className="row-flex" style={{ alignItems: 'flex-end' }}>
        <label className="stack" style={{ gap: 4 }}>
          <span>Name of a panel</span>
          <TextBox style={{ width: 200, fontFamily: 'var(--sans)' }} {...register('name', trimmed)} />
        </label>
        <label className="stack" style={{ gap: 4 }}>
          <span>Where it hangs, what feeds it</span>
          <TextBox style={{ width: 260, fontFamily: 'var(--sans)' }} {...register('note', trimmed)} />
        </label>
        <Controller
          control={control}
          name="rails"
          render={({ field: { value, onChange } }) => (
            <div style={{ width: 90 }}>
              <NumberBox label="Rails" unit="" value={value} min={1} max={12} onValue={onChange} />
            </div>
          )}
        />
        <Button type="submit" disabled={!ready}>
          Draw the panel
        </Button>
      </div>
      <FormFault errors={errors} />
    </form>
  );
}
