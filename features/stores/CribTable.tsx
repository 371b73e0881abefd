'use client';

import { DataGrid, type GridColDef, type GridColumnVisibilityModel } from '@mui/x-data-grid';
import { isOneOf, isRecord } from '@/core/certain';
import { formatInstant } from '@/core/language/format-instant';
import { wordText } from '@/core/language/word-text';
import { cribColumns } from '@/core/stores/crib-columns';
import { useKept } from '@/client/use-kept';
import type { CribRow } from '@/services/crib';
import { keyOfRow, type CribAsked } from './use-crib';

const figure = { type: 'number', width: 84 } as const;
const columns: GridColDef<CribRow>[] = [
  { field: 'name', headerName: 'Part', flex: 2, minWidth: 200 },
  { field: 'orderNumber', headerName: 'Order number', width: 130 },
  { field: 'maker', headerName: 'Maker', width: 130 },
  { field: 'family', headerName: 'Kind', width: 130, valueFormatter: (value: string) => wordText(value) },
  { field: 'place', headerName: 'Place', width: 110 },
  { field: 'quantity', headerName: 'Lie here', ...figure },
  { field: 'total', headerName: 'In all', ...figure },
  { field: 'least', headerName: 'Least', ...figure },
  { field: 'most', headerName: 'Most', ...figure },
  {
    ...{ field: 'countedAt', headerName: 'Last counted', width: 150 },
    valueFormatter: (value: string | null) => (value ? formatInstant(value, 'UTC') : 'never'),
  },
];
const HIDDEN: GridColumnVisibilityModel = { orderNumber: false, maker: false };
const isShown = (value: unknown): value is GridColumnVisibilityModel =>
  isRecord(value) && Object.values(value).every((shown) => typeof shown === 'boolean');

type Props = {
  rows: readonly CribRow[];
  total: number;
  busy: boolean;
  asked: CribAsked;
  onAsk: (change: Partial<CribAsked>) => void;
  onChoose: (row: CribRow) => void;
};

/** What lies where, a page at a time; which columns are shown is kept on this device. */
export function CribTable({ rows, total, busy, asked, onAsk, onChoose }: Props) {
  const [shown, setShown] = useKept('crib columns', () => HIDDEN, isShown);
  return (
    <div className="sheet" style={{ height: 'max(320px, 46vh)' }}>
      <DataGrid
        aria-label="What lies in the stores"
        density="compact"
        columns={columns}
        rows={rows}
        getRowId={keyOfRow}
        rowCount={total}
        loading={busy}
        paginationMode="server"
        sortingMode="server"
        disableColumnFilter
        pageSizeOptions={[25, 50, 100]}
        paginationModel={{ page: asked.page, pageSize: asked.size }}
        onPaginationModelChange={({ page, pageSize }) => onAsk({ page, size: pageSize })}
        sortModel={[{ field: asked.by, sort: asked.down ? 'desc' : 'asc' }]}
        onSortModelChange={([first]) =>
          onAsk({ by: isOneOf(cribColumns, first?.field) ? first.field : 'name', down: first?.sort === 'desc' })
        }
        columnVisibilityModel={shown}
        onColumnVisibilityModelChange={(next) => setShown(() => next)}
        disableMultipleRowSelection
        onRowClick={({ row }) => onChoose(row)}
        onCellKeyDown={({ row }, event) => {
          if (event.key === 'Enter') onChoose(row);
        }}
      />
    </div>
  );
}
