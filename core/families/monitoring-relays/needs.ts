/** Need lines of a monitoring relay: what it must be fed with, see and ride through. Sources: common practice, NEMA MG 1. */
import type { MonitoringRelayFigure } from './figures';
import type { LoadMarks } from '../../fields/load-fields';
import type { NamesOf } from '../../fields/mark-types';
import { numberMark, wordMark, wordsMark } from '../../case/case';
import { seconds as secondsText } from '../../case/field-text';
import { monitoringFunctions } from '../../fields/relay-fields';
import { field, listLine, needLine, wordLine } from '../../needs/line';
import type { Need } from './figures';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { coilNeeds } from '../../coils/needs';
import type { NeedContext } from '../contract';

const fit = { group: 'fit' as const, source: 'commonPractice' as const };
/** Accuracy of the level at which a phase counts as lost, % of nominal. Common practice. */
const LEVEL_ACCURACY = 1;
/** A phase that stands at the level is not below it, %. */
const MIN_ABOVE = 0.1;

function supplyNeeds({ supply, load }: NeedContext): Need[] {
  const volts = numberMark(supply, 'systemVolts');
  const three = numberMark(supply, 'phases') !== 1 && supply.currentKind !== 'dc';
  const hertz = numberMark(supply, 'hertz');
  const kind = wordMark(load, 'supplyKindNeeded') ?? (supply.currentKind as string | null | undefined);
  const wires = numberMark(supply, 'wires');
  const needs: Need[] = [];
  if (volts !== undefined)
    needs.push(
      needLine({
        id: 'nominal-volts',
        quantity: 'nominalVolts',
        unit: 'V',
        relation: 'includes',
        limit: volts,
        figure: { kind: 'bands', name: three ? 'nominalLineBands' : 'nominalPhaseBands' },
        group: 'safety',
        safety: true,
        brief: three ? 'between lines' : '',
        because:
          volts === null ? 'System volts are not known.' : `The system has ${q(volts, 'V')}; a relay marked to neutral takes that over √3.`,
        source: 'commonPractice',
        inputs: ['supply.systemVolts'],
      }),
    );
  if (hertz !== undefined && supply.currentKind !== 'dc' && !(hertz === null && kind === 'dc'))
    needs.push(
      needLine({
        id: 'hertz',
        quantity: 'nominalHertz',
        unit: 'Hz',
        relation: 'includes',
        limit: hertz,
        figure: field('nominalHertz'),
        because: hertz === null ? 'The frequency is not known.' : `The system has ${hertz} Hz.`,
        ...fit,
        group: 'safety',
        inputs: ['supply.hertz'],
      }),
    );
  if (kind !== undefined)
    needs.push(
      listLine({
        id: 'measured-kind',
        quantity: 'measuredKind',
        figure: field('measuredKinds'),
        limit: kind,
        group: 'safety',
        safety: true,
        because: kind === null ? 'Whether AC or DC is to be measured is not known.' : `${kind.toUpperCase()} is to be measured.`,
        source: 'commonPractice',
        inputs: ['load.supplyKindNeeded', 'supply.currentKind'],
      }),
    );
  if (wires !== undefined) needs.push(wiresNeed(wires, three));
  return needs;
}

/** Without a neutral a 4-wire relay reads nonsense; on three phases fewer than three watched conductors see too little. */
function wiresNeed(wires: number | null, three: boolean): Need {
  const least = three ? 3 : 2;
  return needLine({
    id: 'wires',
    quantity: 'wires',
    unit: 'count',
    relation: 'within',
    limit: wires === null ? null : [Math.min(least, wires), wires],
    because:
      wires === null
        ? 'How many conductors the supply has is not known.'
        : three && wires < 4
          ? 'Three wires: a 4-wire relay without its neutral reads nonsense.'
          : `The supply has ${wires} conductors${three ? '; all three phases must be watched' : ''}.`,
    ...fit,
    inputs: ['supply.wires'],
  });
}

