/**
 * Which waveforms must it see, how finely, and what leaks already without a fault?
 * Sources: BS 7671 531.3.2, 531.3.3, 415.1.1, 532.1, 411.5.3, 722.531.3.101; NFPA 70 210.8 with UL 943, 943C and 1053; from memory.
 */
import { certain, keysOf } from '../../certain';
import { flagMark, numberMark } from '../../case/case';
import { residualTypes } from '../../fields/residual-fields';
import { field, needLine, wordLine } from '../../needs/line';
import type { Need, RatingBasis } from './figures';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { frontEndOf, smoothDcBound, typesFor } from '../../residual/leakage';
import {
  ADDITIONAL_PROTECTION_MILLIAMPS,
  FIRE_PROTECTION_MILLIAMPS,
  groundFaultClasses,
  standingShare,
  TT_TOUCH_VOLTS,
  type PersonnelClass,
} from '../../standards/residual-current';
import type { NeedContext } from '../contract';

const safety = { group: 'safety' as const, safety: true };
const milliamps = (value: number) => `${Number(value.toPrecision(4))} mA`;

/** People are protected here. */
export const protectsPeople = ({ load }: NeedContext): boolean => flagMark(load, 'additionalProtection') || load.purpose === 'personnel';
/** Whom it protects is not known: every line that a purpose would open stays not known. */
export const purposeUnknown = (context: NeedContext): boolean =>
  !protectsPeople(context) && (context.load.purpose === null || context.load.additionalProtection === null);

export function typeNeeds({ load, supply, practice }: NeedContext): Need[] {
  const front = frontEndOf(load, supply);
  if (front === undefined) return [];
  const bound = smoothDcBound(load);
  const base = {
    quantity: 'residualType' as const,
    source: front?.electronics === 'ev-charger' ? ('residualTypeCharger' as const) : ('residualTypeByLoad' as const),
    inputs: ['load.electronics', 'load.kind', 'load.smoothDcLimitMilliamps'],
    // North American devices carry no type; their tests include pulsating direct current.
    ...(practice === 'NFPA70' ? { notApplicableWhen: { name: 'typeUse' as const, word: 'no type by its standard' } } : {}),
  };
  if (front === null)
    return [
      wordLine({
        ...base,
        ...safety,
        id: 'residual-type',
        limit: null,
        because: 'What the load’s electronics leak is not known; a type AC is for loads that are known to have none.',
      }),
    ];
  const { serves, byWord } = typesFor(front.electronics, bound);
  const bounded = typeof bound === 'number' ? ` The load itself lets no more than ${milliamps(bound)} of smooth DC pass.` : '';
  const because = `${front.words}${bounded} What leaks there is seen by type ${serves.join(', ')}.`;
  const must = [...byWord, ...serves];
  const lines: Need[] = [];
  if (front.sure && must.length < residualTypes.length)
    lines.push(wordLine({ ...base, ...safety, id: 'residual-type', limit: must, because, brief: 'waveforms' }));
  else if (front.sure) lines.push(wordLine({ ...base, id: 'residual-type', limit: must, because, brief: 'no electronics' }));
  if (!front.sure || byWord.length > 0)
    lines.push(
      wordLine({
        ...base,
        id: 'residual-type-advised',
        group: 'safety',
        severity: 'should',
        limit: serves,
        because: byWord.length > 0 ? `${because} Type ${byWord.join(', ')} only where the maker of the converter says so.` : because,
        brief: 'waveforms',
      }),
    );
  return lines;
}

/** The residual current by either name: rated residual current, or the trip level of North America. */
const either = (way: Omit<RatingBasis, 'figure'>): { figure: RatingBasis['figure']; otherWays: RatingBasis[] } => ({
  figure: field('sensitivityMilliamps'),
  otherWays: [{ ...way, figure: field('tripMilliamps') }],
});

const atMost = (id: string, quantity: string, limit: number | null, because: string, rest: Pick<Need, 'source' | 'inputs' | 'brief'>) =>
  needLine({
    ...safety,
    ...rest,
    id,
    quantity,
    unit: 'mA',
    relation: '<=',
    limit,
    because,
    ...either({ quantity, unit: 'mA', relation: '<=', limit }),
  });

/** TT: what the electrode lets stand at the frame. */
function touchNeed({ supply }: NeedContext): Need[] {
  const tt = supply.grounding === 'TT';
  const electrode =
    numberMark(supply, 'earthElectrodeOhms') ?? (supply.earthElectrodeOhms === null ? null : numberMark(supply, 'loopImpedanceOhms'));
  if (!tt || electrode === undefined) return [];
  const limit = electrode === null ? null : (TT_TOUCH_VOLTS / electrode) * 1000;
  return [
    atMost(
      'sensitivity-touch',
      'sensitivityTouch',
      limit,
      electrode === null
        ? 'The resistance of the earth electrode is not known.'
        : `TT: ${TT_TOUCH_VOLTS} V / ${q(electrode, 'ohm')} of electrode = ${milliamps(Math.floor(certain(limit) * 100) / 100)} at the most.`,
      { source: 'ttTouchVolts', inputs: ['supply.earthElectrodeOhms', 'supply.grounding'], brief: '50 V / RA' },
    ),
  ];
}

