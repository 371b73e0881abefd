'use client';

import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import type { Change } from '@/core/swap/swap';

/** Somebody saved first: both sides are shown, and mine can be laid over theirs entry by entry. */
export function ConflictDialog({
  theirs,
  mine,
  document,
  wordsOf,
  onSettle,
}: {
  theirs: readonly Change[];
  mine: readonly Change[];
  /** What was saved meanwhile. Example: 'this job'. */
  document: string;
  /** A change as a person reads it: which field, and what it says now. */
  wordsOf: (change: Change) => { what: string; says: string };
  onSettle: (keep: string[]) => void;
}) {
  const line = (change: Change) => {
    const { what, says } = wordsOf(change);
    return (
      <>
        {what}: <b>{says}</b>
      </>
    );
  };
  const both = new Set(theirs.map(({ path }) => path));
  const [keep, setKeep] = useState<string[]>(mine.map(({ path }) => path).filter((path) => !both.has(path)));
  const toggle = (path: string) => setKeep((paths) => (paths.includes(path) ? paths.filter((one) => one !== path) : [...paths, path]));
  return (
    <Dialog open fullWidth maxWidth="sm" aria-labelledby="conflict-title">
      <DialogTitle id="conflict-title">Somebody else saved {document} meanwhile</DialogTitle>
      <DialogContent className="stack">
        <p>Nothing was overwritten. Their changes stay unless you put yours over them.</p>
        <div>
          <p className="label">They changed</p>
          <ul style={{ margin: '4px 0', paddingLeft: 18 }}>
            {theirs.map((change) => (
              <li key={change.path}>{line(change)}</li>
            ))}
          </ul>
        </div>
        <div>
          <p className="label">You changed: keep what is ticked</p>
          {mine.map((change) => (
            <label key={change.path} style={{ display: 'flex', alignItems: 'center' }}>
              <Checkbox checked={keep.includes(change.path)} onChange={() => toggle(change.path)} />
              <span>
                {line(change)}
                {both.has(change.path) ? ' (they changed the same; yours would replace it)' : ''}
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
