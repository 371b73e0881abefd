'use client';

import { useMemo, useState } from 'react';
import { Queries } from '@/client/Queries';
import { Palette, type PaletteItem } from '@/ui/shell/Palette';
import { useFound } from './use-found';

type Props = {
  open: boolean;
  /** Pages and actions that are always offered. */
  fixed: readonly PaletteItem[];
  onClose: () => void;
  onPick: (item: PaletteItem) => void;
};

function Found({ open, fixed, onClose, onPick }: Props) {
  const [text, setText] = useState('');
  const { data: found, isFetching } = useFound(open, text);
  const items = useMemo(() => [...(found ?? []), ...fixed], [found, fixed]);
  return <Palette open={open} items={items} busy={isFetching} onClose={onClose} onPick={onPick} onType={setText} />;
}

/** Finds positions, parts, worksheets and pages by a few letters. */
export const Finder = (props: Props) => (
  <Queries>
    <Found {...props} />
  </Queries>
);
