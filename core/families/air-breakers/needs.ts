/**
 * Need lines of an air breaker beside those of every breaker: trip functions, making and short-time withstand, mounting, what working
 * it from afar asks for, maintenance mode and the plant's protocol.
 * Sources: IEC 60947-2, NFPA 70 240.87, from memory; mounting, remote working and protocol are common practice.
 */
import { certain } from '../../certain';
import { flagMark, numberMark, wordMark, wordsMark } from '../../case/case';
import type { AccessoryFunction } from '../../fields/accessory-fields';
import { field, listLine, needLine, wordLine } from '../../needs/line';
import type { Need } from './figures';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { FIXED_EXCHANGE_HOURS, makingFactor, operatingShare, WITHSTAND_SECONDS } from '../../standards/breaker-releases';
import { coilNeeds } from '../../coils/needs';
import type { NeedContext } from '../contract';
import { circuitNeeds } from '../../overcurrent/breaker-circuit';
import { supplyNeeds } from '../../overcurrent/breaker-supply';

const functionWords: Record<string, string> = {
  L: 'long time, against overload',
  S: 'short time, which waits for the device beyond it',
  I: 'instantaneous',
  G: 'earth fault',
};

function tripUnitNeeds({ load }: NeedContext): Need[] {
  const asked = load.tripFunctionsNeeded;
  if (asked === undefined || asked === 'none') return [];
  const list = Array.isArray(asked) ? wordsMark(asked) : [null];
  return list.map((letter) =>
    listLine({
      id: `trip-function-${letter ?? 'unread'}`,
      quantity: 'tripFunction',
      figure: field('tripFunctions'),
      limit: letter,
      because:
        letter === null ? 'Which trip functions are asked for is not known.' : `${letter}: ${functionWords[letter] ?? 'asked for here'}.`,
      brief: 'trip unit',
      source: 'powerBreakers',
      inputs: ['load.tripFunctionsNeeded'],
    }),
  );
}

function faultNeeds({ supply, load }: NeedContext): Need[] {
  const fault = numberMark(supply, 'prospectiveFaultAmps');
  if (fault === undefined || supply.currentKind === 'dc') return [];
  const unknown = 'The prospective fault current is not known.';
  const factor = fault === null ? undefined : makingFactor(fault);
  const needs: Need[] = [
    needLine({
      id: 'making',
      group: 'safety',
      safety: true,
      quantity: 'icmAmps',
      // A making capacity is a mark of IEC; elsewhere the interrupting rating covers closing on a fault.
      notApplicableWhen: { name: 'serviceUse', word: 'not of its standard' },
      limit: fault === null ? null : fault * certain(factor),
      because:
        fault === null
          ? unknown
          : `Closed on a fault it makes a peak of ${factor} x ${q(fault, 'A')} = ${q(fault * certain(factor), 'A', 'up')}.`,
      brief: `${factor ?? ''} x fault`,
      source: 'powerBreakers',
      inputs: ['supply.prospectiveFaultAmps'],
    }),
  ];
  const wait = numberMark(load, 'withstandSeconds');
  if (wait !== undefined) {
    const limit = fault === null || wait === null ? null : fault * Math.sqrt(Math.max(1, wait / WITHSTAND_SECONDS));
    needs.push(
      needLine({
        id: 'withstand',
        group: 'safety',
        safety: true,
        quantity: 'icwAmps',
        figure: field('icwAtOneSecond'),
        limit,
        because:
          limit === null
            ? 'The fault current, or how long it must wait, is not known.'
            : `It stays closed for ${q(certain(wait), 's')} on ${q(certain(fault), 'A')} while the device beyond it clears: its short-time withstand at one second must be ${q(limit, 'A', 'up')}.`,
        brief: 'waits on the fault',
        source: 'powerBreakers',
        inputs: ['supply.prospectiveFaultAmps', 'load.withstandSeconds'],
      }),
    );
  }
  return needs;
}

function mountingNeeds({ load }: NeedContext): Need[] {
  const base = { quantity: 'mounting' as const, group: 'fit' as const, source: 'commonPractice' as const };
  const asked = wordMark(load, 'mountingNeeded');
  const hours = numberMark(load, 'longestShutdownHours');
  const short = typeof hours === 'number' && hours < FIXED_EXCHANGE_HOURS;
  const needs: Need[] = [];
  if (asked !== undefined)
    needs.push(
      wordLine({
        ...base,
        id: 'mounting',
        limit: asked === null ? null : [asked],
        because:
          asked === null
            ? 'Whether a fixed one or a carriage stands there is not known.'
            : asked === 'fixed'
              ? 'It is bolted to the busbars; a draw-out one needs its cradle.'
              : 'A cradle stands there; a fixed one does not enter it.',
        inputs: ['load.mountingNeeded'],
      }),
    );
  if (short || hours === null)
    needs.push(
      wordLine({
        ...base,
        id: 'exchange-time',
        severity: 'should',
        limit: short ? ['draw-out'] : null,
        because: !short
          ? 'How long the supply can be off is not known.'
          : `The supply can be off for ${q(hours, 'h')}; exchanging a fixed breaker takes a day or two, a draw-out one less than an hour.`,
        inputs: ['load.longestShutdownHours'],
      }),
    );
  return needs;
}

