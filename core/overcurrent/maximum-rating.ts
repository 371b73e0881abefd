/**
 * How large may an overcurrent device be at most: for its conductor, its motor, its compressor, its transformer, its plate?
 * Sources: NFPA 70 240.4, 430.52, 440.22, 450.3(B), 110.3(B); IEC 60364-4-43 433.1; from memory, figures in core/standards.
 */
import { certain } from '../certain';
import { numberMark, wordMark, type Practice } from '../case/case';
import { horsepowerOf, phasesOf } from '../loads/demand';
import { field, needLine } from '../needs/line';
import type { Need as LineOf } from '../needs/need';
import type { Need } from './figures';
import { formatQuantity as q } from '../quantities/format-quantity';
import {
  compressorBranchPercent,
  LARGE_FUSE_CEILING_PERCENT,
  LARGE_FUSE_FROM_AMPS,
  motorBranchPercent,
  startingCeilingPercent,
  type MotorDevice,
  type MotorType,
} from '../standards/motor-branch';
import { tableFullLoadAmps } from '../standards/motor-tables';
import { breakerSizes, fuseSizes, largestDeviceForAmpacity, nextStandardSize, standardSizeBelow } from '../standards/overcurrent-sizes';
import { voltageClassOf } from '../standards/voltage-class';
import type { NeedContext } from '../families/contract';
import { isMotor, isMotorLoad } from '../loads/motor-kinds';
import { readPlateWords } from './plate-words';

export type DeviceKind = 'breaker' | 'fuse';
const sizesOf = (device: DeviceKind) => (device === 'breaker' ? breakerSizes : fuseSizes);
/** The mark of a device that its conductor is held against: an adjustable breaker counts by its setting, or by its highest. */
const countedAmps = (device: DeviceKind, practice: Practice) =>
  device === 'fuse' ? 'ratedAmps' : practice === 'IEC' ? 'setAmps' : 'countsAsAmps';
const isOwnRule = isMotor;

/** Largest device that the conductor allows. Motors and compressors have rules of their own in NFPA practice (240.4(G)). */
export function conductorNeed(context: NeedContext, device: DeviceKind): Need[] {
  const { load, practice } = context;
  const ampacity = numberMark(load, 'conductorAmpacityAmps');
  if (ampacity === undefined || (practice === 'NFPA70' && isOwnRule(load.kind))) return [];
  if (device === 'fuse' && isOwnRule(load.kind) && load.overloadByFuse !== true && load.overloadByFuse !== null) return [];
  const ceiling = load.smallConductorLimit === true;
  const unknown = ampacity === null || (practice === 'NFPA70' && load.smallConductorLimit === null);
  // Circuits of receptacles have no next size up; of a load that is not known nothing is rounded up either.
  const receptacles = load.kind === 'socket-circuit' || load.kind === 'mixed-single-phase-loads' || load.kind === null;
  const limit = unknown
    ? null
    : practice === 'IEC'
      ? ampacity
      : largestDeviceForAmpacity(ampacity, ceiling || receptacles, sizesOf(device));
  const rounded = limit !== null && limit > certain(ampacity) ? ` The next standard size up, ${q(limit, 'A')}, is permitted.` : '';
  const bound = ceiling
    ? ' That is a small-conductor limit: nothing above it.'
    : receptacles
      ? ' A circuit of receptacles has no next size up.'
      : rounded;
  return [
    needLine({
      id: 'conductor',
      quantity: 'ratedAmpsConductor',
      figure: field(countedAmps(device, practice)),
      relation: '<=',
      limit,
      safety: true,
      because:
        ampacity === null
          ? 'What the conductor carries is not known.'
          : limit === null
            ? 'Whether the conductor’s figure is a small-conductor limit is not known.'
            : `The conductor carries ${q(ampacity, 'A')} as installed.${practice === 'IEC' ? ' The rated current must not exceed it.' : bound}`,
      brief: ceiling ? 'small-conductor limit' : 'conductor',
      source:
        practice === 'IEC'
          ? 'overloadCoordination'
          : ceiling
            ? 'smallConductors'
            : receptacles
              ? 'receptacleCircuits'
              : 'conductorProtection',
      inputs: ['load.conductorAmpacityAmps', 'load.smallConductorLimit'],
    }),
  ];
}

