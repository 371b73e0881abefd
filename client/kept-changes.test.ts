/** Unsaved changes belong to their tab; a tab that no longer lives leaves them to the next. */
import { beforeEach, expect, it, vi } from 'vitest';

type Store = Record<string, string>;
let held: Set<string>;
let local: Store;

/** A browser's stores and locks, as far as they are used here: the stores list their keys as own properties. */
function browser(session: Store): void {
  const storage = (store: Store) =>
    new Proxy(store, {
      get: (target, key) =>
        key === 'getItem'
          ? (name: string) => target[name] ?? null
          : key === 'setItem'
            ? (name: string, value: string) => void (target[name] = value)
            : key === 'removeItem'
              ? (name: string) => void delete target[name]
              : target[key as string],
    });
  vi.stubGlobal('localStorage', storage(local));
  vi.stubGlobal('sessionStorage', storage(session));
  vi.stubGlobal('navigator', {
    locks: {
      query: async () => ({ held: [...held].map((name) => ({ name })) }),
      request: (name: string, run: () => Promise<never>) => {
        held.add(name);
        return run();
      },
    },
  });
}

/** A tab of its own: a fresh copy of the module over the shared store. */
async function openTab(session: Store = {}) {
  vi.resetModules();
  browser(session);
  const kept = await import('./kept-changes');
  return { ...kept, session, id: await kept.claimTab() };
}
const closeTab = (id: string) => held.delete(`loyal-coil:tab:${id}`);
const change = [{ path: 'typed.load', value: 'HP 3' }];

beforeEach(() => {
  held = new Set();
  local = {};
});

it('a reload of the same tab takes its own changes back', async () => {
  const tab = await openTab();
  tab.keepChanges('swap', tab.id, change);
  closeTab(tab.id);
  const again = await openTab(tab.session);
  expect(again.id).toBe(tab.id);
  expect(await again.takeKept('swap', again.id)).toEqual(change);
});

it('a second tab leaves a living tab’s changes alone', async () => {
  const one = await openTab();
  one.keepChanges('swap', one.id, change);
  const two = await openTab();
  expect(two.id).not.toBe(one.id);
  expect(await two.takeKept('swap', two.id)).toEqual([]);
});

it('a duplicated tab gets an id of its own', async () => {
  const one = await openTab();
  const copy = await openTab({ ...one.session });
  expect(copy.id).not.toBe(one.id);
});

it('what a closed tab left is taken over once', async () => {
  const one = await openTab();
  one.keepChanges('swap', one.id, change);
  closeTab(one.id);
  const two = await openTab();
  expect(await two.takeKept('swap', two.id)).toEqual(change);
  const three = await openTab();
  expect(await three.takeKept('swap', three.id)).toEqual([]);
});

it('other swaps and spoilt entries are left alone', async () => {
  const one = await openTab();
  one.keepChanges('other', one.id, change);
  local['loyal-coil:kept:swap:gone'] = '{spoilt';
  expect(await one.takeKept('swap', one.id)).toEqual([]);
  one.keepChanges('other', one.id, []);
  expect(Object.keys(local).some((key) => key.includes('other'))).toBe(false);
});
