'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { api, faultWords } from '@/client/api';
import type { Practice } from '@/core/case/case';
import { certain } from '@/core/certain';
import { findWays, likeliestWays, type WayIn } from '@/core/fault-finding/find-ways';
import { Pill } from '@/ui/forms/Pill';
import { TextBox } from '@/ui/forms/TextBox';
import { usePractice, useSay } from '@/ui/language/practice';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';
import { FaultNotice, Notice } from '@/ui/shell/Notice';
import { Shell } from '../shell/Shell';
import checkStyle from '@/ui/styles/check.module.css';

/** A position at which a job may begin. */
export type Place = {
  id: string;
  tag: string;
  function: string;
  family: string;
  device: string;
  panel: string;
  site: string;
  practice: Practice;
};
const deviceOf = ({ device }: WayIn, practice: Practice): string => (practice === 'IEC' ? device.iec : device.nfpa);

type Picked = { family: string; kind: string; id: string };

const isWay = (picked: Picked) => (way: WayIn) => way.family === picked.family && way.kind === picked.kind && way.id === picked.id;

/** Opens the job at a place, with the symptom as its first answer, and leads to its fault finding. */
function useStart() {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const start = async (place: Place, way: WayIn) => {
    if (busy) return;
    setBusy(true);
    const answer = await api<{ id: string }>('POST', '/api/v1/swaps', {
      positionId: place.id,
      ...(way.kind === 'symptom' ? { symptom: way.id } : {}),
    });
    if (answer.ok) return router.push(`/swaps/${answer.value.id}?stage=need${way.kind === 'measurement' ? `&ask=${way.id}` : '&ask='}`);
    setBusy(false);
    setFault(faultWords(answer));
  };
  return { start, busy, fault };
}

const groups = [
  ['symptom', 'What does it do?'],
  ['measurement', 'What was measured?'],
] as const;

/** The ways in that were found, by what they are and of which device. */
function Ways({ ways, onPick, picked }: { ways: readonly WayIn[]; picked: WayIn | undefined; onPick: (way: WayIn) => void }) {
  const practice = usePractice();
  const say = useSay();
  return groups.map(([kind, words]) => {
    const own = ways.filter((way) => way.kind === kind);
    const kinds = [...new Set(own.map(({ family }) => family))];
    return (
      own.length > 0 && (
        <section key={kind} className="stack" aria-label={words}>
          <h2 style={{ fontSize: 16, margin: '10px 0 0' }}>{words}</h2>
          {kinds.map((family) => (
            <div key={family}>
              <p className="label">{deviceOf(certain(own.find((way) => way.family === family)), practice)}</p>
              <div className="row-flex" style={{ flexWrap: 'wrap' }}>
                {own
                  .filter((way) => way.family === family)
                  .map((way) => (
                    <Pill key={`${way.family}.${way.id}`} pressed={way === picked} onClick={() => onPick(way)}>
                      {say(way.title)}
                    </Pill>
                  ))}
              </div>
            </div>
          ))}
        </section>
      )
    );
  });
}

/** At which position: one touch opens the job there. */
function Where({ way, places, busy, onStart }: { way: WayIn; places: readonly Place[]; busy: boolean; onStart: (place: Place) => void }) {
  const practice = usePractice();
  const say = useSay();
  const own = places.filter(({ family }) => family === way.family);
  if (own.length === 0)
    return <EmptyPlace title="No such device stands on a panel here">A part by itself is judged by the quick check.</EmptyPlace>;
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="At which position?">
      <p className="label">
        {deviceOf(way, practice)} · {say(way.title)}
      </p>
      <h2 style={{ margin: 0 }}>At which position?</h2>
      {own.map((place) => (
        <Button
          key={place.id}
          fullWidth
          disabled={busy}
          onClick={() => onStart(place)}
          style={{ justifyContent: 'flex-start', textAlign: 'left' }}
        >
          <span>
            <b>{place.tag}</b> {place.function}
            <small className="muted" style={{ display: 'block' }}>
              {place.panel}, {place.site} · {place.device}
            </small>
          </span>
        </Button>
      ))}
    </section>
  );
}

/** A job from what the machine does, or from what was measured: found by a few words, then the position. */
export function SymptomsPage({
  ways,
  places,
  positionId,
  said,
  picked: asked,
}: {
  /** Every way in. */
  ways: readonly WayIn[];
  places: readonly Place[];
  positionId?: string;
  /** What somebody noted at that position: what is likest to it stands first. */
  said?: string;
  picked: Picked | null;
}) {
  const here = places.find(({ id }) => id === positionId);
  const all = useMemo(() => (here ? ways.filter(({ family }) => family === here.family) : ways), [ways, here]);
  const [text, setText] = useState('');
  const [picked, setPicked] = useState<WayIn | undefined>(() => (asked ? all.find(isWay(asked)) : undefined));
  const { start, busy, fault } = useStart();
  const found = said && text.trim() === '' ? likeliestWays(all, said) : findWays(all, text);
  const shown = text.trim() === '' && !here ? found.filter(({ kind }) => kind === 'symptom') : found;
  const pick = (way: WayIn) => (here ? void start(here, way) : setPicked(way));
  return (
    <Shell practice={here?.practice} crumbs={<b>What does it do?</b>}>
      <main className="middle stack" id="main" style={{ maxWidth: 1280, margin: '0 auto' }}>
        <div className={checkStyle.check}>
          <div className="stack">
            <h1>{here ? `${here.tag} ${here.function}: what does it do?` : 'What does it do?'}</h1>
            <p className="muted">
              Every device whose fault can be found here. {here ? 'One touch opens the job.' : 'Choose, then say at which position.'}
            </p>
            <TextBox
              wide
              autoFocus
              aria-label="What it does, or what was measured, in a few words"
              placeholder="welded, chatters, trips when it starts, blows again, insulation …"
              value={text}
              maxLength={80}
              onChange={(event) => setText(event.target.value)}
            />
            {said && <Notice kind="note">Noted here: {said}</Notice>}
            <FaultNotice words={fault} />
            {shown.length === 0 ? (
              <p role="status">Nothing is found under these words. Say it in fewer, or with the kind of device.</p>
            ) : (
              <Ways ways={shown} picked={picked} onPick={pick} />
            )}
          </div>
          <aside>
            {picked && !here && <Where way={picked} places={places} busy={busy} onStart={(place) => void start(place, picked)} />}
          </aside>
        </div>
      </main>
    </Shell>
  );
}
