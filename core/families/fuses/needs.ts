/**
 * Need lines of a fuse: holder, volts and interrupting by kind of current, carry, ride through, melt in time, and how large at most.
 * Volts are about the gap that remains after it has blown: they must not be below the circuit's.
 * Sources: NFPA 70 110.9, 240.60(C), 430.52; IEC 60269, UL 248, UL 4248; BS 7671 table 41.2; from memory.
 */
import { waysOf } from '../../needs/need';
import { certain } from '../../certain';
import { numberMark, wordMark } from '../../case/case';
import { field, lineOfWays, needLine, wordLine } from '../../needs/line';
import type { Need, RatingBasis } from './figures';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { classesOfHolder, stringFuse, UNMARKED_FUSE_AMPS } from '../../standards/fuse-gates';
import type { NeedContext } from '../contract';
import { disconnectWithin, earthFaultAmps } from '../../overcurrent/earth-fault';
import { carryNeeds, inrushOf } from '../../overcurrent/load-current';
import { feederNeeds } from '../../overcurrent/motor-feeder';
import {
  branchProtectionNeed,
  circuitRatingNeed,
  compressorNeeds,
  conductorNeed,
  motorBranchNeeds,
  plateNeeds,
} from '../../overcurrent/maximum-rating';
import { holdName, meltName, type GateSet } from './gates';

const safety = { group: 'safety' as const, safety: true };
const isDc = ({ supply }: NeedContext) => supply.currentKind === 'dc';

function supplyNeeds(context: NeedContext): Need[] {
  const { supply, practice } = context;
  const dc = isDc(context);
  const needs: Need[] = [];
  const volts = numberMark(supply, 'systemVolts');
  const kindKnown = supply.currentKind !== null;
  if (volts !== undefined)
    needs.push(
      needLine({
        ...safety,
        id: 'volts',
        quantity: dc ? 'fuseVoltsDc' : 'fuseVoltsAc',
        figure: field(dc ? 'voltsDc' : 'voltsAc'),
        unit: 'V',
        limit: kindKnown ? volts : null,
        because: `${volts === null ? 'The volts of the circuit are not known.' : `The circuit has ${q(volts, 'V')} ${dc ? 'DC' : 'AC'}.`} The rating bounds what the gap of the blown fuse stands; AC and DC are figures of their own.`,
        source: 'fuseVolts',
        inputs: ['supply.systemVolts', 'supply.currentKind'],
      }),
    );
  const fault = numberMark(supply, 'prospectiveFaultAmps');
  if (fault !== undefined)
    needs.push(
      needLine({
        ...safety,
        id: 'interrupting',
        quantity: dc ? 'interruptingAmpsDc' : 'interruptingAmps',
        figure: dc ? field('interruptingAmpsDc') : field('interruptingAmpsAc', practice === 'NFPA70' ? UNMARKED_FUSE_AMPS : null),
        limit: fault,
        because: `${fault === null ? 'The prospective fault current is not known.' : `Up to ${q(fault, 'A')} may flow here and must be broken.`}${
          dc || practice === 'IEC' ? '' : ` An unmarked cartridge fuse in a branch counts ${q(UNMARKED_FUSE_AMPS, 'A')}.`
        }`,
        source: practice === 'NFPA70' ? 'interruptingRating' : 'fuseVolts',
        inputs: ['supply.prospectiveFaultAmps', 'supply.currentKind'],
      }),
    );
  return needs;
}

/** What the holder takes, and what it carries away as heat. */
function holderNeeds({ supply }: NeedContext): Need[] {
  const needs: Need[] = [];
  const holder = wordMark(supply, 'fuseHolder');
  if (holder !== undefined)
    needs.push(
      wordLine({
        ...safety,
        id: 'holder',
        quantity: 'fuseClass',
        limit: holder === null ? null : [...classesOfHolder(holder)],
        because:
          holder === null
            ? 'Which holder is fitted is not known.'
            : `The ${holder} holder takes ${classesOfHolder(holder).join(', ')}; a body that enters is not yet a fuse that belongs there.`,
        source: 'fuseHolders',
        inputs: ['supply.fuseHolder'],
      }),
    );
  const watts = numberMark(supply, 'maxFuseWatts');
  if (watts !== undefined)
    needs.push(
      needLine({
        id: 'holder-watts',
        group: 'fit',
        quantity: 'powerLossWatts',
        unit: 'W',
        relation: '<=',
        limit: watts,
        because: watts === null ? 'What the holder accepts is not known.' : `The holder accepts ${q(watts, 'W')} per fuse; more cooks it.`,
        brief: 'holder',
        source: 'fuseHolderPower',
        inputs: ['supply.maxFuseWatts'],
      }),
    );
  return needs;
}

