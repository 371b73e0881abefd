'use client';

import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useState } from 'react';
import type { Practice } from '@/core/case/case';
import { labelIn, shortIn, type Field } from '@/core/fields/field';
import { wordText } from '@/core/language/word-text';
import { formatQuantity } from '@/core/quantities/format-quantity';
import { readQuantity } from '@/core/quantities/read-quantity';
import { SelectBox } from './SelectBox';
import { TextBox } from './TextBox';

export type Row = Readonly<Record<string, unknown>>;

/** A figure of a row: taken when it is left or on Enter; what cannot be read is said and changes nothing. */
function Figure({
  label,
  unit,
  value,
  min,
  max,
  onValue,
}: {
  label: string;
  unit: string;
  value: unknown;
  min: number;
  max: number;
  onValue: (value: number | undefined) => void;
}) {
  const [draft, setDraft] = useState<string>();
  const [fault, setFault] = useState<string>();
  const commit = (text: string) => {
    if (draft === undefined) return;
    if (text.trim() === '') {
      setDraft(undefined);
      setFault(undefined);
      return onValue(undefined);
    }
    const read = readQuantity(text, unit, label);
    if (!read.ok) return setFault(read.fault);
    if (read.value < min || read.value > max)
      return setFault(`${label}: ${formatQuantity(min, unit)} to ${formatQuantity(max, unit)} is accepted.`);
    setFault(undefined);
    setDraft(undefined);
    onValue(read.value);
  };
  return (
    <>
      <TextBox
        aria-label={label}
        aria-invalid={fault ? true : undefined}
        style={{ width: 92 }}
        value={draft ?? (typeof value === 'number' ? formatQuantity(value, unit) : '')}
        onChange={(event) => setDraft(event.target.value)}
        onBlur={(event) => commit(event.target.value)}
        onKeyDown={(event) => event.key === 'Enter' && commit(event.currentTarget.value)}
      />
      {fault && <small role="alert">{fault}</small>}
    </>
  );
}

/** Rows of marks as a table: words chosen, figures typed, a row added and taken away. */
export function RowsEditor({
  caption,
  fields,
  rows,
  practice,
  fresh,
  onRows,
}: {
  caption: string;
  fields: readonly Field[];
  rows: readonly Row[];
  practice: Practice;
  /** What a new row begins with. */
  fresh: (rows: readonly Row[]) => Row;
  onRows: (rows: Row[]) => void;
}) {
  const put = (i: number, name: string, value: unknown) =>
    onRows(
      rows.map((row, j) =>
        j === i ? Object.fromEntries(Object.entries({ ...row, [name]: value }).filter(([, one]) => one !== undefined)) : row,
      ),
    );
  return (
    <div className="stack" style={{ gap: 6 }}>
      {rows.length > 0 && (
        <TableContainer className="sheet" tabIndex={0} role="group" aria-label={caption}>
          <Table size="small">
            <TableHead>
              <TableRow>
                {fields.map((field) => (
                  <TableCell key={field.name} scope="col">
                    {shortIn(practice, field)}
                  </TableCell>
                ))}
                <TableCell />
              </TableRow>
            </TableHead>
            <TableBody>
              {rows.map((row, i) => (
                <TableRow key={i}>
                  {fields.map((field) => {
                    const label = `${labelIn(practice, field)}, row ${i + 1}`;
                    return (
                      <TableCell key={field.name}>
                        {field.kind === 'word' ? (
                          <SelectBox<string>
                            aria-label={label}
                            style={{ width: 150 }}
                            value={typeof row[field.name] === 'string' ? String(row[field.name]) : ''}
                            options={[['', '–'] as const, ...(field.words ?? []).map((word) => [word, wordText(word)] as const)]}
                            onWord={(word) => put(i, field.name, word === '' ? undefined : word)}
                          />
                        ) : (
                          <Figure
                            label={label}
                            unit={field.unit === 'count' ? '' : (field.unit ?? '')}
                            value={row[field.name]}
                            min={field.min ?? 0}
                            max={field.max ?? 1e9}
                            onValue={(value) => put(i, field.name, value)}
                          />
                        )}
                      </TableCell>
                    );
                  })}
                  <TableCell>
                    <Button aria-label={`Take row ${i + 1} away`} onClick={() => onRows(rows.filter((_, j) => j !== i))}>
                      ×
                    </Button>
                  </TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </TableContainer>
      )}
      <div>
        <Button onClick={() => onRows([...rows, fresh(rows)])}>Add a row: {caption.toLowerCase()}</Button>
      </div>
    </div>
  );
}
