/**
 * Why does an overcurrent device or overload relay operate again and again? Each cause with the measurement that settles it, and what
 * it did, time and amps, held against its own curve.
 * Source: common practice; unbalance limit NEMA MG 1; insulation BS 7671 table 64, from memory.
 */
import { numberMark } from '../case/case';
import { bandSeconds } from '../curves/band';
import type { FaultContext } from '../families/contract';
import { limited, lineRead, oneOf, yesNo, type Cause, type FaultTest, type FaultTree, type Symptom } from '../fault-finding/tree';
import { isOneAcMotor } from '../loads/motor-kinds';
import { formatQuantity as q, formatRange } from '../quantities/format-quantity';

/** Below this an insulation to earth counts as faulty, ohm. BS 7671 table 64, circuits to 500 V; from memory. */
export const INSULATION_OHMS = 1e6;
export const INSULATION_SPAN = [0, 1e12] as const;
const UNBALANCE_PERCENT = 5;
const TERMINAL_OHMS = 0.1;
const AMPS_SPAN = [0, 100_000] as const;

export const overcurrentSymptoms: Readonly<Record<'at-once' | 'seconds' | 'later' | 'random', Symptom>> = {
  'at-once': {
    id: 'at-once',
    title: 'It operates at once at switching on',
    words: ['trips at once', 'blows again', 'blows at once', 'trips when it starts', 'trips at start', 'immediately'],
  },
  seconds: {
    id: 'seconds',
    title: 'It operates after seconds',
    words: ['trips after seconds', 'blows again', 'during start', 'before it is up to speed'],
  },
  later: {
    id: 'later',
    title: 'It operates after minutes or hours',
    words: ['trips after minutes', 'blows again', 'trips when warm', 'after a while', 'overload'],
  },
  random: {
    id: 'random',
    title: 'It operates at random',
    words: ['trips at random', 'blows again', 'now and then', 'at night', 'for no reason', 'in rain'],
  },
};

const symptom = (...list: (keyof typeof overcurrentSymptoms)[]) => ({ symptom: list });
const loadFigure = ({ need }: FaultContext, ...names: ('fullLoadAmps' | 'loadAmps' | 'inrushPeakAmps')[]): number | undefined => {
  for (const name of names) {
    const value: unknown = need.load[name];
    if (typeof value === 'number') return value;
  }
  return undefined;
};
const figure = ({ removed }: FaultContext, name: string): number | undefined =>
  removed ? (numberMark(removed, name) ?? undefined) : undefined;

type Settled = { test: FaultTest; cause: Cause };
/** A cause with the test that settles it, under one name. */
const settled = (test: FaultTest, more: Pick<Cause, 'title' | 'remedy' | 'then'> & { when?: Record<string, string[]> }): Settled => ({
  test,
  cause: { id: test.id, title: more.title, remedy: more.remedy, then: more.then, shows: more.when ?? {}, provedBy: { [test.id]: 'yes' } },
});

const earthFault = (also: readonly string[]): Settled =>
  settled(
    limited(
      'earth-fault',
      'Insulation resistance of each conductor to earth, worst one',
      'Isolated, proved dead, electronics disconnected.',
      { unit: 'ohm', at: INSULATION_OHMS, wrong: 'below', says: `at least ${q(INSULATION_OHMS, 'ohm')}`, span: INSULATION_SPAN },
    ),
    // When it operates says nothing against it: an earth fault comes when it likes.
    {
      ...{ title: 'Earth fault or short', remedy: 'Find and mend the fault first; nothing is fitted on it.', then: 'elsewhere' },
      when: { symptom: [...Object.keys(overcurrentSymptoms), ...also] },
    },
  );

function inrush(context: FaultContext): Settled {
  const peak = loadFigure(context, 'inrushPeakAmps');
  const ridden = context.riddenPeak;
  const asked = `Recorder or clamp with peak hold, fitted while dead${peak === undefined ? '' : `; the plate says ${q(peak, 'A')}`}.`;
  const test =
    ridden === null
      ? yesNo('inrush', 'Highest peak at switching on: is it above the lower edge of the curve of this device, taken as a peak?', asked, 3)
      : limited(
          'inrush',
          'Highest peak at switching on',
          asked,
          { unit: 'A', at: ridden, wrong: 'above', says: `it surely rides ${q(ridden, 'A')}`, span: AMPS_SPAN },
          { section: 'load', mark: 'inrushPeakAmps' },
        );
  return settled(test, {
    title: 'Inrush above what it rides',
    remedy: 'A time-delay fuse or a later curve within what conductor and code allow; never more amps for it.',
    then: 'another part',
    when: symptom('at-once', 'random'),
  });
}

