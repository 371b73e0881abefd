'use client';

import { Pill } from '@/ui/forms/Pill';
import { Notice } from '@/ui/shell/Notice';
import Button from '@mui/material/Button';
import { certain } from '@/core/certain';
import { useState } from 'react';
import { checksOf, shownWords, worksFrom, type Check, STORED_ENERGY_CAUTION } from '@/core/close-failure/checks';
import { diagnose } from '@/core/close-failure/diagnose';
import { answersOf, closingKeys, fittedNames, fittedOf, type Finding, type Findings } from '@/core/close-failure/findings';
import type { Fault } from '@/core/close-failure/faults';
import { formatQuantity } from '@/core/quantities/format-quantity';
import { NumberBox } from '../forms/NumberBox';
import { VerdictMark } from '../marks/VerdictMark';
import { PrintedChecks } from './PrintedChecks';
import { inSentence } from '@/core/language/in-sentence';
import closingStyle from '@/ui/styles/closing.module.css';

const fittedWords = {
  motor: 'charging motor',
  undervoltage: 'undervoltage release',
  shuntTrip: 'shunt trip',
  carriage: 'carriage',
  interlock: 'key or interlock',
} as const;
const MAX_VOLTS = 1000;

type Put = (key: string, finding: Finding | null) => void;

function Choice({ check, found, put, words }: { check: Check; found?: Finding; put: Put; words: readonly [string, string] }) {
  return (
    <div className="row-flex" role="group" aria-label={check.question}>
      {([true, false] as const).map((yes, i) => (
        <Pill
          key={words[i]}
          pressed={found?.yes === yes}
          onClick={() => put(closingKeys.answer(check.id), found?.yes === yes ? null : { yes })}
        >
          {words[i]}
        </Pill>
      ))}
    </div>
  );
}

/** What a check asks for: a yes or no, a coil, or volts with the mark that they are held against. */
function AnswerTo({ check, findings, markVolts, put }: { check: Check; findings: Findings; markVolts: number | null; put: Put }) {
  const found = findings[closingKeys.answer(check.id)];
  if (check.kind === 'yes-no') return <Choice check={check} found={found} put={put} words={['Yes', 'No']} />;
  if (check.kind === 'ohms') return <Choice check={check} found={found} put={put} words={['Coil in order', 'Coil open']} />;
  const own = findings[closingKeys.mark(check.id)]?.reading ?? markVolts;
  return (
    <div className={closingStyle.voltsAnswer}>
      <NumberBox
        name={check.question}
        label={`Reading, enough from ${own === null ? `${worksFrom(check.id)} % of the mark` : formatQuantity((own * worksFrom(check.id)) / 100, 'V', 'up')}`}
        unit="V"
        value={found?.reading ?? null}
        min={0}
        max={MAX_VOLTS}
        empty
        placeholder="volts read"
        onValue={(reading) => put(closingKeys.answer(check.id), reading === null ? null : { reading })}
      />
      <NumberBox
        name={`Mark, ${check.question}`}
        label="Mark of that coil"
        unit="V"
        value={own}
        min={1}
        max={MAX_VOLTS}
        empty
        placeholder="its plate"
        onValue={(reading) => put(closingKeys.mark(check.id), reading === null ? null : { reading })}
      />
    </div>
  );
}

function CauseRow({ fault, proved }: { fault: Fault; proved: boolean }) {
  return (
    <li className="cause">
      <VerdictMark verdict={proved ? 'fails' : 'not-known'} />
      <div>
        <b>{fault.title}</b>
        {proved && <p>{fault.remedy}</p>}
      </div>
    </li>
  );
}

const sentence = (count: number, proved: boolean, pairs: number, answered: number) =>
  proved
    ? 'Found, and shown by its own check.'
    : count === 1
      ? 'One cause is left; its own check proves it.'
      : count > 1
        ? answered === 0
          ? `${count} causes are possible: nothing is known yet.`
          : `${count} causes agree with ${answered === 1 ? 'the one answer' : `all ${answered} answers`}.`
        : pairs > 0
          ? 'No single cause agrees with these answers; two at once do.'
          : 'Nothing listed agrees with these answers: one of them is wrong, or it is none of these. Look at the answers again.';

const MOST_PAIRS = 6;

