'use client';

import { useState } from 'react';
import { Pill } from '@/ui/forms/Pill';
import { TickBox } from '@/ui/forms/TickBox';
import { NumberBox } from '@/ui/forms/NumberBox';
import { answerOf } from '@/core/fault-finding/find-fault';
import { YES_NO, type FaultTest, type Finding, type Findings } from '@/core/fault-finding/tree';
import { formatQuantity } from '@/core/quantities/format-quantity';
import type { Change } from '@/core/swap/swap';
import closingStyle from '@/ui/styles/closing.module.css';

/** Puts findings in place or takes them away; what a reading says of a mark of the job goes with it. */
export type PutFinding = (key: string, finding: Finding | null, marks?: readonly Change[]) => void;

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
/** A yes or no is kept as one. */
const findingOf = (test: FaultTest, answer: string): Finding =>
  answer in YES_NO && Object.keys(test.answers).every((one) => one in YES_NO) ? { yes: answer === 'yes' } : { answer };

function Answers({ test, findings, put }: { test: FaultTest; findings: Findings; put: PutFinding }) {
  const own = answerOf(test, findings[test.id], findings);
  return (
    <div className={`row-flex ${closingStyle.answers}`} role="group" aria-label={test.question}>
      {Object.entries(test.answers).map(([answer, words]) => (
        <Pill key={answer} pressed={own === answer} onClick={() => put(test.id, own === answer ? null : findingOf(test, answer))}>
          {capital(words)}
        </Pill>
      ))}
    </div>
  );
}

type Asked = { test: FaultTest; findings: Findings; put: PutFinding };

/** What a test asks for. One that energises, closes or moves something asks first, each time, whether that is safe now. */
export function TestAnswer(asked: Asked) {
  const [safe, setSafe] = useState(false);
  const { test, findings } = asked;
  if (!test.moves || safe || findings[test.id] !== undefined) return <Answer {...asked} />;
  return (
    <label className="row-flex" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
      <TickBox checked={false} onTick={setSafe} />
      <span>It closes or moves something. Made safe as it says, covers shut, people clear and told, nothing can start, run or fall.</span>
    </label>
  );
}

/** One of its answers, or a reading, with what it is held against beside it. */
function Answer({ test, findings, put }: Asked) {
  const { id, question, figure } = test;
  if (!figure) return <Answers test={test} findings={findings} put={put} />;
  const { unit, min, max, limit, beside, keeps } = figure;
  return (
    <div className={closingStyle.voltsAnswer}>
      <NumberBox
        {...{ name: question, label: limit, unit, min, max }}
        value={findings[id]?.reading ?? null}
        empty
        placeholder="reading"
        onValue={(reading) =>
          put(
            id,
            reading === null ? null : { reading },
            keeps && reading !== null ? [{ path: `${keeps.section}.${keeps.mark}`, value: { state: 'measured', value: reading } }] : [],
          )
        }
      />
      {beside && (
        <NumberBox
          {...{ name: `${beside.label}, ${question}`, label: beside.label, unit: beside.unit, min: beside.min, max: beside.max }}
          value={findings[beside.key]?.reading ?? null}
          empty
          placeholder={beside.given === undefined ? 'not known' : formatQuantity(beside.given, beside.unit)}
          onValue={(reading) => put(beside.key, reading === null ? null : { reading })}
        />
      )}
    </div>
  );
}
