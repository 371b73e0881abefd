'use client';

import { useState } from 'react';
import type { PositionCode, PositionTable } from '@/core/case/position-codes';
import { PositionLetters } from '@/ui/closing/PositionLetters';
import { api } from './api';

/** The user's own letters per maker, saved with the version that was read. */
export function LettersPanel({ start }: { start: readonly PositionTable[] }) {
  const [tables, setTables] = useState(start);
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const save = async (maker: string, version: number, rows: PositionCode[]) => {
    if (busy) return;
    setBusy(true);
    const answer = await api<{ tables: PositionTable[] }>('PUT', `/api/v1/position-codes/${encodeURIComponent(maker)}`, { version, rows });
    setBusy(false);
    if (answer.ok) {
      setTables(answer.value.tables);
      setFault(undefined);
      return;
    }
    setFault(answer.faults.map(({ reason }) => reason).join(' '));
    // Somebody saved first: theirs is shown, and nothing of it is lost.
    if (answer.status === 409) setTables(answer.body.tables as PositionTable[]);
  };
  return <PositionLetters tables={tables} fault={fault} busy={busy} onSave={(maker, version, rows) => void save(maker, version, rows)} />;
}
