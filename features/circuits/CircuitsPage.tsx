'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { api, faultWords } from '@/client/api';
import type { PanelCircuits } from '@/services/circuits';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';
import { Link } from '@/ui/shell/Link';
import { Shell } from '../shell/Shell';
import { CircuitForm, type NewCircuit } from './CircuitForm';
import { CircuitSheet } from './CircuitSheet';

/** The circuits of a panel: what belongs together, judged as a whole, and what is to be seen at the panel for it. */
export function CircuitsPage({ view }: { view: PanelCircuits }) {
  const router = useRouter();
  const [making, setMaking] = useState(false);
  const make = async (circuit: NewCircuit) => {
    const answer = await api('POST', `/api/v1/panels/${view.panel.id}/circuits`, circuit);
    if (answer.ok) {
      setMaking(false);
      router.refresh();
    }
    return faultWords(answer);
  };
  return (
    <Shell
      practice={view.site.practice}
      crumbs={
        <>
          {view.site.name} / <Link href={`/?panel=${view.panel.id}`}>{view.panel.name}</Link> / <b>Circuits</b>
        </>
      }
    >
      <main className="middle stack" id="main" style={{ maxWidth: 1000, margin: '0 auto' }}>
        <div className="row-flex" style={{ justifyContent: 'space-between' }}>
          <h1>Circuits of {view.panel.name}</h1>
          {!making && (
            <Button variant="contained" onClick={() => setMaking(true)}>
              New circuit
            </Button>
          )}
        </div>
        <p className="muted">
          Positions before one load belong together. Each is judged by its own plates; what only the whole can answer stands here.
        </p>
        {making && (
          <section className="sheet stack" style={{ padding: 14 }} aria-label="New circuit">
            <CircuitForm
              start={{ name: '', kind: 'load', positionIds: [] }}
              positions={view.positions}
              nameOf={(id) => view.circuits.find((one) => one.id === id)?.name ?? ''}
              words="Make the circuit"
              onSave={make}
              onCancel={() => setMaking(false)}
            />
          </section>
        )}
        {view.circuits.length === 0 && !making && (
          <EmptyPlace title="No circuit yet">Name the positions that stand before one load, and they are judged together.</EmptyPlace>
        )}
        {view.circuits.map((circuit) => (
          <CircuitSheet key={circuit.id} {...{ circuit, view }} />
        ))}
      </main>
    </Shell>
  );
}