/** No device in a circuit is rated above what the circuit is: the rating of the circuit is that of its protection. */
export function circuitRatingNeed({ load, practice }: NeedContext, device: DeviceKind): Need[] {
  const rating = numberMark(load, 'circuitAmps');
  if (rating === undefined) return [];
  return [
    needLine({
      id: 'circuit',
      quantity: 'circuitRatingAmps',
      figure: field(countedAmps(device, practice)),
      relation: '<=',
      limit: rating,
      safety: true,
      because:
        rating === null
          ? 'The rating of the circuit is not known.'
          : `The circuit is rated ${q(rating, 'A')}: nothing that protects it may be rated above that.`,
      brief: 'rating of the circuit',
      source: practice === 'IEC' ? 'overloadCoordination' : 'circuitRating',
      inputs: ['load.circuitAmps'],
    }),
  ];
}

/** Amps of the motor table for the branch device (430.6(A)(1)): given, or by horsepower; plate amps where the table has none. */
export function tableAmpsOf(context: NeedContext): { amps: number | null; words: string } | undefined {
  const { load, supply } = context;
  const given = numberMark(load, 'tableFullLoadAmps');
  if (given !== undefined) return { amps: given, words: 'table amps' };
  const system = numberMark(supply, 'systemVolts');
  const hp = horsepowerOf(context);
  const column = typeof system === 'number' ? voltageClassOf(system)?.column : undefined;
  const table =
    typeof hp === 'number' && column !== undefined && context.load.kind !== 'motor-dc'
      ? tableFullLoadAmps(hp, column, phasesOf(context))
      : undefined;
  if (table !== undefined) return { amps: table, words: `table amps for ${q(certain(hp), 'hp')}` };
  const plate = numberMark(load, 'fullLoadAmps');
  return plate === undefined ? undefined : { amps: plate, words: 'plate amps, the table holds no such motor' };
}

const motorTypeOf = (context: NeedContext): MotorType =>
  context.load.kind === 'motor-dc' ? 'direct-current' : context.load.starter === 'rotor-resistance' ? 'wound-rotor' : 'cage';

/** Largest branch device of a motor: first size (rounded up), and ceiling where that does not start. */
export function motorBranchLimits(tableAmps: number, device: MotorDevice, type: MotorType = 'cage'): { first: number; ceiling: number } {
  const sizes = device.endsWith('fuse') ? fuseSizes : breakerSizes;
  const first = nextStandardSize((tableAmps * motorBranchPercent[type][device]) / 100, sizes);
  const most = (tableAmps * startingCeilingPercent(device, tableAmps)) / 100;
  const large = device.endsWith('fuse') && most > LARGE_FUSE_FROM_AMPS;
  const ceiling = large ? Math.max(LARGE_FUSE_FROM_AMPS, (tableAmps * LARGE_FUSE_CEILING_PERCENT) / 100) : most;
  // What the first exception gives is never taken back.
  return { first, ceiling: Math.max(first, ceiling) };
}

function motorBranchPair<const Figure extends string>(context: NeedContext, device: MotorDevice, name: Figure): LineOf<Figure>[] {
  const table = tableAmpsOf(context);
  if (!table) return [];
  const { amps } = table;
  const type = motorTypeOf(context);
  const limits = amps === null ? null : motorBranchLimits(amps, device, type);
  const percent = motorBranchPercent[type][device];
  const words =
    amps === null || !limits
      ? 'The motor’s table amps are not known.'
      : `${percent} % of ${q(amps, 'A')} (${table.words}) = ${q((amps * percent) / 100, 'A')}, next standard size ${q(limits.first, 'A')}; only where that does not start, up to ${q(limits.ceiling, 'A', 'down')}.`;
  const base = {
    quantity: 'motorBranchAmps',
    figure: field(name),
    relation: '<=' as const,
    because: words,
    source: 'motorBranch' as const,
    inputs: ['load.tableFullLoadAmps', 'load.horsepower', 'load.fullLoadAmps', 'supply.systemVolts'],
    optionalRating: true,
  };
  return [
    needLine({ ...base, id: `motor-branch-${device}`, limit: limits && limits.ceiling, brief: `${percent} %, ceiling` }),
    needLine({
      ...base,
      id: `motor-branch-first-${device}`,
      quantity: 'motorBranchFirstAmps',
      severity: 'should',
      limit: limits && limits.first,
      brief: `${percent} %, next size`,
    }),
  ];
}

