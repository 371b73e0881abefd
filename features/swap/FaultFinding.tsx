'use client';

import Button from '@mui/material/Button';
import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { coilMarks } from '@/core/close-failure/coil-marks';
import { stateWords } from '@/core/fault-finding/find-fault';
import { openState, type Hunt } from '@/core/swap/fault-hunt';
import { HUNT_KEY } from '@/core/swap/swap';
import { bandWords, OBSERVED_AMPS } from '@/core/overcurrent/overcurrent-faults';
import { BandPicture } from '@/ui/faults/BandPicture';
import { FaultFinder } from '@/ui/faults/FaultFinder';
import type { PutFinding } from '@/ui/faults/TestAnswer';
import { WillNotClose } from '@/ui/closing/WillNotClose';
import { SayWhy } from './SayWhy';
import { SymptomPick } from './SymptomPick';
import { TimeRecordPlace } from './TimeRecordPlace';
import { useJob } from './use-job';

/** A cause that stays open is named as that, with a reason, or nothing is signed. */
function LeaveOpen({ hunt, repeats }: { hunt: Hunt; repeats: number }) {
  const { state, change, person } = useJob();
  const open = openState(hunt, repeats);
  if (!open) return null;
  const said = state.acknowledged[HUNT_KEY];
  if (said?.seen === open.seen)
    return (
      <p className="muted">
        Left open by {said.by}: {said.reason}
      </p>
    );
  return (
    <SayWhy
      asks="Nothing is signed with the cause open, unless it is left open by name. Why?"
      hint="what was tried, and what comes next"
      words="Leave it open"
      may={person !== null && person !== undefined}
      onSay={(reason) => change([{ path: `acknowledged.${HUNT_KEY}`, value: { by: person?.name ?? '', reason, seen: open.seen } }])}
    />
  );
}

/** What it did, drawn on its own curve with the load's start, once both figures are known. */
function Observed({ hunt: { band, start, findings } }: { hunt: Hunt }) {
  const seconds = findings.observed?.reading;
  const amps = findings[OBSERVED_AMPS]?.reading;
  if (!band || !seconds || !amps) return null;
  const marks = [{ amps, seconds, label: 'observed' }, ...(start ? [{ ...start, label: 'start of the load' }] : [])];
  return (
    <figure style={{ margin: 0 }}>
      <BandPicture band={band} marks={marks} />
      <figcaption className="muted">Its own band: {bandWords(band, amps)}.</figcaption>
    </figure>
  );
}

const figureOf = (mark: unknown): number | null => (typeof mark === 'number' ? mark : null);

/** Fault finding beside a job: what it does, what was found, what remains; it goes on the record. */
export function FaultFinding({ repeats }: { repeats: number }) {
  const { derived, change, shows } = useJob();
  const { hunt } = derived;
  // The way in may name a test that was made already; it stands first.
  const ask = useSearchParams().get('ask');
  const [open, setOpen] = useState(repeats > 0 || hunt.found.begun || ask !== null);
  const put: PutFinding = (key, finding, marks = []) => change([{ path: `causes.${key}`, value: finding }, ...marks]);
  // The breaker that will not close has a model of its own; what it does otherwise is a tree like any.
  const closing = shows('closing') && hunt.tree.whole === true;
  // What the device carries for good; else what its load is rated for.
  const countsFrom = figureOf(derived.removedSpec?.ratedAmps) ?? figureOf(derived.context.load.fullLoadAmps);
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="Fault finding">
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <div>
          <h2 style={{ margin: 0 }}>Fault finding</h2>
          <p className="muted">
            {repeats > 0 ? `${repeats} fault${repeats > 1 ? 's' : ''} here within a year. ` : ''}
            {open ? '' : stateWords(hunt.tree, hunt.found)}
          </p>
        </div>
        <Button aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Close' : 'Find the cause'}
        </Button>
      </div>
      {open && <SymptomPick hunt={hunt} put={put} />}
      {open &&
        (closing ? (
          <WillNotClose
            findings={hunt.findings}
            marks={coilMarks(derived.removedSpec, derived.context.supply)}
            spec={derived.removedSpec}
            ask={ask}
            put={put}
          />
        ) : (
          <>
            <FaultFinder {...{ tree: hunt.tree, findings: hunt.findings, found: hunt.found, put, ask }} />
            <Observed hunt={hunt} />
            {hunt.tree.tests.some(({ id }) => id === 'observed') && (
              <TimeRecordPlace
                band={hunt.band}
                from={countsFrom}
                onObserved={({ amps, seconds }) =>
                  put('observed', { reading: seconds }, [{ path: `causes.${OBSERVED_AMPS}`, value: { reading: amps } }])
                }
              />
            )}
          </>
        ))}
      <LeaveOpen hunt={hunt} repeats={repeats} />
    </section>
  );
}
