'use client';

import { FigureBox } from '@/ui/forms/FigureBox';
import { Pill } from '@/ui/forms/Pill';
import type { Taken } from '@/ui/forms/use-figure';
import { Notice } from '@/ui/shell/Notice';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { certain } from '@/core/certain';
import type { Proof, SettingSheet as Sheet, TerminalMove } from '@/core/families/contract';
import { formatQuantity } from '@/core/quantities/format-quantity';
import { readInRange } from '@/core/quantities/read-quantity';
import { MOST_READ, readProof, shownUnit } from '@/core/swap/proof-reading';
import { netReading, proofLimits, proofVerdict, type ProofVerdict } from '@/core/swap/sign-off';
import type { Change, ProofEntry, SwapState } from '@/core/swap/swap';
import { VerdictMark } from '../../ui/marks/VerdictMark';
import { NotNow } from './NotNow';
import { StepRow } from './StepRow';
import type { SafeStep } from '@/core/swap/make-safe';
import { BaseMap } from '../../ui/relays/BaseMap';
import { SettingSheet } from '../../ui/relays/SettingSheet';
import swapStyle from '@/ui/styles/swap.module.css';

const whenWords: Record<Proof['when'], string> = {
  bench: 'On the bench, before installing',
  fitting: 'While installing, still isolated',
  'first-start': 'At first start',
};
const wordsOf: Record<ProofVerdict, string> = {
  open: 'open',
  fits: 'holds',
  check: 'look closer',
  fails: 'fails',
  'not-done': 'not done',
  later: 'later',
};

const shownReading = (value: number | undefined, unit: string): string => (value === undefined ? '' : formatQuantity(value, unit));
/** What was read, or that nothing was. */
const takeReading = (proof: Proof, text: string, said?: string): Taken<number | undefined> =>
  text === '' ? { ok: true, value: undefined } : readProof(proof, text, said);

function ProofRow({ proof, entry, onEntry }: { proof: Proof; entry: ProofEntry | undefined; onEntry: (entry: ProofEntry | null) => void }) {
  const verdict = proofVerdict(proof, entry);
  const net = netReading(proof, entry);
  const unit = (value: number) => formatQuantity(value, proof.unit);
  const merge = (part: ProofEntry) => {
    const next = Object.fromEntries(Object.entries({ ...entry, ...part }).filter(([, value]) => value !== undefined)) as ProofEntry;
    onEntry(Object.keys(next).length > 0 ? next : null);
  };
  return (
    <div className={swapStyle.proof}>
      {verdict === 'open' || verdict === 'not-done' || verdict === 'later' ? (
        <span
          aria-label={wordsOf[verdict]}
          style={{ width: 18, height: 18, borderRadius: '50%', border: '2px solid var(--line-strong)' }}
          role="img"
        />
      ) : (
        <VerdictMark verdict={verdict} />
      )}
      <div>
        <b>{proof.title}</b>
        <small>{proof.how}</small>
      </div>
      <small>{proof.because}</small>
      <div>
        {proof.kind === 'yes-no' ? (
          <div className={swapStyle.inputs} role="group" aria-label={proof.title}>
            <Pill
              style={{ padding: '0 12px' }}
              pressed={entry?.done === 'yes'}
              onClick={() => merge({ done: entry?.done === 'yes' ? undefined : 'yes' })}
            >
              Yes
            </Pill>
            <Pill
              style={{ padding: '0 12px' }}
              pressed={entry?.done === 'no'}
              onClick={() => merge({ done: entry?.done === 'no' ? undefined : 'no' })}
            >
              No
            </Pill>
            {proof.asApplied && (
              <span>
                <FigureBox
                  aria-label={`${proof.title}, as applied`}
                  placeholder={proof.asApplied}
                  stands={shownReading(entry?.reading, proof.asApplied)}
                  take={(text) => readInRange(text, { unit: certain(proof.asApplied), label: proof.title, min: 0, max: MOST_READ })}
                  onTaken={(reading) => merge({ reading })}
                />
                <small className="muted">as applied</small>
              </span>
            )}
          </div>
        ) : (
          <div className={swapStyle.inputs}>
            <FigureBox
              aria-label={proof.title}
              placeholder={shownUnit(proof) ?? (proof.unit === 'ohm' ? 'Ω' : proof.unit)}
              stands={shownReading(entry?.reading, proof.unit)}
              take={(text, said) => takeReading(proof, text, said)}
              onTaken={(reading) => merge({ reading })}
            />
            {proof.leads && (
              <FigureBox
                aria-label={`Leads, ${proof.title}`}
                placeholder="leads Ω"
                stands={shownReading(entry?.leadOhms, 'ohm')}
                take={(text) => readInRange(text, { unit: 'ohm', label: `Leads, ${proof.title}`, min: 0, max: MOST_READ })}
                onTaken={(leadOhms) => merge({ leadOhms })}
              />
            )}
          </div>
        )}
        <small>
          {proof.kind === 'figure' && proofLimits(proof)}
          {proof.leads && ' · second field: leads'}
          {net !== undefined && proof.leads && entry?.leadOhms ? ` · net ${unit(net)}` : ''}
          {verdict !== 'open' && ` · ${wordsOf[verdict]}`}
        </small>
        {(verdict === 'open' || verdict === 'not-done' || verdict === 'later') && (
          <NotNow title={proof.title} putOff={entry?.putOff} onPutOff={(putOff) => onEntry(putOff ? { putOff } : null)} />
        )}
      </div>
    </div>
  );
}

