/**
 * Need lines of an overload relay: what its dial must serve, how long it must hold and by when trip, phase loss, reset, contacts.
 * The dial follows the plate amps, never the table (430.6(A)(2)); where it trips later than allowed it is set below them.
 * Sources: NFPA 70 430.32, 430.37, 430.43, 440.52; IEC 60947-4-1; from memory.
 */
import { certain } from '../../certain';
import { numberMark, wordMark, wordsMark } from '../../case/case';
import { overlay } from '../../case/overlay';
import { connectedVolts, runningAmpsFactor } from '../../loads/connected-volts';
import { motorRunningAmps } from '../../loads/demand';
import { field, listLine, needLine, wordLine } from '../../needs/line';
import type { Need } from './figures';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { overloadTripPercent, RISE_C_FOR_125, SERVICE_FACTOR_FOR_125 } from '../../standards/motor-branch';
import { DELTA_PHASE_SHARE } from '../../standards/overload-classes';
import type { SourceId } from '../../standards/source';
import type { NeedContext } from '../contract';
import { isMotorLoad } from '../../loads/motor-kinds';

const round = (value: number) => Number(value.toPrecision(6));
const isCompressor = ({ load }: NeedContext) => load.kind === 'hermetic-compressor';

/** Percent of the plate amps at which it may trip at the most, NFPA practice; null where the plate's mark is worn. */
export function allowedTripPercent(context: NeedContext): { percent: number | null; words: string } {
  const { load } = context;
  if (isCompressor(context)) return { percent: overloadTripPercent.compressorRelay, words: 'a compressor’s relay' };
  const factor = numberMark(load, 'serviceFactor');
  const rise = numberMark(load, 'temperatureRiseC');
  if ((typeof factor === 'number' && factor >= SERVICE_FACTOR_FOR_125) || (typeof rise === 'number' && rise <= RISE_C_FOR_125))
    return { percent: overloadTripPercent.serviceFactor115, words: 'service factor 1.15 or rise 40 °C' };
  if (factor === null && typeof rise !== 'number') return { percent: null, words: 'the service factor is not known' };
  return { percent: overloadTripPercent.otherMotors, words: 'other motors' };
}

/** Amps that the relay itself sees at full load: plate amps by its place in the starter and its current transformers. */
export function relayAmps(context: NeedContext): { amps: number | null; words: string; inputs: string[] } | undefined {
  const { load, supply } = context;
  const name = isCompressor(context) && load.ratedLoadAmps !== undefined ? 'ratedLoadAmps' : 'fullLoadAmps';
  const plate = numberMark(load, name);
  const system = numberMark(supply, 'systemVolts');
  let amps: number | null | undefined = plate;
  let words = plate === null || plate === undefined ? 'The plate amps are not known' : `Plate amps ${q(plate, 'A')}`;
  if (typeof plate === 'number' && typeof system === 'number') {
    const volts = connectedVolts(load.plateVolts, system);
    const factor = runningAmpsFactor(volts, system);
    if (factor !== 1) {
      amps = plate * factor;
      words += ` at ${q(certain(volts), 'V')}, ${q(amps, 'A')} at ${q(system, 'V')}`;
    }
  }
  if (plate === undefined) {
    if (numberMark(load, 'kilowatts') === undefined) return undefined;
    const demand = motorRunningAmps({ ...context, practice: 'IEC', load: overlay(load, { tableFullLoadAmps: undefined }) });
    [amps, words] = [demand.amount, demand.because.replace(/\.$/, '')];
  }
  const inputs = [`load.${name}`, 'load.overloadPosition', 'load.currentTransformerPrimaryAmps'];
  if (typeof amps !== 'number') return { amps: null, words: `${words}.`, inputs };
  if (wordMark(load, 'overloadPosition') === 'in-delta-phase') {
    amps *= DELTA_PHASE_SHARE;
    words += ` x 0.58 in the phase of the delta = ${q(amps, 'A')}`;
  } else if (load.overloadPosition === null) return { amps: null, words: 'Its place in the starter is not known.', inputs };
  const primary = numberMark(load, 'currentTransformerPrimaryAmps');
  if (primary !== undefined) {
    const secondary = numberMark(load, 'currentTransformerSecondaryAmps');
    if (primary === null || typeof secondary !== 'number')
      return { amps: null, words: 'The ratio of the current transformers is not known.', inputs };
    amps = (amps * secondary) / primary;
    words += ` x ${secondary} / ${primary} = ${q(amps, 'A')} at the relay`;
  }
  return { amps: round(amps), words: `${words}.`, inputs };
}

function settingNeed(context: NeedContext): Need[] {
  const seen = relayAmps(context);
  if (!seen) return [];
  const nfpa = context.practice === 'NFPA70';
  const { percent, words } = allowedTripPercent(context);
  const figureName = nfpa ? (`serves_${percent ?? overloadTripPercent.otherMotors}` as const) : 'servesAsDial';
  const rule = !nfpa
    ? ' The dial must reach them.'
    : percent === null
      ? ` How late it may trip is not known: ${words}.`
      : ` It may trip at ${percent} % of them at the most (${words}); a dial that trips later is set lower.`;
  return [
    needLine({
      id: 'setting',
      quantity: 'overloadSetting',
      figure: { kind: 'bands', name: figureName },
      relation: 'includes',
      limit: nfpa && percent === null ? null : seen.amps,
      because: `${seen.words}${rule}`,
      brief: 'plate amps',
      source: !nfpa ? 'overloadClasses' : isCompressor(context) ? 'compressorOverload' : 'overloadSetting',
      inputs: [...seen.inputs, ...(nfpa ? ['load.serviceFactor', 'load.temperatureRiseC'] : [])],
    }),
  ];
}

