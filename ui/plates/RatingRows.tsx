'use client';

import ButtonBase from '@mui/material/ButtonBase';
import { rowsMark } from '@/core/case/case';
import { readInRange } from '@/core/quantities/read-quantity';
import { formatQuantity } from '@/core/quantities/format-quantity';
import type { Reading } from '@/core/readings/reading';
import { ratingColumns } from '@/core/fields/rating-columns';
import { useFigure, type Taken } from '../forms/use-figure';
import swapStyle from '@/ui/styles/swap.module.css';

type Row = Record<string, unknown>;
/** Columns that a plate of a contactor most often prints; volts first. */
const edited = ['fullLoadAmps', 'lockedRotorAmps', 'resistiveAmps', 'ac1Amps', 'ac3Amps', 'ac4Amps', 'normalHp'];
const columns: { id: string; label: string; unit: 'V' | 'A' | 'hp' }[] = [
  { id: 'volts', label: 'Volts', unit: 'V' },
  ...ratingColumns
    .filter(({ name }) => edited.includes(name))
    .sort((a, b) => edited.indexOf(a.name) - edited.indexOf(b.name))
    .map(({ name, label, unit }) => ({ id: name, label, unit: unit === 'hp' ? ('hp' as const) : ('A' as const) })),
];

/** The least that a rating can be, in its unit. */
const LEAST = 0.001;

function Cell({
  value,
  unit,
  label,
  onCommit,
}: {
  value: unknown;
  unit: 'V' | 'A' | 'hp';
  label: string;
  onCommit: (value: number | null | undefined) => void;
}) {
  const stands = typeof value === 'number' ? formatQuantity(value, '') : value === null ? '?' : value === 'none' ? '∅' : '';
  const take = (text: string): Taken<number | null | undefined> =>
    text === '?' ? { ok: true, value: null } : readInRange(text, { unit, label, min: LEAST, max: 100_000 });
  const { input, fault, faultId } = useFigure(stands, take, onCommit);
  return (
    <>
      {/* eslint-disable-next-line no-restricted-syntax -- a plate is drawn: its marks are typed into the plate itself */}
      <input aria-label={label} title={fault} {...input} />
      {fault && (
        <span id={faultId} className="fault-text" role="alert">
          {fault}
        </span>
      )}
    </>
  );
}

/** Rating rows of a part's plate. The row of the supply in hand is marked; '?' is a worn figure. */
export function RatingRows({
  reading,
  systemVolts,
  onChange,
}: {
  reading: Reading | undefined;
  systemVolts: number | undefined;
  onChange: (reading: Reading | null) => void;
}) {
  const rows = Array.isArray(reading?.value) ? rowsMark(reading.value) : [];
  const used = columns.filter(({ id }) => id === 'volts' || rows.some((row) => row[id] !== undefined));
  const shown = used.length > 1 ? used : columns;
  const inUse = rows
    .filter((row) => typeof row.volts === 'number' && systemVolts !== undefined && row.volts >= systemVolts)
    .sort((a, b) => Number(a.volts) - Number(b.volts))[0];
  const set = (next: Row[]) => onChange(next.length > 0 ? { state: 'read', value: next } : null);
  return (
    <div style={{ overflowX: 'auto', marginTop: 8 }}>
      {/* eslint-disable-next-line no-restricted-syntax -- a plate is drawn: its marks are typed into the plate itself */}
      <table className={swapStyle.rows} hidden={rows.length === 0}>
        <thead>
          <tr>
            {shown.map(({ id, label }) => (
              <th key={id} scope="col">
                {label}
              </th>
            ))}
            <th>
              <span className="visually-hidden">Row</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, i) => (
            <tr key={i} className={row === inUse ? swapStyle.inUse : ''}>
              {shown.map(({ id, label, unit }) => (
                <td key={id}>
                  <Cell
                    value={row[id]}
                    unit={unit}
                    label={`${label}, row ${i + 1}`}
                    onCommit={(value) =>
                      set(
                        rows.map((one, j) =>
                          j === i ? Object.fromEntries(Object.entries({ ...one, [id]: value }).filter(([, v]) => v !== undefined)) : one,
                        ),
                      )
                    }
                  />
                </td>
              ))}
              <td>
                <ButtonBase
                  className="state-button"
                  style={{
                    minWidth: 30,
                    minHeight: 30,
                    background: 'none',
                    border: 0,
                    color: 'inherit',
                    cursor: 'pointer',
                  }}
                  aria-label={`Remove row ${i + 1}`}
                  onClick={() => set(rows.filter((_, j) => j !== i))}
                >
                  ×
                </ButtonBase>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <ButtonBase
        className="plain"
        style={{ minHeight: 32, fontSize: 12.5, textDecoration: 'underline' }}
        onClick={() => set([...rows, { volts: systemVolts ?? null }])}
      >
        Add a row
      </ButtonBase>
    </div>
  );
}
