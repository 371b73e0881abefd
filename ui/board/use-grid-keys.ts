'use client';

import { useRef, type KeyboardEvent } from 'react';

const steps: Readonly<Record<string, readonly [down: number, right: number]>> = {
  ArrowRight: [0, 1],
  ArrowLeft: [0, -1],
  ArrowDown: [1, 0],
  ArrowUp: [-1, 0],
};

/** Arrow keys move through the buttons of a table. `missing` is how many columns have no button in the head. */
export function useGridKeys(missing: number) {
  const table = useRef<HTMLTableElement>(null);
  const onKeyDown = (event: KeyboardEvent) => {
    const step = steps[event.key];
    if (!step || !table.current) return;
    const grid = [...table.current.querySelectorAll('tr')]
      .map((row) => [...row.querySelectorAll<HTMLElement>('button')])
      .filter((row) => row.length > 0);
    const y = grid.findIndex((row) => row.some((one) => one === document.activeElement));
    const x = grid[y]?.findIndex((one) => one === document.activeElement) ?? -1;
    // The head has no button over some columns, so its others stand as many to the left.
    const shift = (row: number) => (row > 0 ? missing : 0);
    const target = grid[y + step[0]]?.[x - shift(y) + step[1] + shift(y + step[0])];
    if (!target) return;
    event.preventDefault();
    target.focus();
    target.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  };
  return { ref: table, onKeyDown };
}
