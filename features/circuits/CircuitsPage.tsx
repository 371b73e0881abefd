'use client';

import Button from '@mui/material/Button';
import { Link } from '@/ui/shell/Link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { api } from '@/client/api';
import type { CircuitView, PanelCircuits } from '@/services/circuits';
import { CircuitLines, type SayFact } from '@/ui/circuit/CircuitLines';
import { VerdictMark, verdictWords } from '@/ui/marks/VerdictMark';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';
import { Notice } from '@/ui/shell/Notice';
import circuitsStyle from '@/ui/styles/circuits.module.css';
import { Shell } from '../shell/Shell';
import { CircuitForm, type Drawn } from './CircuitForm';

/** Sends a change and shows the panel anew; what was refused is said, and nothing is sent twice. */
function useSend() {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const sendIt = async (method: string, path: string, body?: unknown): Promise<boolean> => {
    if (busy) return false;
    setBusy(true);
    const answer = await api(method, path, body);
    setBusy(false);
    setFault(answer.ok ? undefined : answer.faults[0]?.reason);
    // Where somebody else saved first, what they saved is what stands next.
    if (answer.ok || answer.status === 409) router.refresh();
    return answer.ok;
  };
  return { busy, fault, sendIt };
}
type Send = ReturnType<typeof useSend>['sendIt'];

function CircuitSheet({ circuit, view, busy, sendIt }: { circuit: CircuitView; view: PanelCircuits; busy: boolean; sendIt: Send }) {
  const [editing, setEditing] = useState(false);
  const [ending, setEnding] = useState(false);
  const path = `/api/v1/circuits/${circuit.id}`;
  const onFact: SayFact = ({ id, seenWith }, answer) =>
    void sendIt('PATCH', path, { version: circuit.version, fact: { id, seenWith, answer } });
  const save = async ({ name, positionIds }: Drawn) => {
    if (await sendIt('PATCH', path, { version: circuit.version, name, positionIds })) setEditing(false);
  };
  return (
    <section id={circuit.id} className="sheet stack" style={{ padding: 14 }} aria-label={`Circuit ${circuit.name}`}>
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <h2 style={{ margin: 0 }} className="row-flex">
          <VerdictMark verdict={circuit.verdict} /> {circuit.name}{' '}
          <small className="muted">{circuit.kind === 'control' ? 'control supply' : verdictWords[circuit.verdict]}</small>
        </h2>
        <div className="row-flex no-print">
          <Button onClick={() => setEditing(!editing)} aria-expanded={editing}>
            Change
          </Button>
          <Button onClick={() => (ending ? void sendIt('DELETE', path) : setEnding(true))} disabled={busy}>
            {ending ? 'Yes, take it apart; its positions stay' : 'Take apart'}
          </Button>
        </div>
      </div>
      <div className={circuitsStyle.members}>
        {circuit.members.map((member) => (
          <Link key={member.id} className={circuitsStyle.member} href={`/?panel=${view.panel.id}&position=${member.id}`}>
            <span className="row-flex" style={{ gap: 6 }}>
              {member.verdict && <VerdictMark verdict={member.verdict} size={15} />} <b>{member.tag}</b> {member.function}
            </span>
            <small>{member.deviceName}</small>
          </Link>
        ))}
      </div>
      {editing && (
        <CircuitForm
          start={{ name: circuit.name, kind: circuit.kind, positionIds: circuit.members.map(({ id }) => id) }}
          own={circuit.id}
          positions={view.positions}
          nameOf={(id) => view.circuits.find((one) => one.id === id)?.name ?? ''}
          busy={busy}
          words="Keep"
          onSave={(drawn) => void save(drawn)}
          onCancel={() => setEditing(false)}
        />
      )}
      {circuit.lines.length > 0 ? (
        <CircuitLines lines={circuit.lines} onFact={onFact} busy={busy} />
      ) : (
        <p className="muted">Nothing of it asks more than its positions do.</p>
      )}
    </section>
  );
}

/** The circuits of a panel: what belongs together, judged as a whole, and what is to be seen at the panel for it. */
export function CircuitsPage({ view }: { view: PanelCircuits }) {
  const { busy, fault, sendIt } = useSend();
  const [making, setMaking] = useState(false);
  const path = `/api/v1/panels/${view.panel.id}/circuits`;
  const make = async (drawn: Drawn) => {
    if (await sendIt('POST', path, drawn)) setMaking(false);
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
        {fault && (
          <Notice kind="fails" role="alert">
            {fault}
          </Notice>
        )}
        {making && (
          <section className="sheet stack" style={{ padding: 14 }} aria-label="New circuit">
            <CircuitForm
              start={{ name: '', kind: 'load', positionIds: [] }}
              positions={view.positions}
              nameOf={(id) => view.circuits.find((one) => one.id === id)?.name ?? ''}
              busy={busy}
              words="Make the circuit"
              onSave={(drawn) => void make(drawn)}
              onCancel={() => setMaking(false)}
            />
          </section>
        )}
        {view.circuits.length === 0 && !making && (
          <EmptyPlace title="No circuit yet">Name the positions that stand before one load, and they are judged together.</EmptyPlace>
        )}
        {view.circuits.map((circuit) => (
          <CircuitSheet key={circuit.id} {...{ circuit, view, busy, sendIt }} />
        ))}
      </main>
    </Shell>
  );
}
