'use client';

import { useState } from 'react';
import type { PositionCode, PositionTable } from '@/core/case/position-codes';
import { PositionLetters, type Kept } from '@/features/lab/PositionLetters';
import { api } from '../../client/api';

const of = (tables: readonly PositionTable[], maker: string): PositionTable =>
  tables.find((table) => table.maker === maker) ?? { maker, version: 0, rows: [] };

/** The user's own letters per maker, saved with the version that was read. */
export function LettersPanel({ start }: { start: readonly PositionTable[] }) {
  const [tables, setTables] = useState(start);
  const save = async (maker: string, version: number, rows: PositionCode[]): Promise<Kept> => {
    const answer = await api<{ tables: PositionTable[] }>('PUT', `/api/v1/position-codes/${encodeURIComponent(maker)}`, { version, rows });
    if (answer.ok) {
      setTables(answer.value.tables);
      return { table: of(answer.value.tables, maker) };
    }
    if (answer.offline) return { fault: 'Loyal Coil cannot be reached. Leave this page open and try again, or save your letters as CSV.' };
    const fault = answer.faults.map(({ reason }) => reason).join(' ');
    return answer.status === 409 ? { fault, theirs: of(answer.body.tables as PositionTable[], maker) } : { fault };
  };
  return <PositionLetters tables={tables} onSave={save} />;
}