/** What is looked at and not measured, as one answer where every one of them holds; what does not is answered by itself. */
function AllHold({ proofs, state, onChange }: { proofs: readonly Proof[]; state: SwapState; onChange: (changes: Change[]) => void }) {
  const open = proofs.filter((proof) => proof.kind === 'yes-no' && proofVerdict(proof, state.proofs[proof.id]) === 'open');
  if (open.length < 2) return null;
  return (
    <Button onClick={() => onChange(open.map(({ id }) => ({ path: `proofs.${id}`, value: { done: 'yes' } })))}>
      Each of the {open.length} below was looked at: all hold
    </Button>
  );
}

/** Every wire from the old part to the new, drawn where they stand on bases. */
const TerminalMap = ({
  terminals,
  bases,
  signalPins,
}: {
  terminals: TerminalMove[];
  bases: readonly [unknown, unknown];
  signalPins: boolean;
}) => (
  <div className="sheet" style={{ padding: '10px 14px', marginBottom: 8 }}>
    <b>Terminal map, old to new</b>
    <BaseMap from={bases[0]} to={bases[1]} moves={terminals} timer={signalPins} />
    <div className={swapStyle.map}>
      {terminals.map((move, i) => (
        <div key={`${move.from}${move.to}${move.note}${i}`}>
          <span className="figure">{move.from}</span>
          <span aria-label="to">→</span>
          <span className="figure">{move.to}</span>
          <small className="muted">{move.note}</small>
        </div>
      ))}
    </div>
  </div>
);

/** Prove: bench, fitting and first start with limits from the need; the terminal map from old to new. */
export function ProveStage({
  proofs,
  terminals,
  settings,
  bases,
  signalPins,
  state,
  title,
  openSteps,
  energise,
  name,
  leftLast,
  strokes,
  firstStart,
  onChange,
}: {
  proofs: Proof[];
  terminals: TerminalMove[];
  settings: Sheet;
  /** Old and new base, where they have one. */
  bases: readonly [unknown, unknown];
  /** A signal has pins of its own on them. */
  signalPins: boolean;
  state: SwapState;
  title: string;
  openSteps: number;
  /** What is asked again before anything is energised, and by whom it is confirmed. */
  energise: SafeStep;
  name: string;
  /** What each setting was left at by the last job here, by its name. */
  leftLast: Readonly<Record<string, string>>;
  /** Keys that set it, by its name. */
  strokes: Readonly<Record<string, readonly string[]>>;
  /** What reads the proofs of the first start by itself. */
  firstStart?: ReactNode;
  onChange: (changes: Change[]) => void;
}) {
  return (
    <div className="stack">
      <div>
        <h1>Tests</h1>
        <p className="muted">
          {title}. Limits come from the requirements and the part. Connect instruments with the equipment dead; nothing here asks for live
          work.
        </p>
      </div>
      {openSteps > 0 && (
        <Notice kind="fails">
          {openSteps} step{openSteps > 1 ? 's' : ''} of Make safe not confirmed. Confirm them before any test.
        </Notice>
      )}
      {(['bench', 'fitting', 'first-start'] as const).map((when) => (
        <section key={when} aria-label={whenWords[when]}>
          <p className="label" style={{ padding: '6px 2px' }}>
            {whenWords[when]}
          </p>
          {when === 'fitting' && <TerminalMap {...{ terminals, bases, signalPins }} />}
          {when === 'fitting' && (settings.rows.length > 0 || settings.conflicts.length > 0) && (
            <SettingSheet
              sheet={settings}
              asFound={state.asFound}
              asLeft={state.asLeft}
              leftLast={leftLast}
              strokes={strokes}
              onFound={(id, value) => onChange([{ path: `asFound.${id}`, value: value === '' ? null : value }])}
              onLeft={(id, value) => onChange([{ path: `asLeft.${id}`, value: value === '' ? null : value }])}
            />
          )}
          {when === 'first-start' && proofs.some((proof) => proof.when === when) && (
            <StepRow step={energise} by={state.safe[energise.id]} name={name} disabled={openSteps > 0} onChange={onChange} />
          )}
          {when === 'first-start' && firstStart}
          <fieldset
            disabled={openSteps > 0 || (when === 'first-start' && !state.safe[energise.id])}
            style={{ border: 0, margin: 0, padding: 0, minWidth: 0 }}
          >
            <AllHold proofs={proofs.filter((proof) => proof.when === when)} state={state} onChange={onChange} />
            {proofs
              .filter((proof) => proof.when === when)
              .map((proof) => (
                <ProofRow
                  key={proof.id}
                  proof={proof}
                  entry={state.proofs[proof.id]}
                  onEntry={(entry) => onChange([{ path: `proofs.${proof.id}`, value: entry }])}
                />
              ))}
          </fieldset>
        </section>
      ))}
    </div>
  );
}