/** A start whose length is not given is taken as this long, a moment's inrush as the other, s. */
const UNSTATED_START_SECONDS = 10;
export const MOMENT_SECONDS = 0.1;
/** From here on a start is one that a fuse without time delay is not trusted to hold, s. Common practice. */
const FAST_START_SECONDS = 0.5;

/** Riding through: by the fuse's own melting time where it is given, else by the gates of its class for that length. */
function inrushNeeds(context: NeedContext): Need[] {
  const inrush = inrushOf(context);
  const needs: Need[] = [];
  if (inrush) {
    const { demand, seconds } = inrush;
    const length = seconds ?? (inrush.motor ? UNSTATED_START_SECONDS : MOMENT_SECONDS);
    const limit = seconds === null ? null : demand.amount;
    const gate = (set: GateSet, more: Partial<RatingBasis>): RatingBasis => ({
      quantity: 'fuseHoldsAmps',
      unit: 'A',
      relation: '>=',
      figure: field(holdName(set, length)),
      limit,
      ...more,
      ...(demand.school ? { checkFrom: demand.school.check, notKnownFrom: demand.school.fails } : {}),
    });
    const moment = length < FAST_START_SECONDS;
    const gates = [
      gate('iec', { upperEdge: field(meltName('iec', length)) }),
      gate('ul', { source: 'fuseGatesUl', upperEdge: field(moment ? 'ul_moment' : 'ul_start') }),
    ];
    const own: RatingBasis = { quantity: 'meltSeconds', unit: 's', relation: '>=', figure: field('minMeltSecondsAtStart'), limit: length };
    const ways = typeof seconds === 'number' ? [own, ...gates] : gates;
    needs.push(
      lineOfWays(ways, {
        id: 'inrush',
        because: `${demand.because} The fuse must hold it${typeof seconds === 'number' ? ` for ${q(seconds, 's')}` : ''}; between what it surely holds and what surely melts it, it may go either way.`,
        brief: demand.brief,
        source: 'fuseGatesIec',
        inputs: [...demand.inputs, 'load.startSeconds'],
      }),
    );
  }
  const i2t = numberMark(context.load, 'inrushI2tA2s');
  if (i2t !== undefined)
    needs.push(
      needLine({
        id: 'inrush-i2t',
        quantity: 'meltingI2tA2s',
        unit: 'A²s',
        limit: i2t,
        because:
          i2t === null
            ? 'The let-through of the inrush is not known.'
            : `The inrush lets ${q(i2t, 'A²s')} through; the fuse must not melt at that.`,
        brief: 'inrush',
        source: 'commonPractice',
        inputs: ['load.inrushI2tA2s'],
      }),
    );
  return needs;
}

