'use client';

import { api } from '@/client/api';
import type { PositionCode, PositionTable } from '@/core/case/position-codes';
import { PositionLetters, type LettersKind } from './PositionLetters';

const tablesOf = (body: Record<string, unknown>): PositionTable[] => (Array.isArray(body.tables) ? body.tables : []);
const of = (tables: readonly PositionTable[], maker: string): { version: number; value: PositionTable } => {
  const table = tables.find((one) => one.maker === maker) ?? { maker, version: 0, rows: [] };
  return { version: table.version, value: table };
};

/** The letters of a maker as a document with a version. */
const kindOf = (maker: string): LettersKind => ({
  apply: (letters, changes) => changes.reduce((so, { value }) => ({ ...so, rows: Array.isArray(value) ? value : so.rows }), letters),
  diff: (from, to) => (JSON.stringify(from.rows) === JSON.stringify(to.rows) ? [] : [{ path: 'rows', value: to.rows }]),
  send: async (version, _, { rows }: { rows: readonly PositionCode[] }) => {
    const answer = await api<{ tables: PositionTable[] }>('PUT', `/api/v1/position-codes/${encodeURIComponent(maker)}`, { version, rows });
    return answer.ok ? { ok: true, value: of(answer.value.tables, maker) } : answer;
  },
  standing: (body) => of(tablesOf(body), maker),
  autosave: false,
});

/** The user's own letters per maker, saved with the version that was read. */
export const LettersPanel = ({ start }: { start: readonly PositionTable[] }) => <PositionLetters tables={start} kindOf={kindOf} />;
