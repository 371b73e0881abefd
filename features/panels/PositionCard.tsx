'use client';

import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { certain } from '@/core/certain';
import { formatInstant } from '@/core/language/format-instant';
import { firstSentences } from '@/core/language/sentence';
import { VerdictMark } from '@/ui/marks/VerdictMark';
import { Notice } from '@/ui/shell/Notice';
import panelsStyle from '@/ui/styles/panels.module.css';
import { DocumentsBehind } from '../shell/DocumentsBehind';
import { KeptHere } from './KeptHere';
import { LogEvent, type Log } from './LogEvent';
import type { Settle } from './OpenPointNote';
import type { Site, Start, Tile } from './tile';

// Most positions have no open point: its form comes with the first that has one.
const OpenPointNote = dynamic(() => import('./OpenPointNote').then((module) => module.OpenPointNote));

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

/** The chosen position: what stands there, how it was judged, what happened, and the ways on. */
export function PositionCard({
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
      <DocumentsBehind key={`documents ${tile.id}`} of="position" id={tile.id} name={tile.tag} />
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
