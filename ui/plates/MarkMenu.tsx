'use client';

import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { stateMeaning, type Reading, type ReadingState } from '@/core/readings/reading';
import type { EditField } from './edit-field';
import { stateSigns, stateWords } from './state-marks';

const order: ReadingState[] = ['read', 'measured', 'worked-out', 'assumed', 'unreadable', 'absent'];
const line = { minHeight: 44, whiteSpace: 'normal', display: 'block' };

/** What a mark means, and the state in which it is. */
export function MarkMenu({
  field,
  reading,
  stands,
  anchor,
  onClose,
  onState,
}: {
  field: EditField;
  reading: Reading | undefined;
  /** What stands in the field. */
  stands: string;
  anchor: HTMLElement | null;
  onClose: () => void;
  onState: (state: ReadingState) => void;
}) {
  const state = reading?.state;
  return (
    <Menu anchorEl={anchor} open={anchor !== null} onClose={onClose} slotProps={{ paper: { sx: { maxWidth: 340 } } }}>
      <MenuItem disabled sx={{ whiteSpace: 'normal', opacity: '1 !important' }}>
        {field.meaning}
      </MenuItem>
      {reading?.toConfirm && reading.value !== undefined && (
        <MenuItem sx={line} onClick={() => onState(reading.state)}>
          <b>✓ Confirm {stands}</b>
          <small style={{ display: 'block' }}>{reading.from ?? 'Read automatically.'}</small>
        </MenuItem>
      )}
      <MenuItem component="a" href={`/plates/glossary#${field.id}`} sx={{ minHeight: 44 }}>
        Open in the glossary
      </MenuItem>
      {order.map((one) => (
        <MenuItem
          key={one}
          selected={one === state}
          disabled={reading?.value === undefined && one !== 'unreadable' && one !== 'absent'}
          onClick={() => onState(one)}
          sx={line}
        >
          <b>
            {stateSigns[one]} {stateWords[one]}
          </b>
          <small style={{ display: 'block' }}>{stateMeaning[one]}</small>
        </MenuItem>
      ))}
    </Menu>
  );
}
