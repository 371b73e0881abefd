'use client';

import { useState } from 'react';
import type { SettingSheet as Sheet } from '@/core/families/contract';

/** One cell of the "as left" column: kept when it is left, not at every letter. */
function AsLeft({ name, value, onValue }: { name: string; value: string; onValue: (value: string) => void }) {
  const [draft, setDraft] = useState<string>();
  return (
    <input
      className="text-in"
      aria-label={`${name}, as left`}
      value={draft ?? value}
      maxLength={60}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={() => {
        if (draft !== undefined && draft.trim() !== value) onValue(draft.trim());
        setDraft(undefined);
      }}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
    />
  );
}

/** Settings in the order of entry, each with its reason and a column for what it was left at. */
export function SettingSheet({
  sheet,
  asLeft,
  onLeft,
}: {
  sheet: Sheet;
  asLeft?: Record<string, string>;
  onLeft?: (id: string, value: string) => void;
}) {
  return (
    <div className="sheet setting-sheet">
      {sheet.conflicts.map((words) => (
        <p key={words} className="say fails" role="alert">
          Refused: {words}
        </p>
      ))}
      {sheet.rows.length > 0 && (
        <table className="plain">
          <caption className="over">Settings, in the order of entry</caption>
          <thead>
            <tr>
              <th scope="col">Setting</th>
              <th scope="col">Set to</th>
              <th scope="col">Why</th>
              <th scope="col">As left</th>
            </tr>
          </thead>
          <tbody>
            {sheet.rows.map(({ id, name, value, reason, source }) => (
              <tr key={id}>
                <th scope="row">{name}</th>
                <td className="figure">{value}</td>
                <td>
                  {reason} <small className="muted">{source}</small>
                </td>
                <td>
                  {onLeft ? (
                    <AsLeft name={name} value={asLeft?.[id] ?? ''} onValue={(left) => onLeft(id, left)} />
                  ) : (
                    <span className="blank-left" />
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  );
}
