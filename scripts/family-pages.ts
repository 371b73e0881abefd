/** npm run family-pages: writes the table of lines into the README of every family, from what its needs say. */
import { readFileSync, writeFileSync } from 'node:fs';
import prettier from 'prettier';
import { families } from '../core/families/registry';
import { withLines } from '../tests/house/family-lines';

async function main(): Promise<void> {
  for (const family of families) {
    const file = `core/families/${family.id}s/README.md`;
    const options = await prettier.resolveConfig(file);
    writeFileSync(file, await prettier.format(withLines(readFileSync(file, 'utf8'), family), { ...options, parser: 'markdown' }));
  }
}
void main();
