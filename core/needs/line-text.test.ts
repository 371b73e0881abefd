import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { haveText, limitText, wantedText } from './line-text';

const amps = (relation: '>=' | '<=' | '=') => ({ unit: 'A', relation });
const figure = (text: string) => Number(text.replace(/[^\d.]/g, '')) * (text.includes('kA') ? 1000 : text.includes('mA') ? 0.001 : 1);

describe('what is shown never looks better than it is', () => {
  it.each([
    ['>=', 236.4, '≥ 237\u2009A', '236\u2009A'],
    ['<=', 295.8, '≤ 295\u2009A', '296\u2009A'],
    ['=', 16, '16\u2009A', '16\u2009A'],
  ] as const)('%s %d is wanted as %s and carried as %s', (relation, value, wanted, have) => {
    expect(wantedText(value, amps(relation))).toBe(wanted);
    expect(haveText(value, amps(relation))).toBe(have);
  });
  it('a limit and a figure that are shown alike hold as they are', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 90000, noNaN: true }), fc.constantFrom('>=' as const, '<=' as const), (value, relation) => {
        const [limit, have] = [figure(limitText(value, amps(relation))), figure(haveText(value, amps(relation)))];
        return relation === '>='
          ? limit >= value * (1 - 1e-9) && have <= value * (1 + 1e-9)
          : limit <= value * (1 + 1e-9) && have >= value * (1 - 1e-9);
      }),
    );
  });
  it('words and lists have no sign', () =>
    expect(wantedText(['UL 489', 'UL 1066'], { unit: '', relation: 'one-of' })).toBe('UL 489, UL 1066'));
});
