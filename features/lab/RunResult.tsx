'use client';

import dynamic from 'next/dynamic';
import { certain } from '@/core/certain';
import type { Outcome } from '@/core/monitoring/run';
import type { Recording } from '@/core/monitoring/samples';
import { Notice } from '@/ui/shell/Notice';
import { faultWords, OutcomeTable } from './OutcomeTable';
import relaysStyle from '@/ui/styles/relays.module.css';

const SupplyChart = dynamic(() => import('./SupplyChart').then((module) => module.SupplyChart), {
  ssr: false,
  loading: () => <div className={relaysStyle.supplyChart} />,
});

/** What the relay did: how often it tripped, what it missed, and the supply over time. */
export function RunResult({ outcome, recording }: { outcome: Outcome; recording: Recording }) {
  const { trips, missed, nuisance, chatter } = outcome;
  const good = recording.events.length > 0 && missed.length === 0 && nuisance.length === 0;
  return (
    <>
      <Notice kind={recording.events.length === 0 ? 'note' : good ? 'fits' : 'fails'} role="status">
        {trips.length === 0
          ? 'It never trips.'
          : `It trips ${trips.length} time${trips.length > 1 ? 's' : ''}, first by ${faultWords[certain(trips[0]).by]}.`}{' '}
        {recording.events.length > 0 && `${missed.length} missed, ${nuisance.length} false trips.`}{' '}
        {chatter > 2 && `It chatters: ${chatter} trips within a minute.`}
      </Notice>
      <SupplyChart recording={recording} trips={trips} />
      <OutcomeTable outcome={outcome} events={recording.events} />
    </>
  );
}
