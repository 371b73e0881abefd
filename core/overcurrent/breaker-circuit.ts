/**
 * Need lines that the load and the circuit set on a breaker: carry, ride through, disconnect, and how large at most.
 * Riding through uses the lower edge of the band, disconnecting the upper; between the edges riding through is a check.
 * Sources: IEC 60898-1 bands, BS 7671 411.4.4 and appendix 3, NFPA 70 430.52 and 240.83(D), from memory.
 */
import { isMotorLoad } from '../loads/motor-kinds';
import { numberMark, wordMark, wordsMark } from '../case/case';
import { field, needLine, wordLine } from '../needs/line';
import type { Need, RatingBasis } from './figures';
import { formatQuantity as q } from '../quantities/format-quantity';
import type { NeedContext } from '../families/contract';
import { carryNeeds, FIRST_PEAK_FACTOR, inrushOf } from './load-current';
import { branchProtectionNeed, circuitRatingNeed, compressorNeeds, conductorNeed, motorBranchNeeds, plateNeeds } from './maximum-rating';
import { feederNeeds } from './motor-feeder';
import { largeDisconnectNeeds } from './large-disconnect';
import { disconnectWithin, earthFaultAmps } from './earth-fault';
import { isDc } from './breaker-supply';

const band = (context: NeedContext) => (isDc(context) ? 'Dc' : 'Ac');

/** Devices that are branch-circuit protection by themselves. */
const branchStandards = {
  NFPA70: ['UL 489', 'UL 489B', 'UL 1066'],
  IEC: ['IEC 60898-1', 'IEC 60898-1/-2', 'IEC 60898-2', 'IEC 60898-3', 'IEC 60947-2'],
} as const;

export function inrushNeeds(context: NeedContext): Need[] {
  const inrush = inrushOf(context);
  if (!inrush) return [];
  const { demand } = inrush;
  const kind = band(context);
  const edges: Partial<RatingBasis> = demand.school
    ? { checkFrom: demand.school.check, notKnownFrom: demand.school.fails }
    : {
        upperEdge: field(`instantaneousTrips${kind}`),
        possible: field(`instantaneousOpen${kind}`),
        ...(demand.low !== undefined && demand.low < (demand.amount ?? 0) ? { checkFrom: demand.low } : {}),
      };
  const base = {
    figure: field(`instantaneousHolds${kind}`),
    source: 'miniatureBreakers' as const,
    inputs: demand.inputs,
  };
  const needs = [
    needLine({
      ...base,
      ...edges,
      id: 'inrush',
      quantity: 'instantaneousHoldsAmps',
      limit: demand.amount,
      because: `${demand.because} Below the lower edge of its instantaneous band the breaker holds for sure, above the upper it trips at once, between it may.`,
      brief: demand.brief,
      ...(demand.school && demand.school.name !== 'none' ? { school: demand.school.name } : {}),
    }),
  ];
  if (inrush.motor && context.schools.firstPeak === 'asymmetrical' && demand.amount !== null)
    needs.push(
      needLine({
        ...base,
        id: 'first-peak',
        quantity: 'firstPeakAmps',
        severity: 'should',
        limit: Number((demand.amount * FIRST_PEAK_FACTOR).toPrecision(4)),
        because: `${demand.because} Its first half cycle may stand ${FIRST_PEAK_FACTOR} times higher: ${q(demand.amount * FIRST_PEAK_FACTOR, 'A', 'up')}.`,
        brief: `x ${FIRST_PEAK_FACTOR}`,
        source: 'commonPractice',
        school: 'asymmetrical first peak',
      }),
    );
  return needs;
}

function disconnectionNeeds(context: NeedContext): Need[] {
  // NFPA 70 asks for an effective path, not for a loop impedance by rating: no line there.
  const fault = context.practice === 'IEC' ? earthFaultAmps(context) : undefined;
  if (!fault) return [];
  const seconds = disconnectWithin(context);
  const kind = band(context);
  const limit = fault.amps === null ? null : Number(fault.amps.toPrecision(9));
  const slow = typeof seconds === 'number' && seconds >= 5;
  return [
    needLine({
      id: 'disconnection',
      quantity: 'disconnectsAtAmps',
      group: 'safety',
      safety: true,
      figure: field('guaranteedTripAmps'),
      relation: '<=',
      limit,
      anyWay: true,
      because: `${fault.words} ${seconds ? `To disconnect within ${q(seconds, 's')} the` : 'The'} upper edge of the band, or what its maker guarantees, must lie below.`,
      brief: 'U0 x Cmin / Zs',
      source: context.supply.loopImpedanceBasis === 'measured-cold' ? 'measuredLoopImpedance' : 'loopImpedanceLimits',
      inputs: ['supply.loopImpedanceOhms', 'supply.loopImpedanceBasis', 'supply.voltsToGround', 'load.disconnectSeconds'],
      otherWays: [
        {
          quantity: 'disconnectsAtAmps',
          unit: 'A',
          relation: '<=',
          limit,
          figure: field(`instantaneousTrips${kind}`),
          ...(slow ? { upperEdge: field(`fiveSecondEdge${kind}`) } : {}),
        },
      ],
    }),
  ];
}

