/** What the documents show is what the judge says, and every picture and page that they name is there. */
import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import type { PlainCase } from '@/core/case/case';
import { judgeCase } from '@/core/judge-case';

describe('docs/formats/case.md', () => {
  it('the worked case gives the answer beside it', () => {
    const blocks = [...readFileSync('docs/formats/case.md', 'utf8').matchAll(/```json\n([\s\S]*?)```/g)].map(
      ([, text]) => JSON.parse(text!) as unknown,
    );
    const [plain, answer] = blocks.slice(-2) as [PlainCase, { candidates: { id: string; verdict: string; lines: object[] }[] }];
    const judged = judgeCase(plain, { lines: 'decisive' });
    expect(judged.candidates.map(({ id, verdict }) => ({ id, verdict }))).toEqual(
      answer.candidates.map(({ id, verdict }) => ({ id, verdict })),
    );
    for (const [i, { lines }] of answer.candidates.entries())
      expect(judged.candidates[i]!.lines).toEqual(lines.map((line) => expect.objectContaining(line) as unknown));
  });
});

describe('links', () => {
  const pages = execFileSync('git', ['ls-files', '*.md'], { encoding: 'utf8' }).split('\n').filter(Boolean);
  it.each(pages)('%s names only what is there', (page) => {
    const links = [...readFileSync(page, 'utf8').matchAll(/\]\((?!https?:)([^)#\s]+)/g)].map(([, link]) => link!);
    expect(links.filter((link) => !existsSync(path.join(path.dirname(page), link)))).toEqual([]);
  });
});
