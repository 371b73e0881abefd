/** Need lines of a timing relay: function by behaviour, time, accuracy, control signal, output. Sources: IEC 61812-1, common practice. */
import type { FigureRef } from '../../needs/need';
import type { LoadMarks } from '../../fields/load-fields';
import type { NamesOf } from '../../fields/mark-types';
import type { TimingRelayFigure } from './figures';
import { certain } from '../../certain';
import { numberMark, wordMark, figuresMark } from '../../case/case';
import { seconds as secondsText } from '../../case/field-text';
import { field, listLine, needLine, wordLine } from '../../needs/line';
import type { Need } from './figures';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { timingFunctions } from '../../timing/functions';
import { digitSetting } from '../../timing/setting';
import type { NeedContext } from '../contract';
import { requiredFunction, type Required } from './required';

function functionNeed(context: NeedContext, required: Required | undefined): Need[] {
  if (!required) return [];
  const fed = context.supply.permanentSupply === true;
  return [
    listLine({
      id: 'function',
      quantity: 'timingFunction',
      figure: field('functions'),
      limit: required.functions,
      possible: field('functionsPerhaps'),
      ...(fed ? { upperEdge: field('functionsWhenFed') } : {}),
      brief: 'by what it does',
      because: `${required.because}${fed ? ' A supply stays on here: a part with a control input may do it when the switched supply becomes its signal.' : ''}`,
      source: 'timingRelays',
      inputs: ['load.requiredTrace', 'load.requiredFunctionPlain'],
    }),
  ];
}

/** Times to be set: as the position says, else as its trace shows. */
export function settingsOf(context: NeedContext, required = requiredFunction(context)): readonly (number | null)[] {
  const given = context.load.settingSeconds;
  if (given === null) return [null];
  if (typeof given === 'number') return [given];
  if (Array.isArray(given)) return figuresMark(given);
  return required?.times?.filter((one): one is number => one !== undefined) ?? [];
}

const DIFFERENT = 1.01;

function timeNeeds(context: NeedContext, required: Required | undefined): Need[] {
  const settings = settingsOf(context, required);
  const line = (id: string, quantity: string, seconds: number | null) =>
    needLine({
      id,
      quantity,
      unit: 's',
      relation: 'includes',
      limit: seconds,
      figure: { kind: 'bands', name: 'rangesSeconds' },
      brief: 'within a range',
      because:
        seconds === null
          ? 'The time to be set is not known: time the old one, or ask the process.'
          : `One of its ranges must hold ${secondsText(seconds)}.`,
      source: 'timingAccuracy',
      inputs: ['load.settingSeconds'],
    });
  const [first, second] = settings;
  const apart = typeof first === 'number' && typeof second === 'number' && Math.max(first, second) > DIFFERENT * Math.min(first, second);
  return [
    ...(first === undefined ? [] : [line('setting', 'settingSeconds', first)]),
    ...(apart ? [line('second-setting', 'secondSettingSeconds', certain(second))] : []),
    ...(apart
      ? [
          wordLine({
            id: 'two-times',
            quantity: 'twoTimes',
            limit: ['yes'],
            because: `On and off times differ (${secondsText(first)} and ${secondsText(certain(second))}): they must be set apart.`,
            source: 'commonPractice',
            inputs: ['load.settingSeconds'],
          }),
        ]
      : []),
  ];
}

/** Three digits set a time to the figure or not at all; a dial is turned to about where it stands. */
function stepNeeds(context: NeedContext, required: Required | undefined): Need[] {
  return settingsOf(context, required).flatMap((seconds, i) => {
    const nearest = seconds === null ? undefined : digitSetting(seconds);
    if (seconds === null || nearest?.exact) return [];
    return [
      wordLine({
        id: i === 0 ? 'setting-step' : 'second-setting-step',
        quantity: 'settingMeans',
        figure: field('setting'),
        limit: ['dial'],
        severity: 'should',
        optionalRating: true,
        brief: secondsText(seconds),
        because: nearest
          ? `Three digits cannot be set to ${secondsText(seconds)}; the nearest is ${secondsText(nearest.seconds)}.`
          : `Three digits do not reach ${secondsText(seconds)}.`,
        source: 'timingAccuracy',
        inputs: ['load.settingSeconds'],
      }),
    ];
  });
}

