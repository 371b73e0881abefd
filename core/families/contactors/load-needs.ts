/**
 * Need lines that the load sets: volts, poles, running, starting, resistive, jogging, short-circuit rating.
 * Which column of a rating plate answers which load is data: `columnsByLoad`.
 * Sources: NFPA 70 430.83 and 440.41, IEC 60947-4-1 utilisation categories, NEMA ICS 2 (from memory, in core/standards).
 */
import { isMotor } from '../../loads/motor-kinds';
import { waysOf } from '../../needs/need';
import { flagMark, numberMark } from '../../case/case';
import {
  compressorDemand,
  heaterAmps,
  horsepowerOf,
  motorLockedRotorAmps,
  motorRunningAmps,
  notKnown,
  phasesOf,
  startIsAsked,
  statedAmps,
  stepUpHorsepower,
  withLoadAmps,
  type Demand,
} from '../../loads/demand';
import type { Need, RatingBasis } from './figures';
import { occasionalInching, unmarkedShortCircuitRatingAmps, utilisationMultiples } from '../../standards/contactor-limits';
import { formatQuantity as q } from '../../quantities/format-quantity';
import type { NeedContext } from '../contract';
import { columnsFor } from './rating-columns';
import { polesInFault } from '../../supply/earthing';
import { horsepowerColumn } from './horsepower-column';

/** Continuous load on a circuit, NFPA 70 210.20(A), from memory. */
const CONTINUOUS_FACTOR = 1.25;

const currentOf = ({ supply }: NeedContext): 'ac' | 'dc' => (supply.currentKind === 'dc' ? 'dc' : 'ac');
const voltsOf = ({ supply }: NeedContext): number | null => numberMark(supply, 'systemVolts') ?? null;

/** Running or steady current that the device must carry. */
export function currentDemand(context: NeedContext): Demand {
  const { kind, lampKind } = context.load;
  if (kind === null || lampKind === null)
    return notKnown('What is switched here is not known, and so neither is what the contactor must be rated for.', 'commonPractice', [
      'load.kind',
      'load.lampKind',
    ]);
  if (kind === 'hermetic-compressor') return withLoadAmps(context, compressorDemand(context).running);
  if (kind === 'resistive-heater') return withLoadAmps(context, heaterAmps(context));
  return isMotor(kind) ? withLoadAmps(context, motorRunningAmps(context)) : statedAmps(context);
}

/** A row with poles in series counts where so many stand in the line that a fault meets. */
function ratingWay(context: NeedContext, quantity: string, column: string, limit: number | null, factor = 1): RatingBasis {
  const current = currentOf(context);
  const poles: { sure: string; perhaps?: string } = current === 'dc' ? polesInFault(context) : { sure: 'poles' };
  const figure = (polesFrom: string): RatingBasis['figure'] => ({
    kind: 'rating',
    column,
    minVolts: voltsOf(context),
    current,
    factor,
    polesFrom,
  });
  return {
    quantity,
    unit: 'A',
    relation: '>=',
    limit,
    figure: figure(poles.sure),
    ...(poles.perhaps ? { possible: figure(poles.perhaps) } : {}),
  };
}

/** A list that is legible and has no column for this load has no such rating: the last way of every line that reads a column. */
const noColumn = (quantity: string, unit: string, limit: number | null): RatingBasis => ({
  quantity,
  unit,
  relation: '>=',
  limit,
  figure: { kind: 'field', name: 'ratingList' },
});

/** A column of another kind of load: it is printed, and it leaves the line not known. */
const otherKind = (way: RatingBasis): RatingBasis => ({
  ...way,
  verdictCap: 'not-known',
  verdictCapReason: 'the kind of rating printed does not answer for this load',
  notKnownFrom: 0,
});

/** Column of horsepower at the volts of one class, since a horsepower holds for its own volts. */
const classColumn = (context: NeedContext, what: string): string => horsepowerColumn(what, voltsOf(context) ?? 0);

