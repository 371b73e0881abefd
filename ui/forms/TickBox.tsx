'use client';

import Checkbox from '@mui/material/Checkbox';
import type { ComponentPropsWithoutRef } from 'react';

type Native = Omit<ComponentPropsWithoutRef<'input'>, 'size' | 'color' | 'type' | 'onChange'>;

/** A box to tick, large enough for gloves. */
export const TickBox = ({ checked, disabled, onTick, ...input }: Native & { checked: boolean; onTick: (ticked: boolean) => void }) => (
  <Checkbox {...{ checked, disabled }} onChange={(event) => onTick(event.target.checked)} slotProps={{ input }} />
);
