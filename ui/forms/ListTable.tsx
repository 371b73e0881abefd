import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { ReactNode } from 'react';

/** A column: its head, what a row has in it, and whether that is a figure. */
export type ListColumn<Row> = { head: string; of: (row: Row) => ReactNode; figure?: boolean };

/** A plain table of a list: a row each, in its own frame, which scrolls where it is wider than the screen. */
export const ListTable = <Row,>({
  caption,
  columns,
  rows,
  keyOf,
}: {
  caption?: string;
  columns: readonly ListColumn<Row>[];
  rows: readonly Row[];
  keyOf: (row: Row) => string;
}) => (
  // Where it is wider than the screen it is scrolled, by the keyboard too.
  <TableContainer className="sheet" tabIndex={0} role="group" aria-label={caption ?? 'Table'}>
    <Table>
      {caption && <caption className="over">{caption}</caption>}
      <TableHead>
        <TableRow>
          {columns.map(({ head }) => (
            <TableCell key={head} scope="col">
              {head}
            </TableCell>
          ))}
        </TableRow>
      </TableHead>
      <TableBody>
        {rows.map((row) => (
          <TableRow key={keyOf(row)}>
            {columns.map(({ head, of, figure }) => (
              <TableCell key={head} className={figure ? 'figure' : undefined}>
                {of(row)}
              </TableCell>
            ))}
          </TableRow>
        ))}
      </TableBody>
    </Table>
  </TableContainer>
);
