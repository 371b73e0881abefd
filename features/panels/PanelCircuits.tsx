'use client';

import { useQuery } from '@tanstack/react-query';
import { read } from '@/client/Queries';
import type { PanelCircuits as Answer } from '@/services/circuits';
import { VerdictMark, verdictWords } from '@/ui/marks/VerdictMark';
import circuitsStyle from '@/ui/styles/circuits.module.css';

/** The circuits of the panel that is open, each with what the whole of it says. */
export function PanelCircuits({ panelId }: { panelId: string }) {
  const { data } = useQuery({
    queryKey: ['circuits', panelId],
    queryFn: ({ signal }) => read<Answer>('GET', `/api/v1/panels/${panelId}/circuits`, undefined, signal),
  });
  return (
    <nav className={circuitsStyle.strip} aria-label="Circuits of this panel">
      <a href={`/circuits/${panelId}`}>Circuits</a>
      {(data?.circuits ?? []).map(({ id, name, verdict, members }) => (
        <a
          key={id}
          className={circuitsStyle.chip}
          href={`/circuits/${panelId}#${id}`}
          aria-label={`Circuit ${name}, ${verdictWords[verdict]}, ${members.map(({ tag }) => tag).join(' ')}`}
        >
          <VerdictMark verdict={verdict} size={15} />
          {name}
          <span>{members.map(({ tag }) => tag).join(' ')}</span>
        </a>
      ))}
    </nav>
  );
}
