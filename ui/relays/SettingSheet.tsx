'use client';

import { TextBox } from '@/ui/forms/TextBox';
import { TickBox } from '@/ui/forms/TickBox';
import { Notice } from '@/ui/shell/Notice';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TableCell from '@mui/material/TableCell';
import TableBody from '@mui/material/TableBody';
import { useState } from 'react';
import type { SettingSheet as Sheet } from '@/core/families/contract';
import relaysStyle from '@/ui/styles/relays.module.css';

/** One cell of "as found" or "as left": kept when it is left, not at every letter. */
function Noted({ name, value, hint, onValue }: { name: string; value: string; hint?: string; onValue: (value: string) => void }) {
  const [draft, setDraft] = useState<string>();
  return (
    <TextBox
      aria-label={name}
      placeholder={hint}
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

/** Which keys set it, to be ticked as they are pressed; a tick is kept by nobody. */
function Strokes({ name, strokes }: { name: string; strokes: readonly string[] }) {
  const [pressed, setPressed] = useState<readonly boolean[]>([]);
  return (
    <ol aria-label={`Keys for ${name}`} style={{ listStyle: 'none', margin: 0, padding: 0 }}>
      {strokes.map((stroke, i) => (
        <li key={`${i} ${stroke}`}>
          <label className="row-flex" style={{ flexWrap: 'nowrap', gap: 4 }}>
            <TickBox
              checked={pressed[i] ?? false}
              onTick={(now) => setPressed(strokes.map((_one, k) => (k === i ? now : (pressed[k] ?? false))))}
            />
            <span className="figure">{stroke}</span>
          </label>
        </li>
      ))}
    </ol>
  );
}

/** Settings in the order of entry, each with its reason and a column for what it was left at. */
export function SettingSheet({
  sheet,
  asFound,
  asLeft,
  leftLast = {},
  strokes = {},
  onFound,
  onLeft,
}: {
  sheet: Sheet;
  asFound?: Record<string, string>;
  asLeft?: Record<string, string>;
  /** What the last record here says of a setting, by its name. */
  leftLast?: Readonly<Record<string, string>>;
  /** Keys of the maker's menu that set it, by its name, where somebody entered them. */
  strokes?: Readonly<Record<string, readonly string[]>>;
  onFound?: (id: string, value: string) => void;
  onLeft?: (id: string, value: string) => void;
}) {
  return (
    <div className={`sheet ${relaysStyle.settingSheet}`}>
      {sheet.conflicts.map((words) => (
        <Notice kind="fails" key={words} role="alert">
          Refused: {words}
        </Notice>
      ))}
      {sheet.rows.length > 0 && (
        <Table>
          <caption className="over">Settings, in the order of entry</caption>
          <TableHead>
            <TableRow>
              <TableCell scope="col">Setting</TableCell>
              {onFound && <TableCell scope="col">As found</TableCell>}
              <TableCell scope="col">Set to</TableCell>
              <TableCell scope="col">Why</TableCell>
              <TableCell scope="col">As left</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {sheet.rows.map(({ id, name, value, reason, source }) => (
              <TableRow key={id}>
                <TableCell component="th" scope="row">
                  {name}
                  {strokes[name] && <Strokes name={name} strokes={strokes[name]} />}
                </TableCell>
                {onFound && (
                  <TableCell>
                    <Noted
                      name={`${name}, as found`}
                      value={asFound?.[id] ?? ''}
                      hint={leftLast[name] === undefined ? undefined : `left at ${leftLast[name]}`}
                      onValue={(found) => onFound(id, found)}
                    />
                  </TableCell>
                )}
                <TableCell className="figure">{value}</TableCell>
                <TableCell>
                  {reason} <small className="muted">{source}</small>
                </TableCell>
                <TableCell>
                  {onLeft ? (
                    <span className="row-flex" style={{ flexWrap: 'nowrap', gap: 4 }}>
                      <Noted name={`${name}, as left`} value={asLeft?.[id] ?? ''} onValue={(left) => onLeft(id, left)} />
                      {!asLeft?.[id] && (
                        <Button aria-label={`${name} is set as it says`} onClick={() => onLeft(id, value)}>
                          Set
                        </Button>
                      )}
                    </span>
                  ) : (
                    <span className={relaysStyle.blankLeft} />
                  )}
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      )}
    </div>
  );
}
