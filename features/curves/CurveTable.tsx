'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Papa from 'papaparse';
import { bandSeconds } from '@/core/curves/band';
import { heldWords, openWords, type CurveDevice } from '@/core/curves/judge-branch';
import { formatQuantity } from '@/core/quantities/format-quantity';

/** The times of every device at these currents, as CSV. */
export const curveTableCsv = (devices: readonly CurveDevice[], amps: readonly number[]): string =>
  Papa.unparse(
    devices.flatMap(({ label, band }) =>
      amps.map((at) => {
        const { holdsUntil, openBy } = bandSeconds(band, at);
        return { device: label, amps: at, holdsUntilSeconds: holdsUntil, openBySeconds: openBy };
      }),
    ),
    { newline: '\n' },
  );

/** How long every device holds at these currents, and by when it has opened. */
export const CurveTable = ({ devices, amps }: { devices: readonly CurveDevice[]; amps: readonly number[] }) => (
  <TableContainer className="sheet">
    <Table>
      <TableHead>
        <TableRow>
          <TableCell scope="col">Device</TableCell>
          {amps.map((at, i) => (
            <TableCell key={i} scope="col">
              at {formatQuantity(at, 'A')}
            </TableCell>
          ))}
        </TableRow>
      </TableHead>
      <TableBody>
        {devices.map(({ id, label, band }) => (
          <TableRow key={id}>
            <TableCell component="th" scope="row">
              {label}
            </TableCell>
            {amps.map((at, i) => {
              const { holdsUntil, openBy } = bandSeconds(band, at);
              return (
                <TableCell key={i} className="figure">
                  {band.fast ? heldWords(holdsUntil) : 'holding not published'}, {openWords(openBy)}
                </TableCell>
              );
            })}
          </TableRow>
        ))}
      </TableBody>
    </Table>
  </TableContainer>
);