function meltNeeds(context: NeedContext): Need[] {
  const { supply, load } = context;
  const needs: Need[] = [];
  const add = (
    id: string,
    amps: number | null,
    seconds: number | null | undefined,
    words: string,
    inputs: string[],
    source: Need['source'],
  ) => {
    const length = typeof seconds === 'number' ? seconds : MOMENT_SECONDS;
    // Between two gates the time is only bounded: it may be quick enough.
    const later = length > 0.1 && length < 5 ? { upperEdge: field(meltName('iec', 5)) } : {};
    needs.push(
      needLine({
        ...safety,
        id,
        quantity: 'meltsAtAmps',
        relation: '<=',
        limit: amps,
        figure: field(meltName('iec', length)),
        ...later,
        because: words,
        brief: 'melts for sure',
        source,
        inputs,
        otherWays: [
          { quantity: 'meltsAtAmps', unit: 'A', relation: '<=', limit: amps, figure: field(meltName('ul', length)), source: 'fuseGatesUl' },
        ],
      }),
    );
  };
  const fault = context.practice === 'IEC' ? earthFaultAmps(context) : undefined;
  if (fault)
    add(
      'disconnection',
      fault.amps,
      disconnectWithin(context),
      `${fault.words} The fuse must melt in time at that.`,
      ['supply.loopImpedanceOhms', 'supply.loopImpedanceBasis', 'supply.voltsToGround', 'load.disconnectSeconds'],
      'fuseGatesIec',
    );
  // A string feeds its fault from the sun: what its fuse is held to there is 1.5 times its short-circuit current.
  const asString = load.kind === 'dc-string' && load.stringShortCircuitAmps !== undefined;
  const least = numberMark(supply, 'minFaultAmps');
  if (least !== undefined && !asString)
    add(
      'least-fault',
      least,
      numberMark(load, 'minFaultTripSeconds'),
      least === null
        ? 'The least fault current is not known.'
        : `At the far end no more than ${q(least, 'A', 'down')} flows; the fuse must melt at that.`,
      ['supply.minFaultAmps', 'load.minFaultTripSeconds'],
      'fuseGatesIec',
    );
  return needs;
}

function semiconductorNeeds({ load }: NeedContext): Need[] {
  const limit = numberMark(load, 'i2tLimitA2s');
  if (limit === undefined) return [];
  return [
    needLine({
      ...safety,
      id: 'i2t',
      quantity: 'clearingI2tA2s',
      unit: 'A²s',
      relation: '<=',
      limit,
      because:
        limit === null
          ? 'What the semiconductor stands is not known.'
          : `The semiconductor stands ${q(limit, 'A²s')}; the fuse must let less through.`,
      source: 'semiconductorFuses',
      inputs: ['load.i2tLimitA2s'],
    }),
  ];
}

function stringNeeds({ load }: NeedContext): Need[] {
  const current = numberMark(load, 'stringShortCircuitAmps');
  const most = numberMark(load, 'moduleMaxSeriesFuseAmps');
  const needs: Need[] = [];
  const base = { figure: field('ratedAmps'), source: 'photovoltaicFuses' as const };
  if (load.kind === 'dc-string' && (current !== undefined || most !== undefined))
    needs.push(
      wordLine({
        id: 'category',
        quantity: 'utilisation',
        figure: field('category'),
        limit: ['gPV'],
        ...safety,
        because: 'A string feeds its fault from the sun at little more than its working current: only a gPV fuse is made for that.',
        source: 'photovoltaicFuses',
        inputs: ['load.kind'],
      }),
    );
  if (current !== undefined) {
    const least = current === null ? null : current * stringFuse.least;
    const highest = current === null ? null : current * stringFuse.most;
    const because =
      current === null
        ? 'The short-circuit current of the string is not known.'
        : `${stringFuse.least} to ${stringFuse.most} times the string’s ${q(current, 'A')}.`;
    const inputs = ['load.stringShortCircuitAmps'];
    needs.push(needLine({ ...base, id: 'string-least', quantity: 'stringLeastAmps', limit: least, because, inputs }));
    needs.push(needLine({ ...base, id: 'string-most', quantity: 'stringMostAmps', relation: '<=', limit: highest, because, inputs }));
  }
  if (most !== undefined)
    needs.push(
      needLine({
        ...base,
        ...safety,
        id: 'module-most',
        quantity: 'moduleMostAmps',
        relation: '<=',
        limit: most,
        because: most === null ? 'The module’s largest fuse is not known.' : `The module allows ${q(most, 'A')} in series at the most.`,
        inputs: ['load.moduleMaxSeriesFuseAmps'],
      }),
    );
  return needs;
}

