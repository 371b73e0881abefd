'use client';

import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, faultWords } from '@/client/api';
import { read } from '@/client/Queries';
import { readingsOfPart } from '@/core/readings/readings-of-spec';
import { freeHand } from '@/core/swap/swap';
import type { Answers } from '@/services/interface/routes';
import { TextBox } from '@/ui/forms/TextBox';
import { FaultNotice } from '@/ui/shell/Notice';
import { useJob } from './use-job';

type Found = Answers['GET /api/v1/find'];
type Whole = Answers['GET /api/v1/parts/{id}'];

/** A part that is held and stands in the catalogue: found by its name, it is judged by the marks that stand there. */
export function FromCatalogue() {
  const { state, change } = useJob();
  const [words, setWords] = useState('');
  const [fault, setFault] = useState<string>();
  const asked = words.trim();
  const { data } = useQuery({
    queryKey: ['find', asked],
    enabled: asked.length >= 2,
    queryFn: ({ signal }) => read<Found>('GET', `/api/v1/find?q=${encodeURIComponent(asked)}`, undefined, signal),
  });
  const take = async (address: string) => {
    const answer = await api<Whole>('GET', `/api/v1/parts/${address.replace('/parts/', '')}`);
    if (!answer.ok) return setFault(faultWords(answer));
    const { family, name } = answer.value;
    if (family !== state.family) return setFault(`${name} is of another kind; here stands a ${state.family.replaceAll('-', ' ')}.`);
    setFault(undefined);
    setWords('');
    const value = { name, readings: readingsOfPart(answer.value) };
    change([{ path: `hand.${freeHand(new Set(Object.keys(state.hand ?? {})))}`, value }]);
  };
  return (
    <div className="stack" style={{ gap: 6 }}>
      <TextBox
        aria-label="A part in the hand from the catalogue"
        placeholder="or find it in the catalogue"
        style={{ width: 280 }}
        value={words}
        maxLength={120}
        onChange={(event) => setWords(event.target.value)}
      />
      {asked.length >= 2 && data && (
        <div className="row-flex" role="group" aria-label="Parts found">
          {data.parts.map(({ id, title }) => (
            <Button key={id} onClick={() => void take(id)}>
              {title}
            </Button>
          ))}
          {data.parts.length === 0 && <span className="muted">No part of the catalogue has these words.</span>}
        </div>
      )}
      <FaultNotice words={fault} />
    </div>
  );
}