/** What it must carry to be worked from afar. */
export const remoteAccessories: readonly (readonly [AccessoryFunction, string])[] = [
  ['closing-coil', 'to close it'],
  ['shunt-trip', 'to open it'],
  ['charging-motor', 'to charge the spring for the next close'],
  ['auxiliary-contact', 'to tell whether it is open or closed'],
];

function remoteNeeds(context: NeedContext): Need[] {
  const { load, supply } = context;
  const unknown = load.remoteOperation === null;
  const remote = flagMark(load, 'remoteOperation') || unknown;
  const accessories = remote
    ? remoteAccessories.map(([accessory, why]) =>
        listLine({
          id: `remote-${accessory}`,
          group: 'fit',
          quantity: 'accessories',
          figure: field('accessories'),
          limit: unknown ? null : accessory,
          severity: 'should',
          because: unknown
            ? 'Whether it is worked from afar is not known.'
            : `Worked from afar it needs ${/^[aeiou]/.test(accessory) ? 'an' : 'a'} ${accessory.replaceAll('-', ' ')}, ${why}; where it is not on the breaker it is ordered and fitted with it.`,
          source: 'commonPractice',
          inputs: ['load.remoteOperation'],
        }),
      )
    : [];
  const [pickUp, highest] = operatingShare.closing;
  const control =
    remote || supply.controlVolts !== undefined
      ? coilNeeds(context, { which: 'closing', pickUp, highest, words: 'its closing coil and charging motor', source: 'breakerReleases' })
      : [];
  return [...accessories, ...control];
}

function stateNeeds({ load }: NeedContext): Need[] {
  const needs: Need[] = [];
  const maintenance = load.maintenanceModeNeeded;
  if (maintenance === true || maintenance === null)
    needs.push(
      listLine({
        id: 'maintenance-mode',
        group: 'safety',
        quantity: 'arcEnergyMeans',
        figure: field('arcEnergyReduction'),
        limit: maintenance === null ? null : 'maintenance-setting',
        because:
          maintenance === null
            ? 'Whether somebody works beyond it while it is closed is not known.'
            : 'While somebody works beyond it, it must open sooner: a switched setting that lowers its instantaneous trip, not its rating.',
        source: 'arcEnergy',
        inputs: ['load.maintenanceModeNeeded'],
      }),
    );
  const protocol = wordMark(load, 'protocolNeeded');
  if (protocol !== undefined)
    needs.push(
      wordLine({
        id: 'protocol',
        group: 'fit',
        severity: 'should',
        quantity: 'protocol',
        limit: protocol === null ? null : [protocol.trim().toUpperCase()],
        because:
          protocol === null
            ? 'Which protocol the plant speaks is not known.'
            : `The plant speaks ${protocol}; a second protocol is a second thing to keep.`,
        source: 'commonPractice',
        inputs: ['load.protocolNeeded'],
      }),
    );
  return needs;
}

/** What a dial reaches counts: a rating above the conductor, and a sure trip below the least fault, are settings on the sheet. */
function byDial(need: Need): Need {
  const [first] = need.ways;
  if (need.id === 'conductor')
    return {
      ...need,
      because: `${need.because} A larger one serves with its long time set below that, and sealed where the practice asks for it.`,
      ways: [{ ...first, upperEdge: field('leastSettingAmps') }],
    };
  if (need.id === 'disconnection' || need.id === 'least-fault')
    return {
      ...need,
      because: `${need.because} Its short time, or its instantaneous, is set below that: the sheet says to what.`,
      ways: [first, ...need.ways.slice(1), { ...first, figure: field('settableTripAmps') }],
    };
  return need;
}

/** All lines of an air breaker, in the order shown. */
export const airBreakerNeeds = (context: NeedContext): Need[] => [
  ...supplyNeeds(context),
  ...faultNeeds(context),
  ...circuitNeeds(context).map(byDial),
  ...tripUnitNeeds(context),
  ...stateNeeds(context).filter(({ group }) => group === 'safety'),
  ...remoteNeeds(context),
  ...mountingNeeds(context),
  ...stateNeeds(context).filter(({ group }) => group !== 'safety'),
];
