'use client';

import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { PositionCode } from '@/core/case/position-codes';
import { certain } from '@/core/certain';
import { accessoryFunctions } from '@/core/fields/accessory-fields';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';

/** The codes of a maker, a row each, typed in place. */
export function LettersTable({
  maker,
  rows,
  onRows,
}: {
  maker: string;
  rows: readonly PositionCode[];
  onRows: (rows: readonly PositionCode[]) => void;
}) {
  const put = (i: number, part: Partial<PositionCode>) => onRows(rows.map((row, k) => (k === i ? { ...row, ...part } : row)));
  const text = (i: number, key: 'code' | 'bay' | 'note', label: string, maxLength: number, wordy = true) => (
    <TextBox
      aria-label={`${label}, row ${i + 1}`}
      value={certain(rows[i])[key]}
      maxLength={maxLength}
      style={{ width: wordy ? undefined : 84 }}
      onChange={(event) => put(i, { [key]: event.target.value })}
    />
  );
  return (
    <Table>
      <caption className="over">{maker}</caption>
      <TableHead>
        <TableRow>
          <TableCell scope="col">Letters</TableCell>
          <TableCell scope="col">Bay</TableCell>
          <TableCell scope="col">Function</TableCell>
          <TableCell scope="col">Note</TableCell>
          <TableCell scope="col">
            <span className="visually-hidden">Row</span>
          </TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {rows.map((row, i) => (
          <TableRow key={i}>
            <TableCell>{text(i, 'code', 'Letters', 12, false)}</TableCell>
            <TableCell>{text(i, 'bay', 'Bay', 60)}</TableCell>
            <TableCell>
              <SelectBox
                aria-label={`Function, row ${i + 1}`}
                value={row.function}
                options={accessoryFunctions.map((one) => [one, one.replaceAll('-', ' ')] as const)}
                onWord={(word) => put(i, { function: word })}
              />
            </TableCell>
            <TableCell>{text(i, 'note', 'Note', 200)}</TableCell>
            <TableCell>
              <Button aria-label={`Remove row ${i + 1}`} onClick={() => onRows(rows.filter((_, k) => k !== i))}>
                Remove
              </Button>
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}