/** What remains, two causes at once where no single one agrees, and what is ruled out and why. */
function Causes({
  diagnosis: { remaining, ruledOut, pairs, proved },
  answered,
}: {
  diagnosis: ReturnType<typeof diagnose>;
  answered: number;
}) {
  return (
    <>
      <p role="status">
        <b>{sentence(remaining.length, proved, pairs.length, answered)}</b>
      </p>
      {remaining.length > 0 && (
        <ul className={`sheet ${closingStyle.causes}`} aria-label="What remains">
          {remaining.map((fault) => (
            <CauseRow key={fault.id} fault={fault} proved={proved} />
          ))}
        </ul>
      )}
      {pairs.length > 0 && (
        <ul className={`sheet ${closingStyle.causes}`} aria-label="Two at once">
          {pairs.slice(0, MOST_PAIRS).map(([one, other]) => (
            <li key={one.id + other.id} className="cause">
              <VerdictMark verdict="check" />
              <div>
                <b>{one.title}</b> and <b>{inSentence(other.title)}</b>
                <p>
                  {one.remedy} {other.remedy}
                </p>
              </div>
            </li>
          ))}
        </ul>
      )}
      {ruledOut.length > 0 && (
        <details className="sheet">
          <summary>{ruledOut.length} ruled out, and why</summary>
          <ul className={closingStyle.causes}>
            {ruledOut.map(({ fault, by, shown, expected }) => (
              <li key={fault.id} className="cause">
                <VerdictMark verdict="fits" />
                <div>
                  {fault.title}
                  <p className="muted">
                    {by.question} {shownWords[shown]}; with it: {shownWords[expected]}.
                  </p>
                </div>
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

/** Why will it not close? Each answer rules out what would have shown otherwise; the next question is the one that tells most. */
export function WillNotClose({ findings, markVolts, onFinding }: { findings: Findings; markVolts: number | null; onFinding: Put }) {
  const [all, setAll] = useState(false);
  const fitted = fittedOf(findings);
  const answers = answersOf(findings, markVolts);
  const diagnosis = diagnose(fitted, answers);
  const { next } = diagnosis;
  const checks = checksOf(fitted);
  const touched = checks.filter(({ id }) => findings[closingKeys.answer(id)] !== undefined);
  const open = checks.filter(({ id }) => answers[id] === undefined && id !== next?.id);
  return (
    <section className={`${closingStyle.willNotClose} stack`} aria-label="Why will it not close?">
      <PrintedChecks fitted={fitted} answers={answers} />
      <Notice kind="note" className="no-print">
        {STORED_ENERGY_CAUTION}
      </Notice>
      <div className="row-flex" role="group" aria-label="This breaker has">
        <span className="muted">It has a</span>
        {fittedNames.map((name) => (
          <Pill key={name} pressed={fitted[name]} onClick={() => onFinding(closingKeys.fitted(name), fitted[name] ? { yes: false } : null)}>
            {fittedWords[name]}
          </Pill>
        ))}
      </div>
      <div className={closingStyle.closingColumns}>
        <div className="stack">
          {next && (
            <div className={`sheet ${closingStyle.nextCheck}`}>
              <p className="label">Next, it tells most</p>
              <h3>{next.question}</h3>
              <p className="muted">{next.how}</p>
              <AnswerTo key={next.id} check={next} findings={findings} markVolts={markVolts} put={onFinding} />
            </div>
          )}
          {touched.length > 0 && (
            <div className="sheet">
              <p className="label">What was found</p>
              {touched.map((check) => (
                <div key={check.id} className={closingStyle.foundRow}>
                  <div>
                    <b>{check.question}</b>{' '}
                    <span className="muted">
                      {answers[check.id] === undefined ? 'give the mark of that coil too' : shownWords[certain(answers[check.id])]}
                    </span>
                  </div>
                  <AnswerTo check={check} findings={findings} markVolts={markVolts} put={onFinding} />
                </div>
              ))}
            </div>
          )}
          <div className="row-flex no-print">
            {open.length > 0 && (
              <Button aria-expanded={all} onClick={() => setAll(!all)}>
                {all ? 'Only the next question' : `${open.length} other checks, in any order`}
              </Button>
            )}
            <Button onClick={() => window.print()}>Print every check</Button>
          </div>
          {all && open.length > 0 && (
            <div className="sheet">
              {open.map((check) => (
                <div key={check.id} className={closingStyle.foundRow}>
                  <div>
                    <b>{check.question}</b> <small className="muted">{check.how}</small>
                  </div>
                  <AnswerTo check={check} findings={findings} markVolts={markVolts} put={onFinding} />
                </div>
              ))}
            </div>
          )}
        </div>
        <div className="stack">
          <Causes diagnosis={diagnosis} answered={Object.keys(answers).length} />
        </div>
      </div>
    </section>
  );
}
