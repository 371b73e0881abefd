'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import { api, faultWords } from '@/client/api';
import { answerByPasskey } from '@/client/passkey';
import { certain, isOneOf } from '@/core/certain';
import { familyShows, type FamilyView } from '@/core/families/contract';
import type { JudgedNeed } from '@/core/matching/judge';
import { circuitObstacles } from '@/core/circuit/circuit-obstacles';
import { failuresInAYear, huntObstacles } from '@/core/swap/fault-hunt';
import { signObstacles } from '@/core/swap/sign-off';
import { choiceKey } from '@/core/swap/swap';
import type { SwapView } from '@/services/swaps';
import { usePerson } from '@/ui/shell/person';
import type { EditField } from '@/ui/plates/edit-field';
import { derive } from './derived';
import { stages, type Stage } from './StageRail';
import { useBoard, useChoiceDetail, type Filters } from './use-board';
import { useSwap } from './use-swap';

const allFilters: Filters = { inCrib: false, sameFootprint: false, coilSwap: true, hideChecks: false, order: 'like' };

/** The stage that the address names, and the way to another. */
function useStage(swapId: string) {
  const router = useRouter();
  const params = useSearchParams();
  const [asked, then] = [params.get('stage'), params.get('then')];
  const stage: Stage = isOneOf(stages, asked) ? asked : 'read';
  return {
    stage,
    base: `/swaps/${swapId}`,
    /** Where the way goes on by itself once this stage is done. */
    then: isOneOf(stages, then) ? then : undefined,
    goTo: (to: Stage, next?: Stage) => router.replace(`/swaps/${swapId}?stage=${to}${next ? `&then=${next}` : ''}`, { scroll: false }),
  };
}

/** Signing: what was typed for it, and the way to the record. */
function useSigning(view: SwapView, flush: () => Promise<string | undefined>, version: () => number, inStock: number | undefined) {
  const router = useRouter();
  const [remark, setRemark] = useState('');
  const [signing, setSigning] = useState(false);
  const [fault, setFault] = useState<string>();
  // What was said to be gone is not counted on again.
  const [gone, setGone] = useState(false);
  const sign = async (signer: string, pin: string | null) => {
    setSigning(true);
    setFault(undefined);
    const unsaved = await flush();
    if (unsaved !== undefined) {
      setSigning(false);
      return setFault(unsaved);
    }
    const send = (proof: { pin: string } | { passkey: unknown }) =>
      api<{ recordId: string }>('POST', `/api/v1/swaps/${view.id}/sign`, {
        ...{ version: version(), signer, remark, ...proof },
        ...(inStock === undefined ? {} : { stockSeen: gone ? 0 : inStock }),
      });
    const answer = await (pin === null ? answerByPasskey(signer, (passkey) => send({ passkey })) : send({ pin }));
    if (answer.ok) return router.push(`/records/${answer.value.recordId}`);
    setSigning(false);
    setGone(answer.faults.some(({ field }) => field === 'stock'));
    setFault(faultWords(answer));
  };
  return { remark, setRemark, signing, fault, sign, takes: !gone && inStock !== 0 };
}

/** Everything that the stages of one job share: its state, what follows from it, the board and the part chosen. */
function useOwnJob(view: SwapView, meter: string) {
  const { practice, schools } = view.site;
  const { stage, base, then, goTo } = useStage(view.id);
  const swap = useSwap(view);
  const { state } = swap;
  const derived = useMemo(() => derive(state, practice, schools), [state, practice, schools]);
  const person = usePerson();
  const name = person?.name ?? '';
  const [filters, setFilters] = useState(allFilters);
  const [focus, setFocus] = useState<EditField>();
  const [pickedNeed, setPickedNeed] = useState<string>();
  const [cell, setCell] = useState<{ line: JudgedNeed; name: string }>();
  const stamp = useMemo(
    () => JSON.stringify([state.load, state.supply, state.duty, state.removed, state.loadKind, state.schools, state.hand]),
    [state],
  );
  const { board, fault: boardFault, busy } = useBoard(view.id, stage !== 'safe' && stage !== 'read', filters, stamp, swap.flush);
  const choice = state.choice.part;
  const chosenKey = choice && choiceKey(choice);
  const column = board?.columns.find((one) => choiceKey(one) === chosenKey);
  const [keptColumn, setKeptColumn] = useState(column);
  if (column && column !== keptColumn) setKeptColumn(column);
  const shownColumn = column ?? (keptColumn && choiceKey(keptColumn) === chosenKey ? keptColumn : undefined);
  const detail = useChoiceDetail(view.id, choice, `${stamp}${stage}`, swap.save === 'saved', swap.flush);
  const part = shownColumn?.part ?? detail?.judged ?? null;
  const changes = shownColumn?.changes ?? detail?.changes ?? [];
  const repeats = failuresInAYear(view.history);
  const obstacles = signObstacles(
    state,
    part && { judged: part, changes },
    detail?.proofs ?? [],
    practice,
    detail?.settings.conflicts,
    view.site.secondPerson,
    [...huntObstacles(derived.hunt, state, repeats), ...circuitObstacles(detail?.circuit?.lines ?? [], state)],
  );
  const signing = useSigning(view, swap.flush, swap.version, detail?.inStock);
  return {
    ...{ view, meter, practice, stage, base, then, goTo, swap, state, change: swap.change, derived, name, person },
    ...{ filters, setFilters, board, boardFault, busy, focus, setFocus, pickedNeed, setPickedNeed, cell, setCell },
    ...{ choice, chosenKey, title: choice?.name ?? '', detail, part, changes, obstacles, signing, repeats },
    shows: (one: FamilyView) => familyShows(derived.family, one),
  };
}

export type Job = ReturnType<typeof useOwnJob>;
const JobContext = createContext<Job | null>(null);

/** The job around its stages. */
export function JobRoot({ view, meter, children }: { view: SwapView; meter: string; children: ReactNode }) {
  return <JobContext.Provider value={useOwnJob(view, meter)}>{children}</JobContext.Provider>;
}

/** The job that this component is part of. */
export const useJob = (): Job => certain(useContext(JobContext));
