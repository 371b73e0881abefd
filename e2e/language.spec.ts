/** Every stage of a job and every desk, on a site of each practice: no word of the other practice, and no identifier. */
import type { Page } from '@playwright/test';
import { families } from '../core/families/registry';
import { dutyFields } from '../core/fields/duty-fields';
import type { Field } from '../core/fields/field';
import { loadFields } from '../core/fields/load-fields';
import { supplyFields } from '../core/fields/supply-fields';
import { foreignWords } from '../core/language/by-practice';
import { wordText } from '../core/language/word-text';
import { expect, test } from './test';

const fields: Field[] = [...supplyFields, ...loadFields, ...dutyFields, ...families.flatMap((family) => family.fields)];
const columns = fields.flatMap(({ rowFields }) => rowFields ?? []);
/** Compounds that stand in a sentence as they are spelt in the interface. Common practice. */
const spelt = ['two-wire', 'three-wire', 'volt-free', 'open-frame'];
/** Words of the interface that are not what a person reads. */
const identifiers = new Set([
  ...fields.map(({ name }) => name).filter((name) => /[a-z][A-Z]/.test(name)),
  ...[...fields, ...columns]
    .flatMap(({ words }) => words ?? [])
    .filter((word) => /[a-z]-[a-z]|[a-z]{3}[A-Z]/.test(word) && wordText(word) !== word && !spelt.includes(word)),
]);

/** What stands on the page that should not: words of the other practice and identifiers, each once. */
async function strangeWords(page: Page, practice: 'IEC' | 'NFPA70'): Promise<string[]> {
  // What is typed or made up by the site, and marks as printed, are not words of the application.
  const text = await page.evaluate(() => {
    const own = 'script, style, textarea, [data-as-printed], nextjs-portal';
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    const lines: string[] = [];
    for (let node = walk.nextNode(); node; node = walk.nextNode())
      if (!node.parentElement!.closest(own)) lines.push(node.textContent!.trim());
    return lines.filter(Boolean).join('\n');
  });
  const tokens = text.split(/[\s,;:()[\]"“”]+/).map((token) => token.replace(/[.!?’']+$/, ''));
  const camel = tokens.filter((token) => /^[a-z]{2,}[A-Z][a-z]{2,}\w*$/.test(token));
  const kebab = tokens.filter((token) => /^[a-z]+(?:-[a-z0-9]+)+$/.test(token) && identifiers.has(token));
  return [...new Set([...foreignWords(practice, text), ...camel, ...kebab, ...tokens.filter((token) => identifiers.has(token))])];
}

/** One position of each family, on a site of each practice; none of them is signed by another test. */
const jobs = {
  NFPA70: [
    'kestrel-ramp-k6',
    ...['kestrel-ramp-f1', 'kestrel-ramp-q4', 'kestrel-ramp-k0', 'kestrel-ramp-cr1', 'kestrel-ramp-f4', 'kestrel-ramp-r1'],
    ...['kestrel-winch-q0', 'kestrel-lighting-c5'],
  ],
  IEC: [
    'ferrow-gate-k4',
    ...['ferrow-gate-q24', 'ferrow-gate-t2', 'ferrow-gate-ka1', 'ferrow-pump-f11', 'ferrow-pump-k10', 'ferrow-pump-r10'],
    ...['ferrow-incomer-y1', 'ferrow-incomer-q1', 'ferrow-incomer-f1'],
  ],
} as const;
const panels = { NFPA70: 'kestrel-ramp', IEC: 'ferrow-pump' } as const;
/** All six of the first job; of the others those that differ by family. */
const stagesOf = (index: number) => (index === 0 ? ['safe', 'read', 'need', 'match', 'prove', 'record'] : ['read', 'need', 'match']);
async function toStage(page: Page, stage: string): Promise<void> {
  const address = new RegExp(`[?&]stage=${stage}$`);
  await page.locator(`nav[aria-label="Stages of the job"] a[href$="stage=${stage}"]`).click();
  await page.waitForURL(address);
}
const desks = [
  '/plates',
  '/plates/key',
  '/plates/glossary',
  '/plates/cards',
  '/symptoms',
  '/check',
  '/parts',
  '/curves',
  '/lab',
  '/worksheets',
  '/worksheets/motor-branch-device',
  '/logbook',
];

for (const practice of ['NFPA70', 'IEC'] as const)
  test(`an electrician of ${practice} practice reads every screen`, async ({ page, request }) => {
    test.setTimeout(240_000);
    const found: Record<string, string[]> = {};
    const look = async (address: string, go = () => page.goto(address) as Promise<unknown>) => {
      await go();
      // What comes after the page: the board, and what a desk asks the server for.
      if (/stage=match|curves|lab/.test(address)) await page.waitForLoadState('networkidle');
      await expect(page.getByRole('heading').first()).toBeVisible();
      // A desk that belongs to no site takes the words of the last one once it is alive; until then it may say the others.
      let strange: string[] = [];
      const said = async () => (strange = await strangeWords(page, practice));
      await expect
        .poll(said, { timeout: 10_000 })
        .toEqual([])
        .catch(() => undefined);
      if (strange.length > 0) found[address] = strange;
    };
    await look(`/?panel=${panels[practice]}`);
    for (const [index, positionId] of jobs[practice].entries()) {
      const answer = await request.post('/api/v1/swaps', { data: { positionId } });
      expect(answer.ok(), positionId).toBe(true);
      const { id } = (await answer.json()) as { id: string };
      // As a hand goes through a job: it is opened once, then stage by stage.
      for (const [nth, stage] of stagesOf(index).entries())
        await look(`/swaps/${id}?stage=${stage}`, nth === 0 ? undefined : () => toStage(page, stage));
    }
    await look(`/supply/${panels[practice]}`);
    for (const desk of desks) await look(desk);
    expect(found).toEqual({});
  });
