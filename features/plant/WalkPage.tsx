'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { familyOf } from '@/core/families/registry';
import { platesAt, waitingAt, walkStateOf, type PlateSection, type Waiting } from '@/core/plant/walk';
import type { PanelWalk } from '@/services/plant-view';
import { LOAD } from '@/ui/plates/examples';
import { PlateBox } from '@/ui/plates/PlateBox';
import { Link } from '@/ui/shell/Link';
import { LinkButton } from '@/ui/shell/LinkButton';
import { FaultNotice, Notice } from '@/ui/shell/Notice';
import { Documents } from '../shell/Documents';
import { Shell } from '../shell/Shell';
import { useDeed } from './use-deed';
import { useWalked, type WalkedPosition } from './use-walked';
import { WalkStrip } from './WalkStrip';

const LIST = 'list';
const titles: Record<PlateSection, string> = { load: 'What it serves', removed: 'The part that stands there' };
const abouts: Record<PlateSection, string> = {
  load: 'Type or paste the plate of what it serves, or take its picture',
  removed: 'Type or paste what stands on the part, or take its picture',
};

const exampleOf = (section: PlateSection, device: string): string => (section === 'load' ? LOAD : (familyOf(device)?.example ?? ''));

/** One position: its plates are read, kept, and the way goes on. */
function AtPosition({ position, onward }: { position: WalkedPosition; onward: string }) {
  const walked = useWalked(position);
  const { deed, busy, fault } = useDeed();
  const router = useRouter();
  const { id, tag, version } = position;
  // Somebody saved first: nothing goes out again until what they saved stands here.
  const [outdated, setOutdated] = useState<number>();
  const keep = async () => {
    if (walked.changes.length > 0) {
      const answer = await deed('PATCH', `/api/v1/positions/${id}`, { version, changes: walked.changes });
      if (!answer?.ok) {
        if (answer?.status === 409) setOutdated(version);
        return;
      }
      walked.clear();
    }
    router.push(onward);
  };
  return (
    <div className="stack">
      <h1>
        {tag} <small className="muted">{position.function}</small>
      </h1>
      <p className="muted">{position.deviceName}</p>
      {platesAt(position).map(({ section, plate }) => (
        <div className="stack" key={section}>
          <PlateBox
            title={titles[section]}
            about={abouts[section]}
            kind={plate.id}
            section={section}
            text={walked.typed[section] ?? ''}
            readings={walked.readings[section]}
            example={Object.keys(walked.readings[section]).length > 0 ? '' : exampleOf(section, position.device)}
            pick={null}
            onType={(text) => walked.type(section, text)}
            onPictured={(_, found) => walked.picture(section, found)}
            onChange={(field, mark) => walked.put(section, field.id, mark)}
          />
          {(walked.differs[section] ?? []).length > 0 && (
            <Notice kind="check" role="status">
              The picture gives {(walked.differs[section] ?? []).join(', ')} otherwise than it stands here. What stands here stays: look at
              the plate, and correct it where it is wrong.
            </Notice>
          )}
        </div>
      ))}
      <Documents of="position" id={id} name={tag} />
      <FaultNotice words={fault} />
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <Button variant="contained" size="large" disabled={busy || outdated === version} onClick={() => void keep()}>
          {walked.changes.length > 0 ? 'Keep and go on' : 'Go on'}
        </Button>
        <Link href={`/?position=${id}`}>Work at {tag}</Link>
      </div>
    </div>
  );
}

const wordsOf = ({ title, marks, toConfirm }: Waiting): string => {
  if (marks === 'all') return `${title}: its plate is not read`;
  const worn = marks.length > 0 ? [`${marks.join(', ')} could not be read`] : [];
  const found = toConfirm.length > 0 ? [`${toConfirm.join(', ')} still to be confirmed`] : [];
  return `${title}: ${[...worn, ...found].join('; ')}`;
};

/** What waits until the panel is dead. */
function ForTheShutdown({ view, hrefOf }: { view: PanelWalk; hrefOf: (id: string) => string }) {
  const waiting = view.positions
    .map((position) => ({ position, what: waitingAt(position, view.site.practice) }))
    .filter(({ what }) => what.length > 0);
  return (
    <section className="stack" aria-label="For the next shutdown">
      <h1>For the next shutdown</h1>
      {waiting.length === 0 ? (
        <Notice kind="fits">Every plate of this panel is read.</Notice>
      ) : (
        <ul className="stack" style={{ gap: 8, listStyle: 'none', padding: 0, margin: 0 }}>
          {waiting.map(({ position, what }) => (
            <li key={position.id}>
              <Link href={hrefOf(position.id)}>
                {position.tag} {position.function}
              </Link>
              {what.map((one) => (
                <p className="muted" key={one.section}>
                  {wordsOf(one)}
                </p>
              ))}
            </li>
          ))}
        </ul>
      )}
      <div className="row-flex">
        <LinkButton href={`/panels/${view.panel.id}`}>Draw the panel</LinkButton>
      </div>
    </section>
  );
}

/** From position to position of a panel with a phone in the hand: picture, read, next; what cannot be read waits for the shutdown. */
export function WalkPage({ view, at }: { view: PanelWalk; at: string | undefined }) {
  const { panel, site, positions } = view;
  const hrefOf = (id: string) => `/panels/${panel.id}/walk?at=${id}`;
  const unread = positions.find((position) => walkStateOf(position) !== 'read');
  const nth = positions.findIndex(({ id }) => id === (at ?? unread?.id));
  const here = at === LIST ? undefined : positions[nth];
  const next = positions[nth + 1];
  return (
    <Shell
      practice={site.practice}
      crumbs={
        <>
          <Link href="/plant">{site.name}</Link> / <Link href={`/panels/${panel.id}`}>{panel.name}</Link> / <b>walk</b>
        </>
      }
    >
      <main className="middle stack" id="main" style={{ maxWidth: 720, margin: '0 auto' }}>
        <WalkStrip positions={positions} here={here?.id ?? LIST} hrefOf={hrefOf} list={{ href: hrefOf(LIST), id: LIST }} />
        {here ? (
          <>
            <Notice kind="check">
              Look, do not reach in. What cannot be read from outside barriers and covers waits until the panel is dead and proved dead.
            </Notice>
            <AtPosition key={here.id} position={here} onward={hrefOf(next?.id ?? LIST)} />
          </>
        ) : (
          <ForTheShutdown view={view} hrefOf={hrefOf} />
        )}
      </main>
    </Shell>
  );
}