function feedNeeds(context: NeedContext): Need[] {
  const volts = numberMark(context.supply, 'controlVolts');
  const kind = context.supply.controlKind;
  if (volts === undefined && kind === undefined) return [];
  const without = volts === null && (kind === null || kind === undefined);
  const coil = coilNeeds(context).filter(({ id }) => id === 'coil-volts' || id === 'coil-kind');
  const self = wordLine({
    id: 'fed-by',
    quantity: 'auxiliarySupply',
    figure: field('fedBy'),
    limit: ['self'],
    ...fit,
    because: without
      ? 'There is no control supply here: the relay must live on the volts that it measures.'
      : 'Fed by the volts that it measures, or by the control supply.',
    inputs: ['supply.controlVolts', 'supply.controlKind'],
  });
  if (without) return [{ ...self, ways: [self.ways[0], { ...self.ways[0], figure: field('fedByOther') }] }];
  // A relay that feeds itself asks nothing of the control supply; one that does not must suit it.
  return [
    ...coil.map((need): Need => ({
      ...need,
      id: need.id.replace('coil', 'auxiliary'),
      ways: [self.ways[0], { ...need.ways[0], quantity: need.id === 'coil-volts' ? 'auxiliaryVolts' : 'auxiliaryKind' }],
      because: need.because.replace('a coil works', 'its supply works').replace(/: a DC coil.*|: an AC coil.*/, '.'),
    })),
  ];
}

const whyFunctions: Record<(typeof monitoringFunctions)[number], string> = {
  undervoltage: 'Low volts make a motor draw more and stall.',
  overvoltage: 'High volts saturate and heat.',
  phaseLoss: 'A motor on two phases burns.',
  phaseSequence: 'Reversed phases turn it backwards.',
  neutralOpen: 'An open neutral lets phase volts wander up to the line volts.',
  asymmetry: 'A few percent of unbalance heat a motor several times that much.',
  underfrequency: 'Low frequency saturates motors and transformers.',
  overfrequency: 'High frequency overspeeds.',
};

function functionNeeds({ load }: NeedContext): Need[] {
  const wanted = load.functionsNeeded;
  if (wanted === null)
    return [
      wordLine({
        id: 'functions',
        quantity: 'phaseLoss',
        figure: field('detects phaseLoss'),
        limit: null,
        ...fit,
        because: 'What it must detect is not known.',
        inputs: ['load.functionsNeeded'],
      }),
    ];
  if (!Array.isArray(wanted)) return [];
  return monitoringFunctions
    .filter((name) => wordsMark(wanted).includes(name))
    .map((name) =>
      wordLine({
        id: `detects-${name}`,
        quantity: name,
        figure: field(`detects ${name}`),
        limit: ['yes'],
        group: 'load',
        because: whyFunctions[name],
        source: 'commonPractice',
        inputs: ['load.functionsNeeded'],
      }),
    );
}

/** Share of nominal at which the undervoltage function trips, %; undefined where none is asked for. */
export function underVoltsPercent({ supply, load }: NeedContext): number | undefined {
  const setting = numberMark(load, 'underVoltsSettingNeeded');
  const volts = numberMark(supply, 'systemVolts');
  return typeof setting === 'number' && typeof volts === 'number' ? (setting / volts) * 100 : undefined;
}

function lostPhaseNeed(context: NeedContext): Need[] {
  const held = numberMark(context.load, 'regeneratedPercent');
  if (held === undefined) return [];
  const under = underVoltsPercent(context);
  if (typeof held === 'number' && under !== undefined && under > held + LEVEL_ACCURACY) return [];
  return [
    needLine({
      id: 'lost-phase',
      quantity: 'seesLostPhasePercent',
      unit: '%',
      limit: held === null ? null : Math.min(100, held + LEVEL_ACCURACY),
      ...(held === null ? {} : { checkFrom: held + MIN_ABOVE }),
      figure: field('seesLostPhase'),
      upperEdge: field('maySeeLostPhase'),
      possible: field('seesLostPhasePerhaps'),
      safety: true,
      brief: 'back-EMF',
      because:
        held === null
          ? 'How far a running motor holds up the dead phase is not known.'
          : `A running motor holds the dead phase at ${held} %${under === undefined ? '' : `, above the undervoltage setting of ${Number(under.toPrecision(3))} %`}: it is seen by its own limit or by asymmetry alone. Asymmetry is taken in the sense that gives less.`,
      source: 'unbalance',
      inputs: ['load.regeneratedPercent', 'load.underVoltsSettingNeeded'],
    }),
  ];
}

