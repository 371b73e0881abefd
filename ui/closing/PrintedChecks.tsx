'use client';

import { certain } from '@/core/certain';
import { checksOf, shownWords, STORED_ENERGY_CAUTION, worksFrom, type Shown } from '@/core/close-failure/checks';
import type { Fitted } from '@/core/close-failure/breaker-state';

/** Every check on paper, for a night without a screen: what was answered stands there, the rest is left to be filled in. */
export function PrintedChecks({ fitted, answers }: { fitted: Fitted; answers: Readonly<Record<string, Shown>> }) {
  return (
    <div className="print-only print-alone">
      <h2>Why will it not close? Checks</h2>
      <p>{STORED_ENERGY_CAUTION}</p>
      <ol>
        {checksOf(fitted).map((check) => (
          <li key={check.id}>
            <b>{check.question}</b> {check.how} {check.kind === 'volts' ? `Enough from ${worksFrom(check.id)} % of the mark. ` : ''}
            <span className="blank">{answers[check.id] === undefined ? '' : shownWords[certain(answers[check.id])]}</span>
          </li>
        ))}
      </ol>
    </div>
  );
}
