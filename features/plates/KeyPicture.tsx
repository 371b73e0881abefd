import type { ReactNode } from 'react';
import photoStyle from '@/ui/styles/photo.module.css';

const box = (x: number, y: number, w: number, h: number, r = 3) => <rect x={x} y={y} width={w} height={h} rx={r} />;
const line = (d: string) => <path d={d} />;
const dot = (x: number, y: number, r = 2.4) => <circle cx={x} cy={y} r={r} />;
const word = (x: number, y: number, text: string, size = 11) => (
  <text x={x} y={y} fontSize={size} textAnchor="middle" className={photoStyle.keyWord}>
    {text}
  </text>
);
const strike = line('M12 56L84 8');
const module = (inner: ReactNode) => (
  <>
    {box(30, 6, 36, 52)}
    {inner}
  </>
);
const bigBlock = (
  <>
    {box(18, 14, 60, 36)}
    {dot(28, 20)}
    {dot(48, 20)}
    {dot(68, 20)}
    {dot(28, 44)}
    {dot(48, 44)}
    {dot(68, 44)}
  </>
);
const handle = (
  <>
    {box(36, 20, 24, 24)}
    {box(42, 16, 12, 16)}
  </>
);
const coilEnds = (
  <>
    {box(24, 12, 48, 40)}
    {dot(34, 12, 3.5)}
    {dot(62, 12, 3.5)}
    {word(34, 30, 'A1')}
    {word(62, 30, 'A2')}
  </>
);
const button = (
  <>
    {box(34, 18, 28, 28, 5)}
    {word(48, 37, 'T', 16)}
  </>
);
const dial = (text: string) => (
  <>
    <circle cx="48" cy="28" r="16" />
    {line('M48 28L58 18')}
    {word(48, 58, text)}
  </>
);
const coilBox = (
  <>
    {box(30, 20, 34, 28)}
    {line('M36 34c0-9 7-9 7 0s-7 9-3 0M45 34c0-9 7-9 7 0s-7 9-3 0')}
  </>
);
const wave = line('M14 34c8-26 18-26 26 0s18 26 26 0');
const trace = (d: string) => (
  <>
    {line('M10 20h76')}
    {line('M10 50h76')}
    <path d={d} className={photoStyle.keyStrong} />
  </>
);
const pulse = (text: string) => (
  <>
    {line('M10 40h16v-20h14v20h16')}
    {line('M60 30h20M74 24l6 6-6 6')}
    {word(48, 60, text)}
  </>
);

