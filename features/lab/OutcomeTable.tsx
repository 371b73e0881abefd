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
      <table className="plain">
        <caption className="over">Trips</caption>
        <thead>
          <tr>
            <th scope="col">By</th>
            <th scope="col">Fault from</th>
            <th scope="col">Trips</th>
            <th scope="col">Back</th>
            <th scope="col">Wanted</th>
          </tr>
        </thead>
        <tbody>
          {outcome.trips.slice(0, MOST).map((trip) => (
            <tr key={trip.atSeconds}>
              <th scope="row">{faultWords[trip.by]}</th>
              <td className="figure">{at(trip.causeSeconds)}</td>
              <td className="figure">{at(trip.atSeconds)}</td>
              <td className="figure">{trip.backSeconds === null ? 'stays out' : at(trip.backSeconds)}</td>
              <td>
                {events.length === 0 ? (
                  'not said'
                ) : (
                  <VerdictText good={!nuisance.has(trip)} words={nuisance.has(trip) ? 'no: nuisance' : 'yes'} />
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {outcome.trips.length > MOST && <p className="muted">And {outcome.trips.length - MOST} more.</p>}
      {outcome.missed.length > 0 && (
        <p className="say fails">
          Missed: {outcome.missed.map(({ name, fromSeconds }) => `${inSentence(name)} at ${at(fromSeconds)}`).join(', ')}.
        </p>
      )}
    </div>
  );
}

const VerdictText = ({ good, words }: { good: boolean; words: string }) => (
  <span style={{ display: 'inline-flex', gap: 6, alignItems: 'center' }}>
    <VerdictMark verdict={good ? 'fits' : 'fails'} size={14} /> {words}
  </span>
);
