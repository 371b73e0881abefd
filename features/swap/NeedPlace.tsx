'use client';

import { frontEndOf } from '@/core/residual/leakage';
import { ConditionPanel } from './ConditionPanel';
import { FaultFinding } from './FaultFinding';
import { GoodToKnow } from './GoodToKnow';
import { LeakageSeen } from './LeakageSeen';
import { NeedStage } from './NeedStage';
import { OwnersPage } from './OwnersPage';
import { useJob } from './use-job';
import { WantedTrace } from './WantedTrace';

/** Requirements: what the part says of its state, why it failed, the lines, and what the family shows beside them. */
export function NeedPlace() {
  const { view, derived, part, practice, pickedNeed, setPickedNeed, shows, repeats } = useJob();
  const { context, needs, removed, condition } = derived;
  const front = shows('leakage') ? frontEndOf(context.load, context.supply)?.electronics : undefined;
  const { tag, function: fn } = view.position;
  return (
    <>
      {condition.length > 0 && <ConditionPanel condition={condition} />}
      <FaultFinding repeats={repeats} />
      <NeedStage needs={needs} removed={removed} chosen={part} practice={practice} picked={pickedNeed} onPick={setPickedNeed} />
      {front !== undefined && <LeakageSeen key={front} front={front} />}
      {derived.family.ownersPage && (
        <OwnersPage
          title={`${view.site.name}, ${view.panel.name}, ${tag} ${fn}`}
          parts={derived.family.ownersPage(context, needs, removed)}
        />
      )}
      {shows('wanted-trace') && <WantedTrace context={context} />}
      <GoodToKnow />
    </>
  );
}
