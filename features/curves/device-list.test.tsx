/** The devices on the chart, as they are written into the page. */
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { deviceKinds, modelOf, type DeviceChoice, type DeviceKind } from '@/core/curves/curve-device';
import { DeviceList } from './DeviceList';

const choice = (kind: DeviceKind, more: Partial<DeviceChoice> = {}): DeviceChoice => ({
  id: kind,
  label: `the ${kind}`,
  kind,
  ratedAmps: 32,
  settings: {},
  interruptingAmps: 10000,
  hot: false,
  ...more,
});
const html = (devices: DeviceChoice[], chosen?: string, nema = false) =>
  renderToStaticMarkup(<DeviceList devices={devices} nema={nema} chosen={chosen} onChoose={() => undefined} onChange={() => undefined} />);
const kinds = (Object.keys(deviceKinds) as DeviceKind[]).filter((kind) => kind !== 'file');

describe('a device', () => {
  it.each(kinds)('%s has its kind, its rating, a slider a setting, and its source', (kind) => {
    const page = html([choice(kind)]);
    const { settings } = modelOf(choice(kind), false)!;
    expect(page).toContain(`aria-label="Kind of the ${kind}"`);
    expect(page).toContain(`aria-label="Remove the ${kind} from the chart"`);
    expect(page.match(/type="range"/g) ?? []).toHaveLength(settings.length);
    expect(page).toMatch(/common practice|from memory/);
    expect(page).not.toMatch(/NaN|undefined|Infinity/);
  });
  it('a relay has no breaking capacity and no let-through, and may be hot', () => {
    const page = html([choice('relay-10')]);
    expect(page).toContain('From hot');
    expect(page).not.toContain('Breaking capacity, A');
    expect(page).not.toContain('Lets through');
    expect(html([choice('fuse-gg')])).toContain('Let-through, A²s');
  });
  it('a trip unit shows its earth fault where it has one, and the maintenance pick-up where that is on', () => {
    const plain = html([choice('trip-unit', { ratedAmps: 800 })]);
    expect(plain).toContain('Earth-fault function (G)');
    expect(plain).not.toContain('Earth-fault pick-up');
    const both = html([choice('trip-unit', { ratedAmps: 800, settings: { groundFaultAmps: 320 }, maintenance: true })]);
    expect(both).toContain('Earth-fault pick-up');
    expect(both).toContain('Maintenance pick-up');
    expect(both.match(/type="checkbox"[^>]*checked/g)).toHaveLength(2);
    expect(html([choice('breaker-c')])).not.toContain('Maintenance');
  });
  it('a size that the standard does not list is said, not drawn', () =>
    expect(html([choice('fuse-gg', { ratedAmps: 33 })])).toContain('33 A is no standard size of this kind'));
  it('a curve from a file keeps its name and no kind to choose', () => {
    const band = {
      fast: null,
      slow: [
        { amps: 40, seconds: 100 },
        { amps: 400, seconds: 0.1 },
      ],
    };
    const page = html([choice('file', { band })]);
    expect(page).toContain('the file');
    expect(page).not.toContain('<select');
    expect(page).toContain('Points of the maker, as given.');
  });
  it('the chosen one is marked, and only that one', () => {
    const page = html([choice('breaker-b'), choice('fuse-gg'), choice('relay-10')], 'fuse-gg');
    expect(page.match(/curveDevice chosen/g)).toHaveLength(1);
    expect(page.indexOf('curveDevice chosen')).toBeLessThan(page.indexOf('the fuse-gg'));
    expect(page.indexOf('curveDevice chosen')).toBeGreaterThan(page.indexOf('the breaker-b'));
  });
  it('an empty desk offers what can be added', () => {
    const page = html([]);
    expect(page).toContain('Add a device');
    expect(page).toContain('Own curve, CSV');
  });
});
