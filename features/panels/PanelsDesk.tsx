'use client';

import { firstSentences } from '@/core/language/sentence';
import ButtonBase from '@mui/material/ButtonBase';
import { Notice } from '@/ui/shell/Notice';
import Button from '@mui/material/Button';
import { certain } from '@/core/certain';
import type { Practice } from '@/core/case/case';
import dynamic from 'next/dynamic';
import { useEffect, useRef } from 'react';
import type { Verdict } from '@/core/needs/need';
import { KeptHere } from './KeptHere';
import { PanelCircuits } from './PanelCircuits';
import { LogEvent, type Log } from './LogEvent';
import type { Point, Settle } from './OpenPointNote';
import { VerdictMark } from '../../ui/marks/VerdictMark';
import { LinkButton } from '../../ui/shell/LinkButton';
import { formatInstant } from '@/core/language/format-instant';
import panelsStyle from '@/ui/styles/panels.module.css';

// Most positions have no open point: its form comes with the first that has one.
const OpenPointNote = dynamic(() => import('./OpenPointNote').then((module) => module.OpenPointNote));

export type TileState =
  'fits' | 'check' | 'not-known' | 'never-judged' | 'swap-open' | 'wrong-part' | 'spent-part' | 'open-point' | 'repeat-failure' | 'waiting';
export type Tile = {
  id: string;
  tag: string;
  function: string;
  family: string;
  rating: string;
  rail: number;
  states: TileState[];
  onTheBench: boolean;
  deviceName: string;
  fittedOn: string | null;
  load: string;
  judged: { verdict: Verdict; unknown: number } | null;
  symptoms: { id: string; title: string }[];
  waiting: string | null;
  wrong: string[];
  spent: string[];
  openPoints: Point[];
  swapId: string | null;
  history: { at: string; kind: string; text: string; recordId: string | null }[];
};
/** Opens the job of a position: at its candidates, or from what it does. */
export type Start = (positionId: string, at?: { stage: 'match' } | { symptom: string }) => void;
export type Panel = { id: string; name: string; note: string; rails: number; positions: Tile[] };
export type Site = { id: string; name: string; practice: Practice; timeZone: string; panels: Panel[] };

const stateWords: Record<TileState, string> = {
  fits: 'judged, fits',
  check: 'judged, lines to check',
  'not-known': 'judged, lines not known',
  'never-judged': 'never judged',
  waiting: 'waiting for a part',
  'swap-open': 'job open',
  'wrong-part': 'wrong part installed',
  'spent-part': 'worn-out part',
  'open-point': 'signed as not known',
  'repeat-failure': 'repeat failure',
};

function StateMarks({ states }: { states: TileState[] }) {
  return (
    <span className={panelsStyle.state}>
      {(states.includes('wrong-part') || states.includes('spent-part')) && <VerdictMark verdict="fails" size={15} />}
      {states.includes('open-point') && <VerdictMark verdict="not-known" size={15} />}
      {states.includes('repeat-failure') && <VerdictMark verdict="check" size={16} />}
    </span>
  );
}

function Cabinet({ panel, chosen, onChoose }: { panel: Panel; chosen?: string; onChoose: (id: string) => void }) {
  const rails = Array.from({ length: panel.rails }, (_, rail) => panel.positions.filter((tile) => tile.rail === rail));
  return (
    <div className={panelsStyle.cabinet}>
      <div role="group" aria-label={`Positions of ${panel.name}`}>
        <div className={panelsStyle.duct} aria-hidden="true" />
        {rails.map((tiles, rail) => (
          <div key={rail}>
            <div className={panelsStyle.rail}>
              {tiles.map((tile) => (
                <ButtonBase
                  key={tile.id}
                  className={`${panelsStyle.tile} ${tile.states.join(' ')}`}
                  aria-pressed={tile.id === chosen}
                  onClick={() => onChoose(tile.id)}
                  aria-label={`${tile.tag} ${tile.function}, ${tile.family}, ${tile.rating}, ${tile.states.map((state) => stateWords[state]).join(', ')}`}
                >
                  <StateMarks states={tile.states} />
                  <span className={panelsStyle.tag}>{tile.tag}</span>
                  <span className={panelsStyle.fn}>{tile.function}</span>
                  <span className={panelsStyle.fn} style={{ fontSize: 10.5 }}>
                    {tile.family.replace('-', ' ')}
                  </span>
                  <span className={panelsStyle.rating}>{tile.rating}</span>
                </ButtonBase>
              ))}
            </div>
            <div className={panelsStyle.duct} aria-hidden="true" />
          </div>
        ))}
      </div>
    </div>
  );
}

