'use client';

import ToggleButton from '@mui/material/ToggleButton';
import type { ComponentPropsWithoutRef } from 'react';

/** A choice that is on or off. */
export const Pill = ({
  pressed,
  ...more
}: { pressed: boolean } & Omit<ComponentPropsWithoutRef<typeof ToggleButton>, 'value' | 'selected'>) => (
  <ToggleButton value="on" selected={pressed} {...more} />
);
