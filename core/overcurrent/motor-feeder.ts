/**
 * A feeder of several motors: what flows, how large its device may be, what its conductor must carry.
 * Sources: NFPA 70 430.22, 430.24, 430.62(A), 430.63, from memory.
 */
import { numberMark } from '../case/case';
import type { Demand } from '../loads/demand';
import { field, needLine } from '../needs/line';
import type { Need as LineOf } from '../needs/need';
import { formatQuantity as q } from '../quantities/format-quantity';
import { feederDeviceAmps, MOTOR_CONDUCTOR_FACTOR } from '../standards/motor-branch';
import type { NeedContext } from '../families/contract';

export type FeederMotors = { running: Demand; conductorAmps: number | null; maxAmps: number | null; words: string };

const sum = (list: readonly number[]) => list.reduce((total, one) => total + one, 0);
const known = (mark: unknown): mark is number => typeof mark === 'number';

/**
 * What the motors of a group ask, or undefined where the position lists none. Of several motors with equally large branch
 * devices the one with the most amps is left out of the sum: the smaller feeder is on the safe side.
 */
export function feederMotors({ load, practice }: NeedContext): FeederMotors | undefined {
  const rows = load.motors;
  if (load.kind !== 'motor-group' || rows === undefined) return undefined;
  const inputs = ['load.motors'];
  const source = practice === 'NFPA70' ? 'motorFeederConductor' : 'commonPractice';
  const list = Array.isArray(rows) ? (rows as { tableFullLoadAmps?: unknown; branchDeviceAmps?: unknown }[]) : [];
  const amps = list.map(({ tableFullLoadAmps }) => tableFullLoadAmps);
  const other = (['continuousAmps', 'noncontinuousAmps'] as const).map(
    (name) => numberMark(load, name) ?? (load[name] === null ? null : 0),
  );
  if (list.length === 0 || !amps.every(known) || !other.every(known)) {
    const because = 'Not every motor of the group has its amps.';
    const running: Demand = { amount: null, because, brief: '', source, inputs };
    return { running, conductorAmps: null, maxAmps: null, words: because };
  }
  const rest = sum(other);
  const all = sum(amps) + rest;
  const devices = list.map(({ branchDeviceAmps }) => branchDeviceAmps);
  const conductorAmps = all + (MOTOR_CONDUCTOR_FACTOR - 1) * Math.max(...amps);
  const running: Demand = {
    amount: all,
    because: `${list.length} motors: ${amps.map((one) => q(one, 'A')).join(' + ')}${rest > 0 ? `, other load ${q(rest, 'A')}` : ''} = ${q(all, 'A')}.`,
    brief: 'sum of table amps',
    source,
    inputs,
  };
  if (!devices.every(known)) return { running, conductorAmps, maxAmps: null, words: 'The branch device of a motor is not known.' };
  const largest = Math.max(...devices);
  const leftOut = Math.max(...amps.filter((_, i) => devices[i] === largest));
  const maxAmps = feederDeviceAmps(largest, [all - leftOut]);
  return {
    running,
    conductorAmps,
    maxAmps,
    words: `Largest branch device ${q(largest, 'A')} and the other motors’ ${q(all - leftOut, 'A')} = ${q(maxAmps, 'A')}; no rounding up here.`,
  };
}

/** Largest device of the feeder, NFPA practice. */
export function feederNeeds<const Figure extends string>(context: NeedContext, figure: Figure): LineOf<Figure>[] {
  const group = context.practice === 'NFPA70' ? feederMotors(context) : undefined;
  if (!group) return [];
  return [
    needLine({
      id: 'motor-feeder',
      quantity: 'motorFeederAmps',
      figure: field(figure),
      relation: '<=',
      limit: group.maxAmps,
      because: group.words,
      brief: 'branch + others',
      source: 'motorFeeder',
      inputs: ['load.motors'],
    }),
  ];
}

/** What the conductor of a motor, or of a feeder of motors, falls short of; undefined where it does not or is not known. */
export function motorConductorCaution(context: NeedContext, tableAmps: number | null | undefined): string | undefined {
  const ampacity = numberMark(context.load, 'conductorAmpacityAmps');
  if (context.practice !== 'NFPA70' || !known(ampacity)) return undefined;
  const least = feederMotors(context)?.conductorAmps ?? (known(tableAmps) ? tableAmps * MOTOR_CONDUCTOR_FACTOR : null);
  if (least === null || ampacity >= least * (1 - 1e-9)) return undefined;
  const clause = context.load.kind === 'motor-group' ? '430.24' : '430.22';
  return `The conductor carries ${q(ampacity, 'A')}, less than the ${q(least, 'A')} asked for (125 % of the largest motor and the rest, NFPA 70 ${clause}): no device puts that right.`;
}