function runningNeed(context: NeedContext): Need {
  const { kind } = context.load;
  const demand = currentDemand(context);
  const { sure, harder = [], atBestCheck = [], otherKind: others = [] } = columnsFor(context);
  const quantity = kind === 'resistive-heater' ? 'resistiveAmps' : isMotor(kind) ? 'fullLoadAmps' : 'lampAmps';
  const edges = demand.school ? { checkFrom: demand.school.check, notKnownFrom: demand.school.fails } : {};
  const way = (column: string): RatingBasis => ({ ...ratingWay(context, quantity, column, demand.amount), ...edges });
  const ways: RatingBasis[] = [...sure.map(way), ...harder.map((column) => ({ ...way(column), notKnownFrom: 0 }))];
  for (const column of atBestCheck)
    ways.push({
      ...way(column),
      ...(column === 'continuousAmps' ? { figure: { kind: 'field', name: 'continuousAmps' } } : {}),
      verdictCap: 'check',
    });
  if (isMotor(kind) && currentOf(context) === 'ac') {
    // A NEMA size is held to its continuous amps here and to its horsepower on a line of its own; without the motor's
    // horsepower the motor amps that its rating stands for are all there is.
    if (kind !== 'hermetic-compressor' && typeof horsepowerOf(context) === 'number') ways.push(way(classColumn(context, 'continuous')));
    ways.push(way(`hpRunningAmps${phasesOf(context)}`));
  }
  ways.push(...others.map((column) => otherKind(way(column))), noColumn(quantity, 'A', demand.amount));
  return {
    id: 'running',
    group: 'load',
    severity: 'must',
    safety: false,
    anyWay: true,
    ways: waysOf(ways),
    because: demand.because,
    brief: demand.brief,
    source: demand.source,
    inputs: demand.inputs,
  };
}

/** How hard it starts, where a start goes through this contactor. */
function startDemand(context: NeedContext): Demand | undefined {
  const { kind, starterRole, starter } = context.load;
  if (!isMotor(kind) || currentOf(context) === 'dc' || starterRole === 'bypass') return undefined;
  const limited = starter === 'soft-starter' ? numberMark(context.load, 'startAmps') : undefined;
  if (limited !== undefined)
    return {
      amount: limited,
      because:
        limited === null
          ? 'The current limit of the soft starter is not known.'
          : `The soft starter limits the start to ${q(limited, 'A')}.`,
      brief: 'soft starter',
      source: 'commonPractice',
      inputs: ['load.startAmps'],
    };
  if (!startIsAsked(context)) return undefined;
  return kind === 'hermetic-compressor' ? compressorDemand(context).lockedRotor : motorLockedRotorAmps(context);
}

function lockedRotorNeed(context: NeedContext): Need | undefined {
  const { kind } = context.load;
  const demand = startDemand(context);
  if (!demand) return undefined;
  const school = demand.school;
  const way = (column: string, factor: number, makeFactor = factor): RatingBasis => {
    const base = ratingWay(context, 'lockedRotorAmps', column, demand.amount, factor);
    if (school) return { ...base, checkFrom: school.check, notKnownFrom: school.fails };
    // Makes the start, but breaking a stalled motor is beyond its breaking multiple: a check.
    const least = Math.min(demand.low ?? Infinity, (demand.amount ?? Infinity) * (factor / makeFactor));
    return Number.isFinite(least) && least < (demand.amount ?? 0) ? { ...base, checkFrom: least } : base;
  };
  const { ac2Amps, ac3Amps, ac3eAmps, ac4Amps, ac8aAmps, ac8bAmps } = utilisationMultiples;
  const byCategory = kind === 'hermetic-compressor' ? [way('ac8bAmps', ac8bAmps.break), way('ac8aAmps', ac8aAmps.break)] : [];
  const slipring = context.load.starter === 'rotor-resistance' ? [way('ac2Amps', ac2Amps.break)] : [];
  // Full-load amps alone do not say how hard a start the part makes.
  const silent = ['fullLoadAmps', 'ac53aAmps', 'ac2Amps', 'ac8aAmps', 'ac8bAmps'].map((column) =>
    otherKind(ratingWay(context, 'lockedRotorAmps', column, demand.amount)),
  );
  return {
    id: 'locked-rotor',
    group: 'load',
    severity: 'must',
    safety: false,
    anyWay: true,
    ways: waysOf([
      way('lockedRotorAmps', 1),
      ...byCategory,
      ...slipring,
      way('ac3Amps', ac3Amps.break, ac3Amps.make),
      way('ac3eAmps', ac3eAmps.break, ac3eAmps.make),
      way('ac4Amps', ac4Amps.break, ac4Amps.make),
      way(`hpLockedRotorAmps${phasesOf(context)}`, 1),
      ...silent,
      noColumn('lockedRotorAmps', 'A', demand.amount),
    ]),
    because: `${demand.because} An AC-3 figure breaks 8 and makes 10 times itself; a horsepower rating ten times the motor's amps.`,
    brief: demand.brief,
    source: demand.source,
    inputs: demand.inputs,
    ...(school && school.name !== 'none' ? { school: school.name } : {}),
  };
}

