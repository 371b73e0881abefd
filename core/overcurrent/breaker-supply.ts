/**
 * Need lines that the supply sets on a breaker: kind of current, volts, slash rule, poles, interrupting, polarity, IT.
 * Sources: NFPA 70 110.9, 240.83(C), 240.85; IEC 60947-2 and annex H; IEC 60898-1; from memory.
 */
import { numberMark, wordMark } from '../case/case';
import { field, lineOfWays, listLine, needLine, wordLine } from '../needs/line';
import type { FigureRef, Need, RatingBasis } from './figures';
import { formatQuantity as q } from '../quantities/format-quantity';
import { UNMARKED_BREAKER_AMPS } from '../standards/breaker-gates';
import { isSolidlyGrounded, polesInFault, voltsToEarth } from '../supply/earthing';
import type { NeedContext } from '../families/contract';
import { isMotor } from '../loads/motor-kinds';

export const isDc = ({ supply }: NeedContext): boolean => supply.currentKind === 'dc';
const safety = { group: 'safety' as const, safety: true };

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
      possible: field('currentKindsPerhaps'),
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

/** What the earthing asks of the kind of rating. */
function earthingNeeds(grounding: string | null | undefined): Need[] {
  const needs: Need[] = [];
  if (grounding === null || (grounding && !isSolidlyGrounded(grounding)))
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

function voltNeeds(context: NeedContext): Need[] {
  const { supply } = context;
  const system = numberMark(supply, 'systemVolts');
  if (isDc(context) || system === undefined) return [];
  const earth = voltsToEarth(context);
  const needs: Need[] = [
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
        ...(earth.notKnownFrom === undefined ? {} : { notKnownFrom: earth.notKnownFrom }),
        because:
          earth.volts === null
            ? 'The volts to earth are not known.'
            : `A pole has up to ${q(earth.volts, 'V')} to earth ${earth.words}; a slash rating bounds that by its lower figure.`,
        source: 'slashRating',
        inputs: [earth.input, 'load.polesToSwitch'],
      }),
    );
  return [...needs, ...earthingNeeds(wordMark(supply, 'grounding'))];
}

const dcFigure = (column: string, minVolts: number | null, polesFrom: string): FigureRef => ({
  kind: 'rating',
  column,
  minVolts,
  current: 'dc',
  factor: 1,
  polesFrom,
});

/** Rows hold with their poles in series; how many a fault meets may be open where nothing says how they are connected. */
function dcWays(
  column: string,
  volts: number | null,
  poles: { sure: string; perhaps?: string },
  way: Omit<RatingBasis, 'figure'>,
): readonly [RatingBasis, ...RatingBasis[]] {
  const alone = column === 'dcVolts' ? 'voltsDcAlone' : 'breakingDcAlone';
  return [
    {
      ...way,
      figure: dcFigure(column, volts, poles.sure),
      ...(poles.perhaps ? { possible: dcFigure(column, volts, poles.perhaps) } : {}),
    },
    { ...way, figure: field(alone) },
    { ...way, figure: field('dcRatingMark') },
  ];
}

/** Current that flows both ways: a breaker marked with polarity breaks it one way alone. */
function polarityNeed({ supply }: NeedContext): Need[] {
  const reverses = supply.currentReverses;
  if (reverses !== true && reverses !== null) return [];
  return [
    wordLine({
      ...safety,
      id: 'polarity',
      quantity: 'polarity',
      limit: reverses === null ? null : ['either way'],
      because:
        reverses === null
          ? 'Whether current flows both ways here is not known.'
          : 'Current flows both ways here; a breaker marked with polarity cannot break the reverse current.',
      source: 'commonPractice',
      inputs: ['supply.currentReverses'],
    }),
  ];
}

function dcNeeds(context: NeedContext): Need[] {
  const { supply } = context;
  const system = numberMark(supply, 'systemVolts');
  if (!isDc(context) || system === undefined) return [];
  const grounding = wordMark(supply, 'grounding');
  const poles = grounding === null ? { sure: 'seriesEachLine', perhaps: 'seriesTotal' } : polesInFault(context);
  const earthed =
    poles.sure === 'seriesTotal' ? '' : ' In an earthed system only the poles in the live line count; one pole in each line counts as one.';
  const inputs = ['supply.systemVolts', 'supply.grounding', 'load.polesToSwitch'];
  const fault = numberMark(supply, 'prospectiveFaultAmps');
  const line = (id: string, volts: number | null, from: { sure: string; perhaps?: string }, words: string): Need =>
    lineOfWays(dcWays('dcVolts', volts, from, { quantity: 'ratedVoltsDc', unit: 'V', relation: '>=', limit: volts }), {
      ...safety,
      id,
      because: words,
      source: 'breakingCapacity',
      inputs,
    });
  const needs: Need[] = [
    line(
      'dc-volts',
      system,
      poles,
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
        { sure: 'seriesEachLine' },
        half === null ? 'The volts to earth are not known.' : `An earth fault puts ${q(half, 'V')} DC across the poles of one line alone.`,
      ),
    );
  if (fault !== undefined)
    needs.push(
      lineOfWays(dcWays('dcInterruptingAmps', system, poles, { quantity: 'interruptingAmpsDc', unit: 'A', relation: '>=', limit: fault }), {
        ...safety,
        id: 'interrupting',
        because: `${fault === null ? 'The prospective fault current is not known.' : `Up to ${q(fault, 'A')} DC must be broken here.`} An AC figure says nothing of it.`,
        source: 'breakingCapacity',
        inputs: ['supply.prospectiveFaultAmps', ...inputs],
      }),
    );
  return [...needs, ...polarityNeed(context)];
}

export function acInterrupting(context: NeedContext): Need[] {
  const { supply, practice } = context;
  const fault = numberMark(supply, 'prospectiveFaultAmps');
  if (isDc(context) || fault === undefined) return [];
  const system = numberMark(supply, 'systemVolts') ?? null;
  const shown = fault === null ? 'The prospective fault current is not known.' : `Up to ${q(fault, 'A')} may flow here and must be broken.`;
  const byRule = practice === 'NFPA70' ? ` Unmarked, a branch breaker counts ${q(UNMARKED_BREAKER_AMPS, 'A')}.` : '';
  // A tested combination serves where no motors add to the fault between the two devices (240.86(C)).
  const series = isMotor(context.load.kind) ? {} : { upperEdge: field('seriesAmps') };
  const tested = series.upperEdge
    ? ' A part that is short by itself may serve in a combination tested with the device upstream: see that it is the one that the part names, and that the panel says so (NFPA 70 240.86; IEC back-up tables of the maker).'
    : '';
  const way = (quantity: string, figure: FigureRef) => ({ quantity, unit: 'A', relation: '>=' as const, figure, limit: fault, ...series });
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
      notApplicableWhen: { name: 'serviceUse', word: 'not of its standard' },
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
