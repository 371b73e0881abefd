'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { api } from '@/client/api';
import type { DeviceSign } from '@/services/device-signs';
import { ListTable, type ListColumn } from '@/ui/forms/ListTable';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';
import { Notice } from '@/ui/shell/Notice';

const kinds = [
  ['menu', 'word of a menu'],
  ['lamp', 'lamp'],
] as const;
const kindWords = Object.fromEntries(kinds);
const empty = { maker: '', kind: 'menu', sign: '', means: '' } as const;

const holds = ({ maker, sign, means }: DeviceSign, text: string): boolean =>
  text
    .toLowerCase()
    .split(/\s+/)
    .filter(Boolean)
    .every((word) => `${maker} ${sign} ${means}`.toLowerCase().includes(word));

type Fields = { maker: string; kind: 'menu' | 'lamp'; sign: string; means: string };
const texts = [
  ['maker', 'Maker', 'maker', 80, 160],
  ['sign', 'What it shows', 'U<, 2 x red, …', 60, 150],
  ['means', 'What it means', 'what it means', 300, 300],
] as const;

/** One sign, entered from the maker's sheet; the maker stays for the next. */
function SignForm({ onEnter }: { onEnter: (fields: Fields) => Promise<boolean> }) {
  const [fields, setFields] = useState<Fields>(empty);
  const put = (more: Partial<Fields>) => setFields({ ...fields, ...more });
  const ready = texts.every(([name]) => fields[name].trim() !== '');
  return (
    <form
      className="row-flex sheet"
      style={{ padding: 14 }}
      aria-label="Enter a sign"
      onSubmit={(event) => {
        event.preventDefault();
        if (ready) void onEnter(fields).then((ok) => ok && setFields({ ...empty, maker: fields.maker, kind: fields.kind }));
      }}
    >
      <SelectBox aria-label="What shows it" options={kinds} value={fields.kind} onWord={(kind) => put({ kind })} style={{ width: 170 }} />
      {texts.map(([name, label, placeholder, maxLength, width]) => (
        <TextBox
          key={name}
          aria-label={label}
          style={{ width }}
          {...{ placeholder, maxLength }}
          value={fields[name]}
          onChange={(event) => put({ [name]: event.target.value })}
        />
      ))}
      <Button type="submit" disabled={!ready}>
        Enter it
      </Button>
    </form>
  );
}

/** What the makers' devices show, found by any word; entered as it is found out. */
export function SignList({ signs }: { signs: readonly DeviceSign[] }) {
  const router = useRouter();
  const [query, setQuery] = useState('');
  const [fault, setFault] = useState<string>();
  const sent = async (method: string, path: string, body?: unknown) => {
    const answer = await api(method, path, body);
    setFault(answer.ok ? undefined : answer.faults.map(({ reason }) => reason).join(' '));
    if (answer.ok) router.refresh();
    return answer.ok;
  };
  const columns: ListColumn<DeviceSign>[] = [
    { head: 'Maker', of: ({ maker }) => maker },
    { head: 'It shows', figure: true, of: ({ sign }) => sign },
    { head: 'As', of: ({ kind }) => kindWords[kind] },
    { head: 'Which means', of: ({ means }) => means },
    { head: 'Entered by', of: ({ enteredBy }) => enteredBy },
    {
      head: '',
      of: ({ id, sign, maker }) => (
        <Button aria-label={`Strike ${sign} of ${maker}`} onClick={() => void sent('DELETE', `/api/v1/device-signs/${id}`)}>
          Strike
        </Button>
      ),
    },
  ];
  const found = signs.filter((one) => holds(one, query));
  return (
    <div className="stack">
      <SignForm onEnter={(fields) => sent('POST', '/api/v1/device-signs', fields)} />
      {fault && (
        <Notice kind="fails" role="alert">
          {fault}
        </Notice>
      )}
      {signs.length === 0 ? (
        <EmptyPlace title="No sign is entered yet">
          Each maker has words and blinks of its own: enter them from its sheet once, and everybody finds them here.
        </EmptyPlace>
      ) : (
        <>
          <label className="row-flex">
            <span className="visually-hidden">Find a sign</span>
            <TextBox
              wide
              style={{ maxWidth: 460 }}
              type="search"
              placeholder="maker, sign or meaning"
              value={query}
              onChange={(event) => setQuery(event.target.value)}
            />
            <span className="muted" role="status">
              {found.length} of {signs.length}
            </span>
          </label>
          <ListTable columns={columns} rows={found} keyOf={({ id }) => id} />
        </>
      )}
    </div>
  );
}
