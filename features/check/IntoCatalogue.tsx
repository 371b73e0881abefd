'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { Controller } from 'react-hook-form';
import type { InferType } from 'yup';
import { api, faultWords } from '@/client/api';
import { enterFormSchema, MOST_PIECES } from '@/core/parts-file/new-part';
import type { PartInHand } from '@/core/swap/swap';
import { FormFault } from '@/ui/forms/FormFault';
import { NumberBox } from '@/ui/forms/NumberBox';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';
import { Notice } from '@/ui/shell/Notice';

type Fields = InferType<typeof enterFormSchema>;
type Said = { ok: boolean; words: string; id?: string };
const textOf = ({ readings }: PartInHand, mark: string): string => {
  const value = readings[mark]?.value;
  return typeof value === 'string' ? value : '';
};

/** Enters the part, and takes pieces into stock where a place is named; a part that is there already is not entered twice. */
async function enterAndStock(family: string, readings: PartInHand['readings'], fields: Fields): Promise<Said> {
  const { maker, name, place, siteId, quantity } = fields;
  const both = `${maker} ${name}`;
  const answer = await api<{ id: string }>('POST', '/api/v1/parts', { family, maker, name, readings });
  const there = !answer.ok && answer.status === 409 && typeof answer.body.id === 'string' ? answer.body.id : undefined;
  const id = answer.ok ? answer.value.id : place === '' ? undefined : there;
  if (!id) return { ok: false, words: answer.ok ? '' : faultWords(answer) };
  if (place === '') return { ok: true, id, words: `${both} is in the catalogue.` };
  const stock = await api<{ quantity: number }>('POST', `/api/v1/parts/${id}/stock`, { siteId, place, quantity });
  return stock.ok
    ? { ok: true, id, words: `${both} is in the catalogue; ${stock.value.quantity} lie at ${place}.` }
    : { ok: false, id, words: faultWords(stock) };
}

/** A part whose plate was read goes into the catalogue under its maker and type, and pieces of it into stock. */
export function IntoCatalogue({
  family,
  part,
  sites,
}: {
  family: string;
  part: PartInHand;
  sites: readonly (readonly [id: string, name: string])[];
}) {
  // The sites come after the page.
  const first = sites[0]?.[0] ?? '';
  const start: Fields = { maker: textOf(part, 'maker'), name: textOf(part, 'type'), siteId: '', place: '', quantity: 1 };
  const [said, setSaid] = useState<Said>();
  const { register, control, watch, errors, ready, onSubmit } = useSentForm<Fields>(enterFormSchema, start, async (fields) => {
    setSaid(await enterAndStock(family, part.readings, { ...fields, siteId: fields.siteId || first }));
    return undefined;
  });
  const into = watch('place').trim() !== '';
  return (
    <form className="sheet stack" style={{ padding: 14 }} aria-label={`${part.name} into the catalogue`} onSubmit={onSubmit}>
      <p>
        <b>{part.name} into the catalogue.</b>{' '}
        <span className="muted">
          It then stands on the board of every job of its kind. A mark that waits to be confirmed counts as not known.
        </span>
      </p>
      <div className="row-flex">
        <TextBox aria-label="Maker" style={{ width: 200 }} placeholder="maker" {...register('maker', trimmed)} />
        <TextBox
          aria-label="Type or order number"
          style={{ width: 260 }}
          placeholder="type or order number"
          {...register('name', trimmed)}
        />
      </div>
      <div className="row-flex">
        <span className="muted">and into stock, where it lies here:</span>
        <Controller
          control={control}
          name="siteId"
          render={({ field: { value, onChange } }) => (
            <SelectBox<string> aria-label="Site" style={{ width: 220 }} value={value || first} options={sites} onWord={onChange} />
          )}
        />
        <TextBox aria-label="Place" style={{ width: 170 }} placeholder="bin, van, panel" {...register('place', trimmed)} />
        <Controller
          control={control}
          name="quantity"
          render={({ field: { value, onChange } }) => (
            <NumberBox label="Pieces" unit="" value={value} min={1} max={MOST_PIECES} onValue={onChange} />
          )}
        />
      </div>
      <div className="row-flex">
        <Button type="submit" disabled={!ready}>
          {into ? 'Enter it and take it into stock' : 'Enter it'}
        </Button>
        {said?.id && <a href={`/parts/${said.id}`}>See it</a>}
      </div>
      <FormFault errors={errors} />
      {said && (
        <Notice kind={said.ok ? 'fits' : 'fails'} role={said.ok ? 'status' : 'alert'}>
          {said.words}
        </Notice>
      )}
    </form>
  );
}