function classNeeds(context: NeedContext): Need[] {
  const { load, practice } = context;
  const source: SourceId = practice === 'NFPA70' ? 'overloadClassesNema' : 'overloadClasses';
  const at = practice === 'NFPA70' ? '6 times' : '7.2 times';
  const needs: Need[] = [];
  const start = numberMark(load, 'startSeconds');
  if (start !== undefined)
    needs.push(
      needLine({
        id: 'start-time',
        quantity: 'classHoldsSeconds',
        unit: 's',
        limit: start,
        upperEdge: field('classTripsSeconds'),
        because:
          start === null
            ? 'How long the start takes is not known.'
            : `The start takes ${q(start, 's')}; the class states the time at ${at} the setting, from its lower edge it may trip, at its upper it has.`,
        brief: 'start',
        source,
        inputs: ['load.startSeconds'],
      }),
    );
  const stall = numberMark(load, 'stallSecondsHot');
  if (stall !== undefined)
    needs.push(
      needLine({
        id: 'stall-time',
        quantity: 'classTripsSeconds',
        unit: 's',
        relation: '<=',
        limit: stall,
        safety: true,
        because:
          stall === null
            ? 'How long the motor stands stalled is not known.'
            : `The motor stands ${q(stall, 's')} stalled from hot; the relay must have tripped by then.`,
        brief: 'safe stall',
        source,
        inputs: ['load.stallSecondsHot'],
      }),
    );
  return needs;
}

function phaseNeeds(context: NeedContext): Need[] {
  const { load, supply, practice } = context;
  const dc = supply.currentKind === 'dc';
  const single = load.kind === 'motor-1ph' || numberMark(supply, 'phases') === 1 || dc;
  const needs: Need[] = [];
  if (!single) {
    needs.push(
      needLine({
        id: 'poles',
        group: 'safety',
        safety: true,
        quantity: 'poles',
        unit: 'count',
        limit: 3,
        because: 'Each phase of a three-phase motor is watched.',
        source: practice === 'NFPA70' ? 'overloadUnits' : 'overloadClasses',
        inputs: ['load.kind'],
      }),
      wordLine({
        id: 'phase-loss',
        quantity: 'phaseLossSensitive',
        figure: field('phaseLoss'),
        limit: ['sensitive'],
        severity: 'should',
        because: 'With a phase lost a sensitive relay trips at 1.15 times its setting, another at 1.32.',
        source: 'phaseLoss',
        inputs: ['load.kind'],
      }),
    );
    return needs;
  }
  const way = (severity: 'must' | 'should', id: string, limit: string[]): Need =>
    wordLine({
      id,
      quantity: 'singlePhaseUse',
      limit,
      severity,
      because: 'On a single-phase or DC load the current runs through all poles in series, or the relay sees a lost phase.',
      source: 'phaseLoss',
      inputs: ['load.kind', 'supply.phases'],
    });
  needs.push(way('must', 'series-poles', ['all poles in series', 'some poles, not sensitive']));
  needs.push(way('should', 'series-poles-all', ['all poles in series']));
  return needs;
}

const contactLines = ({ load }: NeedContext): Need[] =>
  (Array.isArray(load.tripContactsNeeded) ? wordsMark(load.tripContactsNeeded) : load.tripContactsNeeded === null ? [null] : []).map(
    (form) =>
      listLine({
        id: `trip-contact-${form ?? 'unread'}`,
        group: 'fit',
        quantity: 'tripContacts',
        limit: form,
        because: form === null ? 'Which trip contacts are in use is not known.' : `A ${form} trip contact is in use.`,
        source: 'commonPractice',
        inputs: ['load.tripContactsNeeded'],
      }),
  );

function placeNeeds(context: NeedContext): Need[] {
  const { load, supply } = context;
  const needs: Need[] = [];
  const dc = supply.currentKind === 'dc';
  needs.push(
    wordLine({
      id: 'kind',
      group: 'safety',
      safety: true,
      quantity: 'overloadKind',
      figure: field('kind'),
      limit: ['adjustable-thermal', 'heater-element', ...(dc ? [] : ['adjustable-electronic'])],
      because: dc
        ? 'On DC an electronic relay with current transformers sees nothing.'
        : 'An instantaneous magnetic relay does not follow the heat of the motor.',
      source: 'commonPractice',
      inputs: ['supply.currentKind'],
    }),
  );
  const reset = wordMark(load, 'resetNeeded');
  const restarts = load.control === 'two-wire' || (load.control === null && reset !== 'automatic');
  if (reset !== undefined || restarts)
    needs.push(
      listLine({
        id: 'reset',
        group: restarts ? 'safety' : 'fit',
        safety: restarts && reset !== 'automatic',
        quantity: 'reset',
        limit: reset === null || (reset === undefined && load.control === null) ? null : (reset ?? 'manual'),
        because: reset
          ? `${certain(reset[0]).toUpperCase()}${reset.slice(1)} reset is asked for.`
          : reset === null
            ? 'Which reset is asked for is not known.'
            : load.control === null
              ? 'Whether a maintained contact would start the motor again by itself is not known.'
              : 'Under a maintained contact an automatic reset starts the motor again by itself.',
        source: restarts ? 'automaticRestart' : 'commonPractice',
        inputs: ['load.resetNeeded', 'load.control'],
      }),
    );
  return needs;
}

/** All lines of an overload relay, in the order shown. */
export function overloadNeeds(context: NeedContext): Need[] {
  const { kind } = context.load;
  if (!isMotorLoad(kind) && !isCompressor(context)) return [];
  return [...placeNeeds(context), ...phaseNeeds(context), ...settingNeed(context), ...classNeeds(context), ...contactLines(context)];
}
