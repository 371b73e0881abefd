'use client';

import OutlinedInput from '@mui/material/OutlinedInput';
import type { ComponentPropsWithRef } from 'react';

type Native = Omit<ComponentPropsWithRef<'input'>, 'size' | 'color'>;

/** A field to type into; what is given goes to the input itself. `wide` takes the whole row, in words; `rows` makes it a field of lines. */
export function TextBox({ wide = false, className = '', rows, style, ...input }: Native & { wide?: boolean; rows?: number }) {
  return (
    <OutlinedInput
      className={`text-in ${wide ? 'wide' : ''} ${className}`.trim()}
      style={style}
      slotProps={{ input }}
      {...(rows === undefined ? {} : { multiline: true, rows })}
    />
  );
}
