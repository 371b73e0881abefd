'use client';

import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { writeSamples } from '@/core/monitoring/samples';
import { FilePick } from '@/ui/forms/FilePick';
import { saveText } from '@/ui/forms/save-file';
import { FaultNotice } from '@/ui/shell/Notice';
import { EventList } from './EventList';
import type { WatchEvents } from './use-watch';
import relaysStyle from '@/ui/styles/relays.module.css';

/** What happens to the supply; `meter` is a way to record it. */
export function WatchEventsSheet({ events, meter }: { events: WatchEvents; meter: ReactNode }) {
  const { recorded, hour, fault, scenarios } = events;
  return (
    <section className={`sheet ${relaysStyle.labBlock}`} aria-label="Supply events">
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <p className="label">{recorded ? `Recorded: ${recorded.name}` : 'Supply events'}</p>
        <div className="row-flex">
          <FilePick accept=".csv,text/csv,text/plain" onFile={(file) => void events.take(file)}>
            Recording (CSV)
          </FilePick>
          {recorded ? (
            <Button onClick={events.dropRecording}>Back to made-up events</Button>
          ) : (
            <Button onClick={() => saveText('supply-events.csv', writeSamples(events.samples()))}>Save as CSV</Button>
          )}
        </div>
      </div>
      <FaultNotice words={fault} />
      {!recorded && hour && (
        <p>
          {hour.length} made-up events in an hour, {hour.filter(({ mustTrip }) => mustTrip).length} of which must trip.{' '}
          <Button onClick={events.dropHour}>Back to the list</Button>
        </p>
      )}
      {!recorded && !hour && (
        <>
          <EventList scenarios={scenarios} onScenarios={events.setScenarios} />
          <Button onClick={events.makeHour}>A whole hour at random</Button>
        </>
      )}
      {meter}
    </section>
  );
}