function iecSensitivity(context: NeedContext): Need[] {
  const { load } = context;
  const needs: Need[] = [];
  if (purposeUnknown(context))
    needs.push(
      atMost('sensitivity-purpose', 'sensitivityPeople', null, 'Whether people are protected here is not known.', {
        source: 'additionalProtection',
        inputs: ['load.additionalProtection', 'load.purpose'],
        brief: 'purpose',
      }),
    );
  if (protectsPeople(context))
    needs.push(
      atMost(
        'sensitivity-people',
        'sensitivityPeople',
        ADDITIONAL_PROTECTION_MILLIAMPS,
        `People are protected here: at most ${ADDITIONAL_PROTECTION_MILLIAMPS} mA.`,
        { source: 'additionalProtection', inputs: ['load.additionalProtection', 'load.purpose'], brief: 'people' },
      ),
    );
  if (load.purpose === 'fire')
    needs.push(
      atMost(
        'sensitivity-fire',
        'sensitivityFire',
        FIRE_PROTECTION_MILLIAMPS,
        `Against fire a leak is found at ${FIRE_PROTECTION_MILLIAMPS} mA at the latest.`,
        {
          source: 'fireProtection',
          inputs: ['load.purpose'],
          brief: 'fire',
        },
      ),
    );
  return [...needs, ...touchNeed(context)];
}

/** Classes for people at these volts to ground, and the trip level they share: class A up to 150 V, the 20 mA classes above. */
function classesFor(volts: number | null): { accepted: PersonnelClass[]; band?: readonly [number, number] } {
  if (volts === null) return { accepted: [] };
  const within = keysOf(groundFaultClasses).filter((one) => volts <= groundFaultClasses[one].maxVoltsToGround);
  const accepted = within.includes('GFCI Class A') ? within.filter((one) => one === 'GFCI Class A') : within;
  return { accepted, band: accepted[0] && groundFaultClasses[accepted[0]].tripMilliamps };
}

/** The class for people at these volts to ground, and the level at which it trips. */
function classNeeds(volts: number | null, inputs: readonly string[]): Need[] {
  const { accepted, band } = classesFor(volts);
  const words =
    volts === null || !band
      ? 'People are protected here, but the volts to ground are not known or lie above every class.'
      : `People are protected here at ${q(volts, 'V')} to ground: ${accepted.join(' or ')}, which trips at ${band[0]} to ${band[1]} mA. A 30 mA device protects equipment.`;
  const limit = band ? [...band] : null;
  return [
    wordLine({
      ...safety,
      id: 'protection-class',
      quantity: 'protectionClass',
      limit: band ? accepted : null,
      because: words,
      source: 'groundFaultPersonnel',
      inputs,
    }),
    needLine({
      ...safety,
      id: 'trip-level',
      quantity: 'tripMilliamps',
      unit: 'mA',
      relation: 'within',
      limit,
      because: words,
      source: 'groundFaultPersonnel',
      inputs,
      figure: field('tripMilliamps'),
      otherWays: [{ quantity: 'tripMilliamps', unit: 'mA', relation: 'within', limit, figure: field('sensitivityMilliamps') }],
    }),
  ];
}

/** Class and trip level by whom it protects and by the volts to ground. */
function northAmericanClass(context: NeedContext): Need[] {
  const { load, supply } = context;
  const people = protectsPeople(context);
  if (purposeUnknown(context))
    return [
      wordLine({
        ...safety,
        id: 'protection-class',
        quantity: 'protectionClass',
        limit: null,
        because: 'Whether people or equipment are protected here is not known.',
        source: 'groundFaultPersonnel',
        inputs: ['load.purpose', 'load.additionalProtection'],
      }),
    ];
  if (!people && load.purpose !== 'equipment' && load.purpose !== 'fire') return [];
  const volts = numberMark(supply, 'voltsToGround') ?? numberMark(supply, 'systemVolts') ?? null;
  const classes = keysOf(groundFaultClasses);
  const inputs = ['load.purpose', 'supply.voltsToGround'];
  if (!people)
    return [
      wordLine({
        ...safety,
        id: 'protection-class',
        quantity: 'protectionClass',
        limit: ['GFPE', ...classes],
        because: 'Equipment is protected here: a GFPE device, or one for people, which trips sooner.',
        source: 'groundFaultOfEquipment',
        inputs,
      }),
    ];
  return classNeeds(volts, inputs);
}

/** What leaks in service, against what must not trip it. */
function leakageNeeds({ load }: NeedContext): Need[] {
  const leakage = numberMark(load, 'standingLeakageMilliamps');
  if (leakage === undefined) return [];
  const advised = leakage === null ? null : leakage / standingShare.advised;
  const edge = leakage === null ? {} : { checkFrom: leakage / standingShare.most };
  const rest = { quantity: 'sensitivityLeakage', unit: 'mA', relation: '>=' as const, limit: advised, ...edge };
  return [
    needLine({
      ...rest,
      id: 'standing-leakage',
      because:
        leakage === null
          ? 'What leaks in service is not known: measure it with a leakage clamp.'
          : `${milliamps(leakage)} leak in service: ${milliamps(certain(advised))} keeps that within 30 %; below ${milliamps(leakage / standingShare.most)} it is more than half, and it may trip without a fault.`,
      brief: 'leakage / 0.3',
      source: 'standingLeakage',
      inputs: ['load.standingLeakageMilliamps'],
      ...either(rest),
    }),
  ];
}

/** All lines of type and sensitivity, in the order shown. */
export const detectionNeeds = (context: NeedContext): Need[] => [
  ...typeNeeds(context),
  ...(context.practice === 'IEC' ? iecSensitivity(context) : northAmericanClass(context)),
  ...leakageNeeds(context),
];
