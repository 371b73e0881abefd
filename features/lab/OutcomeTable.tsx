import Table from '@mui/material/Table';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TableCell from '@mui/material/TableCell';
import TableBody from '@mui/material/TableBody';
import { Notice } from '@/ui/shell/Notice';
import { seconds as secondsText } from '@/core/case/field-text';
import type { FaultName, Outcome } from '@/core/monitoring/run';
import type { Event } from '@/core/monitoring/samples';
import { VerdictMark } from '../../ui/marks/VerdictMark';
import { inSentence } from '@/core/language/in-sentence';

export const faultWords: Record<FaultName, string> = {
  undervoltage: 'undervoltage',
  overvoltage: 'overvoltage',
  phaseLoss: 'a lost phase',
  phaseSequence: 'reversed sequence',
  asymmetry: 'unbalance',
  underfrequency: 'underfrequency',
  overfrequency: 'overfrequency',
  neutralOpen: 'an open neutral',
};
const at = (value: number) => secondsText(Number(value.toFixed(2)));
const MOST = 60;

/** Every trip with its cause and times, and every event with what came of it. */
export function OutcomeTable({ outcome, events }: { outcome: Outcome; events: readonly Event[] }) {
  const nuisance = new Set(outcome.nuisance);
  return (
    <div className="sheet" style={{ overflowX: 'auto' }}>
      <Table>
        <caption className="over">Trips</caption>
        <TableHead>
          <TableRow>
            <TableCell scope="col">By</TableCell>
            <TableCell scope="col">Fault from</TableCell>
            <TableCell scope="col">Trips</TableCell>
            <TableCell scope="col">Back</TableCell>
            <TableCell scope="col">Wanted</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {outcome.trips.slice(0, MOST).map((trip) => (
            <TableRow key={trip.atSeconds}>
              <TableCell component="th" scope="row">
                {faultWords[trip.by]}
              </TableCell>
              <TableCell className="figure">{at(trip.causeSeconds)}</TableCell>
              <TableCell className="figure">{at(trip.atSeconds)}</TableCell>
              <TableCell className="figure">{trip.backSeconds === null ? 'stays out' : at(trip.backSeconds)}</TableCell>
              <TableCell>
                {events.length === 0 ? (
                  'not said'
                ) : (
                  <VerdictText good={!nuisance.has(trip)} words={nuisance.has(trip) ? 'no: nuisance' : 'yes'} />
                )}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      {outcome.trips.length > MOST && <p className="muted">And {outcome.trips.length - MOST} more.</p>}
      {outcome.missed.length > 0 && (
        <Notice kind="fails">
          Missed: {outcome.missed.map(({ name, fromSeconds }) => `${inSentence(name)} at ${at(fromSeconds)}`).join(', ')}.
        </Notice>
      )}
    </div>
  );
}

const VerdictText = ({ good, words }: { good: boolean; words: string }) => (
  <span style={{ display: 'inline-flex', gap: 6, alignItems: 'center' }}>
    <VerdictMark verdict={good ? 'fits' : 'fails'} size={14} /> {words}
  </span>
);