function signalNeeds({ load, supply }: NeedContext, required: Required | undefined): Need[] {
  const trace = load.requiredTrace as { signal?: unknown } | null | undefined;
  const byFunction = required?.functions?.every((fn) => timingFunctions[fn].signal === 'needed') ?? false;
  const wanted = load.controlSignal === true || (load.controlSignal === undefined && byFunction && Array.isArray(trace?.signal));
  const kind = wordMark(load, 'signalKind');
  const needs: Need[] = [];
  if (wanted || load.controlSignal === null)
    needs.push(
      wordLine({
        id: 'signal-input',
        quantity: 'signalInput',
        limit: load.controlSignal === null ? null : ['yes'],
        because:
          load.controlSignal === null
            ? 'Whether a signal starts the timing is not known.'
            : 'A signal starts the timing while the supply stays on.',
        source: 'timingRelays',
        inputs: ['load.controlSignal'],
      }),
    );
  if (kind !== undefined && (wanted || load.controlSignal === undefined))
    needs.push(
      listLine({
        id: 'signal-kind',
        quantity: 'signalKind',
        figure: field('signalKinds'),
        upperEdge: field('signalKindsPerhaps'),
        limit: kind === null ? null : [kind],
        safety: true,
        because:
          kind === null
            ? 'What the signal brings is not known: volts on a volt-free input destroy it.'
            : `The signal is ${kind}${kind === 'control-voltage' && typeof supply.controlVolts === 'number' ? ` of ${q(supply.controlVolts, 'V')}` : ''}: volts on a volt-free input destroy it, and a dry contact gives nothing to an input that waits for volts.`,
        source: 'commonPractice',
        inputs: ['load.signalKind'],
      }),
    );
  return needs;
}

type OutputFigure = {
  id: string;
  name: TimingRelayFigure;
  quantity?: string;
  unit: string;
  relation: '>=' | '<=';
  mark: NamesOf<LoadMarks, number>;
  because: (value: string) => string;
  more?: { upperEdge: FigureRef<TimingRelayFigure> };
};
/** What the position asks of the output, figure by figure. */
const outputFigures: readonly OutputFigure[] = [
  {
    id: 'contact-amps',
    name: 'contactAmps',
    quantity: 'ratedContactAmps',
    unit: 'A',
    relation: '>=',
    mark: 'contactAmpsNeeded',
    because: (value) => `Its contact switches ${value}.`,
  },
  {
    id: 'repeat',
    name: 'repeatAccuracyPercent',
    unit: '%',
    relation: '<=',
    mark: 'repeatPercentNeeded',
    because: (value) => `From one run to the next it may differ by ${value}.`,
  },
  {
    id: 'dead-time',
    name: 'deadTimeMilliseconds',
    unit: 'ms',
    relation: '>=',
    mark: 'deadTimeMillisecondsMin',
    because: (value) => `Between star and delta ${value} must pass, or the two contactors short the supply.`,
  },
  {
    id: 'output-leakage',
    name: 'outputLeakageMilliamps',
    unit: 'mA',
    relation: '<=',
    mark: 'loadReleaseMilliamps',
    because: (value) => `The input is surely off only below ${value}: what leaks through a solid-state output may hold it on.`,
  },
  {
    id: 'output-least',
    name: 'outputMinimumMilliamps',
    unit: 'mA',
    relation: '<=',
    mark: 'loadMilliamps',
    because: (value) => `The input takes ${value}; the output needs at least its own least load to hold.`,
    more: { upperEdge: field('outputMinimumPerhaps') },
  },
];

const outputNeeds = ({ load }: NeedContext): Need[] =>
  outputFigures.flatMap(({ id, name, quantity = name, unit, relation, mark, because, more = {} }) => {
    const limit = numberMark(load, mark);
    if (limit === undefined) return [];
    const line: Need = needLine({
      id,
      quantity,
      unit,
      relation,
      limit,
      figure: field(name),
      because: because(limit === null ? 'an unknown figure' : q(limit, unit)),
      source: id === 'repeat' ? 'timingAccuracy' : 'commonPractice',
      inputs: [`load.${mark}`],
      ...more,
    });
    return [line];
  });

/** All lines of the timing itself, in the order shown. */
export function timingNeeds(context: NeedContext): Need[] {
  const required = requiredFunction(context);
  return [
    ...functionNeed(context, required),
    ...timeNeeds(context, required),
    ...stepNeeds(context, required),
    ...signalNeeds(context, required),
    ...outputNeeds(context),
  ];
}
