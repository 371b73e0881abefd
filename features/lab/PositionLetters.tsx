'use client';

import { certain } from '@/core/certain';
import Papa from 'papaparse';
import { useState } from 'react';
import { accessoryFunctions, type AccessoryFunction } from '@/core/fields/accessory-fields';
import type { PositionCode, PositionTable } from '@/core/case/position-codes';
import { saveText } from '../../ui/forms/save-file';

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

/** What came of saving: the table as it stands now, or why not; `theirs` is what somebody saved first. */
export type Kept = { table: PositionTable } | { fault: string; theirs?: PositionTable };
type Save = (maker: string, version: number, rows: PositionCode[]) => Promise<Kept>;

/** The letters of one maker's bays, to be read and changed. What was typed stays until its user lets it go. */
function MakerTable({ table, onSave }: { table: PositionTable; onSave: Save }) {
  const [agreed, setAgreed] = useState(table);
  const [rows, setRows] = useState(table.rows);
  const [fault, setFault] = useState<string>();
  const [theirs, setTheirs] = useState<PositionTable>();
  const [busy, setBusy] = useState(false);
  const changed = JSON.stringify(rows) !== JSON.stringify(agreed.rows);
  const take = (now: PositionTable) => {
    setAgreed(now);
    setRows(now.rows);
    setTheirs(undefined);
    setFault(undefined);
  };
  const save = async (version: number) => {
    if (busy) return;
    setBusy(true);
    const kept = await onSave(table.maker, version, rows);
    setBusy(false);
    if ('table' in kept) take(kept.table);
    else {
      setFault(kept.fault);
      setTheirs(kept.theirs);
    }
  };
  const put = (i: number, part: Partial<PositionCode>) => setRows(rows.map((row, k) => (k === i ? { ...row, ...part } : row)));
  const text = (i: number, key: 'code' | 'bay' | 'note', label: string, maxLength: number, size?: number) => (
    <input
      className="text-in"
      aria-label={`${label}, row ${i + 1}`}
      value={certain(rows[i])[key]}
      maxLength={maxLength}
      size={size}
      onChange={(e) => put(i, { [key]: e.target.value })}
    />
  );
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
                <td>{text(i, 'code', 'Letters', 12, 6)}</td>
                <td>{text(i, 'bay', 'Bay', 60)}</td>
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
                <td>{text(i, 'note', 'Note', 200)}</td>
                <td>
                  <button
                    type="button"
                    className="quiet"
                    aria-label={`Remove row ${i + 1}`}
                    onClick={() => setRows(rows.filter((_, k) => k !== i))}
                  >
                    Remove
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
      {theirs && (
        <div className="row-flex">
          <span className="muted">
            Theirs: {theirs.rows.length === 0 ? 'none any more' : theirs.rows.map(({ code, bay }) => `${code} ${bay}`.trim()).join(' · ')}
          </span>
          <button type="button" className="quiet" onClick={() => take(theirs)}>
            Take theirs
          </button>
          <button type="button" className="quiet" disabled={busy} onClick={() => void save(theirs.version)}>
            Put mine over it
          </button>
        </div>
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
        <button
          type="button"
          className="quiet strong"
          disabled={!changed || busy || Boolean(theirs)}
          onClick={() => void save(agreed.version)}
        >
          {busy ? 'Saving' : changed ? 'Save these codes' : 'Kept'}
        </button>
      </div>
    </div>
  );
}

/** Every maker's letters, and a new maker. */
export function PositionLetters({ tables, onSave }: { tables: readonly PositionTable[]; onSave: Save }) {
  const [maker, setMaker] = useState('');
  const [added, setAdded] = useState<string[]>([]);
  const fresh = added
    .filter((name) => !tables.some((table) => table.maker === name))
    .map((name) => ({ maker: name, version: 0, rows: [] }));
  return (
    <section className="stack" aria-label="Accessory bay codes">
      <div>
        <h2>Accessory bay codes</h2>
        <p className="muted">
          Your own table per maker: what stands behind the letters on bay, part, cover and cap. Makers differ; what is not here is not
          assumed.
        </p>
      </div>
      {[...tables, ...fresh].map((table) => (
        <MakerTable key={table.maker} table={table} onSave={onSave} />
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
