/** The lines that tell candidates apart come first; what all meet may be folded. */
import { describe, expect, it } from 'vitest';
import type { JudgedPart } from '@/core/matching/judge';
import type { Need } from '@/core/needs/need';
import { splitLines } from './board-rows';

const need = (id: string) => ({ id }) as unknown as Need;
const part = (verdicts: Record<string, string>) =>
  ({ lines: Object.entries(verdicts).map(([id, verdict]) => ({ need: need(id), verdict })) }) as unknown as JudgedPart;
const needs = ['volts', 'poles', 'running', 'ambient', 'never'].map(need);
const ids = (list: Need[]) => list.map(({ id }) => id);

describe('lines of a board', () => {
  const good = part({ volts: 'fits', poles: 'fits', running: 'fits' });
  it('a line on which one candidate does not fit decides, in the order of the needs', () => {
    const { decide, hold } = splitLines(needs, [good, part({ volts: 'fits', poles: 'not-known', running: 'fails' })], null);
    expect(ids(decide)).toEqual(['poles', 'running']);
    expect(ids(hold)).toEqual(['volts']);
  });
  it('so does one on which the removed part fell', () =>
    expect(ids(splitLines(needs, [good], part({ volts: 'fails', poles: 'fits', running: 'fits' })).decide)).toEqual(['volts']));
  it('what no part carries is no line', () => {
    const { decide, hold } = splitLines(needs, [good], null);
    expect([...ids(decide), ...ids(hold)].sort()).toEqual(['poles', 'running', 'volts']);
  });
  it('a line that only the candidate with a check raises decides', () =>
    expect(ids(splitLines(needs, [good, part({ ambient: 'check' })], null).decide)).toEqual(['ambient']));
});
