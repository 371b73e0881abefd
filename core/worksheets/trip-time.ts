/** How long does a device hold, and by when has it opened, at a current? The bands of core/curves. */
import { keysOf } from '../certain';
import { bandSeconds } from '../curves/band';
import { generalPurposeFuse, miniatureBreaker, motorFuse, mouldedCaseBreaker, overloadRelay, type Model } from '../curves/models';
import { formatQuantity as q } from '../quantities/format-quantity';
import { citeSource } from '../standards/source';
import { answer, numberInput, refuse, wordInput, worksheet } from './contract';

const models = {
  'breaker B': (amps) => miniatureBreaker('B', amps),
  'breaker C': (amps) => miniatureBreaker('C', amps),
  'breaker D': (amps) => miniatureBreaker('D', amps),
  'breaker UL 489': (amps) => mouldedCaseBreaker(amps, 10),
  'fuse gG': generalPurposeFuse,
  'fuse aM': motorFuse,
  'relay class 10A': (amps) => overloadRelay('10A', amps, false),
  'relay class 10': (amps) => overloadRelay('10', amps, false),
  'relay class 20': (amps) => overloadRelay('20', amps, false),
  'relay class 30': (amps) => overloadRelay('30', amps, false),
} satisfies Record<string, (amps: number) => Model | undefined>;
const FOREVER_SECONDS = 1e6;

export const tripTime = worksheet({
  id: 'trip-time',
  subject: 'protection',
  title: 'Trip time at a current',
  question: 'How long does it hold, and by when has it opened?',
  inputs: [
    wordInput('device', 'Device', keysOf(models), 'Kind and curve.'),
    numberInput('ratedAmps', 'Rating or dial', 'A', { above: 0, max: 6300 }, 16, 'Rated current, or the dial of a relay.'),
    numberInput('amps', 'Current', 'A', { above: 0, max: 200000 }, 60, 'Rms, steady.'),
  ],
  compute: ({ device, ratedAmps, amps }) => {
    const model = models[device](ratedAmps);
    if (!model) return refuse(`${q(ratedAmps, 'A')} is no standard size of a ${device}: its gates are not published.`);
    const { holdsUntil, openBy } = bandSeconds(model.band, amps);
    const multiple = amps / ratedAmps;
    const word = (seconds: number) => (seconds === Infinity ? 'without end' : q(seconds, 's'));
    return answer(
      [
        {
          name: 'holdsSeconds',
          label: 'Surely holds',
          value: model.band.fast && Number.isFinite(holdsUntil) ? holdsUntil : null,
          unit: 's',
        },
        { name: 'opensSeconds', label: 'Surely open by', value: Number.isFinite(openBy) ? openBy : null, unit: 's' },
        { name: 'multiple', label: 'Times its rating', value: multiple, unit: '' },
      ],
      [
        `${q(amps, 'A')} / ${q(ratedAmps, 'A')} = ${multiple.toPrecision(3)} times`,
        model.band.fast ? `Holds ${word(holdsUntil)}` : 'No holding time is published: the maker’s curve says it.',
        `Open by ${openBy === Infinity ? 'no time: it may carry this without end' : word(Math.min(openBy, FOREVER_SECONDS))}`,
        `${model.note} ${citeSource(model.source)}`,
      ],
      ['A band, never one time: between the two it may go either way. The maker’s curve goes before the standard’s gates.'],
    );
  },
  sources: ['miniatureBreakers', 'mouldedCaseGates', 'fuseGatesIec', 'motorFuses', 'overloadClasses'],
  checks: [
    {
      values: { device: 'breaker B', ratedAmps: 6, amps: 20 },
      expect: { opensSeconds: 30 },
      tolerance: 0.2,
      source: 'common practice: read from a published curve',
    },
    {
      values: { device: 'breaker C', ratedAmps: 16, amps: 40.8 },
      expect: { holdsSeconds: 1, opensSeconds: 60 },
      tolerance: 0.001,
      source: 'IEC 60898-1 gate at 2.55 times, from memory',
    },
    {
      values: { device: 'fuse gG', ratedAmps: 63, amps: 320 },
      expect: { opensSeconds: 5 },
      tolerance: 0.001,
      source: 'IEC 60269-1 gate, from memory',
    },
  ],
});
