'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { api } from '@/client/api';
import type { PartInHand } from '@/core/swap/swap';
import { NumberBox } from '@/ui/forms/NumberBox';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { Notice } from '@/ui/shell/Notice';

type Said = { ok: boolean; words: string; id?: string };
const textOf = ({ readings }: PartInHand, mark: string): string => {
  const value = readings[mark]?.value;
  return typeof value === 'string' ? value : '';
};

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
  const [maker, setMaker] = useState(textOf(part, 'maker'));
  const [type, setType] = useState(textOf(part, 'type'));
  const [site, setSite] = useState('');
  const [place, setPlace] = useState('');
  const [pieces, setPieces] = useState<number | null>(1);
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState<Said>();
  const [first] = sites;
  const at = site || (first?.[0] ?? '');
  const stock = async (id: string, name: string): Promise<Said> => {
    if (place.trim() === '') return { ok: true, id, words: `${name} is in the catalogue.` };
    const answer = await api<{ quantity: number }>('POST', `/api/v1/parts/${id}/stock`, { siteId: at, place, quantity: pieces });
    return answer.ok
      ? { ok: true, id, words: `${name} is in the catalogue; ${answer.value.quantity} lie at ${place.trim()}.` }
      : { ok: false, id, words: answer.faults.map(({ reason }) => reason).join(' ') };
  };
  const enter = async () => {
    setBusy(true);
    const name = `${maker.trim()} ${type.trim()}`;
    const answer = await api<{ id: string }>('POST', '/api/v1/parts', { family, maker, name: type, readings: part.readings });
    const there = !answer.ok && answer.status === 409 && typeof answer.body.id === 'string' ? answer.body.id : undefined;
    // It is there already: pieces of it are taken in all the same, where a place is named.
    const id = answer.ok ? answer.value.id : place.trim() === '' ? undefined : there;
    setSaid(id ? await stock(id, name) : { ok: false, words: answer.ok ? '' : answer.faults.map(({ reason }) => reason).join(' ') });
    setBusy(false);
  };
  const ready = maker.trim() !== '' && type.trim() !== '' && !busy && (place.trim() === '' || (pieces ?? 0) >= 1);
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label={`${part.name} into the catalogue`}>
      <p>
        <b>{part.name} into the catalogue.</b>{' '}
        <span className="muted">
          It then stands on the board of every job of its kind. A mark that waits to be confirmed counts as not known.
        </span>
      </p>
      <div className="row-flex">
        <TextBox
          aria-label="Maker"
          style={{ width: 200 }}
          placeholder="maker"
          maxLength={80}
          value={maker}
          onChange={(event) => setMaker(event.target.value)}
        />
        <TextBox
          aria-label="Type or order number"
          style={{ width: 260 }}
          placeholder="type or order number"
          maxLength={120}
          value={type}
          onChange={(event) => setType(event.target.value)}
        />
      </div>
      <div className="row-flex">
        <span className="muted">and into stock, where it lies here:</span>
        <SelectBox<string> aria-label="Site" style={{ width: 220 }} value={at} options={sites} onWord={setSite} />
        <TextBox
          aria-label="Place"
          style={{ width: 170 }}
          placeholder="bin, van, panel"
          maxLength={80}
          value={place}
          onChange={(event) => setPlace(event.target.value)}
        />
        <NumberBox label="Pieces" unit="" value={pieces} min={1} max={10_000} onValue={setPieces} />
      </div>
      <div className="row-flex">
        <Button disabled={!ready} onClick={() => void enter()}>
          {place.trim() === '' ? 'Enter it' : 'Enter it and take it into stock'}
        </Button>
        {said?.id && <a href={`/parts/${said.id}`}>See it</a>}
      </div>
      {said && (
        <Notice kind={said.ok ? 'fits' : 'fails'} role={said.ok ? 'status' : 'alert'}>
          {said.words}
        </Notice>
      )}
    </section>
  );
}
