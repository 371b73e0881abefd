import ButtonBase from '@mui/material/ButtonBase';
import type { ReactNode } from 'react';
import { residualTypes, type ResidualType } from '@/core/fields/residual-fields';
import { typeDetects, type LeakageWave } from '@/core/standards/residual-current';
import closingStyle from '@/ui/styles/closing.module.css';

/**
 * Symbols as they are printed on residual-current devices, drawn from the waveforms that a type detects: one box with a sine, half-waves
 * under it, a box of mixed frequencies, a box of straight and dashed lines. IEC 60417, from memory.
 */
const BOX = 40;
const GAP = 4;

/** A curve of `periods` over a box from x, around y; only the upper halves where `halves`. */
function curve(x: number, y: number, height: number, periods: number, halves = false): string {
  const from = x + 5;
  const width = BOX - 10;
  const half = width / (periods * 2);
  return Array.from({ length: periods * 2 }, (_, i) => {
    const start = from + i * half;
    const up = i % 2 === 0;
    if (halves && !up) return `M${start} ${y}h${half}`;
    return `M${start} ${y}q${half / 2} ${up ? -height * 2 : height * 2} ${half} 0`;
  }).join('');
}

type Box = { label?: string; paths: (x: number) => readonly { d: string; dashed?: boolean }[] };

function boxesOf(waves: readonly LeakageWave[]): Box[] {
  const humps = waves.includes('pulsating-dc');
  const boxes: Box[] = [
    {
      paths: (x) => (humps ? [{ d: curve(x, 13, 6, 1) }, { d: `${curve(x, 33, 8, 2, true)}` }] : [{ d: curve(x, 20, 9, 1) }]),
    },
  ];
  if (waves.includes('mixed-frequency')) boxes.push({ paths: (x) => [{ d: curve(x, 20, 7, 4) }] });
  if (waves.includes('smooth-dc'))
    boxes.push({
      paths: (x) => [{ d: `M${x + 7} 15h${BOX - 14}` }, { d: `M${x + 7} 25h${BOX - 14}`, dashed: true }],
    });
  if (waves.includes('high-frequency')) boxes.push({ label: 'kHz', paths: () => [] });
  return boxes;
}

/** The symbol of a type. */
export function TypeSymbol({ type }: { type: ResidualType }) {
  const boxes = boxesOf(typeDetects[type]);
  const width = boxes.length * (BOX + GAP) - GAP;
  return (
    <svg className={closingStyle.typeSymbol} viewBox={`-1 -1 ${width + 2} ${BOX + 2}`} width={width} height={BOX} aria-hidden="true">
      {boxes.map(({ label, paths }, i) => {
        const x = i * (BOX + GAP);
        return (
          <g key={i}>
            <rect x={x} y={0} width={BOX} height={BOX} rx={2} />
            {label && (
              <text x={x + BOX / 2} y={BOX / 2 + 4} textAnchor="middle">
                {label}
              </text>
            )}
            {paths(x).map(({ d, dashed }) => (
              <path key={d} d={d} strokeDasharray={dashed ? '6 4' : undefined} />
            ))}
          </g>
        );
      })}
    </svg>
  );
}

/** An S in its box, or that there is none. */
const DelaySymbol = ({ waits }: { waits: boolean }) => (
  <svg className={closingStyle.typeSymbol} viewBox={`-1 -1 ${BOX + 2} ${BOX + 2}`} width={BOX} height={BOX} aria-hidden="true">
    {waits && <rect x={0} y={0} width={BOX} height={BOX} rx={2} />}
    <text x={BOX / 2} y={BOX / 2 + 8} textAnchor="middle" style={{ fontSize: 22 }}>
      {waits ? 'S' : '–'}
    </text>
  </svg>
);

const typeWords: Record<ResidualType, string> = {
  AC: 'a wave alone',
  A: 'half-waves under the wave',
  F: 'and a dense wave beside it',
  B: 'and a straight over a dashed line',
  'B+': 'as B, with kHz',
};

type Drawn = { value: string; words: string; picture: ReactNode };
/** Marks that are drawn on a plate, by id of their field. */
const drawnMarks: Readonly<Record<string, readonly Drawn[]>> = {
  residualType: residualTypes.map((type) => ({ value: type, words: typeWords[type], picture: <TypeSymbol type={type} /> })),
  delay: [
    { value: 'S', words: 'S in its box: it waits', picture: <DelaySymbol waits /> },
    { value: 'general', words: 'no such letter', picture: <DelaySymbol waits={false} /> },
  ],
};

/** Drawn marks of a field, to be picked by their look; nothing for a field without such marks. */
export function DrawnMarks({ fieldId, value, onPick }: { fieldId: string; value: unknown; onPick: (value: string) => void }) {
  const drawn = drawnMarks[fieldId];
  if (!drawn) return null;
  return (
    <div className={closingStyle.drawnMarks} role="group" aria-label="Its symbol">
      {drawn.map((one) => (
        <ButtonBase key={one.value} className={closingStyle.drawnMark} aria-pressed={value === one.value} onClick={() => onPick(one.value)}>
          {one.picture}
          <span>
            <b>{one.value}</b>, {one.words}
          </span>
        </ButtonBase>
      ))}
    </div>
  );
}