/** Longest dip that must not trip: as asked, and the start where it pulls the volts below the undervoltage setting. */
export function rideThrough(context: NeedContext): number | null | undefined {
  const asked = numberMark(context.load, 'rideThroughSeconds');
  const dip = numberMark(context.load, 'startDipPercent');
  const start = numberMark(context.load, 'startSeconds');
  const under = underVoltsPercent(context);
  const byStart = typeof dip === 'number' && typeof start === 'number' && under !== undefined && dip < under ? start : undefined;
  const startUnknown = (dip === null || start === null) && dip !== undefined && start !== undefined && under !== undefined;
  if (asked === null || startUnknown) return null;
  return asked === undefined && byStart === undefined ? undefined : Math.max(asked ?? 0, byStart ?? 0);
}

/** Longest dip that its delay must ride. */
function delayNeed(context: NeedContext): Need[] {
  const ride = rideThrough(context);
  const inputs = ['load.rideThroughSeconds', 'load.startDipPercent', 'load.startSeconds'];
  if (ride === undefined) return [];
  return [
    needLine({
      id: 'trip-delay',
      quantity: 'tripDelaySeconds',
      unit: 's',
      limit: ride,
      figure: field('tripDelayMaxSeconds'),
      because:
        ride === null
          ? 'How long a dip must be ridden through is not known.'
          : `A dip of ${secondsText(ride)} must not trip: its delay must reach that.`,
      source: 'commonPractice',
      inputs,
    }),
  ];
}

function settingNeeds(context: NeedContext): Need[] {
  const { load } = context;
  const under = numberMark(load, 'underVoltsSettingNeeded');
  const changeovers = numberMark(load, 'changeoversNeeded');
  const flag = (id: string, quantity: MonitoringRelayFigure, mark: NamesOf<LoadMarks, boolean>, words: string, because: string): Need[] =>
    load[mark] === true || load[mark] === null
      ? [wordLine({ id, quantity, limit: load[mark] === null ? null : [words], ...fit, because, inputs: [`load.${mark}`] })]
      : [];
  return [
    ...(under === undefined
      ? []
      : [
          needLine({
            id: 'under-volts',
            quantity: 'underVoltsSetting',
            unit: 'V',
            relation: 'includes',
            limit: under,
            figure: { kind: 'bands', name: 'underVoltsBands' },
            because: under === null ? 'The undervoltage setting is not known.' : `It must be set to ${q(under, 'V')}.`,
            source: 'motorVolts',
            inputs: ['load.underVoltsSettingNeeded'],
          }),
        ]),
    ...lostPhaseNeed(context),
    ...delayNeed(context),
    ...(changeovers === undefined
      ? []
      : [
          needLine({
            id: 'changeovers',
            quantity: 'changeovers',
            unit: 'count',
            limit: changeovers,
            ...fit,
            because: changeovers === null ? 'How many contacts are in use is not known.' : `${changeovers} changeover contacts are in use.`,
            inputs: ['load.changeoversNeeded'],
          }),
        ]),
    ...flag(
      'fail-safe',
      'energisedWhenHealthy',
      'failSafeNeeded',
      'energised when healthy',
      'A loss of its own supply must show as a fault: energised when healthy.',
    ),
    ...flag('latch', 'latch', 'latchNeeded', 'yes', 'The fault stays until somebody has looked at it.'),
  ];
}

/** All lines of the relay itself, in the order shown. */
export const monitoringNeeds = (context: NeedContext): Need[] => [
  ...supplyNeeds(context),
  ...feedNeeds(context),
  ...functionNeeds(context),
  ...settingNeeds(context),
];
