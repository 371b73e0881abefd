/**
 * How is a position named? By the letters of its kind and the next free number, in the habit of its site.
 * Letters: classes of IEC 81346-2 (from memory), and the letters of control diagrams under NFPA practice (common practice).
 */
export const tagHabits = ['iec-81346', 'nfpa'] as const;
export type TagHabit = (typeof tagHabits)[number];
export const tagHabitWords: Readonly<Record<TagHabit, string>> = {
  'iec-81346': 'classes of IEC 81346-2: Q, F, K, T',
  nfpa: 'letters of US control diagrams: CB, M, OL, CR, TR, FU',
};

/** Devices that stand in panels and are not judged; they are named, fed and found all the same. */
export const otherDevices = ['transformer', 'disconnector', 'drive', 'soft-starter', 'power-supply', 'terminals', 'other'] as const;
export type OtherDevice = (typeof otherDevices)[number];

const letters: Readonly<Record<TagHabit, Readonly<Record<string, string>>>> = {
  'iec-81346': {
    ...{ breaker: 'Q', contactor: 'Q', 'air-breaker': 'Q', disconnector: 'Q', 'soft-starter': 'Q' },
    ...{ 'overload-relay': 'F', fuse: 'F', 'residual-current': 'F' },
    ...{ 'control-relay': 'K', 'timing-relay': 'K', 'monitoring-relay': 'K' },
    ...{ 'breaker-coil': 'M', 'run-capacitor': 'C', transformer: 'T', drive: 'T', 'power-supply': 'T', terminals: 'X' },
  },
  nfpa: {
    ...{ breaker: 'CB', 'air-breaker': 'CB', contactor: 'M', 'overload-relay': 'OL', fuse: 'FU', 'residual-current': 'GFP' },
    ...{ 'control-relay': 'CR', 'timing-relay': 'TR', 'monitoring-relay': 'PMR', 'breaker-coil': 'CC', 'run-capacitor': 'CAP' },
    ...{ transformer: 'T', disconnector: 'DISC', drive: 'VFD', 'soft-starter': 'SS', 'power-supply': 'PS', terminals: 'TB' },
  },
};

/** Letters of a kind of device; 'X' where the habit has none. */
export const tagLetters = (habit: TagHabit, device: string): string => letters[habit][device] ?? 'X';

/** The tag for one more device of a kind beside those in use, whatever their case. Example: 'Q3' beside Q1 and Q2. */
export function nextTag(habit: TagHabit, device: string, inUse: readonly string[]): string {
  const own = tagLetters(habit, device);
  const taken = new Set(inUse.map((tag) => tag.toUpperCase()));
  let number = 1;
  while (taken.has(`${own}${number}`)) number += 1;
  return `${own}${number}`;
}