function horsepowerNeed(context: NeedContext): Need | undefined {
  if (!isMotor(context.load.kind) || context.load.kind === 'hermetic-compressor' || currentOf(context) === 'dc') return undefined;
  const hp = horsepowerOf(context);
  if (hp === undefined) return undefined;
  const phases = phasesOf(context);
  const limit = hp === null ? null : context.load.horsepower === undefined ? stepUpHorsepower(hp, phases) : hp;
  const way = (what: string): RatingBasis => ({ ...ratingWay(context, 'normalHp', classColumn(context, what), limit), unit: 'hp' });
  return {
    id: 'horsepower',
    group: 'load',
    severity: 'must',
    safety: false,
    optionalRating: true,
    ways: waysOf(phases === 1 ? [way('normalHpSinglePhase'), way('normalHp')] : [way('normalHp')]),
    because:
      limit === null
        ? 'The horsepower of the motor is not known.'
        : `A horsepower-rated controller serves motors up to its horsepower at the volts of its own row; the motor has ${q(limit, 'hp')}.`,
    brief: 'motor plate',
    source: 'controllerRating',
    inputs: ['load.horsepower', 'load.kilowatts', 'supply.systemVolts'],
  };
}

function joggingNeed(context: NeedContext): Need | undefined {
  const rate = numberMark(context.duty, 'joggingPerMinute');
  if (rate === undefined || !isMotor(context.load.kind)) return undefined;
  if (rate !== null && rate * 10 <= occasionalInching.perTenMinutes) return undefined;
  const hp = horsepowerOf(context);
  const demand = currentDemand(context);
  const limitHp = typeof hp === 'number' ? (context.load.horsepower === undefined ? stepUpHorsepower(hp, phasesOf(context)) : hp) : null;
  const hpWay: RatingBasis = {
    ...ratingWay(context, 'joggingHp', classColumn(context, 'joggingHp'), rate === null ? null : limitHp),
    unit: 'hp',
  };
  const ampsWay = ratingWay(context, 'joggingAmps', 'ac4Amps', rate === null ? null : demand.amount);
  const none = noColumn(
    context.practice === 'IEC' ? 'joggingAmps' : 'joggingHp',
    context.practice === 'IEC' ? 'A' : 'hp',
    rate === null ? null : 0,
  );
  return {
    id: 'jogging',
    group: 'load',
    severity: rate === null || rate > occasionalInching.perMinute ? 'must' : 'should',
    safety: false,
    anyWay: true,
    ways: waysOf([...(context.practice === 'IEC' ? [ampsWay, hpWay] : [hpWay, ampsWay]), none]),
    because: `${rate === null ? 'The jogging rate is not known' : `${rate} jogs a minute`}; ordinary motor ratings allow up to 5 a minute and 10 in ten minutes. Beyond that the jogging horsepower, or AC-4, counts.`,
    brief: rate === null ? 'rate not known' : `${rate} a minute`,
    source: context.practice === 'IEC' ? 'inching' : 'nemaJogging',
    inputs: ['duty.joggingPerMinute', 'load.horsepower', ...demand.inputs],
  };
}

function headroomNeed(context: NeedContext): Need | undefined {
  // Fixed electric space heating counts as continuous in NFPA practice (424.4(B), from memory): 25 % there, still as advice.
  const runsOn = context.practice === 'NFPA70' && (flagMark(context.load, 'continuous') || context.load.continuous === null);
  const continuous = runsOn ? CONTINUOUS_FACTOR : 1;
  const resistiveHeadroom = context.schools.resistiveHeadroom === 1 ? 1 : Math.max(context.schools.resistiveHeadroom, continuous);
  if (context.load.kind !== 'resistive-heater' || resistiveHeadroom === 1) return undefined;
  const demand = currentDemand(context);
  const limit = demand.amount === null ? null : Number((demand.amount * resistiveHeadroom).toPrecision(4));
  const base = runningNeed(context);
  return {
    ...base,
    id: 'resistive-headroom',
    severity: 'should',
    ways: waysOf(base.ways.map((way) => ({ ...way, quantity: 'resistiveHeadroomAmps', limit }))),
    because: `${demand.because} With ${Math.round((resistiveHeadroom - 1) * 100)} % headroom, as advice: ${limit === null ? 'not known' : q(limit, 'A')}.`,
    brief: `x ${resistiveHeadroom}`,
    source: 'commonPractice',
    school: `${Math.round((resistiveHeadroom - 1) * 100)} % headroom`,
  };
}

function unitMaximumNeed(context: NeedContext): Need | undefined {
  const maximum = numberMark(context.load, 'maximumOvercurrentAmps');
  if (context.schools.unitMaximum === 'off' || maximum === undefined || context.load.kind !== 'hermetic-compressor') return undefined;
  return {
    id: 'unit-maximum',
    group: 'load',
    severity: 'should',
    safety: false,
    ways: waysOf(['fullLoadAmps', 'ac1Amps'].map((column) => ratingWay(context, 'unitMaximumAmps', column, maximum))),
    because: `A quick field cross-check holds the contactor to the unit’s largest breaker, ${maximum === null ? 'not known' : q(maximum, 'A')}. It oversizes; the load’s own amps decide.`,
    brief: 'field cross-check',
    source: 'commonPractice',
    school: 'largest device as a check',
    inputs: ['load.maximumOvercurrentAmps'],
  };
}

