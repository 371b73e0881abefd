'use client';

import { SelectBox } from '@/ui/forms/SelectBox';
import { ConflictDialog } from '@/ui/draft/ConflictDialog';
import { SaveLine } from '@/ui/draft/SaveLine';
import { FaultNotice, Notice } from '@/ui/shell/Notice';
import Button from '@mui/material/Button';
import { messageOf } from '@/core/certain';
import { Link } from '@/ui/shell/Link';
import { useMemo, useState } from 'react';
import { elementKinds, elementTitles, newElement } from '@/core/supply/element-fields';
import { faultNodes, type Node } from '@/core/supply/fault-current';
import type { Element } from '@/core/supply/path';
import type { SupplyView } from '@/services/supply-paths';
import { ElementForm } from '@/features/supply/ElementForm';
import { OneLine } from '@/features/supply/OneLine';
import { Shell } from '../shell/Shell';
import { supplyChangeWords, useSupply } from './use-supply';
import curvesStyle from '@/ui/styles/curves.module.css';

/** The path to a panel, or on to a position, element by element: its own elements first, then those of the run. */
function useOneLine(view: SupplyView, position: string | undefined) {
  const draft = useSupply(view);
  const { path, runs } = draft.value;
  const [positionId, setPositionId] = useState(view.positions.some(({ id }) => id === position) ? position : undefined);
  const [chosen, setChosen] = useState(0);
  const run = useMemo(() => (positionId ? (runs[positionId] ?? []) : []), [positionId, runs]);
  const elements = [...path.elements, ...run];
  const { nodes, fault } = useMemo((): { nodes: Node[]; fault?: string } => {
    try {
      return { nodes: faultNodes({ ...path, elements: [...path.elements, ...run] }, view.site.practice) };
    } catch (error) {
      return { nodes: [], fault: messageOf(error) };
    }
  }, [path, run, view.site.practice]);
  const ownElements = (next: readonly Element[]) => draft.change([{ path: 'path', value: { ...path, elements: next } }]);
  const ownRun = (next: readonly Element[]) => positionId && draft.change([{ path: `runs.${positionId}`, value: next }]);
  const own = path.elements.length;
  const put = (index: number, element: Element) =>
    index < own
      ? ownElements(path.elements.map((one, i) => (i === index ? element : one)))
      : ownRun(run.map((one, i) => (i === index - own ? element : one)));
  const remove = (index: number) => {
    setChosen(Math.max(0, index - 1));
    if (index < own) ownElements(path.elements.filter((_, i) => i !== index));
    else ownRun(run.filter((_, i) => i !== index - own));
  };
  const add = (kind: Element['kind']) => {
    setChosen(elements.length);
    if (positionId) ownRun([...run, newElement(kind)]);
    else ownElements([...path.elements, newElement(kind)]);
  };
  const at = elements[chosen];
  return { draft, path, positionId, setPositionId, chosen, setChosen, nodes, fault, at, put, remove, add };
}

/** What feeds a panel and a position, and the fault current at every node: worked out as it is typed, saved on demand. */
export function SupplyPage({ view, position }: { view: SupplyView; position?: string }) {
  const { draft, path, positionId, setPositionId, chosen, setChosen, nodes, fault, at, put, remove, add } = useOneLine(view, position);
  return (
    <Shell here="/">
      <main className="middle" id="main" style={{ maxWidth: 1280, margin: '0 auto' }}>
        <div className={curvesStyle.curves}>
          <div className="stack">
            <div>
              <p className="muted">
                <Link href={`/?panel=${view.panel.id}`}>{view.site.name}</Link> / {view.panel.name}
              </p>
              <h1>What feeds it</h1>
              <p className="muted">
                The highest counts for interrupting, the lowest and the loop for tripping. A measured figure stands over what is worked out.
              </p>
            </div>
            <label className="row-flex">
              <span className="muted">To</span>
              <SelectBox
                style={{ width: 260, fontFamily: 'var(--sans)' }}
                value={positionId ?? ''}
                options={[['', 'the panel itself'], ...view.positions.map(({ id, tag, function: fn }) => [id, `${tag} ${fn}`] as const)]}
                onWord={(id) => setPositionId(id || undefined)}
              />
            </label>
            <FaultNotice words={fault} />
            <OneLine nodes={nodes} dc={path.system === 'dc'} chosen={chosen} onChoose={setChosen} />
          </div>
          <aside className="stack">
            {at && <ElementForm key={chosen} element={at} onChange={(element) => put(chosen, element)} onRemove={() => remove(chosen)} />}
            <label className="stack" style={{ gap: 4 }}>
              <span className="muted">Add {positionId ? 'to the run of this position' : 'to the panel’s supply'}</span>
              <SelectBox
                wide
                value=""
                options={[['', 'choose'], ...elementKinds.map((kind) => [kind, elementTitles[kind]] as const)]}
                onWord={(kind) => kind && add(kind)}
              />
            </label>
            <Button
              variant="contained"
              fullWidth
              onClick={() => void draft.flush()}
              disabled={fault !== undefined || draft.save === 'saving'}
            >
              Save the supply
              <small>positions without a figure of their own take these</small>
            </Button>
            {draft.fault && draft.save === 'refused' && (
              <Notice kind="fails" role="alert">
                {draft.fault}
              </Notice>
            )}
            {view.path === null && draft.save === 'saved' && draft.version() === view.version && (
              <p className="muted">Nothing is entered for this panel yet: an example stands here.</p>
            )}
            <SaveLine save={draft.save} recovered={draft.recovered} onUndo={draft.canUndo ? draft.undo : undefined} />
          </aside>
        </div>
      </main>
      {draft.conflict && (
        <ConflictDialog
          document="this supply"
          theirs={draft.conflict.theirChanges}
          mine={draft.conflict.mine}
          wordsOf={(change) => supplyChangeWords(view, change)}
          onSettle={draft.settle}
        />
      )}
    </Shell>
  );
}
