/** The glossary: every mark of every plate with its names, meaning and recovery, made from the grammars themselves. */
import { certain } from '../certain';
import type { PlateDefinition } from './plate-field';

export type GlossaryEntry = {
  id: string;
  label: string;
  names: string[];
  meaning: string;
  recovery: string;
  unit: string;
  plates: string[];
};

/** Returns one entry for each mark; marks of the same id and meaning on several plates are one. Sorted by label. */
export function glossaryOf(plates: readonly PlateDefinition[]): GlossaryEntry[] {
  const entries = new Map<string, GlossaryEntry>();
  for (const plate of plates)
    for (const field of plate.fields) {
      const key = `${field.id}|${field.meaning}`;
      const known = entries.get(key);
      const names = [
        ...field.names,
        ...Object.keys(field.printed ?? {}),
        ...(field.kind === 'word' && certain(field.words).length <= 24 ? certain(field.words) : []),
      ];
      if (known) {
        known.plates.push(plate.title);
        known.names = [...new Set([...known.names, ...names])];
      } else
        entries.set(key, {
          id: field.id,
          label: field.label,
          names: [...new Set(names)],
          meaning: field.meaning,
          recovery: field.recovery,
          unit: field.unit === 'count' || field.unit === 'ratio' ? '' : field.unit,
          plates: [plate.title],
        });
    }
  return [...entries.values()].sort((a, b) => a.label.localeCompare(b.label) || a.id.localeCompare(b.id));
}

/** Finds entries by any name, label or word of the meaning; an exact name comes first. */
export function searchGlossary(entries: readonly GlossaryEntry[], query: string): GlossaryEntry[] {
  const bare = (text: string) => text.toUpperCase().replace(/[\s.]/g, '');
  const wanted = bare(query);
  if (wanted === '') return [...entries];
  const rank = (entry: GlossaryEntry): number => {
    const names = entry.names.map(bare);
    if (names.includes(wanted) || bare(entry.label) === wanted) return 0;
    if (names.some((name) => name.startsWith(wanted)) || bare(entry.label).startsWith(wanted)) return 1;
    if (names.some((name) => name.includes(wanted)) || bare(entry.label).includes(wanted)) return 2;
    return wanted.length > 2 && bare(entry.meaning).includes(wanted) ? 3 : 9;
  };
  return entries
    .map((entry) => ({ entry, at: rank(entry) }))
    .filter(({ at }) => at < 9)
    .sort((a, b) => a.at - b.at)
    .map(({ entry }) => entry);
}
