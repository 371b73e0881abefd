/** Every residual type against one leakage: what reaches its circuit, whether it trips, and whether it is made for it. */
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { certain } from '@/core/certain';
import { residualTypes, type ResidualType } from '@/core/fields/residual-fields';
import { currentTrace, fluxTrace, type leakageLike, seenShare, TRIP_SHARE } from '@/core/residual/sensing';
import { smoothDcStoodMilliamps, typeDetects, type LeakageWave } from '@/core/standards/residual-current';
import closingStyle from '@/ui/styles/closing.module.css';
import { VerdictMark } from '../marks/VerdictMark';

export const waveWords: Record<LeakageWave, string> = {
  sine: 'sine',
  'pulsating-dc': 'pulsating DC',
  'phase-cut': 'cut half-waves',
  'mixed-frequency': 'mixed frequencies',
  'smooth-dc': 'smooth DC',
  'high-frequency': 'high frequency',
};
const typeNotes: Record<ResidualType, string> = {
  AC: 'one transformer, square iron',
  A: 'one transformer, narrow iron',
  F: 'as A, wider circuit',
  B: 'measures the current itself',
  'B+': 'as B, to higher frequencies',
};

const WIDTH = 220;
const HEIGHT = 64;
const EVERY = 4;

export function Trace({
  points,
  most,
  label,
  marks,
}: {
  points: readonly { seconds: number; value: number }[];
  most: number;
  label: string;
  marks?: readonly number[];
}) {
  const last = certain(points.at(-1)).seconds;
  const x = (seconds: number) => (seconds / last) * WIDTH;
  const y = (value: number) => HEIGHT / 2 - (value / most) * (HEIGHT / 2 - 3);
  const path = points
    .filter((_, i) => i % EVERY === 0)
    .map(({ seconds, value }, i) => `${i === 0 ? 'M' : 'L'}${x(seconds).toFixed(1)} ${y(value).toFixed(1)}`)
    .join('');
  return (
    <svg className={closingStyle.wave} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={label}>
      <line x1={0} x2={WIDTH} y1={y(0)} y2={y(0)} className={closingStyle.axis} />
      {marks?.map((mark) => (
        <line key={mark} x1={0} x2={WIDTH} y1={y(mark)} y2={y(mark)} className={closingStyle.bound} />
      ))}
      <path d={path} />
    </svg>
  );
}

/** What the standard says of a type, this waveform, and smooth direct current beside it. */
function madeFor(type: ResidualType, wave: LeakageWave, smooth: boolean): string {
  if (!typeDetects[type].includes(wave)) return 'no';
  if (!smooth || typeDetects[type].includes('smooth-dc')) return 'yes';
  const most = smoothDcStoodMilliamps[type];
  return most > 0 ? `to ${most} mA beside it` : 'no';
}

/** What a type sees of it: the flux of its iron, or the current itself. */
const seenTrace = (type: ResidualType, leakage: ReturnType<typeof leakageLike>) =>
  type === 'B' || type === 'B+' ? currentTrace(leakage) : fluxTrace(type, leakage);

/** Every type against this leakage: what reaches its circuit, whether it trips, and whether it is made for it. */
export function TypesTable({
  wave,
  leakage,
  most,
  smooth,
}: {
  wave: LeakageWave;
  leakage: ReturnType<typeof leakageLike>;
  most: number;
  smooth: boolean;
}) {
  return (
    <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Types side by side">
      <Table className={closingStyle.waveTable}>
        <caption className="over">What each type detects</caption>
        <TableHead>
          <TableRow>
            <TableCell scope="col">Type</TableCell>
            <TableCell scope="col">What reaches its circuit</TableCell>
            <TableCell scope="col">Share</TableCell>
            <TableCell scope="col">At this waveform</TableCell>
            <TableCell scope="col">
              Made for {waveWords[wave]}
              {smooth ? ' with smooth DC' : ''}
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {residualTypes.map((type) => {
            const share = seenShare(type, leakage);
            const trips = share >= TRIP_SHARE;
            const trace = seenTrace(type, leakage);
            return (
              <TableRow key={type}>
                <TableCell component="th" scope="row">
                  {type} <small className="muted">{typeNotes[type]}</small>
                </TableCell>
                <TableCell>
                  <Trace
                    points={trace}
                    most={type === 'B' || type === 'B+' ? most : 1.05}
                    label={`Type ${type}: ${Math.round(share * 100)} % of a sine at its rating`}
                  />
                </TableCell>
                <TableCell className="figure">{Math.round(share * 100)} %</TableCell>
                <TableCell>
                  <span className="row-flex" style={{ gap: 6, flexWrap: 'nowrap' }}>
                    <VerdictMark verdict={trips ? 'fits' : 'fails'} /> {trips ? 'trips' : 'does not trip'}
                  </span>
                </TableCell>
                <TableCell>{madeFor(type, wave, smooth)}</TableCell>
              </TableRow>
            );
          })}
        </TableBody>
      </Table>
    </div>
  );
}
