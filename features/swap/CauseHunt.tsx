'use client';

import Button from '@mui/material/Button';
import { Pill } from '@/ui/forms/Pill';
import { useState } from 'react';
import { causeVerdict, type Cause, type CauseVerdict } from '@/core/swap/cause';
import type { CauseHunt as Hunt } from '@/core/swap/cause-hunt';
import { formatQuantity } from '@/core/quantities/format-quantity';
import type { Change, SwapState } from '@/core/swap/swap';
import { NumberBox } from '../../ui/forms/NumberBox';
import { VerdictMark } from '../../ui/marks/VerdictMark';
import { inSentence } from '@/core/language/in-sentence';
import curvesStyle from '@/ui/styles/curves.module.css';

const words: Record<CauseVerdict, string> = { open: 'to be checked', cause: 'a cause', 'ruled-out': 'ruled out' };
const marks = { open: 'not-known', cause: 'fails', 'ruled-out': 'fits' } as const;
const limits: Record<Cause['unit'], [number, number]> = { A: [0, 100000], ohm: [0, 1e12], '%': [0, 100], '°C': [-40, 120], '': [0, 1] };

type Props = { hunt: Hunt; state: SwapState; repeats: number; onChange: (changes: Change[]) => void };

/** Why does it operate again and again? Each cause with the measurement that settles it. */
export function CauseHunt({ hunt, state, repeats, onChange }: Props) {
  const [open, setOpen] = useState(repeats > 0);
  const causes = hunt.causes.map((cause) => ({ cause, verdict: causeVerdict(cause, state.causes?.[cause.id]) }));
  const found = causes.filter(({ verdict }) => verdict === 'cause');
  const left = causes.filter(({ verdict }) => verdict === 'open').length;
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="Cause search">
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <div>
          <h2 style={{ margin: 0 }}>Why did it operate?</h2>
          <p className="muted" role="status">
            {repeats > 0 ? `${repeats} fault${repeats > 1 ? 's' : ''} here within a year. ` : ''}
            {found.length > 0
              ? `Found: ${found.map(({ cause }) => inSentence(cause.title)).join(', ')}.`
              : left === causes.length
                ? `Nothing is established yet. ${hunt.noAnswer}`
                : left > 0
                  ? `${left} still to be settled.`
                  : `All are ruled out: ${hunt.allRuledOut}.`}
          </p>
        </div>
        <Button aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Close' : 'Find the cause'}
        </Button>
      </div>
      {open &&
        causes.map(({ cause, verdict }) => {
          const finding = state.causes?.[cause.id];
          const put = (value: unknown) => onChange([{ path: `causes.${cause.id}`, value }]);
          return (
            <div key={cause.id} className="cause">
              <VerdictMark verdict={marks[verdict]} />
              <div className={curvesStyle.causeWords}>
                <b>
                  {cause.title}: {words[verdict]}
                </b>
                <p className="muted">{cause.measure}</p>
                {verdict === 'cause' && <p>{cause.remedy}</p>}
              </div>
              {cause.limit === null || cause.unit === '' ? (
                <div className="row-flex" role="group" aria-label={cause.title}>
                  {[true, false].map((yes) => (
                    <Pill key={String(yes)} pressed={finding?.yes === yes} onClick={() => put(finding?.yes === yes ? null : { yes })}>
                      {yes ? 'Yes' : 'No'}
                    </Pill>
                  ))}
                </div>
              ) : (
                <div style={{ width: 150 }}>
                  <NumberBox
                    label={`${cause.worseIs === 'above' ? 'Cause above' : 'Cause below'} ${formatQuantity(cause.limit, cause.unit)}`}
                    name={cause.title}
                    unit={cause.unit}
                    value={finding?.reading ?? null}
                    min={limits[cause.unit][0]}
                    max={limits[cause.unit][1]}
                    empty
                    placeholder="reading"
                    onValue={(reading) => put(reading === null ? null : { reading })}
                  />
                </div>
              )}
            </div>
          );
        })}
    </section>
  );
}
