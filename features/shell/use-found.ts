import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { read } from '@/client/Queries';
import type { PaletteItem } from '@/ui/shell/Palette';

type FindAnswer = { positions: PaletteItem[]; symptoms: PaletteItem[]; cards: PaletteItem[]; parts: PaletteItem[]; sheets: PaletteItem[] };

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

/** What the finder finds under a text while it is open; what stood there stays until the next answer is here. */
export function useFound(open: boolean, text: string) {
  const asked = useRested(text).slice(0, MAX_LENGTH);
  return useQuery({
    queryKey: ['find', asked],
    enabled: open,
    placeholderData: keepPreviousData,
    queryFn: async ({ signal }) => {
      const { positions, symptoms, cards, parts, sheets } = await read<FindAnswer>(
        'GET',
        `/api/v1/find?q=${encodeURIComponent(asked)}`,
        undefined,
        signal,
      );
      return [...positions, ...symptoms, ...cards, ...parts, ...sheets];
    },
  });
}