/** A motor that has lost a phase, or runs above its plate. */
function motorCauses(context: FaultContext): Settled[] {
  const full = loadFigure(context, 'fullLoadAmps', 'loadAmps');
  return [
    settled(
      limited(
        'single-phasing',
        'Running amps of the three phases: largest deviation from their mean',
        'Meters or clamps fitted while dead.',
        {
          ...{ unit: '%', at: UNBALANCE_PERCENT, wrong: 'above', says: `at most ${UNBALANCE_PERCENT} %`, span: [0, 100] },
        },
      ),
      {
        title: 'A phase missing or weak',
        remedy: 'Fuse, contact or terminal of that phase; then the supply.',
        then: 'elsewhere',
        when: symptom('seconds', 'later', 'random'),
      },
    ),
    settled(
      limited(
        'overload',
        'Running amps, highest phase, loaded as usual',
        `Clamp or meter fitted while dead${full === undefined ? ': are they above the plate?' : '.'}`,
        {
          ...{
            unit: 'A',
            at: full ?? null,
            wrong: 'above',
            says: full === undefined ? '' : `the plate says ${q(full, 'A')}`,
            span: AMPS_SPAN,
          },
        },
      ),
      {
        title: 'Runs above its plate',
        remedy: 'Less load, or a motor for the load that is there.',
        then: 'elsewhere',
        when: symptom('seconds', 'later', 'random'),
      },
    ),
  ];
}

/** What holds it back while it starts. */
const shaftCauses = (context: FaultContext): Settled[] => [
  settled(
    yesNo('locked-load', 'Turned by hand, coupled and uncoupled: does the shaft bind?', 'Isolated, locked off, stored energy let go.', 2),
    {
      title: 'Load stiff or locked',
      remedy: 'Bearing, belt, pump or valve before the protection.',
      then: 'elsewhere',
      when: symptom('at-once', 'seconds', 'later', 'random'),
    },
  ),
  settled(
    yesNo(
      'long-start',
      'Does it take longer to come up to speed than its class or curve allows?',
      'Stop-watch from switching on to running amps, by an ammeter that is fitted.',
      2,
      lineRead(context.verdicts, ['start-time']),
    ),
    {
      title: 'The start is too long for its class',
      remedy: 'Heavy load or low volts first; then a later class, where the motor’s stall time allows it.',
      then: 'another part',
      when: symptom('seconds', 'at-once'),
    },
  ),
];

/** More than the circuit is for. */
function circuitLoad(context: FaultContext): Settled {
  const rated = figure(context, 'ratedAmps');
  return settled(
    limited(
      'overload',
      'Current of the circuit at its busiest',
      `Clamp or meter fitted while dead${rated === undefined ? ': is it above the device?' : '.'}`,
      {
        ...{
          unit: 'A',
          at: rated ?? null,
          wrong: 'above',
          says: rated === undefined ? '' : `the device is ${q(rated, 'A')}`,
          span: AMPS_SPAN,
        },
      },
    ),
    {
      title: 'More load than the circuit is for',
      remedy: 'Divide the circuit or take load away.',
      then: 'elsewhere',
      when: symptom('later', 'random', 'seconds'),
    },
  );
}

function around(context: FaultContext): Settled[] {
  const ambient = figure(context, 'calibratedAmbientC') ?? 40;
  return [
    settled(
      limited(
        'loose-terminal',
        'Resistance across each joint or clip, worst one, leads taken off',
        'Isolated; look for colour and smell.',
        {
          ...{ unit: 'ohm', at: TERMINAL_OHMS, wrong: 'above', says: `at most ${q(TERMINAL_OHMS, 'ohm')}`, span: INSULATION_SPAN },
        },
      ),
      {
        title: 'Loose or burnt terminal, weak clip',
        remedy: 'Clean or renew, tighten to the torque on the plate.',
        then: 'mend',
        when: symptom('later', 'random', 'seconds'),
      },
    ),
    settled(
      yesNo(
        'wrong-speed',
        'Is it faster than the load needs, by its marks?',
        'Read speed, curve or class of the removed part against the requirements.',
        1,
        lineRead(context.verdicts, ['inrush', 'category']),
      ),
      {
        title: 'Wrong speed, curve or class fitted',
        remedy: 'The need lines of this swap say which it must be.',
        then: 'another part',
        when: { ...symptom('at-once', 'seconds', 'random'), changed: ['device', 'load', 'nothing'] },
      },
    ),
    settled(
      limited(
        'ambient',
        'Air temperature at the device in service',
        `It is calibrated at ${ambient} °C.`,
        { unit: '°C', at: ambient, wrong: 'above', says: `at most ${ambient} °C`, span: [-40, 120] },
        { section: 'supply', mark: 'ambientC' },
      ),
      {
        title: 'Too warm around it',
        remedy: 'Space between devices, cooling, or the derating of its maker.',
        then: 'mend',
        when: { ...symptom('later', 'random', 'seconds'), changed: ['weather', 'load', 'nothing'] },
      },
    ),
  ];
}

