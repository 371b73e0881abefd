'use client';

import Dialog from '@mui/material/Dialog';
import { Command } from 'cmdk';

export type PaletteItem = { id: string; group: string; title: string; detail: string; words: string };

/** One palette reaches positions, parts, worksheets and actions. Typing filters; Enter goes. */
export function Palette({
  open,
  text,
  items,
  onClose,
  onPick,
  onType,
  onEnterEarly,
  busy,
}: {
  open: boolean;
  /** What was typed when the items were found. */
  text: string;
  items: PaletteItem[];
  onClose: () => void;
  onPick: (item: PaletteItem) => void;
  onType: (text: string) => void;
  /** Enter under this text, while what is found is not here yet, or stands here and is not marked yet as what Enter goes to. */
  onEnterEarly: (text: string) => void;
  busy: boolean;
}) {
  const groups = [...new Set(items.map((item) => item.group))];
  return (
    <Dialog
      open={open}
      onClose={onClose}
      fullWidth
      maxWidth="sm"
      aria-label="Find anything"
      slotProps={{ paper: { sx: { alignSelf: 'flex-start', mt: 6 } } }}
    >
      <Command
        label="Find anything"
        loop
        onKeyDown={(event) => {
          if (event.key !== 'Enter' || !(event.target instanceof HTMLInputElement)) return;
          const { value } = event.target;
          const marked = event.currentTarget.querySelector('[cmdk-item][aria-selected="true"]');
          if (marked && !busy && value === text) return;
          event.preventDefault();
          onEnterEarly(value);
        }}
        filter={(value, search) =>
          search
            .toLowerCase()
            .split(/\s+/)
            .every((word) => value.includes(word))
            ? 1
            : 0
        }
      >
        <Command.Input autoFocus placeholder="Position, part, worksheet or action" onValueChange={onType} />
        <Command.List>
          <Command.Empty>{busy ? 'Looking…' : 'Nothing by that name. Try a tag such as K4, a maker or a worksheet.'}</Command.Empty>
          {groups.map((group) => (
            <Command.Group key={group} heading={group}>
              {items
                .filter((item) => item.group === group)
                .map((item) => (
                  <Command.Item key={item.id} value={`${item.words.toLowerCase()} ${item.id}`} onSelect={() => onPick(item)}>
                    <span>{item.title}</span>
                    <small>{item.detail}</small>
                  </Command.Item>
                ))}
            </Command.Group>
          ))}
        </Command.List>
      </Command>
    </Dialog>
  );
}
