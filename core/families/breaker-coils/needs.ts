/**
 * Need lines of an accessory: what it does, the bay it enters, the volts at which it must work, its duty under the command, where a
 * release lets go and what dip it must live through, and its source.
 * A shunt trip and an undervoltage release work in opposite senses and never stand for each other.
 * Sources: IEC 60947-1 and 60947-2, from memory; duty and bays are common practice.
 */
import type { LoadMarks } from '../../fields/load-fields';
import type { NamesOf } from '../../fields/mark-types';
import { certain } from '../../certain';
import { flagMark, numberMark, wordMark } from '../../case/case';
import type { AccessoryAction } from '../../fields/accessory-fields';
import { field, listLine, needLine, wordLine } from '../../needs/line';
import type { Need } from './figures';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { functionsFor, operatingShare, undervoltageShare } from '../../standards/breaker-releases';
import { coilNeeds, type CoilDuty } from '../../coils/needs';
import type { NeedContext } from '../contract';
import { frameText, placeOf, sourceText } from './canonical';

const safety = { group: 'safety' as const, safety: true };
export const actionOf = ({ load }: NeedContext): AccessoryAction | null | undefined =>
  load.action === null ? null : (wordMark(load, 'action') as AccessoryAction | undefined);

const actionWords: Record<AccessoryAction, string> = {
  'opens-on-signal': 'It opens the breaker on a signal; without power it rests.',
  'opens-when-supply-fails': 'It opens the breaker when its supply fails; powered it holds, and a shunt trip does the opposite.',
  'closes-on-signal': 'It lets the spring close the breaker on a signal.',
  'charges-the-spring': 'It charges the closing spring.',
  'signals-position': 'It tells whether the breaker is open or closed.',
  'signals-trip': 'It tells that the breaker has tripped.',
};

function functionNeed(context: NeedContext): Need[] {
  const action = actionOf(context);
  if (action === undefined) return [];
  const known = action === null ? undefined : functionsFor[action];
  return [
    listLine({
      ...safety,
      id: 'function',
      quantity: 'accessoryFunction',
      figure: field('function'),
      limit: known ? [...known] : null,
      because:
        action === null || !known
          ? 'What it must do is not known.'
          : `${actionWords[action]} The part must be marked for that; its looks prove nothing.`,
      source: 'breakerReleases',
      inputs: ['load.action'],
    }),
  ];
}

function frameNeed({ load }: NeedContext): Need[] {
  const frame = wordMark(load, 'frameNeeded');
  if (frame === undefined) return [];
  return [
    wordLine({
      id: 'frame',
      group: 'fit',
      quantity: 'accessoryFrame',
      figure: field('frame'),
      limit: frame === null ? null : [frameText(frame)],
      because: frame === null ? 'Frame and bay are not known.' : `It enters ${frame}; the bay decides what the plunger works on.`,
      source: 'commonPractice',
      inputs: ['load.frameNeeded'],
    }),
  ];
}

/** Where its coil must work, by what it does; undefined for contacts, which have no coil. */
export function coilDutyOf(context: NeedContext): CoilDuty | undefined {
  const action = actionOf(context);
  if (action === undefined || action === null || action.startsWith('signals')) return undefined;
  const tripping = action === 'opens-on-signal';
  const [pickUp, highest] = tripping ? operatingShare.tripping : operatingShare.closing;
  const words = {
    'opens-on-signal': 'a shunt trip',
    'closes-on-signal': 'a closing coil',
    'charges-the-spring': 'a charging motor',
    'opens-when-supply-fails': 'an undervoltage release lets the breaker close and',
  }[action as 'opens-on-signal'];
  return { which: tripping ? 'tripping' : 'closing', pickUp, highest, words, source: 'breakerReleases' };
}

function dutyNeeds(context: NeedContext): Need[] {
  const { load } = context;
  const needs: Need[] = [];
  if (actionOf(context) === 'opens-when-supply-fails')
    needs.push(
      wordLine({
        id: 'held',
        quantity: 'commandDuty',
        limit: ['continuous'],
        because: 'It stays powered for as long as the breaker is closed.',
        source: 'breakerReleases',
        inputs: ['load.action'],
      }),
    );
  else if (flagMark(load, 'commandMaintained') || load.commandMaintained === null)
    needs.push(
      wordLine({
        id: 'command-duty',
        quantity: 'commandDuty',
        limit: load.commandMaintained === null ? null : ['continuous', 'cut off by its contact'],
        because:
          load.commandMaintained === null
            ? 'Whether the command stays on is not known.'
            : 'The command stays on: a short-time coil burns, unless it is rated for it or a series contact takes its current off.',
        source: 'commonPractice',
        inputs: ['load.commandMaintained'],
      }),
    );
  const seconds = load.commandMaintained === true ? undefined : numberMark(load, 'commandSeconds');
  if (seconds !== undefined)
    needs.push(
      needLine({
        id: 'command-time',
        quantity: 'maxCommandSeconds',
        unit: 's',
        limit: seconds,
        because: seconds === null ? 'How long the command lasts is not known.' : `The command lasts ${q(seconds, 's')}.`,
        brief: 'command',
        source: 'commonPractice',
        inputs: ['load.commandSeconds'],
      }),
    );
  return needs;
}

