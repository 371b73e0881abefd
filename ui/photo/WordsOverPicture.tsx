'use client';

import { useState } from 'react';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import type { OcrPlate } from '@/core/picture/ocr-plate';
import photoStyle from '@/ui/styles/photo.module.css';

export type WordField = { id: string; label: string };

/** The picture with the words found drawn over it: filled where a field took them, dashed where none did. */
export function WordsOverPicture({
  url,
  seen,
  fields,
  fieldOfWord,
  lit,
  onAssign,
}: {
  url: string;
  seen: OcrPlate;
  fields: readonly WordField[];
  fieldOfWord: (word: number) => string | undefined;
  lit: readonly number[];
  onAssign: (word: number, field: string) => void;
}) {
  const [open, setOpen] = useState<{ word: number; anchor: Element }>();
  const { words } = seen.first;
  const labelOf = (id: string | undefined) => fields.find((field) => field.id === id)?.label;
  return (
    <div className={photoStyle.wordsOver}>
      <img src={url} alt="The plate" className="picture" />
      <svg viewBox={`0 0 ${seen.width} ${seen.height}`} role="group" aria-label="Words found in the picture">
        {words.map((word, i) => {
          const field = fieldOfWord(i);
          const what = `${word.text}, ${labelOf(field) ?? 'not assigned'}`;
          return (
            <polygon
              key={i}
              points={word.corners.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ')}
              className={`${photoStyle.word} ${field ? photoStyle.taken : 'spare'} ${lit.includes(i) ? photoStyle.lit : ''}`}
              role="button"
              tabIndex={0}
              aria-label={what}
              onClick={(event) => setOpen({ word: i, anchor: event.currentTarget })}
              onKeyDown={(event) => {
                if (event.key === 'Enter' || event.key === ' ') {
                  event.preventDefault();
                  setOpen({ word: i, anchor: event.currentTarget });
                }
              }}
            >
              <title>{what}</title>
            </polygon>
          );
        })}
      </svg>
      <Menu
        anchorEl={open?.anchor}
        open={open !== undefined}
        onClose={() => setOpen(undefined)}
        slotProps={{ paper: { sx: { maxHeight: 360 } } }}
      >
        <MenuItem disabled sx={{ opacity: '1 !important', whiteSpace: 'normal', maxWidth: 300 }}>
          <span>
            <b className="figure">{open && words[open.word]?.text}</b>
            {open && ` · confidence ${Math.round(words[open.word]?.confidence ?? 0)} %. Give it to:`}
          </span>
        </MenuItem>
        {fields.map((field) => (
          <MenuItem
            key={field.id}
            sx={{ minHeight: 44 }}
            selected={open !== undefined && fieldOfWord(open.word) === field.id}
            onClick={() => {
              if (open) onAssign(open.word, field.id);
              setOpen(undefined);
            }}
          >
            {field.label}
          </MenuItem>
        ))}
      </Menu>
    </div>
  );
}