/** Largest branch device of a motor in NFPA practice, by kind of device. */
export function motorBranchNeeds<const Figure extends string>(
  context: NeedContext,
  kinds: readonly (readonly [MotorDevice, Figure])[],
): LineOf<Figure>[] {
  if (context.practice !== 'NFPA70' || !isMotorLoad(context.load.kind) || context.load.kind === 'motor-group') return [];
  return kinds.flatMap(([device, name]) => motorBranchPair(context, device, name));
}

/** Largest branch device of a compressor without a plate maximum, NFPA practice. */
export function compressorNeeds(context: NeedContext): Need[] {
  const { load, practice } = context;
  if (practice !== 'NFPA70' || load.kind !== 'hermetic-compressor' || load.maximumOvercurrentAmps !== undefined) return [];
  const rated = load.ratedLoadAmps === undefined ? undefined : numberMark(load, 'ratedLoadAmps');
  if (rated === undefined) return [];
  const fan = load.fanFullLoadAmps === undefined ? 0 : numberMark(load, 'fanFullLoadAmps');
  const { first, ifItDoesNotStart, minAmps } = compressorBranchPercent;
  const most = (percent: number) =>
    rated === null || typeof fan !== 'number' ? null : Math.max(minAmps, standardSizeBelow((rated * percent) / 100 + fan) ?? minAmps);
  const base = {
    figure: field('ratedAmps'),
    relation: '<=' as const,
    source: 'compressorBranch' as const,
    inputs: ['load.ratedLoadAmps', 'load.fanFullLoadAmps'],
    because:
      most(first) === null
        ? 'Rated-load amps are not known.'
        : `${first} % of ${q(certain(rated), 'A')}${fan ? ` and the fan’s ${q(fan, 'A')}` : ''}, rounded down: ${q(certain(most(first)), 'A')}; only where that does not start ${ifItDoesNotStart} %: ${q(certain(most(ifItDoesNotStart)), 'A')}.`,
  };
  return [
    needLine({
      ...base,
      id: 'compressor-branch',
      quantity: 'compressorBranchAmps',
      limit: most(ifItDoesNotStart),
      brief: `${ifItDoesNotStart} %`,
    }),
    needLine({
      ...base,
      id: 'compressor-branch-first',
      quantity: 'compressorBranchFirstAmps',
      severity: 'should',
      limit: most(first),
      brief: `${first} %`,
    }),
  ];
}

const atMost = (
  id: string,
  quantity: string,
  limit: number | null,
  because: string,
  source: Need['source'],
  input: string,
  safety = false,
): Need =>
  needLine({ id, quantity, figure: field('ratedAmps'), relation: '<=', limit, because, source, inputs: [input], brief: 'plate', safety });

const shown = (amps: number | null) => (amps === null ? 'not known' : q(amps, 'A'));

/** A rating that the maker prescribes. */
function exactNeed({ load }: NeedContext): Need[] {
  const exact = numberMark(load, 'exactAmps');
  if (exact === undefined) return [];
  return [
    needLine({
      id: 'exact',
      quantity: 'prescribedAmps',
      figure: field('ratedAmps'),
      relation: '=',
      limit: exact,
      because: `The maker prescribes ${shown(exact)} exactly.`,
      brief: 'maker',
      source: 'plateInstructions',
      inputs: ['load.exactAmps'],
    }),
  ];
}

