'use client';

import TableContainer from '@mui/material/TableContainer';
import ButtonBase from '@mui/material/ButtonBase';
import Table from '@mui/material/Table';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TableCell from '@mui/material/TableCell';
import TableBody from '@mui/material/TableBody';
import { BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
import { useEffect, useState } from 'react';
import { Bar } from 'react-chartjs-2';
import { inSentence } from '@/core/language/in-sentence';

Chart.register(BarElement, CategoryScale, LinearScale, Tooltip);

export type Fall = { label: string; count: number };
const tones = ['--line-strong', '--copper', '--check', '--note', '--unknown', '--fits', '--fails', '--muted'];

/** Why the others failed: one bar, split by the line that each part fell on first, and its table. */
export function WhyFell({ falls, judged, table, onTable }: { falls: Fall[]; judged: number; table: boolean; onTable: () => void }) {
  const [colors, setColors] = useState<string[]>([]);
  useEffect(() => {
    const take = () => setColors(tones.map((name) => getComputedStyle(document.documentElement).getPropertyValue(name).trim()));
    take();
    const watch = new MutationObserver(take);
    watch.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
    return () => watch.disconnect();
  }, []);
  const total = falls.reduce((sum, fall) => sum + fall.count, 0);
  if (total === 0) return null;
  return (
    <section aria-label="Why the others failed" className="stack" style={{ gap: 6 }}>
      <div className="row-flex" style={{ flexWrap: 'nowrap' }}>
        <b style={{ whiteSpace: 'nowrap', fontSize: 13 }}>Why the others failed</b>
        <div style={{ flex: 1, height: 26, minWidth: 80 }} aria-hidden="true">
          {colors.length > 0 && (
            <Bar
              data={{
                labels: [''],
                datasets: falls.map((fall, i) => ({
                  label: fall.label,
                  data: [fall.count],
                  backgroundColor: colors[i % colors.length],
                })),
              }}
              options={{
                indexAxis: 'y',
                responsive: true,
                maintainAspectRatio: false,
                animation: false,
                scales: {
                  x: { stacked: true, display: false, max: total },
                  y: { stacked: true, display: false },
                },
                plugins: { legend: { display: false }, tooltip: { enabled: true, position: 'nearest' } },
              }}
            />
          )}
        </div>
        <ButtonBase
          className="plain"
          style={{ minHeight: 44, textDecoration: 'underline', whiteSpace: 'nowrap' }}
          aria-expanded={table}
          onClick={onTable}
        >
          {table ? 'Hide the table' : 'Show the table'}
        </ButtonBase>
      </div>
      <p className="muted" style={{ fontSize: 12.5 }}>
        {falls
          .slice(0, 6)
          .map((fall) => `${inSentence(fall.label)} ${fall.count}`)
          .join(' · ')}
      </p>
      {table && (
        <TableContainer className="sheet">
          <Table>
            <TableHead>
              <TableRow>
                <TableCell scope="col">First line that failed</TableCell>
                <TableCell scope="col">Parts</TableCell>
                <TableCell scope="col">Share of {judged}</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {falls.map((fall) => (
                <TableRow key={fall.label}>
                  <TableCell>{fall.label}</TableCell>
                  <TableCell className="figure">{fall.count}</TableCell>
                  <TableCell className="figure">{((100 * fall.count) / judged).toFixed(1)} %</TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </TableContainer>
      )}
    </section>
  );
}
