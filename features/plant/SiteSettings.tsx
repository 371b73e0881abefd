'use client';

import { schoolChoices } from '@/core/loads/schools';
import { currencies } from '@/core/stores/trade';
import { tagHabits, tagHabitWords } from '@/core/plant/tags';
import type { PlantSite } from '@/services/plant-view';
import { SelectBox } from '@/ui/forms/SelectBox';
import { Pill } from '@/ui/forms/Pill';
import { FaultNotice } from '@/ui/shell/Notice';
import { SiteSystems } from './Systems';
import { useDeed } from './use-deed';

/** What a site asks for: its letters, each method that practitioners dispute with its reason, a second person, and the parts of a demo that is there. */
export function SiteSettings({ site, demo }: { site: PlantSite; demo: boolean }) {
  const { deed, busy, fault } = useDeed();
  const set = (body: object) => void deed('PATCH', `/api/v1/sites/${site.id}`, body);
  return (
    <div className="stack">
      <label className="row-flex">
        <span className="muted">Letters of tags</span>
        <SelectBox
          style={{ width: 380 }}
          disabled={busy}
          value={site.tagHabit}
          options={tagHabits.map((habit) => [habit, tagHabitWords[habit]] as const)}
          onWord={(tagHabit) => set({ tagHabit })}
        />
      </label>
      <label className="row-flex">
        <span className="muted">Pays in</span>
        <SelectBox<string>
          style={{ width: 140 }}
          disabled={busy}
          value={site.currency ?? ''}
          options={[['', 'not said'], ...currencies]}
          onWord={(code) => set({ currency: code || null })}
        />
      </label>
      <SiteSystems siteId={site.id} practice={site.practice} systems={site.systems} />
      {schoolChoices.map(({ id, question, choices, reason }) => (
        <div key={id} className="stack" style={{ gap: 4 }}>
          <label className="row-flex">
            <span className="muted">{question}</span>
            <SelectBox<string>
              style={{ width: 260 }}
              disabled={busy}
              value={String(site.schools[id] ?? choices[0]?.value)}
              options={choices.map(({ value, words }) => [String(value), words] as const)}
              onWord={(word) => set({ schools: { [id]: choices.find(({ value }) => String(value) === word)?.value } })}
            />
          </label>
          <small className="muted">{reason}</small>
        </div>
      ))}
      <div className="row-flex">
        <Pill pressed={site.secondPerson} disabled={busy} onClick={() => set({ secondPerson: !site.secondPerson })}>
          Overrides need a second person
        </Pill>
        {demo && (
          <Pill pressed={site.demoParts} disabled={busy} onClick={() => set({ demoParts: !site.demoParts })}>
            Parts of the demo stand to choice
          </Pill>
        )}
      </div>
      <FaultNotice words={fault} />
    </div>
  );
}
