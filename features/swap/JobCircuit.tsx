'use client';

import { circuitObstacles, circuitSignature } from '@/core/circuit/circuit-obstacles';
import { CIRCUIT_KEY } from '@/core/swap/swap';
import { CircuitLines } from '@/ui/circuit/CircuitLines';
import { SayWhy } from './SayWhy';
import { useJob } from './use-job';

/** The circuit of this position with the part under consideration in it; what fails there is accepted by name, or nothing is signed. */
export function JobCircuit() {
  const { detail, state, title, name, view, change } = useJob();
  const circuit = detail?.circuit;
  if (!circuit || circuit.lines.length === 0) return null;
  const said = state.acknowledged[CIRCUIT_KEY];
  const open = circuitObstacles(circuit.lines, state).length > 0;
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="Circuit">
      <h2 style={{ fontSize: 15.5 }}>
        <a href={`/circuits/${view.panel.id}#${circuit.id}`}>{circuit.name}</a> with {title}
      </h2>
      <CircuitLines
        lines={circuit.lines.map(({ id, title: words, verdict, because, about }) => ({ id, title: words, verdict, because, about }))}
      />
      {open ? (
        <SayWhy
          asks="Nothing is signed with the circuit failing, unless it is accepted by name. Why?"
          hint="what comes next: the other one of the pair, a base, an add-on block"
          words="Accept it"
          may={name !== ''}
          onSay={(reason) =>
            change([{ path: `acknowledged.${CIRCUIT_KEY}`, value: { by: name, reason, seen: circuitSignature(circuit.lines) } }])
          }
        />
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
