/** The one-line and the form of an element, as they are written into the page. */
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { elementFields, elementKinds, elementTitles, newElement } from '@/core/supply/element-fields';
import { faultNodes } from '@/core/supply/fault-current';
import type { Element, SupplyPath } from '@/core/supply/path';
import { ElementForm } from './ElementForm';
import { OneLine } from './OneLine';

const nothing = () => undefined;
const words = (html: string) =>
  html
    .replace(/<[^>]*>/g, ' ')
    .replace(/\s+/g, ' ')
    .replaceAll('&#x27;', "'")
    .trim();

const path: SupplyPath = {
  system: 'three-phase',
  volts: 400,
  voltsToGround: 230,
  elements: [
    { kind: 'utility', name: 'Town network', faultVA: 250e6, xOverR: 8 },
    { kind: 'transformer', name: 'House transformer', ratedVA: 400e3, impedancePercent: 4, xOverR: 4, parallel: 1 },
    { kind: 'cable', name: 'Riser', size: '70 mm²', metal: 'copper', metres: 35, parallel: 1, steelConduit: false, hotCelsius: 70 },
  ],
};

describe('the one-line', () => {
  const nodes = faultNodes(path, 'IEC');
  const html = renderToStaticMarkup(<OneLine nodes={nodes} dc={false} chosen={1} onChoose={nothing} />);
  it('has a button for every element in order, the chosen one pressed', () => {
    const buttons = html.match(/<button[^>]*>/g)!;
    expect(buttons).toHaveLength(3);
    expect(buttons.map((one) => one.includes('aria-pressed="true"'))).toEqual([false, true, false]);
    const [first, second, third] = ['Town network', 'House transformer', 'Riser'].map((name) => html.indexOf(name));
    expect(first! < second! && second! < third!).toBe(true);
  });
  it('says highest, point to point, lowest, to earth and the loop at each', () => {
    for (const word of ['highest', 'point to point', 'lowest, line to line', 'to earth', 'loop, hot'])
      expect(html.split(`<small>${word}</small>`).length - 1, word).toBe(3);
    // By hand: 577 A x 100 / (4 % less 10 %) = 16 kA behind the transformer, a little less with its cable.
    expect(words(html)).toContain('577 A x 100 / (4 % less 10 %) = 16 kA');
  });
  it('on DC there is no earth fault and no loop', () => {
    const battery: SupplyPath = { system: 'dc', volts: 110, voltsToGround: null, elements: [newElement('battery')] };
    const dc = renderToStaticMarkup(<OneLine nodes={faultNodes(battery, 'IEC')} dc chosen={0} onChoose={nothing} />);
    expect(dc).not.toContain('to earth');
    expect(dc).not.toContain('loop, hot');
    expect(dc).toContain('<small>lowest</small>');
  });
  it('a source without end has no figure, not a number without end', () => {
    const endless: SupplyPath = { ...path, elements: [{ kind: 'utility', name: 'Grid', faultVA: null, xOverR: 8 }] };
    const html0 = renderToStaticMarkup(<OneLine nodes={faultNodes(endless, 'IEC')} dc={false} chosen={0} onChoose={nothing} />);
    expect(html0).not.toMatch(/Infinity|NaN/);
    expect(html0).toContain('–');
  });
  it('every kind has a drawing of its own', () => {
    const signs = elementKinds.map((kind) => {
      const node = { ...nodes[0]!, kind } as (typeof nodes)[number];
      return renderToStaticMarkup(<OneLine nodes={[node]} dc={false} chosen={0} onChoose={nothing} />).match(/<svg.*<\/svg>/s)![0];
    });
    expect(new Set(signs).size).toBe(elementKinds.length);
  });
});

describe('the form of an element', () => {
  it.each(elementKinds)('%s: every figure has its label and its value, and it can be taken out', (kind) => {
    const element = newElement(kind);
    const html = renderToStaticMarkup(<ElementForm element={element} onChange={nothing} onRemove={nothing} />);
    for (const { label } of elementFields[kind]) expect(words(html), label).toContain(label);
    expect(html).toContain(`aria-label="${elementTitles[kind]} ${element.name}"`);
    expect(words(html)).toContain('Take out');
    expect(html.match(/<input|<select/g)!.length).toBe(elementFields[kind].length + 1);
    expect(html).not.toMatch(/undefined|NaN|\[object/);
  });
  it('what may be left empty says so', () => {
    const utility: Element = { kind: 'utility', name: 'Grid', faultVA: null, xOverR: 8 };
    expect(renderToStaticMarkup(<ElementForm element={utility} onChange={nothing} onRemove={nothing} />)).toContain(
      'placeholder="endless"',
    );
    const measured = newElement('measured');
    expect(renderToStaticMarkup(<ElementForm element={measured} onChange={nothing} onRemove={nothing} />)).toContain('type="date"');
  });
  it('a changed conductor shows the one that is set', () => {
    const html = renderToStaticMarkup(<ElementForm element={path.elements[2]!} onChange={nothing} onRemove={nothing} />);
    expect(html).toContain('<option value="70 mm²" selected="">70 mm²</option>');
    expect(html).toContain('value="35');
  });
});
