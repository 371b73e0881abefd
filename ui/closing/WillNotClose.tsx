'use client';

import { Pill } from '@/ui/forms/Pill';
import { Notice } from '@/ui/shell/Notice';
import Button from '@mui/material/Button';
import type { PartSpec } from '@/core/case/case';
import { STORED_ENERGY_CAUTION } from '@/core/close-failure/checks';
import type { CoilMarks } from '@/core/close-failure/coil-marks';
import { closingTree } from '@/core/close-failure/closing-faults';
import { diagnose } from '@/core/close-failure/diagnose';
import { answersOf } from '@/core/close-failure/findings';
import { closingKeys, fittedNames, fittedOf } from '@/core/close-failure/fitted';
import { findFault } from '@/core/fault-finding/find-fault';
import type { Findings } from '@/core/fault-finding/tree';
import { inSentence } from '@/core/language/in-sentence';
import closingStyle from '@/ui/styles/closing.module.css';
import { FaultFinder } from '../faults/FaultFinder';
import type { PutFinding } from '../faults/TestAnswer';
import { VerdictMark } from '../marks/VerdictMark';
import { PrintedChecks } from './PrintedChecks';

const fittedWords = {
  motor: 'charging motor',
  undervoltage: 'undervoltage release',
  shuntTrip: 'shunt trip',
  carriage: 'carriage',
  interlock: 'key or interlock',
} as const;
const MOST_PAIRS = 6;

/** Two causes at once, where no single one agrees. */
function Pairs({ pairs }: Pick<ReturnType<typeof diagnose>, 'pairs'>) {
  if (pairs.length === 0) return null;
  return (
    <>
      <p>No single cause agrees with these answers; two at once do.</p>
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
    </>
  );
}

type Props = {
  findings: Findings;
  marks: CoilMarks;
  spec?: PartSpec | null;
  /** The test that stands first until it has its answer. */
  ask?: string | null;
  put: PutFinding;
};

/** Why will it not close? Fault finding over the model of the breaker, for what it carries. */
export function WillNotClose({ findings, marks, spec = null, ask = null, put }: Props) {
  const fitted = fittedOf(findings, spec);
  const answers = answersOf(findings, marks, spec);
  const tree = closingTree(fitted, marks);
  const found = findFault(tree, findings);
  return (
    <section className={`${closingStyle.willNotClose} stack`} aria-label="Why will it not close?">
      <PrintedChecks fitted={fitted} answers={answers} />
      <Notice kind="note" className="no-print">
        {STORED_ENERGY_CAUTION}
      </Notice>
      <div className="row-flex" role="group" aria-label="This breaker has">
        <span className="muted">It has a</span>
        {fittedNames.map((name) => (
          <Pill key={name} pressed={fitted[name]} onClick={() => put(closingKeys.fitted(name), { yes: !fitted[name] })}>
            {fittedWords[name]}
          </Pill>
        ))}
      </div>
      <FaultFinder
        {...{ tree, findings, found, ask, put }}
        beside={<Button onClick={() => window.print()}>Print every check</Button>}
        more={found.open.length + found.shown.length === 0 && <Pairs pairs={diagnose(fitted, answers).pairs} />}
      />
    </section>
  );
}
