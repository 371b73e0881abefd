'use client';

import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import type { JudgedNeed } from '@/core/matching/judge';
import { familyShows, type FamilyView, type Proof, type SettingSheet, type TerminalMove } from '@/core/families/contract';
import { relayDrivesContactor } from '@/core/alternatives/relay-drives-contactor';
import { RelayDrives } from '@/features/swap/RelayDrives';
import { WantedTrace } from '@/features/swap/WantedTrace';
import { causeHuntOf } from '@/core/swap/cause-hunt';
import type { Change as PartChange } from '@/core/matching/changes';
import { signObstacles } from '@/core/swap/sign-off';
import { choiceKey, chooseChanges, type Choice } from '@/core/swap/swap';
import type { SwapView } from '@/services/swaps';
import type { EditField } from '@/ui/plates/edit-field';
import { ConflictDialog } from '@/features/swap/ConflictDialog';
import { askedOf, derive } from '@/features/swap/derived';
import { ClosingHunt } from '@/features/swap/ClosingHunt';
import { LeakageSeen } from '@/features/swap/LeakageSeen';
import { OwnersPage } from '@/features/swap/OwnersPage';
import { plainWords } from '@/core/families/residual-currents/owner-summary';
import { frontEndOf } from '@/core/residual/leakage';
import { CauseHunt } from '@/features/swap/CauseHunt';
import { ConditionPanel } from '@/features/swap/ConditionPanel';
import { NeedStage } from '@/features/swap/NeedStage';
import { ProveStage } from '@/features/swap/ProveStage';
import { ReadStage } from '@/features/swap/ReadStage';
import { RecordStage } from '@/features/swap/RecordStage';
import { SafeStage } from '@/features/swap/SafeStage';
import { StageRail, stages, type Stage } from '@/features/swap/StageRail';
import { api } from '../../client/api';
import { MatchStage } from './MatchStage';
import { ProveMeter } from './ProveMeter';
import { Shell } from '../shell/Shell';
import { SwapCard } from './SwapCard';
import { SwapPhoto } from './SwapPhoto';
import { useBoard, type Filters } from './use-board';
import { useName } from './use-name';
import { useSwap } from './use-swap';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';

const saveWords = {
  saved: 'Saved',
  saving: 'Saving',
  offline: 'Not saved: kept on this device, trying again',
  refused: 'Not saved',
} as const;
const YEAR_MS = 365 * 24 * 3600 * 1000;

