'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { certain } from '@/core/certain';
import type { Practice } from '@/core/case/case';
import { familyOf } from '@/core/families/registry';
import { labelIn } from '@/core/fields/field';
import type { identityColumns } from '@/core/parts-file/match-columns';
import { decimalWays, type Decimals } from '@/core/parts-file/read-cell';
import type { LookedAt } from '@/services/imports';
import { ListTable, type ListColumn } from '@/ui/forms/ListTable';
import { saveText } from '@/ui/forms/save-file';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TickBox } from '@/ui/forms/TickBox';
import { Notice } from '@/ui/shell/Notice';
import type { Chosen, Import } from './use-import';

type Column = LookedAt['columns'][number];
const identityWords: Readonly<Record<keyof typeof identityColumns, string>> = {
  partId: 'Part number',
  maker: 'Maker',
  partName: 'Name or type',
  place: 'Place of the stock',
  quantity: 'Pieces there',
};
const sureWords: Readonly<Record<Column['confidence'], string>> = {
  sure: 'read',
  likely: 'named so; not all of it is read',
  none: 'left out',
};

function targetsOf(family: string, practice: Practice) {
  const fields = certain(familyOf(family)).fields.map((field) => [field.name, labelIn(practice, field)] as const);
  return [['', 'leave it out'] as const, ...Object.entries(identityWords), ...fields.filter(([name]) => !(name in identityWords))] as const;
}

function Columns({ own, chosen, looked, practice }: { own: Import; chosen: Chosen; looked: LookedAt; practice: Practice }) {
  const targets = targetsOf(chosen.family, practice);
  const columns: ListColumn<Column>[] = [
    { head: 'Column', of: ({ head }) => head },
    { head: 'Sample', figure: true, of: ({ samples }) => samples.slice(0, 3).join(' · ') },
    {
      head: 'Is',
      of: ({ head, target }) => (
        <SelectBox<string>
          aria-label={`What ${head} is`}
          style={{ width: 270 }}
          disabled={own.busy}
          value={target ?? ''}
          options={targets}
          onWord={(word) => void own.look({ ...chosen, mapping: { ...chosen.mapping, [head]: word === '' ? null : word } })}
        />
      ),
    },
    { head: 'So far', of: ({ confidence, unit }) => `${sureWords[confidence]}${unit ? `, in ${unit}` : ''}` },
  ];
  return <ListTable caption="Columns" columns={columns} rows={looked.columns} keyOf={({ head }) => head} />;
}

/** What was seen in a file: its columns, what each row would do, what is refused and why; and the one step on. */
export function FileLook({
  own,
  chosen,
  looked,
  practice,
  stock,
}: {
  own: Import;
  chosen: Chosen;
  looked: LookedAt;
  practice: Practice;
  stock: boolean;
}) {
  const [leave, setLeave] = useState(false);
  const { counts, refused, refusedFile } = looked;
  const [fault] = looked.faults;
  if (fault)
    return (
      <Notice kind="fails" role="alert">
        {fault}
      </Notice>
    );
  const many = counts.made + counts.changed;
  const ready = many > 0 && (counts.refused === 0 || leave) && !own.busy;
  return (
    <section className="stack" aria-label={`What ${chosen.name} says`}>
      <div className="row-flex">
        <p role="status">
          <b>{counts.made}</b> new, <b>{counts.changed}</b> changed, <b>{counts.unchanged}</b> as they stand, <b>{counts.refused}</b>{' '}
          refused
          {counts.byHand > 0 && `, ${counts.byHand} entered by hand, which stands`}
          {stock && `; ${counts.withStock} with pieces`}.
        </p>
        <label className="row-flex">
          <span className="muted">Decimals by</span>
          <SelectBox<Decimals | ''>
            style={{ width: 170 }}
            disabled={own.busy}
            value={chosen.decimals ?? ''}
            options={[
              ['', looked.decimals ? `as told: ${looked.decimals}` : 'not told'] as const,
              ...decimalWays.map((way) => [way, way] as const),
            ]}
            onWord={(way) => void own.look({ ...chosen, decimals: way === '' ? undefined : way })}
          />
        </label>
      </div>
      {refused.length > 0 && (
        <Notice kind="fails">
          <ul style={{ margin: 0, paddingLeft: 18 }}>
            {refused.slice(0, 12).map(({ line, reasons }) => (
              <li key={line}>
                Line {line}: {reasons.join(' ')}
              </li>
            ))}
          </ul>
          {counts.refused > 12 && <p>and {counts.refused - 12} more; the file has them all.</p>}
          <div className="row-flex">
            <Button onClick={() => refusedFile && saveText(`refused of ${chosen.name}.csv`, refusedFile)}>Save the refused rows</Button>
            <label className="row-flex">
              <TickBox checked={leave} onTick={setLeave} /> They stay out
            </label>
          </div>
        </Notice>
      )}
      <div className="row-flex">
        <Button variant="contained" disabled={!ready} onClick={() => void own.bring(leave)}>
          {many === 1 ? 'Bring 1 part' : `Bring ${many} parts`}
        </Button>
      </div>
      <Columns {...{ own, chosen, looked, practice }} />
    </section>
  );
}
