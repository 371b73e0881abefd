'use client';

import { Pill } from '@/ui/forms/Pill';
import Button from '@mui/material/Button';
import { Notice } from '@/ui/shell/Notice';
import { useState } from 'react';
import { STORED_ENERGY_CAUTION } from '@/core/close-failure/checks';
import type { Finding, Findings } from '@/core/fault-finding/tree';
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
          <Pill key={id} pressed={part === id} onClick={() => setPart(id)}>
            {words}
          </Pill>
        ))}
        {part === 'check' && Object.keys(findings).length > 0 && <Button onClick={() => setFindings({})}>Start again</Button>}
      </div>
      {part !== 'check' && <Notice kind="note">{STORED_ENERGY_CAUTION}</Notice>}
      {part === 'check' && <WillNotClose findings={findings} marks={{}} put={put} />}
      {part === 'press' && <BreakerSim />}
      {part === 'letters' && <LettersPanel start={letters} />}
    </div>
  );
}
