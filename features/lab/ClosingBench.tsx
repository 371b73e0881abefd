'use client';

import { useState } from 'react';
import { STORED_ENERGY_CAUTION } from '@/core/close-failure/checks';
import type { Finding, Findings } from '@/core/close-failure/findings';
import type { PositionTable } from '@/core/case/position-codes';
import { BreakerSim } from '@/features/lab/BreakerSim';
import { WillNotClose } from '@/ui/closing/WillNotClose';
import { LettersPanel } from './LettersPanel';

const parts = [
  ['check', 'Find out why'],
  ['press', 'Press it'],
  ['letters', 'Accessory bay codes'],
] as const;

/** Why a breaker will not close: the guided check, a breaker to press, and the letters of its bays. */
export function ClosingBench({ letters }: { letters: readonly PositionTable[] }) {
  const [part, setPart] = useState<(typeof parts)[number][0]>('check');
  const [findings, setFindings] = useState<Findings>({});
  const put = (key: string, finding: Finding | null) =>
    setFindings((before) => {
      const rest = Object.fromEntries(Object.entries(before).filter(([name]) => name !== key));
      return finding === null ? rest : { ...rest, [key]: finding };
    });
  return (
    <div className="stack">
      <div className="row-flex" role="group" aria-label="Will it close?">
        {parts.map(([id, words]) => (
          <button key={id} type="button" className="pill" aria-pressed={part === id} onClick={() => setPart(id)}>
            {words}
          </button>
        ))}
        {part === 'check' && Object.keys(findings).length > 0 && (
          <button type="button" className="quiet" onClick={() => setFindings({})}>
            Start again
          </button>
        )}
      </div>
      {part !== 'check' && <p className="say note">{STORED_ENERGY_CAUTION}</p>}
      {part === 'check' && <WillNotClose findings={findings} markVolts={null} onFinding={put} />}
      {part === 'press' && <BreakerSim />}
      {part === 'letters' && <LettersPanel start={letters} />}
    </div>
  );
}
