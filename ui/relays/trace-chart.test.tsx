/** The picture of traces: each is a line in the style of a trace, the wanted one marked besides. */
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { TraceChart } from './TraceChart';

describe('a trace', () => {
  it.each([true, false])('wanted: %s, it is drawn as a trace', (wanted) => {
    const svg = renderToStaticMarkup(<TraceChart traces={[{ name: 'Contact', trace: [[2, 1]], wanted }]} untilSeconds={10} />);
    const [, classes = ''] = /<path [^>]*class="([^"]*)"/.exec(svg) ?? [];
    expect(classes.split(' ')).toContain('trace');
    expect(classes.includes('wanted')).toBe(wanted);
  });
});
