'use client';

import Button from '@mui/material/Button';
import { TickBox } from '@/ui/forms/TickBox';
import { Pill } from '@/ui/forms/Pill';
import { keysOf } from '@/core/certain';
import { scenarioTitles, type Scenario, type ScenarioKind } from '@/core/monitoring/scenarios';
import type { Unit } from '@/core/quantities/units';
import { NumberBox } from '../../ui/forms/NumberBox';
import relaysStyle from '@/ui/styles/relays.module.css';

/** Of each kind an event to begin with; it comes at 0 until it is placed. */
const fresh: Record<ScenarioKind, Scenario> = {
  sag: { kind: 'sag', atSeconds: 0, seconds: 4, leftPercent: 80, phases: 3, mustTrip: false },
  swell: { kind: 'swell', atSeconds: 0, seconds: 20, percent: 114, mustTrip: true },
  'lost-phase': { kind: 'lost-phase', atSeconds: 0, seconds: 25, heldPercent: 85, mustTrip: true },
  reversal: { kind: 'reversal', atSeconds: 0, seconds: 10, mustTrip: true },
  'open-neutral': { kind: 'open-neutral', atSeconds: 0, seconds: 20, loads: [1, 0.4, 0.3], mustTrip: true },
  drift: { kind: 'drift', atSeconds: 0, seconds: 60, toPercent: 84, mustTrip: true },
  flicker: { kind: 'flicker', atSeconds: 0, seconds: 30, depthPercent: 8, hertz: 4, mustTrip: false },
  changeover: { kind: 'changeover', atSeconds: 0, deadSeconds: 8, settleSeconds: 4, startPercent: 85, startHertz: 46, mustTrip: false },
};
const figures: Partial<Record<ScenarioKind, [name: string, label: string, unit: Unit, min: number, max: number][]>> = {
  sag: [['leftPercent', 'Leaves', '%', 0, 100]],
  swell: [['percent', 'To', '%', 100, 200]],
  'lost-phase': [['heldPercent', 'Held at', '%', 0, 100]],
  drift: [['toPercent', 'To', '%', 20, 180]],
  flicker: [
    ['depthPercent', 'Depth', '%', 0, 90],
    ['hertz', 'At', 'Hz', 0.01, 30],
  ],
  changeover: [
    ['deadSeconds', 'Dead', 's', 0, 600],
    ['settleSeconds', 'Settles', 's', 0.1, 600],
  ],
};

const endOf = (one: Scenario) => one.atSeconds + (one.kind === 'changeover' ? one.deadSeconds + one.settleSeconds : one.seconds);
const REST_SECONDS = 40;

/** Made-up events in their order, each with whether the relay must trip. */
export function EventList({ scenarios, onScenarios }: { scenarios: Scenario[]; onScenarios: (scenarios: Scenario[]) => void }) {
  const change = (i: number, part: Record<string, number | boolean>) =>
    onScenarios(scenarios.map((one, k) => (k === i ? { ...one, ...part } : one)));
  const add = (kind: ScenarioKind) => {
    const at = Math.max(0, ...scenarios.map(endOf)) + (scenarios.length > 0 ? REST_SECONDS : 20);
    onScenarios([...scenarios, { ...fresh[kind], atSeconds: at }]);
  };
  return (
    <>
      <ul className={relaysStyle.eventList}>
        {scenarios.map((one, i) => (
          <li key={i}>
            <div className="row-flex">
              <b>{scenarioTitles[one.kind]}</b>
              <Button
                aria-label={`Remove ${scenarioTitles[one.kind]} ${i + 1}`}
                onClick={() => onScenarios(scenarios.filter((_, k) => k !== i))}
              >
                ×
              </Button>
            </div>
            <div className={relaysStyle.labBoxes}>
              <NumberBox
                label="From"
                name={`${scenarioTitles[one.kind]} ${i + 1}`}
                unit="s"
                value={one.atSeconds}
                min={0}
                max={7200}
                onValue={(value) => value !== null && change(i, { atSeconds: value })}
              />
              {one.kind !== 'changeover' && (
                <NumberBox
                  label="For"
                  name={`${scenarioTitles[one.kind]} ${i + 1}`}
                  unit="s"
                  value={one.seconds}
                  min={0.02}
                  max={7200}
                  onValue={(value) => value !== null && change(i, { seconds: value })}
                />
              )}
              {(figures[one.kind] ?? []).map(([name, label, unit, min, max]) => (
                <NumberBox
                  key={name}
                  label={label}
                  name={`${scenarioTitles[one.kind]} ${i + 1}`}
                  unit={unit}
                  value={Number(Object.entries(one).find(([key]) => key === name)?.[1])}
                  min={min}
                  max={max}
                  onValue={(value) => value !== null && change(i, { [name]: value })}
                />
              ))}
              <label className="row-flex">
                <TickBox checked={one.mustTrip} onTick={(ticked) => change(i, { mustTrip: ticked })} /> must trip
              </label>
            </div>
          </li>
        ))}
      </ul>
      <div className="row-flex" role="group" aria-label="Add an event">
        {keysOf(fresh).map((kind) => (
          <Pill pressed={false} key={kind} onClick={() => add(kind)}>
            + {scenarioTitles[kind]}
          </Pill>
        ))}
      </div>
    </>
  );
}
