'use client';

import ButtonBase from '@mui/material/ButtonBase';
import { mayDo } from '@/core/crew/rights';
import { useEffect, useRef } from 'react';
import { PanelCircuits } from './PanelCircuits';
import type { Log } from './LogEvent';
import type { Settle } from './OpenPointNote';
import { PositionCard } from './PositionCard';
import type { Panel, Site, Start, TileState } from './tile';
import { VerdictMark } from '../../ui/marks/VerdictMark';
import { EmptyPlace } from '../../ui/shell/EmptyPlace';
import { Link } from '../../ui/shell/Link';
import { Notice } from '../../ui/shell/Notice';
import { LinkButton } from '../../ui/shell/LinkButton';
import { usePerson } from '../../ui/shell/person';
import panelsStyle from '@/ui/styles/panels.module.css';

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

/** Sites and their panels; in a strip on a phone, where the panel that is open is brought into view. */
function SiteList({
  sites,
  panelId,
  onSite,
  onPanel,
}: {
  sites: readonly Site[];
  panelId: string;
  onSite: (id: string) => void;
  onPanel: (id: string) => void;
}) {
  const draws = useDraws();
  const open = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    // What it gives back is no way to undo it: some browsers answer with a promise.
    open.current?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [panelId]);
  return (
    <nav className={`side ${panelsStyle.panels}`} aria-label="Sites and panels">
      {sites.map(({ id, name, count, panels }) => (
        <div key={id} style={{ display: 'contents' }}>
          {panels.length === 0 && count > 0 ? (
            // Of a large plant only one site is open.
            <ButtonBase className="row" onClick={() => onSite(id)}>
              <b>{name}</b>
              <small style={{ whiteSpace: 'nowrap' }}>{count === 1 ? '1 panel' : `${count} panels`}</small>
            </ButtonBase>
          ) : (
            <p className="label">{name}</p>
          )}
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
                <small>{wrong > 0 ? `${wrong} wrong` : panel.count}</small>
              </ButtonBase>
            );
          })}
        </div>
      ))}
      {draws && (
        <Link href="/plant" style={{ padding: '8px 12px' }}>
          Sites and panels
        </Link>
      )}
    </nav>
  );
}

/** May whoever is signed in draw the plant? */
const useDraws = (): boolean => {
  const person = usePerson();
  return person !== null && mayDo(person.role, 'keep-plant');
};

/** Nothing is drawn yet: the ways on. */
function NoPanel() {
  const draws = useDraws();
  return (
    <main className="middle" id="main">
      <EmptyPlace
        title="No panel yet"
        action={
          <div className="row-flex">
            {draws && <LinkButton href="/plant">Name a site, draw a panel</LinkButton>}
            {draws && <LinkButton href="/parts/import">Bring a spreadsheet</LinkButton>}
            <LinkButton href="/check">Quick check of a part</LinkButton>
          </div>
        }
      >
        {draws
          ? 'Name the site and draw its first panel: starter templates make a whole circuit at once. A part in the hand can be judged without either.'
          : 'Whoever draws the plant, an electrician or a foreman, begins here. A part in the hand can be judged without it.'}
      </EmptyPlace>
    </main>
  );
}

/** Home: sites and panels at the left, the cabinet in the middle, the chosen position at the right. */
export function PanelsDesk(props: {
  sites: Site[];
  altered: readonly string[];
  panelId: string;
  positionId?: string;
  onSite: (id: string) => void;
  onPanel: (id: string) => void;
  onPosition: (id: string) => void;
  onStart: Start;
  onSettle: Settle;
  onLog: Log;
  starting: boolean;
  fault?: string;
}) {
  const draws = useDraws();
  const site = props.sites.find((one) => one.panels.some((panel) => panel.id === props.panelId)) ?? props.sites[0];
  const panel = site?.panels.find((one) => one.id === props.panelId) ?? site?.panels[0];
  if (!site || !panel) return <NoPanel />;
  const tile = panel.positions.find((one) => one.id === props.positionId);
  const wrong = panel.positions.filter((one) => one.states.includes('wrong-part')).length;
  return (
    <div className="desk">
      <SiteList sites={props.sites} panelId={panel.id} onSite={props.onSite} onPanel={props.onPanel} />
      <main className="middle" id="main">
        <div className="row-flex" style={{ justifyContent: 'space-between' }}>
          <h1>{panel.name}</h1>
          <div className="row-flex">
            {draws && <LinkButton href={`/panels/${panel.id}`}>Draw</LinkButton>}
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
        {props.altered.length > 0 && (
          <Notice kind="fails" role="alert">
            <b>Something here is not as it was signed.</b> {props.altered.slice(0, 3).join(' ')}{' '}
            <Link href="/logbook">See the logbook</Link>
          </Notice>
        )}
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
