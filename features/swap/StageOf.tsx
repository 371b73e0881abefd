'use client';

import Button from '@mui/material/Button';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';
import { MatchStage } from './MatchStage';
import { NeedPlace } from './NeedPlace';
import { ProveMeter } from './ProveMeter';
import { ProveStage } from './ProveStage';
import { ReadStage } from './ReadStage';
import { RecordStage } from './RecordStage';
import { SafeStage } from './SafeStage';
import { SwapPhoto } from './SwapPhoto';
import { WhatItSwitches } from './WhatItSwitches';
import { energiseConfirmed, energiseStep } from '@/core/swap/make-safe';
import type { Change } from '@/core/swap/swap';
import type { Stage } from './StageRail';
import { useJob } from './use-job';

function SafePlace() {
  const { state, derived, name, change, then, goTo } = useJob();
  const confirm = (changes: Change[]) => {
    change(changes);
    // On the way to the tests, the last step that is confirmed leads on.
    const done = new Set(changes.filter(({ value }) => Boolean(value)).map(({ path }) => path));
    const left = derived.steps.filter(({ id }) => !state.safe[id]?.trim() && !done.has(`safe.${id}`));
    if (then && done.size > 0 && left.length === 0) goTo(then);
  };
  return <SafeStage state={state} steps={derived.steps} name={name} onChange={confirm} />;
}

function ReadPlace() {
  const { view, state, focus, setFocus, change } = useJob();
  return (
    <>
      <ReadStage
        state={state}
        panelName={view.panel.name}
        position={view.position.function}
        photo={(section) => <SwapPhoto swapId={view.id} section={section} state={state} focus={focus} onChange={change} />}
        onChange={change}
        onFocus={setFocus}
      />
      <WhatItSwitches />
    </>
  );
}

function NoTests({ taken }: { taken: boolean }) {
  const { goTo } = useJob();
  return (
    <>
      <h1>Tests</h1>
      {taken ? (
        <p className="muted">Working out the tests.</p>
      ) : (
        <EmptyPlace title="No part chosen yet" action={<Button onClick={() => goTo('match')}>See the candidates</Button>}>
          The tests on the bench, while installing and at first start follow from the part to install, each with its limits.
        </EmptyPlace>
      )}
    </>
  );
}

function ProvePlace() {
  const { view, detail, choice, state, title, name, practice, derived, shows, meter, change } = useJob();
  if (!choice?.taken || !detail) return <NoTests taken={choice?.taken === true} />;
  const open = derived.openSteps;
  return (
    <ProveStage
      proofs={detail.proofs}
      terminals={detail.terminals}
      settings={detail.settings}
      bases={detail.bases}
      signalPins={shows('signal-pins')}
      state={state}
      title={title}
      openSteps={open}
      energise={energiseStep(state, practice)}
      name={name}
      strokes={detail.strokes}
      leftLast={Object.fromEntries(view.position.asLeft.map((one) => [one.name, one.left]))}
      firstStart={
        shows('panel-meter') ? <ProveMeter address={meter} disabled={open > 0 || !energiseConfirmed(state)} onChange={change} /> : undefined
      }
      onChange={change}
    />
  );
}

function RecordPlace() {
  const { view, title, choice, part, changes, state, practice, obstacles, base, signing } = useJob();
  return (
    <RecordStage
      title={title}
      part={choice?.taken ? part : null}
      changes={changes}
      state={state}
      practice={practice}
      obstacles={view.status === 'open' ? obstacles : []}
      base={base}
      remark={signing.remark}
      onRemark={signing.setRemark}
    />
  );
}

const places: Record<Stage, () => React.ReactNode> = {
  safe: SafePlace,
  read: ReadPlace,
  need: NeedPlace,
  match: MatchStage,
  prove: ProvePlace,
  record: RecordPlace,
};

/** What stands in the middle of the bench at a stage. */
export function StageOf({ stage }: { stage: Stage }) {
  const Place = places[stage];
  return <Place />;
}
