'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import { elementKinds, elementTitles, newElement } from '@/core/supply/element-fields';
import { faultNodes, type Node } from '@/core/supply/fault-current';
import type { Element, SupplyPath } from '@/core/supply/path';
import type { SupplyView } from '@/services/supply-paths';
import { ElementForm } from '@/ui/supply/ElementForm';
import { OneLine } from '@/ui/supply/OneLine';
import { api } from './api';
import { Shell } from './Shell';

const blank: SupplyPath = { system: 'three-phase', volts: 400, voltsToGround: 230, elements: [newElement('transformer')] };

/** What feeds a panel and a position, and the fault current at every node: worked out as it is typed, saved on demand. */
export function SupplyPage({ view, position }: { view: SupplyView; position?: string }) {
  const [path, setPath] = useState<SupplyPath>(view.path ?? blank);
  const [positionId, setPositionId] = useState(view.positions.some(({ id }) => id === position) ? position : undefined);
  const [runs, setRuns] = useState<Record<string, Element[]>>(Object.fromEntries(view.positions.map(({ id, run }) => [id, run])));
  const [chosen, setChosen] = useState(0);
  const [save, setSave] = useState<{ words: string; bad?: boolean }>({
    words: view.path ? 'Saved' : 'Nothing is entered for this panel yet: an example stands here.',
  });
  const run = useMemo(() => (positionId ? (runs[positionId] ?? []) : []), [positionId, runs]);
  const elements = [...path.elements, ...run];
  const { nodes, fault } = useMemo((): { nodes: Node[]; fault?: string } => {
    try {
      return { nodes: faultNodes({ ...path, elements: [...path.elements, ...run] }, view.site.practice) };
    } catch (error) {
      return { nodes: [], fault: (error as Error).message };
    }
  }, [path, run, view.site.practice]);
  const put = (next: Element[]) => {
    const own = path.elements.length;
    setSave({ words: 'Not saved yet' });
    if (next.length === elements.length) {
      setPath({ ...path, elements: next.slice(0, own) });
      if (positionId) setRuns({ ...runs, [positionId]: next.slice(own) });
    }
  };
  const remove = (index: number) => {
    setSave({ words: 'Not saved yet' });
    setChosen(Math.max(0, index - 1));
    if (index < path.elements.length) setPath({ ...path, elements: path.elements.filter((_, i) => i !== index) });
    else if (positionId) setRuns({ ...runs, [positionId]: run.filter((_, i) => i !== index - path.elements.length) });
  };
  const add = (kind: Element['kind']) => {
    setSave({ words: 'Not saved yet' });
    setChosen(elements.length);
    if (positionId) setRuns({ ...runs, [positionId]: [...run, newElement(kind)] });
    else setPath({ ...path, elements: [...path.elements, newElement(kind)] });
  };
  const send = async () => {
    setSave({ words: 'Saving' });
    const answer = await api('PUT', `/api/v1/panels/${view.panel.id}/supply`, { path, ...(positionId ? { positionId, run } : {}) });
    setSave(answer.ok ? { words: 'Saved' } : { words: answer.faults.map(({ reason }) => reason).join(' '), bad: true });
  };
  const at = elements[chosen];
  return (
    <Shell here="/">
      <main className="middle" id="main" style={{ maxWidth: 1280, margin: '0 auto' }}>
        <div className="curves">
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
              <select
                className="text-in"
                style={{ width: 260, fontFamily: 'var(--sans)' }}
                value={positionId ?? ''}
                onChange={(event) => setPositionId(event.target.value || undefined)}
              >
                <option value="">the panel itself</option>
                {view.positions.map(({ id, tag, function: fn }) => (
                  <option key={id} value={id}>
                    {tag} {fn}
                  </option>
                ))}
              </select>
            </label>
            {fault && (
              <p className="say fails" role="alert">
                {fault}
              </p>
            )}
            <OneLine nodes={nodes} dc={path.system === 'dc'} chosen={chosen} onChoose={setChosen} />
          </div>
          <aside className="stack">
            {at && (
              <ElementForm
                key={chosen}
                element={at}
                onChange={(element) => put(elements.map((one, i) => (i === chosen ? element : one)))}
                onRemove={() => remove(chosen)}
              />
            )}
            <label className="stack" style={{ gap: 4 }}>
              <span className="muted">Add {positionId ? 'to the run of this position' : 'to the panel’s supply'}</span>
              <select
                className="text-in wide"
                value=""
                onChange={(event) => event.target.value && add(event.target.value as Element['kind'])}
              >
                <option value="">choose</option>
                {elementKinds.map((kind) => (
                  <option key={kind} value={kind}>
                    {elementTitles[kind]}
                  </option>
                ))}
              </select>
            </label>
            <button type="button" className="go" onClick={() => void send()} disabled={fault !== undefined}>
              Save the supply
              <small>positions without a figure of their own take these</small>
            </button>
            <p className={save.bad ? 'say fails' : 'muted'} role="status">
              {save.words}
            </p>
          </aside>
        </div>
      </main>
    </Shell>
  );
}
