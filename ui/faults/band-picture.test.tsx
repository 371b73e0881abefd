/** The picture of what was observed on a band: both edges, every mark, and nothing that cannot be drawn. */
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { modelOf } from '@/core/curves/curve-device';
import { BandPicture } from './BandPicture';

// IEC 60898-1, C16, from memory.
const { band } = modelOf({ id: '', label: '', kind: 'breaker-c', ratedAmps: 16, settings: {}, interruptingAmps: null, hot: false }, false)!;
const drawn = (marks: Parameters<typeof BandPicture>[0]['marks']) => renderToStaticMarkup(<BandPicture band={band} marks={marks} />);

describe('what was observed', () => {
  it('stands on both edges with its figures in words', () => {
    const html = drawn([
      { amps: 60, seconds: 0.02, label: 'observed' },
      { amps: 96, seconds: 3, label: 'start of the load' },
    ]);
    expect(html.match(/<path /g)).toHaveLength(2);
    expect(html.match(/<circle /g)).toHaveLength(2);
    expect(html.replaceAll('\u2009', ' ')).toContain('observed: 20 ms at 60 A; start of the load: 3 s at 96 A');
    expect(html).not.toMatch(/NaN|Infinity|undefined/);
  });
  it.each([0, -1])('a point at %i A is left out of the scale', (amps) =>
    expect(drawn([{ amps, seconds: 1, label: 'odd' }]).match(/<line [^>]*NaN/)).toBeNull(),
  );
});
