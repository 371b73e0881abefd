'use client';

import type { CSSProperties } from 'react';
import { TextBox } from './TextBox';
import { useFigure, type Taken } from './use-figure';

/** A figure to type, with what stands against it said below. */
export function FigureBox<T>({
  stands,
  take,
  onTaken,
  style,
  ...rest
}: {
  stands: string;
  take: (text: string, said?: string) => Taken<T>;
  onTaken: (value: T) => void;
  id?: string;
  'aria-label'?: string;
  placeholder?: string;
  wide?: boolean;
  style?: CSSProperties;
}) {
  const { input, fault, faultId } = useFigure(stands, take, onTaken);
  return (
    <span style={{ display: rest.wide ? 'grid' : 'inline-grid' }}>
      <TextBox {...rest} {...input} style={style} />
      {fault && (
        <small id={faultId} className="fault-text" role="alert">
          {fault}
        </small>
      )}
    </span>
  );
}
