'use client';

import { FilePick } from '@/ui/forms/FilePick';
import Button from '@mui/material/Button';
import { Notice } from '@/ui/shell/Notice';
import { csvOfRows, rowsOfCsv } from './letters-csv';
import { AnotherMaker } from './AnotherMaker';
import { LettersTable } from './LettersTable';
import { useMemo, useState } from 'react';
import { useVersionedDraft, type DraftKind } from '@/client/use-versioned-draft';
import { rowsMark } from '@/core/case/case';
import { ConflictDialog } from '@/ui/draft/ConflictDialog';
import { SaveLine } from '@/ui/draft/SaveLine';
import type { PositionCode, PositionTable } from '@/core/case/position-codes';
import { saveText } from '../../ui/forms/save-file';
import closingStyle from '@/ui/styles/closing.module.css';

const empty: PositionCode = { code: '', bay: '', function: 'closing-coil', note: '' };
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
  return (
    <div className={`sheet ${closingStyle.letters}`}>
      <div className={closingStyle.lettersScroll}>
        <LettersTable maker={table.maker} rows={rows} onRows={setRows} />
      </div>
      {(fault ?? draft.fault) && (
        <Notice kind="fails" role="alert">
          {fault ?? draft.fault}
        </Notice>
      )}
      <div className="row-flex">
        <Button onClick={() => setRows([...rows, empty])}>Add a row</Button>
        <Button onClick={() => saveText(`${table.maker} letters.csv`, csvOfRows(rows))}>Save as CSV</Button>
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
      <AnotherMaker onMaker={(maker) => [...tables, ...fresh].some((table) => table.maker === maker) || setAdded([...added, maker])} />
    </section>
  );
}
