'use client';

import { frontEndOf } from '@/core/residual/leakage';
import { causeHuntOf } from '@/core/swap/cause-hunt';
import { CauseHunt } from './CauseHunt';
import { ClosingHunt } from './ClosingHunt';
import { ConditionPanel } from './ConditionPanel';
import { LeakageSeen } from './LeakageSeen';
import { NeedStage } from './NeedStage';
import { OwnersPage } from './OwnersPage';
import { useJob, type Job } from './use-job';
import { WantedTrace } from './WantedTrace';

const YEAR_MS = 365 * 24 * 3600 * 1000;

/** How often it failed here in the year up to the newest entry. */
function failuresInAYear({ history }: Job['view']): number {
  const newest = history[0] ? Date.parse(history[0].at) : 0;
  return history.filter(({ kind, at }) => kind === 'fault' && newest - Date.parse(at) < YEAR_MS).length;
}

/** Requirements: what the part says of its state, why it failed, the lines, and what the family shows beside them. */
export function NeedPlace() {
  const { view, state, derived, change, part, practice, pickedNeed, setPickedNeed, shows } = useJob();
  const { context, needs, removed, condition } = derived;
  const causes = causeHuntOf(state);
  const repeats = failuresInAYear(view);
  const front = shows('leakage') ? frontEndOf(context.load, context.supply)?.electronics : undefined;
  const { tag, function: fn } = view.position;
  return (
    <>
      {condition.length > 0 && <ConditionPanel condition={condition} />}
      {causes && <CauseHunt hunt={causes} state={state} repeats={repeats} onChange={change} />}
      {derived.family.faultFinding === 'why-it-will-not-close' && <ClosingHunt state={state} repeats={repeats} onChange={change} />}
      <NeedStage needs={needs} removed={removed} chosen={part} practice={practice} picked={pickedNeed} onPick={setPickedNeed} />
      {front !== undefined && <LeakageSeen key={front} front={front} />}
      {derived.family.ownersPage && (
        <OwnersPage
          title={`${view.site.name}, ${view.panel.name}, ${tag} ${fn}`}
          parts={derived.family.ownersPage(context, needs, removed)}
        />
      )}
      {shows('wanted-trace') && <WantedTrace context={context} />}
    </>
  );
}
