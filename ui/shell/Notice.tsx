'use client';

import Alert from '@mui/material/Alert';
import type { CSSProperties, ReactNode } from 'react';

const lines: Record<NoticeKind, string> = {
  fails: '3px solid var(--fails)',
  check: '3px solid var(--check-fill)',
  'not-known': '3px dashed var(--unknown)',
  fits: '3px solid var(--fits)',
  note: '3px solid var(--note)',
};

export type NoticeKind = 'fails' | 'check' | 'not-known' | 'fits' | 'note';

/** What stands beside a text by a line of its colour; read out at once only where it is an alert or a status. */
export const Notice = ({
  kind,
  role = 'note',
  className = '',
  style,
  children,
}: {
  kind: NoticeKind;
  role?: 'alert' | 'status' | 'note';
  className?: string;
  style?: CSSProperties;
  children: ReactNode;
}) => (
  <Alert className={`say ${kind} ${className}`.trim()} style={{ borderLeft: lines[kind], ...style }} role={role}>
    {children}
  </Alert>
);

/** Why something was not done, read out at once; nothing while there is nothing to say. */
export const FaultNotice = ({ words }: { words: string | undefined }) =>
  words ? (
    <Notice kind="fails" role="alert">
      {words}
    </Notice>
  ) : null;
