/** A label's code, typed by a scanner. */
import type { PaletteItem } from '@/ui/shell/Palette';

/** The page of ours that the address on a label leads to, under whatever name its printer knew us; nothing where the text is no address. */
export function scannedPage(text: string): PaletteItem[] | undefined {
  if (!/^https?:\/\//i.test(text) || !URL.canParse(text)) return undefined;
  const { pathname, search } = new URL(text);
  // Two strokes at the beginning would lead to another server.
  const page = `${pathname.replace(/^[/\\]+/, '/')}${search}`;
  return [{ id: page, group: 'Scanned', title: 'Open what this label names', detail: page, words: text }];
}
