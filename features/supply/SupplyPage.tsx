'use client';

import { messageOf } from '@/core/certain';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { elementKinds, elementTitles, newElement } from '@/core/supply/element-fields';
import { faultNodes, type Node } from '@/core/supply/fault-current';
import type { Element } from '@/core/supply/path';
import type { SupplyView } from '@/services/supply-paths';
import { ElementForm } from '@/features/supply/ElementForm';
import { OneLine } from '@/features/supply/OneLine';
import { Shell } from '../shell/Shell';
import { useSupply } from './use-supply';

/** What feeds a panel and a position, and the fault current at every node: worked out as it is typed, saved on demand. */
export function SupplyPage({ view, position }: { view: SupplyView; position?: string }) {
  const { path, runs, save, theirs, edit, send, takeTheirs } = useSupply(view);
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
  const ownElements = (next: Element[]) => edit({ path: { ...path, elements: next } });
  const ownRun = (next: Element[]) => positionId && edit({ runs: { ...runs, [positionId]: next } });
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
            {at && <ElementForm key={chosen} element={at} onChange={(element) => put(chosen, element)} onRemove={() => remove(chosen)} />}
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
            <button
              type="button"
              className="go"
              onClick={() => void send(positionId)}
              disabled={fault !== undefined || theirs !== undefined}
            >
              Save the supply
              <small>positions without a figure of their own take these</small>
            </button>
            <p className={save.bad ? 'say fails' : 'muted'} role="status">
              {save.words}
            </p>
            {theirs && (
              <section className="stack" aria-label="Two versions of this supply">
                <p className="muted">
                  Theirs: {theirs.path?.elements.map(({ name }) => name).join(', ') || 'nothing'}. Yours:{' '}
                  {path.elements.map(({ name }) => name).join(', ')}.
                </p>
                <button type="button" className="quiet" onClick={takeTheirs}>
                  Use theirs, discard mine
                </button>
                <button type="button" className="quiet" onClick={() => void send(positionId, theirs.version)}>
                  Save mine over theirs
                </button>
              </section>
            )}
          </aside>
        </div>
      </main>
    </Shell>
  );
}
