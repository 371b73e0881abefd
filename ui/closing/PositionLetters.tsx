'use client';

import Papa from 'papaparse';
import { useState } from 'react';
import { accessoryFunctions, type AccessoryFunction } from '@/core/case/accessory-fields';
import type { PositionCode, PositionTable } from '@/core/case/position-codes';
import { saveText } from '../forms/save-file';

const empty: PositionCode = { code: '', bay: '', function: 'closing-coil', note: '' };
const COLUMNS = ['code', 'bay', 'function', 'note'] as const;

/** Rows of a CSV file with the columns code, bay, function and note; a fault in words where it is none. */
export function rowsOfCsv(text: string): { rows: PositionCode[] } | { fault: string } {
  const { data, meta } = Papa.parse<Record<string, string>>(text.trim(), { header: true, skipEmptyLines: true });
  const missing = COLUMNS.filter((name) => !(meta.fields ?? []).includes(name));
  if (missing.length > 0) return { fault: `The file has no column ${missing.join(', ')}. Its first line names code, bay, function, note.` };
  const wrong = data.find((row) => !accessoryFunctions.includes(row.function as AccessoryFunction));
  if (wrong) return { fault: `Function '${wrong.function ?? ''}' is not known; accepted: ${accessoryFunctions.join(', ')}.` };
  const cell = (row: Record<string, string>, name: string) => (row[name] ?? '').trim();
  return {
    rows: data.map((row) => ({
      code: cell(row, 'code'),
      bay: cell(row, 'bay'),
      function: row.function as AccessoryFunction,
      note: cell(row, 'note'),
    })),
  };
}

/** The letters of one maker's bays, to be read and changed. */
function MakerTable({ table, busy, onSave }: { table: PositionTable; busy: boolean; onSave: (rows: PositionCode[]) => void }) {
  const [rows, setRows] = useState(table.rows);
  const [fault, setFault] = useState<string>();
  const changed = JSON.stringify(rows) !== JSON.stringify(table.rows);
  const put = (i: number, part: Partial<PositionCode>) => setRows(rows.map((row, k) => (k === i ? { ...row, ...part } : row)));
  return (
    <div className="sheet letters">
      <div className="letters-scroll">
        <table className="plain">
          <caption className="over">{table.maker}</caption>
          <thead>
            <tr>
              <th scope="col">Letters</th>
              <th scope="col">Bay</th>
              <th scope="col">Function</th>
              <th scope="col">Note</th>
              <th scope="col">
                <span className="visually-hidden">Row</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row, i) => (
              <tr key={i}>
                <td>
                  <input
                    className="text-in"
                    aria-label={`Letters, row ${i + 1}`}
                    value={row.code}
                    maxLength={12}
                    size={6}
                    onChange={(e) => put(i, { code: e.target.value })}
                  />
                </td>
                <td>
                  <input
                    className="text-in"
                    aria-label={`Bay, row ${i + 1}`}
                    value={row.bay}
                    maxLength={60}
                    onChange={(e) => put(i, { bay: e.target.value })}
                  />
                </td>
                <td>
                  <select
                    className="text-in"
                    aria-label={`Function, row ${i + 1}`}
                    value={row.function}
                    onChange={(e) => put(i, { function: e.target.value as AccessoryFunction })}
                  >
                    {accessoryFunctions.map((one) => (
                      <option key={one} value={one}>
                        {one.replaceAll('-', ' ')}
                      </option>
                    ))}
                  </select>
                </td>
                <td>
                  <input
                    className="text-in"
                    aria-label={`Note, row ${i + 1}`}
                    value={row.note}
                    maxLength={200}
                    onChange={(e) => put(i, { note: e.target.value })}
                  />
                </td>
                <td>
                  <button
                    type="button"
                    className="quiet"
                    aria-label={`Take row ${i + 1} away`}
                    onClick={() => setRows(rows.filter((_, k) => k !== i))}
                  >
                    Away
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {fault && (
        <p className="say fails" role="alert">
          {fault}
        </p>
      )}
      <div className="row-flex">
        <button type="button" className="quiet" onClick={() => setRows([...rows, empty])}>
          Add a row
        </button>
        <button
          type="button"
          className="quiet"
          onClick={() => saveText(`${table.maker} letters.csv`, Papa.unparse(rows, { columns: [...COLUMNS] }))}
        >
          Save as CSV
        </button>
        <label className="quiet file-pick">
          Read a CSV
          <input
            type="file"
            accept=".csv,text/csv"
            className="visually-hidden"
            onChange={async (event) => {
              const file = event.target.files?.[0];
              event.target.value = '';
              if (!file) return;
              const read = rowsOfCsv(await file.text());
              setFault('fault' in read ? read.fault : undefined);
              if ('rows' in read) setRows(read.rows);
            }}
          />
        </label>
        <button type="button" className="quiet strong" disabled={!changed || busy} onClick={() => onSave(rows)}>
          {busy ? 'Saving' : changed ? 'Keep these letters' : 'Kept'}
        </button>
      </div>
    </div>
  );
}

/** Every maker's letters, and a new maker. */
export function PositionLetters({
  tables,
  fault,
  busy,
  onSave,
}: {
  tables: readonly PositionTable[];
  fault?: string;
  busy: boolean;
  onSave: (maker: string, version: number, rows: PositionCode[]) => void;
}) {
  const [maker, setMaker] = useState('');
  const [added, setAdded] = useState<string[]>([]);
  const fresh = added
    .filter((name) => !tables.some((table) => table.maker === name))
    .map((name) => ({ maker: name, version: 0, rows: [] }));
  return (
    <section className="stack" aria-label="Letters of bays">
      <div>
        <h2>Letters of bays</h2>
        <p className="muted">
          Your own table per maker: what stands behind the letters on bay, part, cover and cap. Makers differ; what is not here is not
          assumed.
        </p>
      </div>
      {fault && (
        <p className="say fails" role="alert">
          {fault}
        </p>
      )}
      {[...tables, ...fresh].map((table) => (
        <MakerTable
          key={`${table.maker}${table.version}`}
          table={table}
          busy={busy}
          onSave={(rows) => onSave(table.maker, table.version, rows)}
        />
      ))}
      <form
        className="row-flex"
        onSubmit={(event) => {
          event.preventDefault();
          const name = maker.trim();
          if (name === '' || tables.some((table) => table.maker === name)) return;
          setAdded([...added, name]);
          setMaker('');
        }}
      >
        <label className="row-flex">
          <span className="muted">Another maker</span>
          <input className="text-in" value={maker} maxLength={60} onChange={(event) => setMaker(event.target.value)} />
        </label>
        <button type="submit" className="quiet">
          Add
        </button>
      </form>
    </section>
  );
}
