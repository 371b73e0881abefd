'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { api, faultWords } from '@/client/api';
import { factState } from '@/core/circuit/circuit';
import type { CircuitView, PanelCircuits } from '@/services/circuits';
import { CircuitLines, type SayFact } from '@/ui/circuit/CircuitLines';
import { ConflictDialog } from '@/ui/draft/ConflictDialog';
import { SaveLine } from '@/ui/draft/SaveLine';
import { VerdictMark, verdictWords } from '@/ui/marks/VerdictMark';
import { Link } from '@/ui/shell/Link';
import { FaultNotice } from '@/ui/shell/Notice';
import circuitsStyle from '@/ui/styles/circuits.module.css';
import { CircuitForm } from './CircuitForm';
import { circuitChangeWords, useCircuit } from './use-circuit';

/** Asks twice, then takes the circuit apart. */
function TakeApart({ id, onFault }: { id: string; onFault: (words: string | undefined) => void }) {
  const router = useRouter();
  const [sure, setSure] = useState(false);
  const [busy, setBusy] = useState(false);
  const end = async () => {
    setBusy(true);
    const answer = await api('DELETE', `/api/v1/circuits/${id}`);
    onFault(faultWords(answer));
    if (answer.ok) router.refresh();
    else setBusy(false);
  };
  return (
    <Button onClick={() => (sure ? void end() : setSure(true))} disabled={busy}>
      {sure ? 'Yes, take it apart; its positions stay' : 'Take apart'}
    </Button>
  );
}

/** The positions of a circuit, each with its verdict and what stands there. */
const Members = ({ circuit, panelId }: { circuit: CircuitView; panelId: string }) => (
  <div className={circuitsStyle.members}>
    {circuit.members.map((member) => (
      <Link key={member.id} className={circuitsStyle.member} href={`/?panel=${panelId}&position=${member.id}`}>
        <span className="row-flex" style={{ gap: 6 }}>
          {member.verdict && <VerdictMark verdict={member.verdict} size={15} />} <b>{member.tag}</b> {member.function}
        </span>
        <small>{member.deviceName}</small>
      </Link>
    ))}
  </div>
);

/** A circuit: its positions, what only the whole can answer, and what is to be seen at the panel for it. */
export function CircuitSheet({ circuit, view }: { circuit: CircuitView; view: PanelCircuits }) {
  const [editing, setEditing] = useState(false);
  const [fault, setFault] = useState<string>();
  const draft = useCircuit(circuit);
  const { name, positionIds, facts } = draft.value;
  const onFact: SayFact = ({ id, seenWith }, answer) => draft.change([{ path: `fact.${id}`, value: { id, seenWith, answer } }]);
  const lines = circuit.lines.map(({ fact, ...line }) => ({
    ...line,
    ...(fact ? { fact: { ...fact, answer: factState(facts, fact.id, fact.seenWith) } } : {}),
  }));
  const refused = fault ?? (draft.save === 'refused' && !editing ? draft.fault : undefined);
  return (
    <section id={circuit.id} className="sheet stack" style={{ padding: 14 }} aria-label={`Circuit ${name}`}>
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <h2 style={{ margin: 0 }} className="row-flex">
          <VerdictMark verdict={circuit.verdict} /> {name}{' '}
          <small className="muted">{circuit.kind === 'control' ? 'control supply' : verdictWords[circuit.verdict]}</small>
        </h2>
        <div className="row-flex no-print">
          {(draft.save !== 'saved' || draft.canUndo) && (
            <SaveLine save={draft.save} recovered={draft.recovered} onUndo={draft.canUndo ? draft.undo : undefined} />
          )}
          <Button onClick={() => setEditing(!editing)} aria-expanded={editing}>
            Change
          </Button>
          <TakeApart id={circuit.id} onFault={setFault} />
        </div>
      </div>
      <Members circuit={circuit} panelId={view.panel.id} />
      <FaultNotice words={refused} />
      {editing && (
        <CircuitForm
          start={{ name, kind: circuit.kind, positionIds: [...positionIds] }}
          own={circuit.id}
          positions={view.positions}
          nameOf={(id) => view.circuits.find((one) => one.id === id)?.name ?? ''}
          words="Keep"
          onSave={async (drawn) => {
            const why = await draft.draw({ name: drawn.name, positionIds: drawn.positionIds });
            if (why === undefined) setEditing(false);
            return why;
          }}
          onCancel={() => setEditing(false)}
        />
      )}
      {lines.length > 0 ? (
        <CircuitLines lines={lines} onFact={onFact} />
      ) : (
        <p className="muted">Nothing of it asks more than its positions do.</p>
      )}
      {draft.conflict && (
        <ConflictDialog
          document="this circuit"
          theirs={draft.conflict.theirChanges}
          mine={draft.conflict.mine}
          wordsOf={(change) => circuitChangeWords(view, circuit, change)}
          onSettle={draft.settle}
        />
      )}
    </section>
  );
}
