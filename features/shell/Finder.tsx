'use client';

import { useEffect, useMemo, useState } from 'react';
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
  const { found, busy } = useFound(open, text);
  const items = useMemo(() => [...(found ?? []), ...fixed], [found, fixed]);
  // A scanner types and enters faster than anything is found: what it entered is gone to once it is.
  const [entered, setEntered] = useState<string>();
  const first = found?.[0] ?? fixed.find(({ words }) => words.toLowerCase().includes(text.toLowerCase()));
  useEffect(() => {
    if (entered !== text || busy) return;
    setEntered(undefined);
    if (first) onPick(first);
  }, [entered, busy, text, first, onPick]);
  const type = (typed: string) => {
    setText(typed);
    // Who types on has not entered this.
    setEntered((now) => (now === typed ? now : undefined));
  };
  return <Palette {...{ open, text, items, busy, onClose, onPick, onType: type, onEnterEarly: setEntered }} />;
}

/** Finds positions, parts, worksheets and pages by a few letters. */
export const Finder = (props: Props) => (
  <Queries>
    <Found {...props} />
  </Queries>
);
