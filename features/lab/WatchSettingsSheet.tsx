'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { Pill } from '@/ui/forms/Pill';
import { TickBox } from '@/ui/forms/TickBox';
import { SettingSheet } from '@/ui/relays/SettingSheet';
import { Notice } from '@/ui/shell/Notice';
import { BoxGroups } from './BoxGroups';
import { DelayPicture } from './DelayPicture';
import type { WatchSettings } from './use-watch';
import { settingGroups } from './watch-words';
import relaysStyle from '@/ui/styles/relays.module.css';

function Dials({ settings, set }: WatchSettings) {
  return (
    <>
      <DelayPicture />
      <BoxGroups groups={settingGroups} values={settings} placeholder="off" onValue={(name, value) => set({ [name]: value })} />
      <div className={relaysStyle.labBoxes}>
        <label className="row-flex">
          <TickBox checked={settings.phaseSequence} onTick={(phaseSequence) => set({ phaseSequence })} /> Phase sequence
        </label>
        <label className="row-flex">
          <TickBox checked={settings.latch} onTick={(latch) => set({ latch })} /> Latching (manual reset)
        </label>
      </div>
    </>
  );
}

/** The settings: as dials, or as a sheet with the reason of each where they are the calculated ones. */
export function WatchSettingsSheet(watch: WatchSettings) {
  const { plan, conflicts, isOwn, forget } = watch;
  const [part, setPart] = useState<'settings' | 'sheet'>('settings');
  return (
    <section className={`sheet ${relaysStyle.labBlock}`} aria-label="Settings">
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <div className="row-flex" role="group" aria-label="Settings shown as">
          <Pill pressed={part === 'settings'} onClick={() => setPart('settings')}>
            Settings
          </Pill>
          <Pill pressed={part === 'sheet'} onClick={() => setPart('sheet')}>
            Sheet with reasons
          </Pill>
        </div>
        {isOwn && <Button onClick={forget}>Use calculated settings</Button>}
      </div>
      {part === 'sheet' && !isOwn ? (
        <>
          <SettingSheet sheet={{ rows: plan.sheet, conflicts: plan.conflicts.map(({ words }) => words) }} />
          <Button onClick={() => print()}>Print</Button>
        </>
      ) : (
        <Dials {...watch} />
      )}
      {part === 'sheet' && isOwn && <p className="muted">Your own settings have no reasons; return to the calculated ones to see them.</p>}
      {conflicts.map(({ words }) => (
        <Notice kind="fails" key={words} role="alert">
          Refused: {words}
        </Notice>
      ))}
    </section>
  );
}
