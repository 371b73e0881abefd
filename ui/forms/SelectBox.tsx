'use client';

import NativeSelect from '@mui/material/NativeSelect';
import OutlinedInput from '@mui/material/OutlinedInput';
import type { ComponentPropsWithoutRef, CSSProperties, ReactNode } from 'react';

type Native = Omit<ComponentPropsWithoutRef<'select'>, 'size' | 'color' | 'value' | 'onChange' | 'className' | 'style' | 'children'>;
/** A word and how it is shown; a word alone is shown as it is. */
export type Option<Word extends string> = Word | readonly [word: Word, text: ReactNode];

/** A choice of words by the device's own list; what comes back is one of them. */
export function SelectBox<Word extends string>({
  options,
  value,
  onWord,
  wide = false,
  className = '',
  style,
  ...select
}: Native & {
  options: readonly Option<Word>[];
  value: NoInfer<Word>;
  onWord: (word: Word) => void;
  wide?: boolean;
  className?: string;
  style?: CSSProperties;
}) {
  const words = options.map((option) => (typeof option === 'string' ? ([option, option] as const) : option));
  return (
    <NativeSelect
      className={`text-in ${wide ? 'wide' : ''} ${className}`.trim()}
      style={{ fontFamily: 'var(--sans)', ...style }}
      value={value}
      onChange={(event) => {
        const chosen = words.find(([word]) => word === event.target.value);
        if (chosen) onWord(chosen[0]);
      }}
      input={<OutlinedInput />}
      inputProps={select}
    >
      {words.map(([word, text]) => (
        <option key={word} value={word}>
          {text}
        </option>
      ))}
    </NativeSelect>
  );
}
