/** How many actions a job takes: clicks of a person, and fields that were typed or chosen. Counted in the page itself. */
import type { Page } from '@playwright/test';
import { expect } from './test';

export type Actions = { count: () => number; list: () => readonly string[] };

/** Counts from here on, over every page that is opened. */
export async function countActions(page: Page): Promise<Actions> {
  const done: string[] = [];
  await page.exposeFunction('countAction', (what: string) => {
    done.push(what);
  });
  await page.addInitScript(() => {
    const { countAction } = window as unknown as { countAction: (what: string) => void };
    const isField = (target: EventTarget | null) =>
      target instanceof HTMLSelectElement ||
      target instanceof HTMLTextAreaElement ||
      (target instanceof HTMLInputElement && !['checkbox', 'radio', 'button', 'submit'].includes(target.type));
    const named = (target: EventTarget | null) =>
      target instanceof HTMLElement
        ? (target.getAttribute('aria-label') ?? target.closest('label')?.innerText ?? target.innerText ?? target.tagName)
            .slice(0, 60)
            .replaceAll('\n', ' ')
        : '';
    // A click into a field is part of typing; a click that a label hands on is one.
    window.addEventListener(
      'click',
      (event) => event.isTrusted && event.detail > 0 && !isField(event.target) && countAction(`click ${named(event.target)}`),
      true,
    );
    window.addEventListener('change', (event) => isField(event.target) && countAction(`type ${named(event.target)}`), true);
  });
  return { count: () => done.length, list: () => done };
}

/** Says how many it were, and holds them against what the job may take. */
export function within(actions: Actions, most: number, job: string): void {
  console.log(`${job}: ${actions.count()} actions, at most ${most}`);
  expect(actions.count(), `${job}: ${actions.list().join(', ')}`).toBeLessThanOrEqual(most);
}
