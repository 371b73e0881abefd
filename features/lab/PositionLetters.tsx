'use client';

import { FilePick } from '@/ui/forms/FilePick';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import Table from '@mui/material/Table';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TableCell from '@mui/material/TableCell';
import TableBody from '@mui/material/TableBody';
import Button from '@mui/material/Button';
import { Notice } from '@/ui/shell/Notice';
import { certain, isOneOf } from '@/core/certain';
import Papa from 'papaparse';
import { useMemo, useState } from 'react';
import { useVersionedDraft, type DraftKind } from '@/client/use-versioned-draft';
import { rowsMark } from '@/core/case/case';
import { ConflictDialog } from '@/ui/draft/ConflictDialog';
import { SaveLine } from '@/ui/draft/SaveLine';
import { accessoryFunctions } from '@/core/fields/accessory-fields';
import type { PositionCode, PositionTable } from '@/core/case/position-codes';
import { saveText } from '../../ui/forms/save-file';

const empty: PositionCode = { code: '', bay: '', function: 'closing-coil', note: '' };
const COLUMNS = ['code', 'bay', 'function', 'note'] as const;

/** Rows of a CSV file with the columns code, bay, function and note; a fault in words where it is none. */
export function rowsOfCsv(text: string): { rows: PositionCode[] } | { fault: string } {
  const { data, meta } = Papa.parse<Record<string, string>>(text.trim(), { header: true, skipEmptyLines: true });
  const missing = COLUMNS.filter((name) => !(meta.fields ?? []).includes(name));
  if (missing.length > 0) return { fault: `The file has no column ${missing.join(', ')}. Its first line names code, bay, function, note.` };
  const rows: PositionCode[] = [];
  for (const row of data) {
    const cell = (name: string) => (row[name] ?? '').trim();
    const word = cell('function');
    if (!isOneOf(accessoryFunctions, word))
      return { fault: `Function '${word}' is not known; accepted: ${accessoryFunctions.join(', ')}.` };
    rows.push({ code: cell('code'), bay: cell('bay'), function: word, note: cell('note') });
  }
  return { rows };
}

type Letters = { rows: readonly PositionCode[] };
export type LettersKind = DraftKind<Letters>;
const words = (rows: unknown) =>
  rowsMark(rows)
    .map(({ code, bay }) => `${String(code)} ${String(bay)}`.trim())
    .join(' · ') || 'none any more';

/** The letters of one maker's bays, to be read and changed. What was typed stays until its user lets it go. */
function MakerTable({ table, kindOf }: { table: PositionTable; kindOf: (maker: string) => LettersKind }) {
  const kind = useMemo(() => kindOf(table.maker), [kindOf, table.maker]);
  const draft = useVersionedDraft(`letters-${table.maker}`, { version: table.version, value: table }, kind);
  const [fault, setFault] = useState<string>();
  const { rows } = draft.value;
  const setRows = (next: readonly PositionCode[]) => draft.change([{ path: 'rows', value: next }]);
  const takeCsv = (csv: string) => {
    const read = rowsOfCsv(csv);
    setFault('fault' in read ? read.fault : undefined);
    if ('rows' in read) setRows(read.rows);
  };
  const put = (i: number, part: Partial<PositionCode>) => setRows(rows.map((row, k) => (k === i ? { ...row, ...part } : row)));
  const text = (i: number, key: 'code' | 'bay' | 'note', label: string, maxLength: number, wordy = true) => (
    <TextBox
      aria-label={`${label}, row ${i + 1}`}
      value={certain(rows[i])[key]}
      maxLength={maxLength}
      style={{ width: wordy ? undefined : 84 }}
      onChange={(e) => put(i, { [key]: e.target.value })}
    />
  );
  return (
    <div className="sheet letters">
      <div className="letters-scroll">
        <Table>
          <caption className="over">{table.maker}</caption>
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
                  <Button aria-label={`Remove row ${i + 1}`} onClick={() => setRows(rows.filter((_, k) => k !== i))}>
                    Remove
                  </Button>
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </div>
      {(fault ?? draft.fault) && (
        <Notice kind="fails" role="alert">
          {fault ?? draft.fault}
        </Notice>
      )}
      <div className="row-flex">
        <Button onClick={() => setRows([...rows, empty])}>Add a row</Button>
        <Button onClick={() => saveText(`${table.maker} letters.csv`, Papa.unparse([...rows], { columns: [...COLUMNS] }))}>
          Save as CSV
        </Button>
        <FilePick accept=".csv,text/csv" onFile={(file) => void file.text().then(takeCsv)}>
          Read a CSV
        </FilePick>
        <Button color="primary" disabled={draft.save === 'saved' || draft.save === 'saving'} onClick={() => void draft.flush()}>
          Save these codes
        </Button>
        <SaveLine save={draft.save} recovered={draft.recovered} onUndo={draft.canUndo ? draft.undo : undefined} />
      </div>
      {draft.conflict && (
        <ConflictDialog
          document={`the codes of ${table.maker}`}
          theirs={draft.conflict.theirChanges}
          mine={draft.conflict.mine}
          wordsOf={({ value }) => ({ what: 'Codes', says: words(value) })}
          onSettle={draft.settle}
        />
      )}
    </div>
  );
}

/** Every maker's letters, and a new maker. */
export function PositionLetters({ tables, kindOf }: { tables: readonly PositionTable[]; kindOf: (maker: string) => LettersKind }) {
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
        <MakerTable key={table.maker} table={table} kindOf={kindOf} />
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
          <TextBox value={maker} maxLength={60} onChange={(event) => setMaker(event.target.value)} />
        </label>
        <Button type="submit">Add</Button>
      </form>
    </section>
  );
}
