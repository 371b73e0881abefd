'use client';

import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import type { Change } from '@/core/swap/swap';

const words = (value: unknown): string => {
  if (value === null || value === undefined) return 'taken away';
  if (typeof value === 'object' && 'value' in value) return String((value as { value: unknown }).value);
  if (typeof value === 'object' && 'state' in value) return String((value as { state: unknown }).state);
  return typeof value === 'object' ? JSON.stringify(value).slice(0, 60) : String(value);
};

/** Somebody saved first: both sides are shown, and mine can be laid over theirs entry by entry. */
export function ConflictDialog({ theirs, mine, onSettle }: { theirs: Change[]; mine: Change[]; onSettle: (keep: string[]) => void }) {
  const both = new Set(theirs.map(({ path }) => path));
  const [keep, setKeep] = useState<string[]>(mine.map(({ path }) => path).filter((path) => !both.has(path)));
  const toggle = (path: string) => setKeep((paths) => (paths.includes(path) ? paths.filter((one) => one !== path) : [...paths, path]));
  return (
    <Dialog open fullWidth maxWidth="sm" aria-labelledby="conflict-title">
      <DialogTitle id="conflict-title">Somebody else saved this job meanwhile</DialogTitle>
      <DialogContent className="stack">
        <p>Nothing was overwritten. Their changes stay unless you put yours over them.</p>
        <div>
          <p className="label">They changed</p>
          <ul style={{ margin: '4px 0', paddingLeft: 18 }}>
            {theirs.map(({ path, value }) => (
              <li key={path}>
                <span className="figure">{path}</span>: {words(value)}
              </li>
            ))}
          </ul>
        </div>
        <div>
          <p className="label">You changed: keep what is ticked</p>
          {mine.map(({ path, value }) => (
            <label key={path} style={{ display: 'flex', alignItems: 'center' }}>
              <Checkbox checked={keep.includes(path)} onChange={() => toggle(path)} />
              <span>
                <span className="figure">{path}</span>: {words(value)}
                {both.has(path) ? ' (they changed the same; yours would replace it)' : ''}
              </span>
            </label>
          ))}
        </div>
      </DialogContent>
      <DialogActions>
        <Button onClick={() => onSettle([])}>Use theirs, discard mine</Button>
        <Button variant="contained" onClick={() => onSettle(keep)}>
          Keep both as ticked
        </Button>
      </DialogActions>
    </Dialog>
  );
}
