'use client';

import Button from '@mui/material/Button';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, faultWords } from '@/client/api';
import { read } from '@/client/Queries';
import { checkNameSchema } from '@/core/swap/kept-check';
import type { Answers } from '@/services/interface/routes';
import { FormFault } from '@/ui/forms/FormFault';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';
import { FaultNotice, Notice } from '@/ui/shell/Notice';
import type { QuickCheck } from './use-check';

type List = Answers['GET /api/v1/checks'];
type Whole = Answers['GET /api/v1/checks/{id}'];
const KEY = ['checks'];

/** What the address names is brought once: a reload of the page brings it no second time over what was changed. */
function useBroughtOnce(wanted: string | undefined, bring: (id: string) => Promise<void>) {
  useEffect(() => {
    if (wanted) void bring(wanted).then(() => window.history.replaceState(null, '', '/check'));
  }, [wanted]);
}

/** The checks that are kept: one is brought back in place of what stands here. */
export function BringKept({ check, wanted }: { check: QuickCheck; wanted?: string }) {
  const { data } = useQuery({ queryKey: KEY, queryFn: ({ signal }) => read<List>('GET', '/api/v1/checks', undefined, signal) });
  const [fault, setFault] = useState<string>();
  const { replace } = check;
  const bring = async (id: string) => {
    const answer = await api<Whole>('GET', `/api/v1/checks/${id}`);
    setFault(faultWords(answer));
    if (answer.ok) replace(answer.value.state);
  };
  // The address may name one: from the card of its position.
  useBroughtOnce(wanted, bring);
  const kept = data?.checks ?? [];
  if (kept.length === 0 && !fault) return null;
  return (
    <>
      <SelectBox<string>
        aria-label="Bring a kept check"
        style={{ width: 230 }}
        value=""
        options={[['', 'bring a kept check'] as const, ...kept.map(({ id, name, keptBy }) => [id, `${name}, ${keptBy}`] as const)]}
        onWord={(id) => id && void bring(id)}
      />
      <FaultNotice words={fault} />
    </>
  );
}

/** A part of the catalogue that the address names joins what stands here. */
export function BringPart({ check, wanted }: { check: QuickCheck; wanted: string }) {
  const [fault, setFault] = useState<string>();
  useBroughtOnce(wanted, async (id) => {
    const answer = await api<Answers['GET /api/v1/parts/{id}']>('GET', `/api/v1/parts/${encodeURIComponent(id)}`);
    setFault(faultWords(answer));
    if (answer.ok) check.bringPart(answer.value);
  });
  return <FaultNotice words={fault} />;
}

/** Keeps the check under a name, at a position where one is chosen. */
export function KeepIt({ check, position }: { check: QuickCheck; position: string }) {
  const queries = useQueryClient();
  const [kept, setKept] = useState('');
  const { register, errors, ready, onSubmit } = useSentForm(checkNameSchema, { name: '' }, async ({ name }) => {
    const answer = await api<{ id: string }>('POST', '/api/v1/checks', { name, positionId: position || null, state: check.state });
    setKept(answer.ok ? `Kept as ${name}${position ? ', at the position' : ''}.` : '');
    if (answer.ok) await queries.invalidateQueries({ queryKey: KEY });
    return faultWords(answer);
  });
  return (
    <form className="row-flex" onSubmit={onSubmit}>
      <TextBox aria-label="Name of the check" style={{ width: 240 }} placeholder="a name for it" {...register('name', trimmed)} />
      <Button type="submit" disabled={!ready}>
        Keep the check{position ? ' there' : ''}
      </Button>
      {kept && (
        <Notice kind="fits" role="status">
          {kept}
        </Notice>
      )}
      <FormFault errors={errors} />
    </form>
  );
}
