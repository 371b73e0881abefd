/**
 * What must an overcurrent device carry without end, and what start or inrush must it ride through?
 * Shared by breakers and fuses. Sources: NFPA 70 210.20(A), 215.3, 424.4(B), 430.6(A); common practice; from memory.
 */
import { isMotor, isMotorLoad } from '../loads/motor-kinds';
import type { LoadMarks } from '../fields/load-fields';
import { certain } from '../certain';
import { flagMark, numberMark } from '../case/case';
import {
  compressorDemand,
  heaterAmps,
  motorLockedRotorAmps,
  motorRunningAmps,
  startIsAsked,
  statedAmps,
  withLoadAmps,
  type Demand,
} from '../loads/demand';
import { compileNeed } from '../matching/evaluate';
import type { CanonicalSpec } from '../matching/canonical';
import type { Need as LineOf } from '../needs/need';
import { field, needLine } from '../needs/line';
import { formatQuantity as q } from '../quantities/format-quantity';
import type { SourceId } from '../standards/source';
import type { NeedContext } from '../families/contract';
import { feederMotors } from './motor-feeder';

/** Continuous load counts 125 % on a device that is not rated for 100 %. NFPA 70 210.20(A). */
export const CONTINUOUS_FACTOR = 1.25;
/** The first half cycle of a start stands up to this many times above its rms value, as rms. Common practice: 1.8 x √2 as a peak. */
export const FIRST_PEAK_FACTOR = 1.8;

const round = (value: number) => Number(value.toPrecision(6));

const statedNames = ['ampsPerPole', 'runningAmps', 'loadAmps', 'fullLoadAmps', 'resistiveAmps', 'watts'] as const;
const present = (context: NeedContext, names: readonly (keyof LoadMarks)[]) =>
  names.some((name) => context.load[name] !== undefined && context.load[name] !== 'none');

/** Steady current as the load gives it, split by how long it runs; undefined where the position gives none. */
export type Carry = { continuous: number | null; other: number; demand: Demand };

function carriedAmps(context: NeedContext): Carry | undefined {
  const { load } = context;
  const kind = String(load.kind);
  const whole = (demand: Demand): Carry => ({ continuous: demand.amount, other: 0, demand });
  const beside = (demand: Demand) => whole(withLoadAmps(context, demand));
  if (kind === 'hermetic-compressor')
    return present(context, ['ratedLoadAmps', 'fullLoadAmps', 'loadAmps']) ? beside(compressorDemand(context).running) : undefined;
  const group = feederMotors(context);
  if (group) return whole(group.running);
  if (isMotorLoad(kind) && present(context, ['fullLoadAmps', 'tableFullLoadAmps', 'horsepower', 'kilowatts']))
    return beside(motorRunningAmps(context));
  if (present(context, ['continuousAmps', 'noncontinuousAmps'])) {
    const continuous = load.continuousAmps === undefined ? 0 : (numberMark(load, 'continuousAmps') ?? null);
    const other = load.noncontinuousAmps === undefined ? 0 : (numberMark(load, 'noncontinuousAmps') ?? null);
    const inputs = ['load.continuousAmps', 'load.noncontinuousAmps'];
    const amount = continuous === null || other === null ? null : continuous + other;
    const because =
      amount === null
        ? 'Part of the load is not known.'
        : `Continuous ${q(certain(continuous), 'A')} and other ${q(certain(other), 'A')} = ${q(amount, 'A')}.`;
    return {
      continuous: amount === null ? null : continuous,
      other: other ?? 0,
      demand: { amount, because, brief: 'load', source: 'commonPractice', inputs },
    };
  }
  if (kind === 'resistive-heater' && present(context, ['kilowatts', ...statedNames])) return beside(heaterAmps(context));
  return present(context, statedNames) ? whole(statedAmps(context)) : undefined;
}

