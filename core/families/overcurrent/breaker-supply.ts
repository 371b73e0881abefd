/**
 * Need lines that the supply sets on a breaker: kind of current, volts, slash rule, poles, interrupting, polarity, IT.
 * Sources: NFPA 70 110.9, 240.83(C), 240.85; IEC 60947-2 and annex H; IEC 60898-1; from memory.
 */
import { flagMark, numberMark, wordMark } from '../../case/case';
import { field, listLine, needLine, wordLine } from '../../needs/line';
import type { Figure, Need } from '../../needs/need';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { UNMARKED_BREAKER_AMPS } from '../../standards/breaker-gates';
import type { NeedContext } from '../contract';
import { isMotorLoad } from './carry';

export const isDc = ({ supply }: NeedContext): boolean => supply.currentKind === 'dc';
const safety = { group: 'safety' as const, safety: true };
const round = (value: number) => Number(value.toPrecision(4));

/** Systems in which a live conductor stays at its nominal volts to earth (240.85). */
const solidlyGrounded = new Set([
  'TN-S',
  'TN-C',
  'TN-C-S',
  'TT',
  'solidly-grounded-wye',
  'solidly-grounded-midpoint',
  'high-leg-delta',
  'corner-grounded-delta',
]);

/** Highest volts to earth on a pole, V: given, or by the earthing; undefined where neither is given. */
export function voltsToEarth({ supply, load }: NeedContext): { volts: number | null; words: string; input: string } | undefined {
  const ofPole = numberMark(load, 'voltsToGroundOfPole');
  if (ofPole !== undefined) return { volts: ofPole, words: 'on the poles used', input: 'load.voltsToGroundOfPole' };
  const grounding = wordMark(supply, 'grounding');
  const system = numberMark(supply, 'systemVolts');
  const given = numberMark(supply, 'voltsToGround');
  if (given !== undefined && given !== null) return { volts: given, words: 'of the system', input: 'supply.voltsToGround' };
  if (grounding && typeof system === 'number' && supply.currentKind !== 'dc') {
    const solid = solidlyGrounded.has(grounding);
    if (!solid || grounding === 'corner-grounded-delta')
      return { volts: system, words: `in a ${grounding} system`, input: 'supply.grounding' };
    if (grounding === 'solidly-grounded-wye' && given === undefined && numberMark(supply, 'phases') === 3)
      return { volts: Math.floor(system / Math.sqrt(3)), words: 'of the wye', input: 'supply.grounding' };
    if (grounding === 'high-leg-delta')
      return { volts: round((system * Math.sqrt(3)) / 2), words: 'on the high leg', input: 'supply.grounding' };
  }
  return given === null ? { volts: null, words: '', input: 'supply.voltsToGround' } : undefined;
}

function kindNeed(context: NeedContext): Need[] {
  const { currentKind } = context.supply;
  if (currentKind === undefined) return [];
  const kind = isDc(context) ? 'dc' : 'ac';
  return [
    listLine({
      ...safety,
      id: 'current-kind',
      quantity: 'currentKind',
      figure: field('currentKinds'),
      limit: currentKind === null ? null : kind,
      because:
        kind === 'dc'
          ? 'DC has no current zero: the device itself must break the arc, and one made for AC alone cannot.'
          : 'The system is AC.',
      source: 'breakingCapacity',
      inputs: ['supply.currentKind'],
    }),
  ];
}

