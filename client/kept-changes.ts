/**
 * Changes not yet saved, kept on this device per tab, so that a reload, a crash or a closed tab loses nothing and two
 * tabs never take each other's. A lock held for the life of the page tells whether a tab still lives.
 */
import type { Change } from '@/core/swap/swap';

const TAB = 'loyal-coil:tab';
const prefixOf = (swapId: string) => `loyal-coil:kept:${swapId}:`;
const lockOf = (tab: string) => `${TAB}:${tab}`;

async function livingTabs(): Promise<Set<string>> {
  const state = await navigator.locks?.query();
  return new Set((state?.held ?? []).map((lock) => lock.name ?? ''));
}

let claimed: Promise<string> | undefined;

/** This tab's id; a duplicated tab gets one of its own. */
export function claimTab(): Promise<string> {
  claimed ??= (async () => {
    const living = await livingTabs();
    const before = sessionStorage.getItem(TAB);
    const tab = before && !living.has(lockOf(before)) ? before : Math.random().toString(36).slice(2) + Date.now().toString(36);
    sessionStorage.setItem(TAB, tab);
    void navigator.locks?.request(lockOf(tab), () => new Promise<never>(() => {}));
    return tab;
  })();
  return claimed;
}

/** Keeps the changes of this tab, or forgets them when there are none. */
export function keepChanges(swapId: string, tab: string, changes: Change[]): void {
  try {
    if (changes.length > 0) localStorage.setItem(prefixOf(swapId) + tab, JSON.stringify(changes));
    else localStorage.removeItem(prefixOf(swapId) + tab);
  } catch {
    // A full or forbidden store costs only the copy on this device.
  }
}

/** Takes over what this tab kept before, and what tabs kept that no longer live. */
export async function takeKept(swapId: string, tab: string): Promise<Change[]> {
  const living = await livingTabs();
  const changes: Change[] = [];
  for (const key of Object.keys(localStorage).filter((one) => one.startsWith(prefixOf(swapId)))) {
    const owner = key.slice(prefixOf(swapId).length);
    if (owner !== tab && living.has(lockOf(owner))) continue;
    try {
      changes.push(...(JSON.parse(localStorage.getItem(key) ?? '[]') as Change[]));
    } catch {
      // Not ours, or cut short: nothing to take.
    }
    if (owner !== tab) localStorage.removeItem(key);
  }
  return changes;
}
