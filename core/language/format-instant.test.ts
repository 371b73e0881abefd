import { describe, expect, it } from 'vitest';
import { formatInstant } from './format-instant';

describe('an instant on the site’s wall', () => {
  it.each([
    ['2026-11-30T01:21:00Z', 'UTC', 'minute', '30 Nov 2026, 01:21 UTC'],
    ['2026-11-30T01:21:00Z', 'UTC', 'day', '30 Nov 2026'],
    // Halifax is four hours behind in winter: there it is still the day before.
    ['2026-11-30T01:21:00Z', 'America/Halifax', 'day', '29 Nov 2026'],
    ['2026-07-01T12:00:00Z', 'Europe/Dublin', 'day', '1 Jul 2026'],
    ['not a date', 'UTC', 'day', 'not a date'],
  ] as const)('%s in %s, %s: %s', (iso, zone, detail, text) => expect(formatInstant(iso, zone, detail)).toBe(text));
  it('the time of a zone says which it is', () =>
    expect(formatInstant('2026-11-30T01:21:00Z', 'America/Halifax', 'minute')).toMatch(/^29 Nov 2026, 21:21 (GMT-4|AST)$/));
});