function voltNeeds(context: NeedContext): Need[] {
  const { supply } = context;
  const system = numberMark(supply, 'systemVolts');
  if (isDc(context) || system === undefined) return [];
  const earth = voltsToEarth(context);
  const grounding = wordMark(supply, 'grounding');
  const needs = [
    needLine({
      ...safety,
      id: 'volts',
      quantity: 'ratedVoltsBetween',
      figure: field('voltsBetween'),
      unit: 'V',
      limit: system,
      because: system === null ? 'The system’s volts are not known.' : `The system has ${q(system, 'V')} between the conductors switched.`,
      source: 'ratedVolts',
      inputs: ['supply.systemVolts'],
    }),
  ];
  if (earth)
    needs.push(
      needLine({
        ...safety,
        id: 'volts-to-earth',
        quantity: 'ratedVoltsToEarth',
        figure: field('voltsToEarth'),
        unit: 'V',
        limit: earth.volts,
        because:
          earth.volts === null
            ? 'The volts to earth are not known.'
            : `A pole has up to ${q(earth.volts, 'V')} to earth ${earth.words}; a slash rating bounds that by its lower figure.`,
        source: 'slashRating',
        inputs: [earth.input],
      }),
    );
  if (grounding === null || (grounding && !solidlyGrounded.has(grounding)))
    needs.push(
      wordLine({
        ...safety,
        id: 'slash',
        quantity: 'slashRating',
        figure: field('slashMark'),
        limit: grounding === null ? null : ['straight'],
        because:
          grounding === null
            ? 'The earthing of the system is not known.'
            : `A slash rating holds on solidly earthed systems alone; this one is ${grounding}.`,
        source: 'slashRating',
        inputs: ['supply.grounding'],
      }),
    );
  if (grounding === 'corner-grounded-delta')
    needs.push(
      wordLine({
        ...safety,
        id: 'corner-grounded',
        quantity: 'cornerGroundedMark',
        figure: field('cornerMark'),
        limit: ['marked', 'not a two-pole'],
        because: 'A two-pole breaker on a corner-grounded delta must be marked 1ph-3ph.',
        source: 'slashRating',
        inputs: ['supply.grounding'],
      }),
    );
  if (grounding === 'IT')
    needs.push(
      wordLine({
        ...safety,
        id: 'it-system',
        quantity: 'itSystemMark',
        figure: field('itMark'),
        limit: ['suitable', 'not marked'],
        because: 'In an IT system a pole may meet the full volts between lines; a crossed-out IT mark rules the breaker out.',
        source: 'itSystems',
        inputs: ['supply.grounding'],
      }),
    );
  return needs;
}

/** Which poles a DC current meets in the worst earth fault. */
function polesFromOf(grounding: string | null | undefined): string {
  if (grounding === 'dc-negative-grounded') return 'seriesPositive';
  if (grounding === 'dc-positive-grounded') return 'seriesNegative';
  return 'seriesTotal';
}

const dcFigure = (column: string, minVolts: number | null, polesFrom: string): Figure => ({
  kind: 'rating',
  column,
  minVolts,
  current: 'dc',
  factor: 1,
  polesFrom,
});

function dcNeeds(context: NeedContext): Need[] {
  const { supply } = context;
  const system = numberMark(supply, 'systemVolts');
  if (!isDc(context) || system === undefined) return [];
  const grounding = wordMark(supply, 'grounding');
  const polesFrom = polesFromOf(grounding);
  const earthed =
    polesFrom === 'seriesTotal' ? '' : ' In an earthed system only the poles in the live line count; one pole in each line counts as one.';
  const inputs = ['supply.systemVolts', 'supply.grounding'];
  const fault = numberMark(supply, 'prospectiveFaultAmps');
  const line = (id: string, volts: number | null, poles: string, words: string) =>
    needLine({
      ...safety,
      id,
      quantity: 'ratedVoltsDc',
      unit: 'V',
      figure: dcFigure('dcVolts', volts, poles),
      limit: volts,
      because: words,
      source: 'breakingCapacity',
      inputs,
      otherWays: (['voltsDcAlone', 'dcRatingMark'] as const).map((name) => ({
        quantity: 'ratedVoltsDc',
        unit: 'V',
        relation: '>=' as const,
        figure: field(name),
        limit: volts,
      })),
    });
  const needs = [
    line(
      'dc-volts',
      system,
      polesFrom,
      system === null
        ? 'The DC volts are not known.'
        : `The system has ${q(system, 'V')} DC; each row holds with its poles in series.${earthed}`,
    ),
  ];
  const half = numberMark(supply, 'voltsToGround');
  if (grounding === 'dc-midpoint-grounded' && half !== undefined)
    needs.push(
      line(
        'dc-volts-to-earth',
        half,
        'seriesEachLine',
        half === null ? 'The volts to earth are not known.' : `An earth fault puts ${q(half, 'V')} DC across the poles of one line alone.`,
      ),
    );
  if (fault !== undefined)
    needs.push(
      needLine({
        ...safety,
        id: 'interrupting',
        quantity: 'interruptingAmpsDc',
        figure: dcFigure('dcInterruptingAmps', system, polesFrom),
        limit: fault,
        because: `${fault === null ? 'The prospective fault current is not known.' : `Up to ${q(fault, 'A')} DC must be broken here.`} An AC figure says nothing of it.`,
        source: 'breakingCapacity',
        inputs: ['supply.prospectiveFaultAmps', ...inputs],
        otherWays: (['breakingDcAlone', 'dcRatingMark'] as const).map((name) => ({
          quantity: 'interruptingAmpsDc',
          unit: 'A',
          relation: '>=' as const,
          figure: field(name),
          limit: fault,
        })),
      }),
    );
  if (flagMark(supply, 'currentReverses'))
    needs.push(
      wordLine({
        ...safety,
        id: 'polarity',
        quantity: 'polarity',
        limit: ['either way'],
        because: 'Current flows both ways here; a breaker marked with polarity cannot break the reverse current.',
        source: 'commonPractice',
        inputs: ['supply.currentReverses'],
      }),
    );
  return needs;
}

