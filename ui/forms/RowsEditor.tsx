'use client';

import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Practice } from '@/core/case/case';
import { labelIn, shortIn, type Field } from '@/core/fields/field';
import { wordText } from '@/core/language/word-text';
import { formatQuantity } from '@/core/quantities/format-quantity';
import { readInRange } from '@/core/quantities/read-quantity';
import { FigureBox } from './FigureBox';
import { SelectBox } from './SelectBox';

export type Row = Readonly<Record<string, unknown>>;

const unitOf = ({ unit }: Field): string => (unit === 'count' ? '' : (unit ?? ''));
const shownFigure = (value: unknown, unit: string): string => (typeof value === 'number' ? formatQuantity(value, unit) : '');

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
                          <FigureBox
                            aria-label={label}
                            style={{ width: 92 }}
                            stands={shownFigure(row[field.name], unitOf(field))}
                            take={(text) => readInRange(text, { label, unit: unitOf(field), min: field.min ?? 0, max: field.max ?? 1e9 })}
                            onTaken={(value) => put(i, field.name, value)}
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
