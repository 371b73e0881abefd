'use client';

import { useQuery } from '@tanstack/react-query';
import { read } from '@/client/Queries';
import type { Answers } from '@/services/interface/routes';

/** Quick checks that were kept at this position. */
export function KeptHere({ positionId }: { positionId: string }) {
  const { data } = useQuery({
    queryKey: ['checks', positionId],
    queryFn: ({ signal }) =>
      read<Answers['GET /api/v1/checks']>('GET', `/api/v1/checks?positionId=${encodeURIComponent(positionId)}`, undefined, signal),
  });
  const kept = data?.checks ?? [];
  if (kept.length === 0) return null;
  return (
    <p>
      Kept checks:{' '}
      {kept.map(({ id, name, keptBy }, i) => (
        <span key={id}>
          {i > 0 ? ', ' : ''}
          <a href={`/check?kept=${id}`}>{name}</a> <span className="muted">{keptBy}</span>
        </span>
      ))}
    </p>
  );
}
