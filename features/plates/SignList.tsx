'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Controller } from 'react-hook-form';
import type { InferType } from 'yup';
import { api, faultWords } from '@/client/api';
import { signSchema } from '@/core/cards/device-sign';
import type { DeviceSign } from '@/services/device-signs';
import { ListTable, type ListColumn } from '@/ui/forms/ListTable';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';
import { FormFault } from '@/ui/forms/FormFault';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';
import { FaultNotice } from '@/ui/shell/Notice';

const kinds = [
  ['menu', 'word of a menu'],
  ['lamp', 'lamp'],
  ['keys', 'keys that set it'],
] as const;
const kindWords = Object.fromEntries(kinds);

const holds = ({ maker, sign, means }: DeviceSign, text: string): boolean =>
  text
    .toLowerCase()
    .split(/\s+/)
    .filter(Boolean)
    .every((word) => `${maker} ${sign} ${means}`.toLowerCase().includes(word));

const texts = [
  ['maker', 'Maker', 'maker', 160],
  ['sign', 'What it shows', 'U<, 2 x red, a setting', 190],
  ['means', 'What it means', 'what it means, or keys: MENU; U<; OK', 300],
] as const;

type Fields = InferType<typeof signSchema>;
/** One sign, entered from the maker's sheet; the maker stays for the next. Resolves to why it was refused, or to nothing. */
function SignForm({ onEnter }: { onEnter: (fields: Fields) => Promise<string | undefined> }) {
  const start: Fields = { maker: '', kind: 'menu', sign: '', means: '' };
  const { register, control, errors, ready, onSubmit } = useSentForm(signSchema, start, async (fields, startAgain) => {
    const fault = await onEnter(fields);
    if (!fault) startAgain({ ...fields, sign: '', means: '' });
    return fault;
  });
  return (
    <form className="row-flex sheet" style={{ padding: 14 }} aria-label="Enter a sign" onSubmit={onSubmit}>
      <Controller
        control={control}
        name="kind"
        render={({ field: { value, onChange } }) => (
          <SelectBox aria-label="What shows it" options={kinds} value={value} onWord={onChange} style={{ width: 170 }} />
        )}
      />
      {texts.map(([name, label, placeholder, width]) => (
        <TextBox key={name} aria-label={label} style={{ width }} placeholder={placeholder} {...register(name, trimmed)} />
      ))}
      <Button type="submit" disabled={!ready}>
        Enter it
      </Button>
      <FormFault errors={errors} />
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
    if (answer.ok) router.refresh();
    return faultWords(answer);
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
        <Button aria-label={`Strike ${sign} of ${maker}`} onClick={() => void sent('DELETE', `/api/v1/device-signs/${id}`).then(setFault)}>
          Strike
        </Button>
      ),
    },
  ];
  const found = signs.filter((one) => holds(one, query));
  return (
    <div className="stack">
      <SignForm onEnter={(fields) => sent('POST', '/api/v1/device-signs', fields)} />
      <FaultNotice words={fault} />
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