const MOST_WRONG = 3;
/** Why the part installed is the wrong one, or worn out. */
function Faults({ wrong, spent }: Pick<Tile, 'wrong' | 'spent'>) {
  const more = wrong.length - MOST_WRONG;
  return (
    <>
      {wrong.length > 0 && (
        <Notice kind="fails">
          <p>
            <b>Wrong part installed.</b>
          </p>
          {wrong.slice(0, MOST_WRONG).map((text) => (
            <p key={text}>{firstSentences(text, 2)}</p>
          ))}
          {more > 0 && (
            <p className="muted">
              and {more} more line{more > 1 ? 's' : ''}; the job shows all.
            </p>
          )}
        </Notice>
      )}
      {spent.length > 0 && (
        <Notice kind="fails">
          <p>
            <b>{wrong.length > 0 ? 'Worn out as well.' : 'The correct part, worn out.'}</b>
          </p>
          {spent.map((text) => (
            <p key={text}>{text}.</p>
          ))}
        </Notice>
      )}
    </>
  );
}

/** What is known of the part fitted, and nothing more. */
function judgedWords({ judged, onTheBench }: Tile): string {
  if (!judged)
    return onTheBench
      ? 'Never judged: nothing has been read from the part fitted.'
      : 'Never judged: this kind of device is not judged yet.';
  const { verdict, unknown } = judged;
  const open = `${unknown} line${unknown === 1 ? '' : 's'} not known`;
  return {
    fits: 'Judged: fits.',
    check: 'Judged: no line fails; some want a check.',
    'not-known': `Judged: ${open}.`,
    fails: 'Judged: does not fit.',
  }[verdict];
}

/** What happened here, newest first; from the newest fault a job may begin. */
function History({ tile, timeZone }: { tile: Tile; timeZone: string }) {
  const newestFault = tile.history.findIndex(({ kind }) => kind === 'fault');
  return (
    <div>
      <p className="label" style={{ marginBottom: 6 }}>
        History
      </p>
      <dl className={panelsStyle.history}>
        {tile.history.slice(0, 8).map((event, i) => (
          <div key={i} style={{ display: 'contents' }}>
            <dt>{formatInstant(event.at, timeZone)}</dt>
            <dd>
              {event.recordId ? <a href={`/records/${event.recordId}`}>{event.text}</a> : event.text}
              {tile.onTheBench && i === newestFault && (
                <>
                  {' '}
                  <a href={`/symptoms?position=${tile.id}&said=${encodeURIComponent(event.text)}`}>start a job from it</a>
                </>
              )}
            </dd>
          </div>
        ))}
      </dl>
    </div>
  );
}

/** It has failed again and again: the cause comes first, from what it does. */
const Repeat = ({ tile, starting, onStart }: { tile: Tile; starting: boolean; onStart: Start }) => (
  <Notice kind="check">
    <p>3 or more faults within 12 months. Find the cause before installing the same part again. What does it do?</p>
    <div className="row-flex" role="group" aria-label="What does it do?">
      {tile.symptoms.map(({ id, title }) => (
        <Button key={id} disabled={starting} onClick={() => onStart(tile.id, { symptom: id })}>
          {title}
        </Button>
      ))}
    </div>
  </Notice>
);

function PositionCard({
  tile,
  panelId,
  site,
  onStart,
  onSettle,
  onLog,
  starting,
  fault,
}: {
  tile: Tile;
  panelId: string;
  site: Site;
  onStart: Start;
  onSettle: Settle;
  onLog: Log;
  starting: boolean;
  fault?: string;
}) {
  return (
    <>
      <div>
        <p className="label">
          {tile.tag} · {tile.family.replace('-', ' ')}
        </p>
        <h2 style={{ margin: '4px 0' }}>{certain(tile.function[0]).toUpperCase() + tile.function.slice(1)}</h2>
        <p className="muted">
          {tile.deviceName}
          {tile.fittedOn ? `, installed ${formatInstant(tile.fittedOn, site.timeZone)}` : ''}
          {tile.load ? `, feeds a ${tile.load}.` : '.'}
        </p>
      </div>
      <p className="row-flex" style={{ gap: 8 }}>
        {tile.judged && <VerdictMark verdict={tile.judged.verdict} size={15} />}
        <span className="muted">{judgedWords(tile)}</span>
      </p>
      {tile.waiting && <Notice kind="check">{tile.waiting}</Notice>}
      <Faults wrong={tile.wrong} spent={tile.spent} />
      {tile.openPoints.map((point) => (
        <OpenPointNote key={`${point.recordId} ${point.lineId}`} point={point} positionId={tile.id} onSettle={onSettle} />
      ))}
      {tile.history.length > 0 && <History tile={tile} timeZone={site.timeZone} />}
      {tile.states.includes('repeat-failure') && <Repeat tile={tile} starting={starting} onStart={onStart} />}
      {fault && (
        <Notice kind="fails" role="alert">
          <p>{fault}</p>
        </Notice>
      )}
      {tile.onTheBench && (
        <p>
          <a href={`/symptoms?position=${tile.id}`}>Start from what it does, or what was measured</a>
        </p>
      )}
      {tile.onTheBench && tile.load !== '' && (
        <p>
          <a href={`/curves?position=${tile.id}`}>See its curves</a> · <a href={`/supply/${panelId}?position=${tile.id}`}>What feeds it</a>
        </p>
      )}
      <KeptHere positionId={tile.id} />
      <LogEvent key={tile.id} positionId={tile.id} onLog={onLog} />
      <div className="foot">
        {tile.onTheBench ? (
          <>
            <Button variant="contained" fullWidth disabled={starting} onClick={() => onStart(tile.id)}>
              {tile.swapId ? 'Continue the job' : starting ? 'Opening' : 'Start a job'}
              <small>{tile.swapId ? 'already open' : 'nameplates, requirements, candidates'}</small>
            </Button>
            {tile.wrong.length > 0 && !tile.swapId && (
              <Button fullWidth sx={{ mt: 1 }} disabled={starting} onClick={() => onStart(tile.id, { stage: 'match' })}>
                See what fits instead
              </Button>
            )}
          </>
        ) : (
          <p className="muted">This kind of device cannot be judged yet.</p>
        )}
      </div>
    </>
  );
}