export function minFaultNeeds(context: NeedContext): Need[] {
  const amps = numberMark(context.supply, 'minFaultAmps');
  if (amps === undefined) return [];
  const seconds = numberMark(context.load, 'minFaultTripSeconds');
  const note = wordMark(context.supply, 'minFaultNote');
  const base = { quantity: 'clearsAtAmps', unit: 'A', relation: '<=' as const, limit: amps };
  return [
    needLine({
      ...base,
      id: 'least-fault',
      group: 'safety',
      safety: true,
      anyWay: true,
      figure: field('guaranteedTripAmps'),
      because:
        amps === null
          ? 'The least fault current is not known.'
          : `At the far end no more than ${q(amps, 'A', 'down')} flows${note ? ` (${note.slice(0, 80)})` : ''}; the device must trip ${seconds ? `within ${q(seconds, 's')}` : 'at once'} for sure.`,
      brief: 'far end',
      source: 'commonPractice',
      inputs: ['supply.minFaultAmps', 'load.minFaultTripSeconds'],
      otherWays: [{ ...base, figure: field(`instantaneousTrips${band(context)}`) }],
    }),
  ];
}

function instantaneousOnlyNeed({ practice, load }: NeedContext): Need[] {
  const motor = isMotorLoad(load.kind);
  const accepted = [
    'has an overload release',
    ...(motor ? ['listed combination'] : []),
    ...(motor && practice === 'IEC' ? ['instantaneous only, by itself'] : []),
  ];
  return [
    wordLine({
      id: 'instantaneous-only',
      quantity: 'instantaneousUse',
      group: 'safety',
      safety: true,
      limit: accepted,
      because: motor
        ? practice === 'IEC'
          ? 'A breaker without overload release leaves overload to the relay of the starter.'
          : 'A breaker without overload release serves a motor only as part of a listed combination controller.'
        : 'A breaker without overload release does not protect this circuit from overload.',
      source: 'instantaneousBreaker',
      inputs: ['load.kind'],
    }),
  ];
}

function markNeeds({ load }: NeedContext): Need[] {
  const asked = load.marksNeeded;
  if (asked === null)
    return [
      needLine({
        id: 'marks',
        quantity: 'dutyMark',
        figure: field('marks'),
        unit: '',
        relation: 'includes',
        limit: null,
        because: 'Which duty marks plate or use ask for is not known.',
        source: 'breakerMarks',
        inputs: ['load.marksNeeded'],
      }),
    ];
  const list = wordsMark(asked);
  return list.map((mark) =>
    needLine({
      id: `mark-${mark}`,
      quantity: 'dutyMark',
      figure: field('marks'),
      unit: '',
      relation: 'includes',
      limit: mark,
      because: `Plate or use asks for a breaker marked ${mark}.`,
      source: 'breakerMarks',
      inputs: ['load.marksNeeded'],
    }),
  );
}

function ambientNeed({ supply }: NeedContext): Need[] {
  const ambient = numberMark(supply, 'ambientC');
  if (ambient === undefined) return [];
  return [
    needLine({
      id: 'ambient',
      group: 'fit',
      quantity: 'calibratedAmbientC',
      unit: '°C',
      limit: ambient,
      severity: 'should',
      because:
        ambient === null
          ? 'The ambient is not known.'
          : `The air around it reaches ${q(ambient, '°C')}; above its calibration a thermal release trips early and carries less.`,
      brief: 'around the device',
      source: 'commonPractice',
      inputs: ['supply.ambientC'],
    }),
  ];
}

/** All lines of load and circuit, in the order shown. */
export function circuitNeeds(context: NeedContext): Need[] {
  const words = plateNeeds(context, 'breaker');
  return [
    ...branchProtectionNeed(context, branchStandards, 'standard'),
    ...instantaneousOnlyNeed(context),
    ...carryNeeds(context, 'setAmps'),
    ...conductorNeed(context, 'breaker'),
    ...circuitRatingNeed(context, 'breaker'),
    ...feederNeeds(context, 'countsAsAmps'),
    ...motorBranchNeeds(context, [['inverse-time-breaker', 'inverseTimeAmps']]),
    ...compressorNeeds(context),
    ...words,
    ...inrushNeeds(context),
    ...disconnectionNeeds(context),
    ...minFaultNeeds(context),
    ...markNeeds(context).filter((need) => !words.some(({ id }) => id === need.id)),
    ...largeDisconnectNeeds(context),
    ...ambientNeed(context),
  ];
}

/** Lines of a breaker that are asked whatever the parts carry: kind of current, volts, poles, breaking, amps, and what its curve must do. */
export const breakerLines: readonly RegExp[] = [
  /^(current-kind|volts|volts-to-earth|dc-volts|dc-volts-to-earth|interrupting|poles|poles-open)$/,
  /^(branch-protection|running|conductor|circuit|exact|inrush|disconnection|least-fault)$/,
];
