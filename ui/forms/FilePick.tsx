'use client';

import Button from '@mui/material/Button';
import { useRef, type ComponentPropsWithoutRef, type ReactNode } from 'react';

/** A button that lets a file be chosen. */
export function FilePick({
  children,
  onFile,
  disabled,
  ...input
}: Omit<ComponentPropsWithoutRef<'input'>, 'type' | 'onChange' | 'size' | 'color'> & {
  children: ReactNode;
  onFile: (file: File) => void;
}) {
  const field = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button disabled={disabled} onClick={() => field.current?.click()}>
        {children}
      </Button>
      {/* eslint-disable-next-line no-restricted-syntax -- the library has no field for files: a button opens the device's own */}
      <input
        aria-label={typeof children === 'string' ? children : 'File'}
        {...input}
        ref={field}
        type="file"
        className="visually-hidden"
        tabIndex={-1}
        disabled={disabled}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
    </>
  );
}
