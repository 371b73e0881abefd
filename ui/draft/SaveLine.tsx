'use client';

import Button from '@mui/material/Button';
import swapStyle from '@/ui/styles/swap.module.css';

const saveWords = {
  saved: 'Saved',
  unsaved: 'Not saved yet',
  saving: 'Saving',
  offline: 'Not saved: kept on this device, trying again',
  refused: 'Not saved',
} as const;

/** How a draft stands, and the way back from the last change. */
export const SaveLine = ({
  save,
  recovered = false,
  onUndo,
}: {
  save: keyof typeof saveWords;
  /** What was not saved when the page was last left stands here again. */
  recovered?: boolean;
  /** Absent: there is nothing to undo. */
  onUndo?: () => void;
}) => (
  <p className={swapStyle.saveState} role="status">
    {saveWords[save]}
    {recovered && save !== 'saved' ? ': this is what was typed here before' : ''}
    {onUndo && (
      <>
        {' · '}
        <Button variant="text" style={{ minHeight: 30 }} onClick={onUndo}>
          Undo
        </Button>
      </>
    )}
  </p>
);
