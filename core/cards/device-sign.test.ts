/** Key strokes as a person enters them from the maker's sheet. */
import { describe, expect, it } from 'vitest';
import { signSchema, strokesFor, strokesOf } from './device-sign';

describe('key strokes', () => {
  it('are taken apart by semicolon and comma', () => {
    expect(strokesOf('MODE 2 s; + to t1, OK')).toEqual(['MODE 2 s', '+ to t1', 'OK']);
    expect(strokesOf(' ; , ')).toEqual([]);
  });
  it('stand at the setting of their maker, however the two were written, and nowhere else', () => {
    const signs = [
      { maker: 'Wexmoor', kind: 'keys', sign: 'Undervoltage', means: 'MENU; U<; OK' },
      { maker: 'Wexmoor', kind: 'menu', sign: 'Hysteresis', means: 'the band' },
      { maker: 'Saltmarsh', kind: 'keys', sign: 'Delay', means: 'SET' },
    ];
    expect(strokesFor(signs, 'WEXMOOR', ['undervoltage', 'Hysteresis', 'Delay'])).toEqual({ undervoltage: ['MENU', 'U<', 'OK'] });
    expect(strokesFor([], 'Wexmoor', ['Delay'])).toEqual({});
  });
  it('are a kind of sign', async () => {
    expect(await signSchema.isValid({ maker: 'a', kind: 'keys', sign: 'b', means: 'c' })).toBe(true);
    expect(await signSchema.isValid({ maker: 'a', kind: 'button', sign: 'b', means: 'c' })).toBe(false);
  });
});
