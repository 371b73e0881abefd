'use client';

import type { Verdict } from '@/core/needs/need';
import { VerdictMark, verdictWords } from '../marks/VerdictMark';
import { useSay } from '../language/practice';
import { Pill } from '../forms/Pill';
import circuitsStyle from '../styles/circuits.module.css';

export type ShownLine = {
  id: string;
  title: string;
  verdict: Verdict;
  because: string;
  about: readonly string[];
  fact?: { id: string; seenWith: string; asks: string; answer: 'yes' | 'no' | 'not-seen' };
};
/** Keeps what was seen at the panel. */
export type SayFact = (fact: NonNullable<ShownLine['fact']>, answer: 'yes' | 'no') => void;

/** What only the whole can answer, line by line; what is to be seen at the panel is answered in its line. */
export function CircuitLines({ lines, onFact }: { lines: readonly ShownLine[]; onFact?: SayFact }) {
  const say = useSay();
  return (
    <ul className={circuitsStyle.lines}>
      {lines.map((line) => (
        <li key={line.id}>
          <VerdictMark verdict={line.verdict} />
          <div>
            <b>{line.title}</b> <span className="muted">{verdictWords[line.verdict]}</span>
            <p>{say(line.because)}</p>
            {line.fact && onFact && (
              <div className="row-flex" role="group" aria-label={line.fact.asks}>
                <span className="muted">{line.fact.asks}?</span>
                {(['yes', 'no'] as const).map((answer) => (
                  <Pill key={answer} pressed={line.fact?.answer === answer} onClick={() => line.fact && onFact(line.fact, answer)}>
                    {answer === 'yes' ? 'Yes' : 'No'}
                  </Pill>
                ))}
              </div>
            )}
          </div>
        </li>
      ))}
    </ul>
  );
}
