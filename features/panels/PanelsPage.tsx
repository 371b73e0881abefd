'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Log } from '@/features/panels/LogEvent';
import type { Settle } from '@/features/panels/OpenPointNote';
import { PanelsDesk } from '@/features/panels/PanelsDesk';
import type { Site } from './tile';
import { api, faultWords } from '../../client/api';
import { Queries } from '../../client/Queries';
import { Shell } from '../shell/Shell';

/** The panels desk with its address: the chosen panel and position stand in the query. */
export function PanelsPage({
  sites,
  altered,
  site: siteId,
  panel,
  position,
}: {
  sites: Site[];
  /** What is known not to be as it was signed, in words. */
  altered: readonly string[];
  site?: string;
  panel?: string;
  position?: string;
}) {
  const router = useRouter();
  const [starting, setStarting] = useState(false);
  const [fault, setFault] = useState<string>();
  const opened = sites.find(({ id }) => id === siteId);
  const all = [...(opened?.panels ?? []), ...sites.flatMap((site) => site.panels)];
  const byPosition = all.find((one) => one.positions.some((tile) => tile.id === position));
  const here = panel ?? byPosition?.id ?? all[0]?.id ?? '';
  const site = sites.find((one) => one.panels.some((entry) => entry.id === here)) ?? sites[0];
  const go = (query: string) => router.replace(`/?${query}`, { scroll: false });
  const start = async (positionId: string, at?: { stage: 'match' } | { symptom: string }) => {
    setStarting(true);
    setFault(undefined);
    const answer = await api<{ id: string }>('POST', '/api/v1/swaps', { positionId, ...(at && 'symptom' in at ? at : {}) });
    const stage = at && ('stage' in at ? `?stage=${at.stage}` : '?stage=need&ask=');
    if (answer.ok) return router.push(`/swaps/${answer.value.id}${stage ?? ''}`);
    setStarting(false);
    setFault(faultWords(answer));
  };
  const settle: Settle = async (positionId, point) => {
    const answer = await api<{ settled: true }>('POST', `/api/v1/positions/${positionId}/settle`, point);
    if (!answer.ok) return faultWords(answer);
    router.refresh();
    return undefined;
  };
  const log: Log = async (positionId, event) => {
    const answer = await api<{ noted: true }>('POST', `/api/v1/positions/${positionId}/events`, event);
    if (!answer.ok) return faultWords(answer);
    router.refresh();
    return undefined;
  };
  return (
    <Shell here="/" practice={site?.practice}>
      <Queries>
        <PanelsDesk
          sites={sites}
          altered={altered}
          panelId={here}
          positionId={position}
          starting={starting}
          fault={fault}
          onStart={start}
          onSettle={settle}
          onLog={log}
          onSite={(id) => go(`site=${id}`)}
          onPanel={(id) => go(`panel=${id}`)}
          onPosition={(id) => go(`panel=${here}&position=${id}`)}
        />
      </Queries>
    </Shell>
  );
}