export const OBSERVED_AMPS = 'observed-amps';

/** Time to operate at the amps then, against the band of the device itself; nothing where it has none. */
function againstItsCurve({ band }: FaultContext): Settled[] {
  if (!band) return [];
  return [
    {
      test: {
        ...oneOf(
          'observed',
          'How long did it take, at which amps?',
          'Recorder, trip log of the unit, or a stop-watch with a fitted ammeter.',
          2,
          { sooner: 'sooner than its own curve holds', inside: 'inside its own band', later: 'later than its own curve opens' },
          { sound: 'inside' },
        ),
        figure: {
          ...{ unit: 's', min: 0.001, max: 100_000, limit: 'held against its own curve' },
          beside: { key: OBSERVED_AMPS, label: 'at', unit: 'A', min: 0.1, max: 200_000 },
          sort: (seconds, findings) => {
            const amps = findings[OBSERVED_AMPS]?.reading;
            if (amps === undefined || !(amps > 0)) return undefined;
            const { holdsUntil, openBy } = bandSeconds(band, amps);
            if (seconds < holdsUntil) return 'sooner';
            if (seconds > openBy) return 'later';
            // Where an edge is not published, nobody can say that it lies inside.
            return band.fast && band.slow ? 'inside' : undefined;
          },
        },
      },
      cause: {
        ...{ id: 'itself', title: 'The device itself is out of its band', then: 'new part' },
        shows: {},
        provedBy: { observed: ['sooner', 'later'] },
        remedy: 'New part of the same kind. One that opens later than its curve protects nothing: at once.',
      },
    },
  ];
}

/** What its band is at an observed current, in words. Example: '4 s to 20 s at 30 A'. */
export function bandWords(band: NonNullable<FaultContext['band']>, amps: number): string {
  const { holdsUntil, openBy } = bandSeconds(band, amps);
  if (!band.fast) return `open by ${q(openBy, 's')} at ${q(amps, 'A')}; how long it holds is not published`;
  if (!Number.isFinite(holdsUntil)) return `it never opens at ${q(amps, 'A')}`;
  return Number.isFinite(openBy)
    ? `${formatRange(holdsUntil, openBy, 's')} at ${q(amps, 'A')}`
    : `not before ${q(holdsUntil, 's')} at ${q(amps, 'A')}`;
}

const firstTests: readonly FaultTest[] = [
  oneOf(
    'changed',
    'What changed before it began?',
    'Ask, and read the history of this position.',
    1,
    {
      nothing: 'nothing',
      work: 'work on circuit or load',
      device: 'another device was fitted',
      load: 'more or other load',
      weather: 'warmth, rain or season',
    },
    { first: true },
  ),
];

/** What a family adds: symptoms, tests and causes of its own, and under which of its symptoms an earth fault may lie. */
type Own = { symptoms: readonly Symptom[]; tests: readonly FaultTest[]; causes: readonly Cause[]; earthFaultToo: readonly string[] };

/** The tree of a device that operates. */
export function overcurrentFaults(context: FaultContext, own: Own): FaultTree {
  const parts = [
    earthFault(own.earthFaultToo),
    inrush(context),
    ...(isOneAcMotor(context.need.load.kind) ? [...motorCauses(context), ...shaftCauses(context)] : [circuitLoad(context)]),
    ...around(context),
    ...againstItsCurve(context),
  ];
  return {
    symptoms: [...Object.values(overcurrentSymptoms), ...own.symptoms],
    tests: [...firstTests, ...parts.map(({ test }) => test), ...own.tests],
    causes: [...parts.map(({ cause }) => cause), ...own.causes],
    noAnswer: 'A larger device or a later curve is no answer.',
    beyond: 'it is none of these: record its amps over a day, and look at the supply and at what else runs then.',
  };
}
