'use client';

import { NumberBox } from '@/ui/forms/NumberBox';
import { SelectBox } from '@/ui/forms/SelectBox';
import { BoxGroups } from './BoxGroups';
import type { WatchSettings } from './use-watch';
import { planGroups } from './watch-words';
import relaysStyle from '@/ui/styles/relays.module.css';

const START = { leftPercent: 85, seconds: 3 };

/** What is protected: supply, motor, and how it starts and is measured. */
export function ProtectedLoad({ input, guard }: WatchSettings) {
  const { startDip } = input;
  return (
    <section className={`sheet ${relaysStyle.labBlock}`} aria-label="Protected load">
      <p className="label">Protected load</p>
      <BoxGroups groups={planGroups} values={input} placeholder="none" onValue={(name, value) => guard({ [name]: value })} />
      <fieldset className={relaysStyle.labGroup}>
        <legend>Start and measurement</legend>
        <div className={relaysStyle.labBoxes}>
          <NumberBox
            label="Voltage during start"
            unit="%"
            value={startDip?.leftPercent ?? null}
            min={10}
            max={100}
            empty
            placeholder="no dip"
            onValue={(leftPercent) => guard({ startDip: leftPercent === null ? null : { ...START, ...startDip, leftPercent } })}
          />
          <NumberBox
            label="Start lasts"
            name="Start duration"
            unit="s"
            value={startDip?.seconds ?? null}
            min={0.1}
            max={120}
            empty
            placeholder="no dip"
            onValue={(seconds) => guard({ startDip: seconds === null ? null : { ...START, ...startDip, seconds } })}
          />
          <label className={relaysStyle.span2}>
            Wires
            <SelectBox
              value={input.wires === 4 ? '4' : '3'}
              options={[
                ['3', '3, between lines'],
                ['4', '4, to neutral'],
              ]}
              onWord={(wires) => guard({ wires: wires === '4' ? 4 : 3 })}
            />
          </label>
          <label className={relaysStyle.span2}>
            Unbalance is measured as
            <SelectBox
              value={input.asymmetryBy}
              options={[
                ['spread', 'spread, % of nominal'],
                ['deviation', 'deviation from the mean'],
              ]}
              onWord={(asymmetryBy) => guard({ asymmetryBy })}
            />
          </label>
        </div>
      </fieldset>
    </section>
  );
}
