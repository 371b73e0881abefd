import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { read } from '@/client/Queries';
import type { PaletteItem } from '@/ui/shell/Palette';
import { scannedPage } from './scanned-page';

type FindAnswer = Record<'positions' | 'symptoms' | 'cards' | 'parts' | 'places' | 'sheets', PaletteItem[]>;

const PAUSE_MS = 120;
const MAX_LENGTH = 80;

/** The text once nobody has typed for a moment. */
function useRested(text: string): string {
  const [rested, setRested] = useState(text);
  useEffect(() => {
    const timer = setTimeout(() => setRested(text), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [text]);
  return rested;
}

/**
 * What the finder finds under a text while it is open; what stood there stays until the next answer is here. `busy`: the answer to this text is
 * not here yet.
 */
export function useFound(open: boolean, text: string) {
  const asked = useRested(text).slice(0, MAX_LENGTH);
  const scanned = useMemo(() => scannedPage(text), [text]);
  const { data, isFetching } = useQuery({
    queryKey: ['find', asked],
    enabled: open && !scanned,
    placeholderData: keepPreviousData,
    queryFn: async ({ signal }) => {
      const { positions, symptoms, cards, parts, places, sheets } = await read<FindAnswer>(
        'GET',
        `/api/v1/find?q=${encodeURIComponent(asked)}`,
        undefined,
        signal,
      );
      // The server has found them under this text, by words that do not stand on the screen too, and past a slip of the key.
      return [...positions, ...symptoms, ...cards, ...parts, ...places, ...sheets].map((item) => ({
        ...item,
        words: `${item.words} ${asked}`,
      }));
    },
  });
  return { found: scanned ?? data, busy: isFetching || asked !== text.slice(0, MAX_LENGTH) };
}