/** Drawings of the answers, one stroke weight, 96 by 64. Drawn for this key; no make of device is meant. */
const drawings: Record<string, ReactNode> = {
  tube: (
    <>
      {box(16, 22, 64, 20, 8)}
      {box(10, 20, 14, 24)}
      {box(72, 20, 14, 24)}
    </>
  ),
  can: (
    <>
      {box(32, 18, 32, 42, 8)}
      {line('M40 18v-10M48 18v-10M56 18v-10')}
    </>
  ),
  module: module(
    <>
      {box(42, 26, 12, 14)}
      {dot(48, 12)}
      {dot(48, 52)}
    </>,
  ),
  moulded: (
    <>
      {box(20, 6, 56, 52)}
      {handle}
      {dot(30, 12)}
      {dot(48, 12)}
      {dot(66, 12)}
    </>
  ),
  drawer: (
    <>
      {box(14, 8, 68, 48)}
      {dot(30, 24, 5)}
      {dot(30, 40, 5)}
      {box(46, 18, 26, 12)}
      {line('M48 44h24M72 44v-8')}
    </>
  ),
  block: bigBlock,
  plug: (
    <>
      {box(32, 6, 32, 34)}
      {line('M38 40v14M46 40v14M54 40v14M60 40v10')}
    </>
  ),
  coilbox: (
    <>
      {coilBox}
      {line('M64 34h14M78 30v8')}
    </>
  ),
  handle,
  'no-handle': (
    <>
      {handle}
      {strike}
    </>
  ),
  a1a2: coilEnds,
  'no-a1a2': (
    <>
      {coilEnds}
      {strike}
    </>
  ),
  milliamp: (
    <>
      {box(18, 14, 60, 36)}
      {word(48, 30, 'I∆n')}
      {word(48, 44, '0.03 A')}
    </>
  ),
  'no-milliamp': (
    <>
      {box(18, 14, 60, 36)}
      {word(48, 38, '63 A', 13)}
    </>
  ),
  c20: module(word(48, 38, 'C20', 15)),
  plain63: module(word(48, 38, '63', 15)),
  test: button,
  'no-test': (
    <>
      {button}
      {strike}
    </>
  ),
  'dial-time': dial('0.1 – 10 s'),
  'dial-percent': dial('70 – 95 %'),
  'dial-amps': (
    <>
      {dial('9 – 14 A')}
      {box(70, 12, 14, 10)}
    </>
  ),
  'dial-trip': (
    <>
      {[20, 40, 60, 80].map((x) => (
        <g key={x}>
          <circle cx={x - 2} cy="26" r="8" />
          {line(`M${x - 2} 26l4-5`)}
        </g>
      ))}
      {word(48, 52, 'Ir Isd Ii Ig')}
    </>
  ),
  'no-dial': box(22, 12, 52, 40),
  power: <>{line('M24 8v14M24 42v14M24 42l-9-18M48 8v14M48 42v14M48 42l-9-18M72 8v14M72 42v14M72 42l-9-18')}</>,
  changeover: (
    <>
      {line('M48 56v-14M48 42l-14-16M34 8v14M60 8v18h-6')}
      {word(30, 64, '', 8)}
      {word(62, 56, '11', 9)}
      {word(24, 14, '12', 9)}
      {word(72, 14, '14', 9)}
    </>
  ),
  'no-contacts': (
    <>
      {line('M48 8v14M48 42v14M48 42l-9-18')}
      {strike}
    </>
  ),
  under: (
    <>
      {box(28, 6, 40, 22)}
      {line('M36 28v8M48 28v8M60 28v8')}
      {box(28, 36, 40, 22)}
      {word(48, 51, '95 96', 9)}
    </>
  ),
  'not-under': box(28, 18, 40, 28),
  'pulse-open': pulse('opens'),
  'pulse-close': pulse('closes'),
  held: (
    <>
      {line('M10 40h12v-20h44v20h12')}
      {word(48, 60, 'held')}
    </>
  ),
  motor: (
    <>
      {dot(36, 32, 16)}
      {word(36, 37, 'M', 14)}
      {line('M58 44c0-8 6-8 6 0s6 8 6 0 6-8 6 0')}
    </>
  ),
  'plunger-out': (
    <>
      {coilBox}
      {line('M64 34h22M86 28v12')}
    </>
  ),
  'plunger-in': (
    <>
      {coilBox}
      {line('M64 34h5M69 28v12')}
    </>
  ),
  class: (
    <>
      {box(14, 20, 68, 24, 6)}
      {word(48, 37, 'CLASS J')}
    </>
  ),
  gg: (
    <>
      {box(22, 12, 52, 40)}
      {word(48, 38, 'gG', 17)}
    </>
  ),
  glass: (
    <>
      {box(18, 24, 60, 16, 6)}
      {line('M30 32c6-8 12 8 18 0s12 8 18 0')}
    </>
  ),
  'trace-on': trace('M10 50h34v-18h42'),
  'trace-interval': trace('M10 50h10v-18h36v18h30'),
  'trace-off': trace('M10 50h10v-18h52v18h14'),
  'trace-cycle': trace('M10 50h8v-18h14v18h14v-18h14v18h14v-18h12'),
  sine: wave,
  direct: (
    <>
      {line('M16 26h60')}
      {line('M16 38h12M36 38h12M56 38h12')}
      {word(84, 24, '+')}
      {word(84, 46, '−')}
    </>
  ),
  electronic: (
    <>
      {module(
        <>
          {dot(48, 18, 4)}
          {box(42, 32, 12, 8)}
        </>,
      )}
      {word(80, 36, '24 V', 9)}
    </>
  ),
  mag: (
    <>
      {box(24, 12, 48, 40)}
      {word(48, 37, 'Im 8–13 ×', 10)}
    </>
  ),
  thermag: (
    <>
      {box(24, 12, 48, 40)}
      {word(48, 30, 'Ir', 11)}
      {word(48, 46, 'Im', 11)}
    </>
  ),
};

export const drawnPictures = Object.keys(drawings);

/** The drawing of an answer; the words beside it say the same. */
export const KeyPicture = ({ id }: { id: string }) => (
  <svg viewBox="0 0 96 66" className={photoStyle.keyPicture} aria-hidden="true">
    {drawings[id]}
  </svg>
);
