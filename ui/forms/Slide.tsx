'use client';

import type { ComponentPropsWithoutRef } from 'react';

/** A slider beside a drawing that follows it as it is dragged. */
export const Slide = ({
  onSlide,
  ...input
}: Omit<ComponentPropsWithoutRef<'input'>, 'type' | 'onChange'> & { onSlide: (value: number) => void }) => (
  // eslint-disable-next-line no-restricted-syntax -- part of a drawing: the device's own slider takes keys, touch and any step, at no weight
  <input {...input} type="range" onChange={(event) => onSlide(Number(event.target.value))} />
);