/** Sites and their panels; in a strip on a phone, where the panel that is open is brought into view. */
function SiteList({ sites, panelId, onPanel }: { sites: readonly Site[]; panelId: string; onPanel: (id: string) => void }) {
  const open = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    // What it gives back is no way to undo it: some browsers answer with a promise.
    open.current?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [panelId]);
  return (
    <nav className={`side ${panelsStyle.panels}`} aria-label="Sites and panels">
      {sites.map(({ id, name, panels }) => (
        <div key={id} style={{ display: 'contents' }}>
          <p className="label">{name}</p>
          {panels.map((panel) => {
            const wrong = panel.positions.filter(({ states }) => states.includes('wrong-part')).length;
            const here = panel.id === panelId;
            return (
              <ButtonBase
                key={panel.id}
                ref={here ? open : undefined}
                className="row"
                aria-current={here ? 'true' : undefined}
                onClick={() => onPanel(panel.id)}
              >
                <span>{panel.name}</span>
                <small>{wrong > 0 ? `${wrong} wrong` : panel.positions.length}</small>
              </ButtonBase>
            );
          })}
        </div>
      ))}
    </nav>
  );
}

/** Home: sites and panels at the left, the cabinet in the middle, the chosen position at the right. */
export function PanelsDesk(props: {
  sites: Site[];
  panelId: string;
  positionId?: string;
  onPanel: (id: string) => void;
  onPosition: (id: string) => void;
  onStart: Start;
  onSettle: Settle;
  onLog: Log;
  starting: boolean;
  fault?: string;
}) {
  const site = props.sites.find((one) => one.panels.some((panel) => panel.id === props.panelId)) ?? props.sites[0];
  const panel = site?.panels.find((one) => one.id === props.panelId) ?? site?.panels[0];
  if (!site || !panel)
    return (
      <main className="middle" id="main">
        <h1>No panels yet</h1>
        <p>Load the demo with npm run demo.</p>
      </main>
    );
  const tile = panel.positions.find((one) => one.id === props.positionId);
  const wrong = panel.positions.filter((one) => one.states.includes('wrong-part')).length;
  return (
    <div className="desk">
      <SiteList sites={props.sites} panelId={panel.id} onPanel={props.onPanel} />
      <main className="middle" id="main">
        <div className="row-flex" style={{ justifyContent: 'space-between' }}>
          <h1>{panel.name}</h1>
          <div className="row-flex">
            <LinkButton href="/symptoms">What does it do?</LinkButton>
            <LinkButton href="/check" title="Key Q">
              Quick check of a part
            </LinkButton>
          </div>
        </div>
        <p className="muted">
          {panel.positions.length} positions. {panel.note}
          {wrong > 0 ? ` ${wrong} wrong part${wrong > 1 ? 's' : ''} installed.` : ''}
        </p>
        <Cabinet panel={panel} chosen={tile?.id} onChoose={props.onPosition} />
        <PanelCircuits panelId={panel.id} />
        <div className={panelsStyle.legend} aria-hidden="true">
          <span>
            <VerdictMark verdict="fails" size={15} /> wrong part installed, or worn out
          </span>
          <span>
            <VerdictMark verdict="not-known" size={15} /> signed as not known
          </span>
          <span>
            <VerdictMark verdict="check" size={15} /> repeat failure
          </span>
          <span>
            <i style={{ width: 15, height: 15, border: '2px dashed var(--copper)', borderRadius: 3 }} /> job open
          </span>
        </div>
      </main>
      <aside className="running" aria-label="Chosen position">
        {tile ? (
          <PositionCard
            tile={tile}
            panelId={panel.id}
            site={site}
            onStart={props.onStart}
            onSettle={props.onSettle}
            onLog={props.onLog}
            starting={props.starting}
            fault={props.fault}
          />
        ) : (
          <p className="muted">Select a position to see its load, device and history.</p>
        )}
      </aside>
    </div>
  );
}
