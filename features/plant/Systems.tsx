'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Practice } from '@/core/case/case';
import { groundingsOf, groundingWords, MOST_SYSTEMS, sameSystem, systemWords, type SiteSystem } from '@/core/plant/system';
import { NumberBox } from '@/ui/forms/NumberBox';
import { SelectBox } from '@/ui/forms/SelectBox';
import { FaultNotice } from '@/ui/shell/Notice';
import { useDeed } from './use-deed';

/** A system while it is said: without volts there is none. */
export type SystemDraft = Omit<SiteSystem, 'volts'> & { volts: number | null };
export const noSystem = (practice: Practice): SystemDraft => ({ volts: null, hertz: practice === 'IEC' ? 50 : 60, grounding: null });
export const systemOf = ({ volts, hertz, grounding }: SystemDraft): SiteSystem | null =>
  volts === null ? null : { volts, hertz, grounding };

/** Volts, frequency and earthing of a three-phase system. */
export function SystemFields({
  practice,
  draft,
  onDraft,
}: {
  practice: Practice;
  draft: SystemDraft;
  onDraft: (draft: SystemDraft) => void;
}) {
  const groundings = groundingsOf(practice);
  return (
    <>
      <div style={{ width: 130 }}>
        <NumberBox
          label="Fed at"
          name="Three-phase system"
          unit="V"
          value={draft.volts}
          min={1}
          max={1000}
          empty
          placeholder="not said"
          onValue={(volts) => onDraft({ ...draft, volts })}
        />
      </div>
      <label className="stack" style={{ gap: 4 }}>
        <span>Frequency</span>
        <SelectBox
          style={{ width: 110 }}
          value={draft.hertz === 50 ? '50' : '60'}
          options={[
            ['50', '50 Hz'],
            ['60', '60 Hz'],
          ]}
          onWord={(word) => onDraft({ ...draft, hertz: word === '50' ? 50 : 60 })}
        />
      </label>
      <label className="stack" style={{ gap: 4 }}>
        <span>{practice === 'IEC' ? 'Earthing' : 'Grounding'}</span>
        <SelectBox<string>
          style={{ width: 230 }}
          value={draft.grounding ?? ''}
          options={[['', 'not said'], ...groundings.map((one) => [one, groundingWords(one)] as const)]}
          onWord={(word) => onDraft({ ...draft, grounding: groundings.find((one) => one === word) ?? null })}
        />
      </label>
    </>
  );
}

/** The systems that feed a site: its panels stand at one of them. */
export function SiteSystems({ siteId, practice, systems }: { siteId: string; practice: Practice; systems: readonly SiteSystem[] }) {
  const { deed, busy, fault } = useDeed();
  const [draft, setDraft] = useState(noSystem(practice));
  const more = systemOf(draft);
  const set = (next: readonly SiteSystem[]) => deed('PATCH', `/api/v1/sites/${siteId}`, { systems: next });
  const [missing, setMissing] = useState<string>();
  const add = async () => {
    const known = more !== null && systems.some((one) => sameSystem(one, more));
    setMissing(more === null ? 'The volts of the system are missing.' : known ? 'This system is there already.' : undefined);
    if (more && !known && (await set([...systems, more]))?.ok) setDraft(noSystem(practice));
  };
  return (
    <section className="stack" aria-label="Systems that feed the site" style={{ gap: 6 }}>
      <span className="muted">
        What feeds it. A panel stands at one of them; its three-phase loads take it as assumed, until somebody confirms it at a job.
      </span>
      {systems.map((system) => (
        <div key={systemWords(system)} className="row-flex">
          <span>{systemWords(system)}</span>
          <Button size="small" disabled={busy} onClick={() => void set(systems.filter((one) => one !== system))}>
            Take away
          </Button>
        </div>
      ))}
      {systems.length < MOST_SYSTEMS && (
        <div className="row-flex" style={{ alignItems: 'flex-end' }}>
          <SystemFields practice={practice} draft={draft} onDraft={setDraft} />
          <Button disabled={busy} onClick={() => void add()}>
            Add the system
          </Button>
        </div>
      )}
      <FaultNotice words={missing ?? fault} />
    </section>
  );
}

/** At which system of its site a panel stands. */
export function FedAt({
  systems,
  system,
  onSystem,
}: {
  systems: readonly SiteSystem[];
  system: SiteSystem | null;
  onSystem: (system: SiteSystem | null) => void;
}) {
  // One that the site does not have any more stays until another is said.
  const all = system && !systems.some((one) => sameSystem(one, system)) ? [system, ...systems] : systems;
  if (all.length === 0) return null;
  return (
    <label className="row-flex" style={{ margin: '8px 0' }}>
      <span className="muted">Fed at</span>
      <SelectBox<string>
        style={{ width: 320 }}
        value={system ? systemWords(system) : ''}
        options={[['', 'not said'], ...all.map((one) => [systemWords(one), systemWords(one)] as const)]}
        onWord={(word) => onSystem(all.find((one) => systemWords(one) === word) ?? null)}
      />
    </label>
  );
}
