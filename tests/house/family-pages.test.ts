/** The page of a family says of its lines and their sources what its needs say. */
import { readFileSync } from 'node:fs';
import prettier from 'prettier';
import { expect, it } from 'vitest';
import { families } from '@/core/families/registry';
import { withLines } from './family-lines';

it.each(families.map((family) => [family.id, family] as const))('%s', async (id, family) => {
  const file = `core/families/${id}s/README.md`;
  const page = readFileSync(file, 'utf8');
  const options = await prettier.resolveConfig(file);
  expect(await prettier.format(withLines(page, family), { ...options, parser: 'markdown' }), 'npm run family-pages').toBe(page);
});
