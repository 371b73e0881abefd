/** docs/coverage.md answers every capability, and names only what is there. */
import { existsSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';

const CAPABILITIES = 124;
const rows = readFileSync('docs/coverage.md', 'utf8')
  .split('\n')
  .filter((line) => /^\| \d+/.test(line))
  .map((line) =>
    line
      .split('|')
      .map((cell) => cell.trim())
      .slice(1, -1),
  );

describe('docs/coverage.md', () => {
  it('answers every number once, in order', () =>
    expect(rows.map(([no]) => Number(no))).toEqual(Array.from({ length: CAPABILITIES }, (_, i) => i + 1)));
  it.each(rows)('%s, %s: %s', (_no, capability, state, where) => {
    expect(capability!.length).toBeGreaterThan(5);
    expect(['yes', 'in part', 'no']).toContain(state);
    const files = [...where!.matchAll(/`([^`]+)`/g)].map(([, file]) => file!);
    for (const file of files) expect(existsSync(file), file).toBe(true);
    if (state !== 'no') expect(files.length).toBeGreaterThan(0);
    // What is missing, or why it is not there, is said.
    if (state !== 'yes') expect(where!.replaceAll(/`[^`]+`/g, '').length).toBeGreaterThan(10);
  });
});