const isPair = (mark: unknown): mark is readonly [number, number] => Array.isArray(mark) && mark.length === 2;

function releaseNeeds(context: NeedContext): Need[] {
  const { load } = context;
  const asked = load.releasePercent;
  if (actionOf(context) !== 'opens-when-supply-fails' && asked === undefined) return [];
  const given = isPair(asked);
  const [low, high] = given ? asked : undervoltageShare.letsGo.map((share) => share * 100);
  const base = {
    unit: '%',
    group: 'safety' as const,
    safety: given,
    severity: given || asked === null ? ('must' as const) : ('should' as const),
    source: 'breakerReleases' as const,
    inputs: ['load.releasePercent', 'load.action'],
    because:
      asked === null
        ? 'The band in which it must let go is not known.'
        : `It must hold above ${high} % of its mark and have let go at ${low} %${given ? '' : ', as an undervoltage release does by standard'}.`,
  };
  return [
    needLine({
      ...base,
      id: 'release-highest',
      quantity: 'releaseHighPercent',
      relation: '<=',
      limit: asked === null ? null : certain(high),
      brief: 'holds above',
    }),
    needLine({
      ...base,
      id: 'release-lowest',
      quantity: 'releaseLowPercent',
      limit: asked === null ? null : certain(low),
      brief: 'open below',
    }),
  ];
}

/** A dip that must not open the breaker: held by its release band, or outlasted by its delay. */
function dipNeed({ load }: NeedContext): Need[] {
  const left = numberMark(load, 'dipPercent');
  if (left === undefined) return [];
  const seconds = numberMark(load, 'dipSeconds');
  const known = typeof seconds === 'number';
  return [
    needLine({
      id: 'dip',
      quantity: 'dipHeldPercent',
      unit: '%',
      figure: field('releaseHighPercent'),
      relation: '<=',
      limit: left,
      upperEdge: field('releaseLowPercent'),
      ...(known
        ? {
            alternative: {
              figure: field('delaySeconds'),
              relation: '>=' as const,
              limit: seconds,
              brief: 'delayed',
              words: `its delay outlasts a dip of ${q(seconds, 's')}`,
            },
          }
        : {}),
      because:
        left === null
          ? 'How deep the dips are is not known.'
          : `A dip leaves ${left} %${known ? ` for ${q(seconds, 's')}` : ''}: a release that lets go only below that holds, between its two ends it may go either way, and a delay that outlasts the dip rides it through.`,
      brief: 'dip',
      source: 'breakerReleases',
      inputs: ['load.dipPercent', 'load.dipSeconds'],
      ...(wordMark(load, 'school') ? { school: certain(wordMark(load, 'school')) } : {}),
    }),
  ];
}

function sourceNeeds(context: NeedContext): Need[] {
  const { load } = context;
  const needs: Need[] = [];
  const wanted = wordMark(load, 'sourceNeeded');
  const school = wordMark(load, 'school');
  if (wanted !== undefined)
    needs.push(
      wordLine({
        id: 'source',
        quantity: 'connectedTo',
        limit: wanted === null ? null : [sourceText(wanted)],
        because:
          wanted === null
            ? 'Which source it is to be fed from is not known.'
            : `It is fed from ${placeOf(wanted).replaceAll('-', ' ')}${school ? ` (${school})` : ''}.`,
        source: 'commonPractice',
        inputs: ['load.sourceNeeded', 'load.school'],
        ...(school ? { school } : {}),
      }),
    );
  if (actionOf(context) === 'opens-when-supply-fails')
    needs.push(
      wordLine({
        ...safety,
        id: 'not-load-side',
        quantity: 'connectedPlace',
        limit: ['line-side', 'battery', 'secure-supply', 'control-transformer'],
        because: 'Fed from the load side it has no volts while the breaker is open, and the breaker can never be closed.',
        source: 'breakerReleases',
        inputs: ['load.action'],
      }),
    );
  return needs;
}

/** Contacts in use on an auxiliary or alarm block. */
function contactNeeds({ load }: NeedContext): Need[] {
  const line = (id: string, quantity: 'auxNormallyOpen' | 'auxNormallyClosed', mark: NamesOf<LoadMarks, number>) => {
    const count = numberMark(load, mark);
    return count === undefined
      ? []
      : [
          needLine({
            id,
            group: 'fit' as const,
            quantity,
            unit: 'count',
            limit: count,
            because: count === null ? 'How many contacts are in use is not known.' : `${count} of them in use.`,
            source: 'commonPractice',
            inputs: [`load.${mark}`],
          }),
        ];
  };
  return [
    ...line('contacts-open', 'auxNormallyOpen', 'auxNormallyOpenNeeded'),
    ...line('contacts-closed', 'auxNormallyClosed', 'auxNormallyClosedNeeded'),
  ];
}

/** All lines of an accessory, in the order shown. */
export function breakerCoilNeeds(context: NeedContext): Need[] {
  const duty = coilDutyOf(context);
  const contact = actionOf(context)?.startsWith('signals');
  return [
    ...functionNeed(context),
    ...frameNeed(context),
    ...(duty ? coilNeeds(context, duty) : []),
    ...dutyNeeds(context),
    ...(contact ? contactNeeds(context) : [...releaseNeeds(context), ...dipNeed(context), ...sourceNeeds(context)]),
  ];
}
