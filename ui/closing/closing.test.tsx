/** Screens of the closing check, the breaker to press and the letters, as they are written into the page. */
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { soundBreaker } from '@/core/close-failure/breaker-state';
import { closingKeys as keys } from '@/core/close-failure/fitted';
import { press } from '@/core/close-failure/operate';
import { WaveformView } from '../residual/WaveformView';
import { BreakerFront } from '../../features/lab/BreakerFront';
import { rowsOfCsv } from '../../features/lab/letters-csv';
import { PositionLetters, type LettersKind } from '../../features/lab/PositionLetters';
import { WillNotClose } from './WillNotClose';

const nothing = () => undefined;
const all = { motor: true, undervoltage: true, shuntTrip: true, carriage: true, interlock: true };

describe('the check', () => {
  it('asks one question first and lists every cause', () => {
    const html = renderToStaticMarkup(<WillNotClose findings={{}} marks={{}} put={nothing} />);
    expect(html).toContain('Nothing is established yet');
    expect(html.match(/class="cause"/g)).toHaveLength(23);
    expect(html.match(/class="sheet nextCheck"/g)).toHaveLength(1);
    expect(html).not.toContain('ruled out, and why');
  });
  it('says what was ruled out by what, and asks for the mark where a reading has none', () => {
    const findings = { [keys.answer('spring-flag')]: { yes: true }, [keys.answer('release-volts')]: { reading: 226 } };
    const html = renderToStaticMarkup(<WillNotClose findings={findings} marks={{}} put={nothing} />);
    expect(html).toContain('ruled out, and why');
    expect(html).toContain('not enough yet');
  });
  it('answers that fit nothing are said to', () => {
    const findings = Object.fromEntries([
      ...['spring-flag', 'close-hand'].map((id) => [keys.answer(id), { yes: true }]),
      [keys.answer('locked-out'), { yes: true }],
    ]);
    expect(renderToStaticMarkup(<WillNotClose findings={findings} marks={{ 'shunt-volts': 110 }} put={nothing} />)).toContain(
      'Every cause that is listed is struck',
    );
  });
});

describe('the front', () => {
  it('writes every state beside the drawing', () => {
    const sound = soundBreaker(all);
    expect(renderToStaticMarkup(<BreakerFront state={sound} />)).toMatch(
      /Open, spring charged, release in, shunt trip back, carriage connected, interlock free/,
    );
    const tripped = press(press(sound, 'close-signal').state, 'trip').state;
    expect(renderToStaticMarkup(<BreakerFront state={{ ...tripped, carriage: 'between', shuntPercent: 100 }} />)).toMatch(
      /tripped and locked out.*shunt trip out.*between/,
    );
  });
});

const kindOf = (): LettersKind => ({
  apply: (letters) => letters,
  diff: () => [],
  send: () => expect.unreachable(),
  standing: () => undefined,
  autosave: false,
});

describe('letters', () => {
  it('a file is read with its columns, or refused in words', () => {
    expect(rowsOfCsv('code,bay,function,note\nZ1, upper left ,closing-coil,\n')).toEqual({
      rows: [{ code: 'Z1', bay: 'upper left', function: 'closing-coil', note: '' }],
    });
    expect(rowsOfCsv('code;bay\nZ1;left')).toMatchObject({ fault: expect.stringContaining('no column') });
    expect(rowsOfCsv('code,bay,function,note\nZ1,left,opens it,')).toMatchObject({ fault: expect.stringContaining('is not known') });
  });
  it('every row can be changed, and no maker is assumed', () => {
    const html = renderToStaticMarkup(
      <PositionLetters
        tables={[{ maker: 'Saltmarsh', version: 1, rows: [{ code: 'Y1', bay: 'upper left', function: 'closing-coil', note: '' }] }]}
        kindOf={kindOf}
      />,
    );
    for (const label of ['Letters, row 1', 'Bay, row 1', 'Function, row 1', 'Remove row 1']) expect(html).toContain(label);
    expect(renderToStaticMarkup(<PositionLetters tables={[]} kindOf={kindOf} />)).not.toContain('<table');
  });
});

describe('waveforms', () => {
  const verdicts = (html: string) =>
    [...html.matchAll(/<th[^>]* scope="row">([A-Z+]+) .*?(does not trip|trips)<\/span>/g)].map(([, type, word]) => [type, word]);
  it('smooth DC beside a sine: AC and A do not trip, B does', () => {
    expect(verdicts(renderToStaticMarkup(<WaveformView start="three-phase-rectifier" />))).toEqual([
      ['AC', 'does not trip'],
      ['A', 'does not trip'],
      ['F', 'does not trip'],
      ['B', 'trips'],
      ['B+', 'trips'],
    ]);
  });
  it('a plain load trips every type, and the drawing says what it is', () => {
    const html = renderToStaticMarkup(<WaveformView start="none" />);
    expect(verdicts(html).every(([, word]) => word === 'trips')).toBe(true);
    expect(html).toContain('not the data of any device');
  });
});