/** The line that asks the device to carry its load, by the mark that says what it carries; none where the position gives no current. */
export function carryNeeds<Figure extends string>(context: NeedContext, figure: Figure): LineOf<Figure | 'ratedAmps100'>[] {
  const carry = carriedAmps(context);
  if (!carry) return [];
  const { demand, continuous, other } = carry;
  const { load, practice } = context;
  const own = isMotor(load.kind);
  const stated = present(context, ['continuousAmps', 'noncontinuousAmps']);
  const runsOn = stated || flagMark(load, 'continuous');
  const unknownLength = practice === 'NFPA70' && !own && !stated && load.continuous === null;
  const factor = practice === 'NFPA70' && !own && runsOn ? CONTINUOUS_FACTOR : 1;
  const limit = demand.amount === null || continuous === null || unknownLength ? null : round(continuous * factor + other);
  const words =
    factor === 1 || limit === null
      ? `${demand.because}${unknownLength ? ' Whether it runs three hours or more is not known.' : ''}`
      : `${demand.because} Continuous load counts 125 %: ${q(limit, 'A')}, unless the device is rated for 100 %.`;
  const source: SourceId = factor === 1 ? demand.source : 'continuousLoad';
  const needs: LineOf<Figure | 'ratedAmps100'>[] = [
    needLine<Figure | 'ratedAmps100'>({
      id: 'running',
      quantity: 'ratedAmpsCarry',
      figure: factor === 1 ? field(figure) : field('ratedAmps100'),
      limit: factor === 1 ? limit : demand.amount,
      because: words,
      brief: factor === 1 ? demand.brief : '125 % of continuous',
      source,
      inputs: [...demand.inputs, 'load.continuous'],
      ...(demand.school ? { notKnownFrom: demand.school.fails * factor } : {}),
      otherWays: factor === 1 ? [] : [{ quantity: 'ratedAmpsCarry', unit: 'A', relation: '>=', figure: field(figure), limit }],
    }),
  ];
  if (practice === 'NFPA70' && load.kind === 'resistive-heater' && factor === 1 && limit !== null)
    needs.push(
      needLine<Figure | 'ratedAmps100'>({
        id: 'space-heating',
        quantity: 'ratedAmpsHeating',
        figure: field('ratedAmps100'),
        limit,
        severity: 'should',
        because: `${demand.because} Fixed space heating counts as continuous, 125 %: ${q(round(limit * CONTINUOUS_FACTOR), 'A')}.`,
        brief: '125 % if space heating',
        source: 'spaceHeating',
        inputs: demand.inputs,
        otherWays: [
          {
            quantity: 'ratedAmpsHeating',
            unit: 'A',
            relation: '>=',
            figure: field(figure),
            limit: round(limit * CONTINUOUS_FACTOR),
          },
        ],
      }),
    );
  return needs;
}

/** Amps that the load itself takes, without what the rules add; null where not known, undefined where the position gives none. */
export const carriedLoadAmps = (context: NeedContext): number | null | undefined => carriedAmps(context)?.demand.amount;

/** Amps that this part must be set to carry: a part rated for 100 % is held to the load, another to 125 % of what is continuous. */
export function ampsToCarry(context: NeedContext, part: CanonicalSpec, figure: string): number | null | undefined {
  const [need] = carryNeeds(context, figure);
  const limit = need && certain(need.ways[compileNeed(need).judge(part).way]).limit;
  return typeof limit === 'number' || limit === null ? limit : undefined;
}

/** Rms equivalent of the hardest current that the load draws for a moment; undefined where none is given. */
export type Inrush = { demand: Demand; seconds: number | null | undefined; motor: boolean };

const softStarts = new Set(['soft-starter', 'variable-speed-drive']);

/** Start or inrush as rms: the plate's starting amps, locked-rotor amps, or a peak divided by √2; the hardest counts. */
export function inrushOf(context: NeedContext): Inrush | undefined {
  const { load } = context;
  const found: Inrush[] = [];
  const seconds = load.startSeconds === undefined ? undefined : (numberMark(load, 'startSeconds') ?? null);
  const motor = isMotor(load.kind);
  const start = numberMark(load, 'startAmps');
  if (start !== undefined)
    found.push({
      seconds,
      motor,
      demand: {
        amount: start,
        because: start === null ? 'The starting current is not known.' : `The load starts at ${q(start, 'A')} rms.`,
        brief: 'starting amps',
        source: 'commonPractice',
        inputs: ['load.startAmps'],
      },
    });
  else if (
    motor &&
    load.motors === undefined &&
    context.supply.currentKind !== 'dc' &&
    !softStarts.has(String(load.starter)) &&
    startIsAsked(context)
  ) {
    const demand = load.kind === 'hermetic-compressor' ? compressorDemand(context).lockedRotor : motorLockedRotorAmps(context);
    found.push({ demand, seconds, motor });
  }
  for (const name of ['inrushPeakAmps', 'coldInrushAmps'] as const) {
    const peak = numberMark(load, name);
    if (peak === undefined) continue;
    const amount = peak === null ? null : round(peak / Math.SQRT2);
    found.push({
      seconds: undefined,
      motor: false,
      demand: {
        amount,
        because:
          peak === null ? 'The inrush peak is not known.' : `Inrush peak ${q(peak, 'A')} / √2 = ${q(certain(amount), 'A', 'up')} as rms.`,
        brief: 'peak / √2',
        source: 'commonPractice',
        inputs: [`load.${name}`],
      },
    });
  }
  return found.sort((a, b) => (b.demand.amount ?? Infinity) - (a.demand.amount ?? Infinity))[0];
}