/** What plates and makers bind: unit maximum, least circuit amps, transformer primary, a prescribed figure, words. */
export function plateNeeds(context: NeedContext, device: DeviceKind): Need[] {
  const { load } = context;
  const needs: Need[] = [];
  const maximum = numberMark(load, 'maximumOvercurrentAmps');
  if (maximum !== undefined)
    needs.push(
      atMost(
        'unit-maximum',
        'unitMaximumAmps',
        maximum,
        `The unit plate’s largest overcurrent device: ${shown(maximum)}.`,
        context.practice === 'IEC' ? 'commonPractice' : 'compressorBranch',
        'load.maximumOvercurrentAmps',
        true,
      ),
    );
  const least = numberMark(load, 'minimumCircuitAmps');
  if (least !== undefined)
    needs.push(
      needLine({
        id: 'unit-minimum',
        quantity: 'unitMinimumAmps',
        figure: field('ratedAmps'),
        limit: least,
        severity: 'should',
        because: `The unit plate’s minimum circuit ampacity: ${shown(least)}. A smaller device may not carry the unit.`,
        brief: 'plate',
        source: 'commonPractice',
        inputs: ['load.minimumCircuitAmps'],
      }),
    );
  const primary = numberMark(load, 'maxPrimaryAmps');
  if (primary !== undefined)
    needs.push(
      atMost(
        'primary-maximum',
        'transformerPrimaryAmps',
        primary,
        `The largest primary device permitted for the transformer: ${shown(primary)}.`,
        context.practice === 'IEC' ? 'commonPractice' : 'transformerOvercurrent',
        'load.maxPrimaryAmps',
      ),
    );
  return [...needs, ...exactNeed(context), ...wordNeeds(context, device)];
}

type Said = { source: 'plateInstructions'; inputs: string[]; because: string };
/** What the words of a plate ask of a fuse. */
function fuseWordNeeds(words: NonNullable<ReturnType<typeof readPlateWords>>, base: Said): Need[] {
  const needs: Need[] = [];
  if (words.timeDelay)
    needs.push(
      needLine({
        ...base,
        id: 'plate-time-delay',
        quantity: 'fuseSpeed',
        figure: field('delay'),
        unit: '',
        relation: 'one-of',
        limit: ['time-delay'],
      }),
    );
  if (words.fuseClass)
    needs.push(
      needLine({
        ...base,
        id: 'plate-class',
        quantity: 'fuseClass',
        unit: '',
        relation: 'one-of',
        limit: [words.fuseClass],
      }),
    );
  return needs;
}

function wordNeeds({ load, practice }: NeedContext, device: DeviceKind): Need[] {
  const text = wordMark(load, 'plateWords');
  const words = text ? readPlateWords(text) : undefined;
  if (!text || !words) return [];
  const base = {
    source: 'plateInstructions' as const,
    inputs: ['load.plateWords'],
    because: `The plate says: ${text.trim().slice(0, 120)}.`,
  };
  const needs: Need[] = [];
  if (words.kinds.length === 1)
    needs.push(
      needLine({
        ...base,
        id: 'device-kind',
        quantity: 'protectionKind',
        figure: field('deviceKind'),
        unit: '',
        relation: 'one-of',
        limit: [...words.kinds],
        safety: true,
        because: `${base.because} That names a ${words.kinds[0]} alone.`,
      }),
    );
  const most = device === 'fuse' ? words.fuseAmps : words.breakerAmps;
  if (most !== undefined && !(typeof load.maximumOvercurrentAmps === 'number' && load.maximumOvercurrentAmps <= most))
    needs.push({ ...atMost('plate-maximum', 'plateMaximumAmps', most, base.because, base.source, 'load.plateWords', true) });
  if (device === 'breaker' && words.hacr && practice === 'NFPA70')
    needs.push(
      needLine({
        ...base,
        id: 'mark-HACR',
        quantity: 'dutyMark',
        figure: field('marks'),
        unit: '',
        relation: 'includes',
        limit: 'HACR',
        because: `${base.because} A breaker must be marked HACR.`,
      }),
    );
  if (device === 'fuse') needs.push(...fuseWordNeeds(words, base));
  return needs;
}

/** Device that must be branch-circuit protection: supplementary protectors are none, anywhere. */
export function branchProtectionNeed<const Figure extends string>(
  context: NeedContext,
  accepted: Record<Practice, readonly string[]>,
  figure: Figure,
): LineOf<Figure>[] {
  const asked = context.load.branchCircuitProtectionNeeded;
  if (asked !== true && asked !== null) return [];
  return [
    needLine({
      id: 'branch-protection',
      quantity: 'protectionStandard',
      figure: field(figure),
      unit: '',
      relation: 'one-of',
      limit: asked === null ? null : [...accepted[context.practice]],
      group: 'safety',
      safety: true,
      because:
        asked === null
          ? 'Whether this device is the branch-circuit protection is not known.'
          : 'This device is the branch-circuit protection; a supplementary protector may stand beside such a device, not in its place.',
      source: 'supplementaryProtection',
      inputs: ['load.branchCircuitProtectionNeeded'],
    }),
  ];
}
