'use client';

import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { api, faultWords } from '@/client/api';
import { read } from '@/client/Queries';
import { diffStates, emptySwap, freeHand, type Change, type SwapState } from '@/core/swap/swap';
import type { Answers } from '@/services/interface/routes';
import { SelectBox } from '@/ui/forms/SelectBox';
import { FaultNotice } from '@/ui/shell/Notice';
import { IntoCatalogue } from './IntoCatalogue';
import { KeepIt } from './Kept';
import type { QuickCheck } from './use-check';

type Desk = Answers['GET /api/v1/desk'];
type Job = Answers['GET /api/v1/swaps/{id}'];

/**
 * What a check brings to a job: its parts in the hand, and of load, supply and duty what the job does not say itself yet. Where the job serves
 * another kind of load, the load stays as it is there.
 */
export function carried(check: SwapState, job: SwapState): Change[] {
  const sections = ['supply', 'duty', ...(check.loadKind === job.loadKind ? ['load'] : [])];
  const taken = new Set(Object.keys(job.hand ?? {}));
  const free = () => {
    const key = freeHand(taken);
    taken.add(key);
    return key;
  };
  const parts = Object.values(check.hand ?? {}).filter(({ readings }) => Object.keys(readings).length > 0);
  return [
    ...diffStates(emptySwap(check.family, check.loadKind), check).filter(({ path }) => {
      const [section = '', id = ''] = path.split('.');
      return sections.includes(section) && !(job[section as 'load'] ?? {})[id];
    }),
    ...parts.map((part) => ({ path: `hand.${free()}`, value: part })),
  ];
}

const whereWords = (known: boolean, places: number): string =>
  known ? (places > 0 ? 'choose a position' : 'no position takes a part of this kind') : 'reading the positions';

/** The ways on: into a job at a position of the same kind, kept by name, into the catalogue and into stock. */
export function Onward({ check }: { check: QuickCheck }) {
  const router = useRouter();
  const [position, setPosition] = useState('');
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const desk = useQuery({ queryKey: ['desk'], queryFn: ({ signal }) => read<Desk>('GET', '/api/v1/desk', undefined, signal) }).data;
  const places = (desk?.sites ?? []).flatMap((site) =>
    site.panels.flatMap((panel) =>
      panel.positions
        .filter(({ family }) => family === check.state.family)
        .map((one) => [one.id, `${one.tag} ${one.function}, ${panel.name}, ${site.name}`] as const),
    ),
  );
  const sites = (desk?.sites ?? []).map(({ id, name }) => [id, name] as const);
  const open = async () => {
    setBusy(true);
    setFault(undefined);
    const opened = await api<{ id: string }>('POST', '/api/v1/swaps', { positionId: position });
    const job = opened.ok ? await api<Job>('GET', `/api/v1/swaps/${opened.value.id}`) : opened;
    const saved = job.ok
      ? await api('PATCH', `/api/v1/swaps/${job.value.id}`, { version: job.value.version, changes: carried(check.state, job.value.state) })
      : job;
    if (saved.ok && job.ok) return router.push(`/swaps/${job.value.id}?stage=match`);
    setBusy(false);
    if (!saved.ok) setFault(faultWords(saved));
  };
  const parts = Object.entries(check.state.hand ?? {}).filter(([, { readings }]) => Object.keys(readings).length > 0);
  return (
    <>
      <section className="sheet stack" style={{ padding: 14 }} aria-label="Into a job" id="job">
        <p>
          <b>Into a job.</b>{' '}
          <span className="muted">
            The parts go with it as parts in the hand; of load and supply what the position does not say itself. Nothing there is written
            over.
          </span>
        </p>
        <div className="row-flex">
          <SelectBox<string>
            aria-label="Position"
            style={{ flex: 1, minWidth: 220 }}
            value={position}
            options={[['', whereWords(desk !== undefined, places.length)] as const, ...places]}
            onWord={setPosition}
          />
          <Button disabled={!position || busy} onClick={() => void open()}>
            Open the job there
          </Button>
        </div>
        <KeepIt check={check} position={position} />
        <FaultNotice words={fault} />
      </section>
      <span id="catalogue" />
      {parts.map(([key, part]) => (
        <IntoCatalogue key={key} family={check.state.family} part={part} sites={sites} />
      ))}
    </>
  );
}