export function acInterrupting(context: NeedContext): Need[] {
  const { supply, practice } = context;
  const fault = numberMark(supply, 'prospectiveFaultAmps');
  if (isDc(context) || fault === undefined) return [];
  const system = numberMark(supply, 'systemVolts') ?? null;
  const shown = fault === null ? 'The prospective fault current is not known.' : `Up to ${q(fault, 'A')} may flow here and must be broken.`;
  const byRule = practice === 'NFPA70' ? ` Unmarked, a branch breaker counts ${q(UNMARKED_BREAKER_AMPS, 'A')}.` : '';
  // A tested combination serves where no motors add to the fault between the two devices (240.86(C)).
  const series = isMotorLoad(context.load.kind) || context.load.kind === 'hermetic-compressor' ? {} : { orCheck: field('seriesAmps') };
  const tested = series.orCheck
    ? ' A part that is short by itself may serve in a combination tested with the device upstream: see that it is the one that the part names, and that the panel says so (NFPA 70 240.86; IEC back-up tables of the maker).'
    : '';
  const way = (quantity: string, figure: Figure) => ({ quantity, unit: 'A', relation: '>=' as const, figure, limit: fault, ...series });
  return [
    needLine({
      ...safety,
      id: 'interrupting',
      quantity: 'interruptingAmps',
      figure: { kind: 'rating', column: 'acInterruptingAmps', minVolts: system, current: 'ac', factor: 1 },
      limit: fault,
      ...series,
      because: `${shown}${byRule}${tested}`,
      source: practice === 'NFPA70' ? 'interruptingRating' : 'breakingCapacity',
      inputs: ['supply.prospectiveFaultAmps', 'supply.systemVolts'],
      otherWays: [
        way('interruptingAmps', field('breakingAmps', practice === 'NFPA70' ? UNMARKED_BREAKER_AMPS : null)),
        way('interruptingAmps', field('acInterruptingMark', practice === 'NFPA70' ? UNMARKED_BREAKER_AMPS : null)),
      ],
    }),
    needLine({
      id: 'service-capacity',
      group: 'safety',
      quantity: 'serviceBreakingAmps',
      figure: field('serviceAmps'),
      limit: fault,
      severity: 'should',
      onlyWhereCarried: true,
      because: `${shown} Above its service capacity a breaker may interrupt once and then need replacing.`,
      source: 'serviceCapacityRatio',
      inputs: ['supply.prospectiveFaultAmps'],
    }),
  ];
}

function poleNeeds({ load }: NeedContext): Need[] {
  const needs: Need[] = [];
  const asked = numberMark(load, 'polesToSwitch');
  const count = asked === undefined && load.kind === 'motor-3ph' ? 3 : asked;
  const pole = { ...safety, unit: 'count', figure: field('poles'), source: 'commonPractice' as const };
  if (count !== undefined)
    needs.push(
      needLine({
        ...pole,
        id: 'poles',
        quantity: 'poles',
        limit: count,
        because:
          count === null ? 'The number of poles needed is not known.' : `${count} conductor${count === 1 ? ' is' : 's are'} switched here.`,
        inputs: ['load.polesToSwitch'],
      }),
    );
  const open = numberMark(load, 'polesThatMustOpen');
  if (open !== undefined)
    needs.push(
      needLine({
        ...pole,
        id: 'poles-open',
        quantity: 'polesThatOpen',
        limit: open,
        because: `${open ?? 'Not known how many'} live conductors must be open when it is off.`,
        inputs: ['load.polesThatMustOpen'],
      }),
    );
  return needs;
}

/** All lines of the supply, in the order shown. */
export const supplyNeeds = (context: NeedContext): Need[] => [
  ...kindNeed(context),
  ...voltNeeds(context),
  ...dcNeeds(context),
  ...poleNeeds(context),
  ...acInterrupting(context),
];