/** The swap bench: six stages around one swap. */
export function SwapPage({ view, meter = '' }: { view: SwapView; meter?: string }) {
  const router = useRouter();
  const params = useSearchParams();
  const asked = params.get('stage') as Stage | null;
  const stage: Stage = asked && stages.includes(asked) ? asked : 'read';
  const swap = useSwap(view);
  const { state, change } = swap;
  const { practice, schools } = view.site;
  const derived = useMemo(() => derive(state, practice, schools), [state, practice, schools]);
  const [name, setName] = useName();
  const [filters, setFilters] = useState<Filters>({
    inCrib: false,
    sameFootprint: false,
    coilSwap: true,
    hideChecks: false,
  });
  const [focus, setFocus] = useState<EditField>();
  const [pickedNeed, setPickedNeed] = useState<string>();
  const [cell, setCell] = useState<{ line: JudgedNeed; name: string }>();
  const [remark, setRemark] = useState('');
  const [signing, setSigning] = useState(false);
  const [signFault, setSignFault] = useState<string>();
  const stamp = useMemo(
    () => JSON.stringify([state.load, state.supply, state.duty, state.removed, state.loadKind, state.schools]),
    [state],
  );
  const { board, fault: boardFault, busy } = useBoard(view.id, stage !== 'safe' && stage !== 'read', filters, stamp, swap.flush);

  const choice = state.choice.part;
  const chosenKey = choice ? choiceKey(choice) : undefined;
  const column = board?.columns.find((one) => choiceKey(one) === chosenKey);
  const [keptColumn, setKeptColumn] = useState(column);
  if (column && column !== keptColumn) setKeptColumn(column);
  const shownColumn = column ?? (keptColumn && choiceKey(keptColumn) === chosenKey ? keptColumn : undefined);
  const detail = useChoiceDetail(view.id, choice, stamp, swap.flush, swap.save === 'saved', stage);
  const part = shownColumn?.part ?? detail?.judged ?? null;
  const changes = shownColumn?.changes ?? detail?.changes ?? [];
  const proofs = detail?.proofs ?? [];
  const obstacles = signObstacles(state, part && { judged: part, changes }, proofs, practice, detail?.settings.conflicts);
  const title = choice?.name ?? '';
  const shows = (view: FamilyView) => familyShows(derived.family, view);
  const causeHunt = causeHuntOf(state);
  const front = shows('leakage') ? frontEndOf(derived.context.load, derived.context.supply)?.electronics : undefined;

  const undo = swap.undo;
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName);
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !typing) {
        event.preventDefault();
        undo();
      } else if (event.altKey && /^[1-6]$/.test(event.key)) {
        event.preventDefault();
        router.replace(`/swaps/${view.id}?stage=${stages[Number(event.key) - 1]}`, { scroll: false });
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [router, undo, view.id]);

  const newest = view.history[0] ? Date.parse(view.history[0].at) : 0;
  const repeats = view.history.filter(({ kind, at }) => kind === 'fault' && newest - Date.parse(at) < YEAR_MS).length;
  const unknown = derived.needs.filter((need) => need.ways[0].limit === null);
  const worn = [...Object.values(state.load), ...Object.values(state.removed), ...Object.values(state.supply)].filter(
    (reading) => reading.state === 'unreadable',
  ).length;
  const proofsOpen = obstacles.filter(({ kind }) => kind === 'proof').length;
  const notes: Record<Stage, string> = {
    safe: derived.openSteps === 0 ? 'confirmed' : `${derived.openSteps} to confirm`,
    read: worn > 0 ? `${worn} field${worn > 1 ? 's' : ''} unreadable` : 'all fields readable',
    need: `${askedOf(derived.needs, derived.removed, part).length} lines${unknown.length > 0 ? `, ${unknown.length} not known` : ''}`,
    match: choice?.taken ? 'taken' : board ? `${board.holding} with no failing line, ${board.onShelf} in stock` : '',
    prove: !choice?.taken ? '' : proofsOpen > 0 ? `${proofsOpen} open` : 'proved',
    record: view.status === 'signed' ? 'signed' : 'not signed',
  };
  const done: Record<Stage, boolean> = {
    safe: derived.openSteps === 0,
    read: worn === 0,
    need: unknown.length === 0,
    match: Boolean(choice?.taken),
    prove: Boolean(choice?.taken) && proofsOpen === 0,
    record: view.status === 'signed',
  };

  const sign = async () => {
    setSigning(true);
    setSignFault(undefined);
    await swap.flush();
    const answer = await api<{ recordId: string }>('POST', `/api/v1/swaps/${view.id}/sign`, {
      version: swap.version(),
      by: name.trim(),
      remark,
    });
    if (answer.ok) return router.push(`/records/${answer.value.recordId}`);
    setSigning(false);
    setSignFault(answer.faults.map((fault) => fault.reason).join(' '));
  };
  const base = `/swaps/${view.id}`;
  const next = (to: Stage) => router.replace(`${base}?stage=${to}`, { scroll: false });
  const crumbs = (
    <>
      <Link href={`/?panel=${view.panel.id}`}>{view.site.name}</Link> /{' '}
      <Link href={`/?panel=${view.panel.id}&position=${view.position.id}`}>{view.panel.name}</Link> /{' '}
      <b>
        {view.position.tag} {view.position.function}
      </b>
    </>
  );
  return (
    <Shell crumbs={crumbs} practice={practice}>
      <div className="bench">
        <div>
          <StageRail now={stage} notes={notes} done={done} base={base} />
          <p className="save-state" role="status">
            {saveWords[swap.save]}
            {swap.canUndo && (
              <>
                {' '}
                ·{' '}
                <button type="button" className="plain" style={{ textDecoration: 'underline', minHeight: 30 }} onClick={swap.undo}>
                  Undo
                </button>
              </>
            )}
          </p>
        </div>
        <main className="middle stack" id="main">
          {swap.fault && (
            <p className="say fails" role="alert">
              {swap.fault}
            </p>
          )}
          {view.status === 'signed' && (
            <p className="say note">
              This job is signed. <Link href={`/records/${view.recordId}`}>Open its record</Link>. To change anything, start a new swap at
              the position.
            </p>
          )}
          {stage === 'safe' && <SafeStage state={state} steps={derived.steps} name={name} onName={setName} onChange={change} />}
          {stage === 'read' && (
            <ReadStage
              state={state}
              panelName={view.panel.name}
              position={view.position.function}
              photo={(section) => <SwapPhoto swapId={view.id} section={section} state={state} focus={focus} onChange={change} />}
              onChange={change}
              onFocus={setFocus}
            />
          )}
          {stage === 'need' && derived.condition.length > 0 && <ConditionPanel condition={derived.condition} />}
          {stage === 'need' && causeHunt && <CauseHunt hunt={causeHunt} state={state} repeats={repeats} onChange={change} />}
          {stage === 'need' && derived.family.faultFinding === 'why-it-will-not-close' && (
            <ClosingHunt state={state} repeats={repeats} onChange={change} />
          )}
          {stage === 'need' && (
            <NeedStage
              needs={derived.needs}
              removed={derived.removed}
              chosen={part}
              practice={practice}
              picked={pickedNeed}
              onPick={setPickedNeed}
            />
          )}
          {stage === 'need' && front !== undefined && <LeakageSeen key={front} front={front} />}
          {stage === 'need' && shows('owners-page') && (
            <OwnersPage
              title={`${view.site.name}, ${view.panel.name}, ${view.position.tag} ${view.position.function}`}
              parts={plainWords(derived.context, derived.needs, derived.removed)}
            />
          )}
          {stage === 'need' && shows('wanted-trace') && <WantedTrace context={derived.context} />}
          {stage === 'match' && (
            <MatchStage
              board={board}
              fault={boardFault}
              busy={busy}
              filters={filters}
              onFilters={setFilters}
              practice={practice}
              chosenKey={chosenKey}
              title={title}
              part={part}
              changes={changes}
              state={state}
              name={name}
              onName={setName}
              onChange={change}
              onChoose={(picked) => {
                if (choiceKey(picked) !== chosenKey)
                  change(
                    chooseChanges(state, {
                      partId: picked.partId,
                      name: picked.name + (picked.coil ? ', coil to be changed' : ''),
                      ...(picked.coil ? { coil: picked.coil } : {}),
                      ...(picked.beside.length > 0 ? { beside: picked.beside } : {}),
                    }),
                  );
              }}
              onCell={(line, columnName) => setCell({ line, name: columnName })}
            />
          )}
          {stage === 'match' && shows('relay-drives') && board && board.holding === 0 && (
            <RelayDrives ways={relayDrivesContactor(derived.context)} practice={practice} />
          )}
          {stage === 'prove' &&
            (choice?.taken && detail ? (
              <ProveStage
                proofs={proofs}
                terminals={detail.terminals}
                settings={detail.settings}
                bases={detail.bases}
                signalPins={shows('signal-pins')}
                state={state}
                title={title}
                openSteps={derived.openSteps}
                firstStart={
                  shows('panel-meter') ? <ProveMeter address={meter} disabled={derived.openSteps > 0} onChange={change} /> : undefined
                }
                onChange={change}
              />
            ) : (
              <>
                <h1>Tests</h1>
                {choice?.taken ? (
                  <p className="muted">Working out the tests.</p>
                ) : (
                  <EmptyPlace
                    title="No part chosen yet"
                    action={
                      <button type="button" className="quiet" onClick={() => next('match')}>
                        See the candidates
                      </button>
                    }
                  >
                    The tests on the bench, while installing and at first start follow from the part to install, each with its limits.
                  </EmptyPlace>
                )}
              </>
            ))}
          {stage === 'record' && (
            <RecordStage
              title={title}
              part={choice?.taken ? part : null}
              changes={changes}
              state={state}
              practice={practice}
              obstacles={view.status === 'signed' ? [] : obstacles}
              base={base}
              remark={remark}
              onRemark={setRemark}
            />
          )}
        </main>
        <SwapCard
          stage={stage}
          view={view}
          state={state}
          derived={derived}
          board={board}
          focus={focus}
          pickedNeed={pickedNeed}
          cell={cell}
          part={part}
          changes={changes}
          title={title}
          name={name}
          onName={setName}
          onChange={change}
          onNext={next}
          onTake={() => choice && change([{ path: 'choice.part', value: { ...choice, taken: true } }])}
          sign={{ obstacles: obstacles.length, signing, fault: signFault, onSign: sign }}
        />
      </div>
      {swap.conflict && (
        <ConflictDialog theirs={swap.conflict.theirChanges} mine={swap.conflict.mine} state={state} onSettle={swap.settle} />
      )}
    </Shell>
  );
}

type Detail = {
  judged: NonNullable<ReturnType<typeof derive>['removed']>;
  changes: PartChange[];
  proofs: Proof[];
  terminals: TerminalMove[];
  settings: SettingSheet;
  bases: readonly [unknown, unknown];
};

/** The chosen part judged with its proofs and terminal map, worked out by the server from the catalogue. */
function useChoiceDetail(
  swapId: string,
  choice: Choice | undefined,
  stamp: string,
  flush: () => Promise<void>,
  saved: boolean,
  stage: Stage,
): Detail | undefined {
  const [detail, setDetail] = useState<Detail>();
  const key = JSON.stringify(choice ? [choiceKey(choice), choice.coil] : null);
  useEffect(() => {
    if (key === 'null' || !saved) return;
    const stop = new AbortController();
    void (async () => {
      await flush();
      const answer = await api<Detail>('GET', `/api/v1/swaps/${swapId}/choice`, undefined, stop.signal);
      if (!stop.signal.aborted && answer.ok) setDetail(answer.value);
    })();
    return () => stop.abort();
  }, [swapId, key, stamp, flush, saved, stage]);
  return key === 'null' ? undefined : detail;
}