function polesNeed(context: NeedContext): Need[] {
  const { load } = context;
  const needs: Need[] = [];
  const asked = numberMark(load, 'polesToSwitch');
  const byLoad = load.kind === 'motor-3ph' ? 3 : undefined;
  const limit = asked === undefined ? byLoad : asked;
  const line = (id: string, quantity: string, amount: number | null, because: string, input: string): Need => ({
    id,
    group: 'safety',
    severity: 'must',
    safety: true,
    ways: [{ quantity, unit: 'count', relation: '>=', figure: { kind: 'field', name: 'poles' }, limit: amount }],
    because,
    brief: '',
    source: 'commonPractice',
    inputs: [input],
  });
  if (limit !== undefined)
    needs.push(
      line(
        'poles',
        'poles',
        limit,
        limit === null
          ? 'The number of poles to switch is not known.'
          : `${limit} conductor${limit === 1 ? ' is' : 's are'} switched here.`,
        'load.polesToSwitch',
      ),
    );
  const open = numberMark(load, 'polesThatMustOpen');
  if (open !== undefined)
    needs.push(
      line(
        'poles-open',
        'polesThatOpen',
        open,
        `${open ?? 'Not known how many'} live conductors must be open when it is off.`,
        'load.polesThatMustOpen',
      ),
    );
  return needs;
}

function supplyNeeds(context: NeedContext): Need[] {
  const current = currentOf(context);
  const volts = voltsOf(context);
  const { currentKind } = context.supply;
  const { figure, possible } = ratingWay(context, '', 'rowVolts', volts);
  const dcVolts = { figure, ...(possible ? { possible } : {}) };
  const kindNeed: Need[] =
    currentKind === undefined
      ? []
      : [
          {
            id: 'rating-kind',
            group: 'safety',
            severity: 'must',
            safety: true,
            ways: [
              {
                quantity: 'ratingKind',
                unit: '',
                relation: 'includes',
                figure: { kind: 'field', name: 'ratingKinds' },
                possible: { kind: 'field', name: 'ratingKindsPerhaps' },
                limit: currentKind === null ? null : current,
              },
            ],
            because: current === 'dc' ? 'DC has no current zero: only a part with a DC rating can open it.' : 'The system is AC.',
            brief: '',
            source: 'ratedVolts',
            inputs: ['supply.currentKind'],
          },
        ];
  return [
    ...kindNeed,
    {
      id: 'volts',
      group: 'safety',
      severity: 'must',
      safety: true,
      ways: [
        {
          quantity: 'ratedOperationalVolts',
          unit: 'V',
          relation: '>=',
          ...(current === 'dc' ? dcVolts : { figure: { kind: 'field', name: 'topVoltsAc' } as const }),
          limit: volts,
        },
      ],
      because:
        volts === null ? 'System volts are not known.' : `The system has ${q(volts, 'V')}; above its highest row a part is not rated.`,
      brief: 'supply card',
      source: 'ratedVolts',
      inputs: ['supply.systemVolts'],
    },
  ];
}

function shortCircuitNeed(context: NeedContext): Need | undefined {
  const fault = numberMark(context.supply, 'prospectiveFaultAmps');
  if (fault === undefined) return undefined;
  const hp = horsepowerOf(context);
  const unmarked = context.practice === 'NFPA70' && typeof hp === 'number' ? (unmarkedShortCircuitRatingAmps(hp) ?? null) : null;
  return {
    id: 'short-circuit-rating',
    group: 'safety',
    severity: 'must',
    safety: true,
    ways: [
      {
        quantity: 'shortCircuitRatingAmps',
        unit: 'A',
        relation: '>=',
        figure: { kind: 'field', name: 'shortCircuitRatingAmps', whenNone: unmarked },
        limit: fault,
      },
    ],
    because: `${fault === null ? 'The fault current at this position is not known' : `Up to ${q(fault, 'A')} can flow here`}. The rating holds only with the protection that the maker names.${unmarked ? ` A part that carries none counts as ${q(unmarked, 'A')}.` : ''}`,
    brief: 'at this position',
    source: unmarked ? 'unmarkedShortCircuitRating' : context.practice === 'IEC' ? 'conditionalShortCircuit' : 'shortCircuitRating',
    inputs: ['supply.prospectiveFaultAmps'],
  };
}

/** All lines that the load and the system set, in the order shown. */
export function loadNeeds(context: NeedContext): Need[] {
  return [
    ...supplyNeeds(context),
    ...polesNeed(context),
    shortCircuitNeed(context),
    runningNeed(context),
    headroomNeed(context),
    lockedRotorNeed(context),
    horsepowerNeed(context),
    joggingNeed(context),
    unitMaximumNeed(context),
  ].filter((need): need is Need => need !== undefined);
}
