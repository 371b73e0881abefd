'use client';

import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { certain } from '@/core/certain';
import { foundWords, otherTests, stateWords, type Answered, type FaultState } from '@/core/fault-finding/find-fault';
import { testsOf, type Cause, type FaultTree, type Findings, type Remedy } from '@/core/fault-finding/tree';
import { VerdictMark } from '../marks/VerdictMark';
import { TestAnswer, type PutFinding } from './TestAnswer';
import closingStyle from '@/ui/styles/closing.module.css';

/** What a cause asks for, in a few words. */
export const thenWords: Record<Remedy, string> = {
  'new part': 'The part is exchanged, like for like.',
  'another part': 'Another part goes in: the requirements say which.',
  mend: 'It is mended here; the part stays.',
  adjust: 'It is set or reset; the part stays.',
  elsewhere: 'It lies elsewhere; the part stays.',
};

type Hunted = { tree: FaultTree; findings: Findings; found: FaultState };

function CauseRow({ cause, shown, children }: { cause: Cause; shown: boolean; children?: ReactNode }) {
  return (
    <li className="cause">
      <VerdictMark verdict={shown ? 'fails' : 'not-known'} />
      <div>
        <b>{cause.title}</b>
        {shown && (
          <p>
            {cause.remedy} <span className="muted">{thenWords[cause.then]}</span>
          </p>
        )}
        {children}
      </div>
    </li>
  );
}

const saidIn = (findings: Findings) => (one: Answered) =>
  `${one.test.question.replace(/[?:]$/, '')}: ${foundWords(one, findings)}${one.from === 'plates' ? ', by plates and lines of this job' : ''}`;

/** What is shown, what remains, and what is struck and why. */
function Causes({ found: { open, shown, struck }, findings }: Hunted) {
  const said = saidIn(findings);
  return (
    <>
      {shown.length + open.length > 0 && (
        <ul className={`sheet ${closingStyle.causes}`} aria-label="What remains">
          {shown.map(({ cause, by }) => (
            <CauseRow key={cause.id} cause={cause} shown>
              <p className="muted">{said(by)}.</p>
            </CauseRow>
          ))}
          {open.map((cause) => (
            <CauseRow key={cause.id} cause={cause} shown={false} />
          ))}
        </ul>
      )}
      {struck.length > 0 && (
        <details className="sheet">
          <summary>{struck.length} ruled out, and why</summary>
          <ul className={closingStyle.causes}>
            {struck.map(({ cause, by, expected }) => (
              <li key={cause.id} className="cause">
                <VerdictMark verdict="fits" />
                <div>
                  {cause.title}
                  <p className="muted">
                    {said(by)}; with it: {expected.map((one) => certain(by.test.answers[one])).join(' or ')}.
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

/** What was found so far, to be changed; and what the plates of the job already say. */
function Found({ tree, found, findings, put }: Hunted & { put: PutFinding }) {
  const touched = testsOf(tree).filter(({ id }) => findings[id] !== undefined);
  const read = found.answered.filter(({ from }) => from === 'plates');
  return (
    <>
      {touched.length > 0 && (
        <div className="sheet">
          <p className="label">What was found</p>
          {touched.map((test) => {
            const answered = found.answered.find((one) => one.test.id === test.id);
            const against = found.contradictions.find((one) => one.test.id === test.id);
            return (
              <div key={test.id} className={closingStyle.foundRow}>
                <div>
                  <b>{test.question}</b>{' '}
                  <span className="muted">
                    {answered ? foundWords(answered, findings) : 'not enough yet: what stands beside it is missing, or no data tell'}
                  </span>
                  {against && (
                    <p role="alert" className="say check">
                      Plates and lines of this job say: {certain(test.answers[against.read])}. One of the two is wrong.
                    </p>
                  )}
                </div>
                {test.figure || Object.keys(test.answers).length < 3 ? (
                  <TestAnswer test={test} findings={findings} put={put} />
                ) : (
                  <Button onClick={() => put(test.id, null)}>Take back</Button>
                )}
              </div>
            );
          })}
        </div>
      )}
      {read.length > 0 && (
        <div className="sheet">
          <p className="label">What plates and lines of this job say</p>
          {read.map((one) => (
            <div key={one.test.id} className={closingStyle.foundRow}>
              <div>
                <b>{one.test.question}</b> <span className="muted">{foundWords(one, findings)}</span>
              </div>
              <TestAnswer test={one.test} findings={findings} put={put} />
            </div>
          ))}
        </div>
      )}
    </>
  );
}

type Placed = {
  put: PutFinding;
  /** The test that stands first until it has its answer. */ ask?: string | null;
  beside?: ReactNode;
  more?: ReactNode;
};

/** What is the cause? The next question, what was found, and what remains; `beside` stands under the questions, `more` under the causes. */
export function FaultFinder({ put, ask = null, beside, more, ...hunt }: Hunted & Placed) {
  const [all, setAll] = useState(false);
  const { tree, found, findings } = hunt;
  const others = otherTests(tree, found).filter(({ id }) => id !== ask);
  const asked = tree.tests.find(({ id }) => id === ask && findings[id] === undefined);
  const next = asked ?? found.next;
  return (
    <div className={closingStyle.closingColumns}>
      <div className="stack">
        {next && (
          <section className={`sheet ${closingStyle.nextCheck}`} aria-label="Next question of the search">
            <p className="label">{asked ? 'What was measured' : next.first ? 'First' : 'Next, it tells most'}</p>
            <h3>{next.question}</h3>
            <p className="muted">{next.how}</p>
            <TestAnswer key={next.id} test={next} findings={findings} put={put} />
          </section>
        )}
        <Found {...hunt} put={put} />
        <div className="row-flex no-print">
          {others.length > 0 && (
            <Button aria-expanded={all} onClick={() => setAll(!all)}>
              {all ? 'Only the next question' : `${others.length} other check${others.length > 1 ? 's' : ''}, in any order`}
            </Button>
          )}
          {beside}
        </div>
        {all && others.length > 0 && (
          <div className="sheet">
            {others.map((test) => (
              <div key={test.id} className={closingStyle.foundRow}>
                <div>
                  <b>{test.question}</b> <small className="muted">{test.how}</small>
                </div>
                <TestAnswer test={test} findings={findings} put={put} />
              </div>
            ))}
          </div>
        )}
      </div>
      <div className="stack">
        <p role="status">
          <b>{stateWords(tree, found)}</b>
        </p>
        <Causes {...hunt} />
        {more}
      </div>
    </div>
  );
}
