'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { faultWords } from '@/client/api';
import type { DrawnPanel } from '@/services/plant-view';
import { Pill } from '@/ui/forms/Pill';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';
import { Link } from '@/ui/shell/Link';
import { FaultNotice } from '@/ui/shell/Notice';
import { Documents } from '../shell/Documents';
import { Shell } from '../shell/Shell';
import { AddPosition, AddTemplate, type Draw } from './AddForms';
import { ChosenPosition, type Change } from './ChosenPosition';
import { CopyPanel } from './CopyPanel';
import { DrawnRails, type DrawnPosition } from './DrawnRails';
import { PanelHead } from './PanelHead';
import { useDeed } from './use-deed';

type Undo = { id: string; words: string; change: Change; version: number };

/** What a change of a position is taken back with. */
function backOf(position: DrawnPosition, change: Change, panelId: string): Pick<Undo, 'words' | 'change'> | undefined {
  const { tag, rail, slot } = position;
  if (change.archived !== undefined)
    return { words: change.archived ? `${tag} was put away` : `${tag} came back`, change: { archived: !change.archived } };
  if (change.panelId !== undefined) return { words: `${tag} went to another panel`, change: { panelId, rail, slot } };
  if (change.slot !== undefined) return { words: `${tag} was moved`, change: { rail, slot } };
  if (change.tag !== undefined && (change.tag !== tag || change.function !== position.function))
    return { words: `${tag} was renamed`, change: { tag, function: position.function } };
  return undefined;
}

const PutAway = ({ positions, onBack }: { positions: readonly DrawnPosition[]; onBack: (position: DrawnPosition) => void }) => (
  <section className="stack" style={{ marginTop: 14 }} aria-label="Put away">
    <p className="label">Put away, with what they have been through</p>
    <div className="row-flex">
      {positions.map((position) => (
        <Button key={position.id} onClick={() => onBack(position)}>
          Bring {position.tag} {position.function} back
        </Button>
      ))}
    </div>
  </section>
);

/** A panel while it is drawn: its rails, what stands on them, and the forms that add to it. */
export function PanelPage({ view }: { view: DrawnPanel }) {
  const { site, panel, positions } = view;
  const { deed, fault } = useDeed();
  const [chosen, setChosen] = useState<string>();
  const [undo, setUndo] = useState<Undo>();
  const [adding, setAdding] = useState<'template' | 'position'>('template');
  const standing = positions.filter(({ archived }) => !archived);
  const away = positions.filter(({ archived }) => archived);
  const rails = Array.from({ length: panel.rails }, (_, rail) => standing.filter((one) => one.rail === rail));
  const change = async (position: DrawnPosition, wanted: Change) => {
    const { id, version } = position;
    const answer = await deed<{ version: number }>('PATCH', `/api/v1/positions/${id}`, { version, ...wanted });
    const back = answer?.ok ? backOf(position, wanted, panel.id) : undefined;
    if (answer?.ok) setUndo(back && { id, version: answer.value.version, ...back });
    return answer && faultWords(answer);
  };
  const takeBack = async ({ id, version, change: back }: Undo) => {
    setUndo(undefined);
    await deed('PATCH', `/api/v1/positions/${id}`, { version, ...back });
  };
  const draw: Draw = async (path, body) => {
    const answer = await deed('POST', `/api/v1/panels/${panel.id}/${path}`, body);
    return answer && faultWords(answer);
  };
  const at = standing.find(({ id }) => id === chosen);
  return (
    <Shell
      practice={site.practice}
      crumbs={
        <>
          <Link href="/plant">{site.name}</Link> / <b>{panel.name}</b>
        </>
      }
    >
      <div className="desk drawing">
        <aside className="side stack" aria-label="Add to the panel">
          <div className="row-flex" role="group" aria-label="What to add">
            <Pill pressed={adding === 'template'} onClick={() => setAdding('template')}>
              Starter template
            </Pill>
            <Pill pressed={adding === 'position'} onClick={() => setAdding('position')}>
              One position
            </Pill>
          </div>
          {adding === 'template' ? (
            <AddTemplate rails={panel.rails} practice={site.practice} onDraw={draw} />
          ) : (
            <AddPosition
              {...{ rails: panel.rails, habit: site.tagHabit, practice: site.practice, tags: standing.map(({ tag }) => tag), onDraw: draw }}
            />
          )}
        </aside>
        <main className="middle" id="main">
          <PanelHead
            view={view}
            onPanel={(change) => void deed('PATCH', `/api/v1/panels/${panel.id}`, { version: panel.version, ...change })}
          />
          <FaultNotice words={fault} />
          {undo && (
            <p className="row-flex" role="status">
              {undo.words}.<Button onClick={() => void takeBack(undo)}>Undo</Button>
            </p>
          )}
          {standing.length === 0 && (
            <EmptyPlace title="An empty panel">
              A starter template makes a whole circuit; each position can then be read from its plates.
            </EmptyPlace>
          )}
          <DrawnRails rails={rails} chosen={chosen} onChoose={setChosen} onMove={(position, to) => void change(position, to)} />
          {away.length > 0 && <PutAway positions={away} onBack={(position) => void change(position, { archived: false })} />}
          <Documents of="panel" id={panel.id} name={panel.name} />
          <CopyPanel panelId={panel.id} />
        </main>
        <aside className="running" aria-label="Chosen position">
          {at ? (
            <>
              <ChosenPosition
                key={`${at.id} ${at.version}`}
                position={at}
                panelId={panel.id}
                others={view.others}
                onChange={(wanted) => change(at, wanted)}
              />
              <Documents key={at.id} of="position" id={at.id} name={at.tag} />
            </>
          ) : (
            <p className="muted">Select a position to rename it, read its plates or put it away.</p>
          )}
        </aside>
      </div>
    </Shell>
  );
}