/** The starter's largest fuse, by category: the column of the fuse's own category counts. */
function starterNeeds({ load }: NeedContext): Need[] {
  const by = load.maxFuseAmpsBy;
  if (by === undefined || by === 'none') return [];
  const base = {
    id: 'starter-maximum',
    quantity: 'starterMaximumAmps',
    relation: '<=' as const,
    unit: 'A',
    safety: true,
    source: 'conditionalShortCircuit' as const,
    inputs: ['load.maxFuseAmpsBy'],
  };
  if (by === null)
    return [needLine({ ...base, figure: field('ratedAmps'), limit: null, because: 'The largest fuse of the starter is not known.' })];
  const entries = Object.entries(by ?? {}).map(
    ([name, amps]) => [name === 'gL' ? 'gG' : name, typeof amps === 'number' ? amps : null] as const,
  );
  const ways = entries.map(([name, amps]): RatingBasis => ({
    quantity: base.quantity,
    unit: 'A',
    relation: '<=',
    figure: field(`amps_${name}`),
    limit: amps,
  }));
  if (ways.length === 0) return [];
  const words = entries.map(([name, amps]) => `${name} ${amps === null ? 'not known' : q(amps, 'A')}`).join(', ');
  return [
    {
      ...needLine({
        ...base,
        figure: certain(ways[0]).figure,
        limit: certain(ways[0]).limit,
        because: `The starter’s maker allows ${words} at the most; of another category nothing is said.`,
      }),
      ways: waysOf(ways),
    },
  ];
}

function overloadNeed({ load }: NeedContext): Need[] {
  const asked = load.overloadByFuse;
  if (asked !== null && asked !== true) return [];
  return [
    wordLine({
      ...safety,
      id: 'overload-by-fuse',
      quantity: 'overloadUse',
      limit: asked === null ? null : ['overload and short circuit'],
      because:
        asked === null
          ? 'Whether the fuse is the conductor’s overload protection is not known.'
          : 'The fuse is the conductor’s overload protection here; aM and aR break short circuits only.',
      source: 'motorFuses',
      inputs: ['load.overloadByFuse'],
    }),
  ];
}

/**
 * A resettable element rises in resistance and comes back by itself: some current goes on flowing, and nothing is parted. It belongs only
 * where the maker of the equipment put one.
 */
function elementNeed({ load, supply }: NeedContext): Need[] {
  if (supply.systemVolts === undefined && load.resettableFitted === undefined) return [];
  const asked = load.resettableFitted;
  return [
    wordLine({
      ...safety,
      id: 'element',
      quantity: 'fuseElement',
      figure: field('element'),
      limit: asked === null ? null : asked === true ? ['melts', 'resettable'] : ['melts'],
      because:
        asked === null
          ? 'Whether the maker of the equipment fits a resettable element here is not known.'
          : asked === true
            ? 'The maker of the equipment fits a resettable element here; a fuse that melts stays open after what the other one rode through.'
            : 'A fuse parts the circuit and stays open. A resettable element lets some current go on flowing and comes back by itself.',
      source: 'commonPractice',
      inputs: [asked === undefined ? 'supply.systemVolts' : 'load.resettableFitted'],
    }),
  ];
}

/** All lines of a fuse, in the order shown. */
export const fuseNeeds = (context: NeedContext): Need[] => [
  ...supplyNeeds(context),
  ...holderNeeds(context),
  ...branchProtectionNeed(context, { NFPA70: ['UL 248'], IEC: ['IEC 60269', 'UL 248'] }, 'branchKind'),
  ...overloadNeed(context),
  ...elementNeed(context),
  ...(context.load.kind === 'dc-string' ? [] : carryNeeds(context, 'ratedAmps')),
  ...conductorNeed(context, 'fuse'),
  ...circuitRatingNeed(context, 'fuse'),
  ...feederNeeds(context, 'ratedAmps'),
  ...motorBranchNeeds(context, [
    ['time-delay-fuse', 'timeDelayAmps'],
    ['non-time-delay-fuse', 'nonTimeDelayAmps'],
  ]),
  ...compressorNeeds(context),
  ...plateNeeds(context, 'fuse'),
  ...starterNeeds(context),
  ...stringNeeds(context),
  ...semiconductorNeeds(context),
  ...inrushNeeds(context),
  ...meltNeeds(context),
];
