'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { circuitObstacles, circuitSignature } from '@/core/circuit/circuit-obstacles';
import { CIRCUIT_KEY } from '@/core/swap/swap';
import { MIN_REASON_LETTERS } from '@/core/swap/sign-off';
import { CircuitLines } from '@/ui/circuit/CircuitLines';
import { TextBox } from '@/ui/forms/TextBox';
import { useJob } from './use-job';

/** The circuit of this position with the part under consideration in it; what fails there is accepted by name, or nothing is signed. */
export function JobCircuit() {
  const { detail, state, title, name, view, change } = useJob();
  const [reason, setReason] = useState('');
  const circuit = detail?.circuit;
  if (!circuit || circuit.lines.length === 0) return null;
  const said = state.acknowledged[CIRCUIT_KEY];
  const open = circuitObstacles(circuit.lines, state).length > 0;
  const ready = reason.trim().length >= MIN_REASON_LETTERS && name !== '';
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="Circuit">
      <h2 style={{ fontSize: 15.5 }}>
        <a href={`/circuits/${view.panel.id}#${circuit.id}`}>{circuit.name}</a> with {title}
      </h2>
      <CircuitLines
        lines={circuit.lines.map(({ id, title: words, verdict, because, about }) => ({ id, title: words, verdict, because, about }))}
      />
      {open ? (
        <form
          className="row-flex no-print"
          onSubmit={(event) => {
            event.preventDefault();
            if (ready)
              change([
                { path: `acknowledged.${CIRCUIT_KEY}`, value: { by: name, reason: reason.trim(), seen: circuitSignature(circuit.lines) } },
              ]);
          }}
        >
          <label className="stack" style={{ gap: 4, flex: 1, minWidth: 220 }}>
            <span>Nothing is signed with the circuit failing, unless it is accepted by name. Why?</span>
            <TextBox
              wide
              maxLength={300}
              value={reason}
              onChange={(event) => setReason(event.target.value)}
              placeholder="what comes next: the other one of the pair, a base, an add-on block"
            />
          </label>
          <Button type="submit" disabled={!ready}>
            Accept it
          </Button>
        </form>
      ) : (
        said && (
          <p className="muted">
            Accepted by {said.by}: {said.reason}
          </p>
        )
      )}
    </section>
  );
}
