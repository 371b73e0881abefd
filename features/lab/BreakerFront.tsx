import { limits, type BreakerState } from '@/core/close-failure/breaker-state';
import closingStyle from '@/ui/styles/closing.module.css';

/** Zigzag of a spring between two heights: short when charged. */
const zigzag = (x: number, top: number, bottom: number): string => {
  const turns = 7;
  const points = Array.from(
    { length: turns + 1 },
    (_, i) => `${x + (i === 0 || i === turns ? 0 : i % 2 ? 13 : -13)} ${top + ((bottom - top) * i) / turns}`,
  );
  return `M${points.join(' L')}`;
};

function Rod({ x, y, out, words }: { x: number; y: number; out: boolean; words: string }) {
  const reach = out ? 34 : 12;
  return (
    <g>
      <rect x={x} y={y} width={54} height={26} rx={4} className={closingStyle.simPart} />
      <rect x={x + 54} y={y + 9} width={reach} height={8} className={closingStyle.simRod} />
      <text x={x + 27} y={y + 42} textAnchor="middle" className={closingStyle.simSmall}>
        {words}
      </text>
    </g>
  );
}

/** Front of the breaker: spring, contacts, button, releases, carriage. Every state is written as well as drawn. */
export function BreakerFront({ state }: { state: BreakerState }) {
  const closed = state.contacts === 'closed';
  const charged = state.spring === 'charged';
  const shuntOut = state.shuntPercent >= limits.trips || !state.shuntFree;
  const words = `${closed ? 'Closed' : 'Open'}, spring ${state.spring}, ${state.lockedOut ? 'tripped and locked out, ' : ''}release ${state.releaseIn ? 'in' : 'out'}, shunt trip ${shuntOut ? 'out' : 'back'}, carriage ${state.carriage}, interlock ${state.interlockFree ? 'free' : 'locked'}`;
  return (
    <svg className={closingStyle.breakerFront} viewBox="0 0 460 250" role="img" aria-label={words}>
      <rect x={6} y={6} width={448} height={238} rx={10} className={closingStyle.simBody} />
      {[46, 86, 126].map((x) => (
        <g key={x}>
          <line x1={x} x2={x} y1={24} y2={58} className={closingStyle.simBar} />
          <line x1={x} x2={x} y1={112} y2={146} className={closingStyle.simBar} />
          <line x1={x} y1={112} x2={closed ? x : x - 24} y2={closed ? 58 : 66} className={closingStyle.simBlade} />
        </g>
      ))}
      <text x={86} y={170} textAnchor="middle" className={closingStyle.simFlag}>
        {closed ? 'CLOSED' : 'OPEN'}
      </text>
      <path d={zigzag(196, charged ? 74 : 34, 140)} className={closingStyle.simSpring} />
      <line x1={176} x2={216} y1={140} y2={140} className={closingStyle.simBar} />
      <line x1={176} x2={216} y1={charged ? 74 : 34} y2={charged ? 74 : 34} className={closingStyle.simBar} />
      <text x={196} y={170} textAnchor="middle" className={closingStyle.simFlag}>
        {charged ? 'CHARGED' : 'DISCHARGED'}
      </text>
      <Rod x={266} y={26} out={!state.releaseIn} words={state.releaseIn ? 'undervoltage, in' : 'undervoltage, out'} />
      <Rod x={266} y={86} out={shuntOut} words={shuntOut ? 'shunt trip, out' : 'shunt trip, back'} />
      <g>
        <circle
          cx={410}
          cy={48}
          r={state.lockedOut ? 17 : 12}
          className={state.lockedOut ? `${closingStyle.simButton} ${closingStyle.out}` : closingStyle.simButton}
        />
        <text x={410} y={86} textAnchor="middle" className={closingStyle.simSmall}>
          {state.lockedOut ? 'tripped' : 'not tripped'}
        </text>
        <text x={410} y={122} textAnchor="middle" className={closingStyle.simSmall}>
          key {state.interlockFree ? 'free' : 'locked'}
        </text>
        {state.pumpLatched && (
          <text x={293} y={152} textAnchor="middle" className={closingStyle.simSmall}>
            anti-pump waits
          </text>
        )}
      </g>
      <line x1={40} x2={420} y1={212} y2={212} className={closingStyle.simTrack} />
      {(['disconnected', 'test', 'connected'] as const).map((place, i) => (
        <text key={place} x={60 + i * 165} y={236} textAnchor="middle" className={closingStyle.simSmall}>
          {place}
        </text>
      ))}
      <rect
        x={{ disconnected: 36, test: 201, between: 284, connected: 366 }[state.carriage]}
        y={200}
        width={48}
        height={22}
        rx={4}
        className={closingStyle.simCarriage}
      />
    </svg>
  );
}
