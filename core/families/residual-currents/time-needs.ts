/**
 * How fast must it trip, and which of two in series goes first?
 * In TT the touch-voltage rule leaves at least four times the rated residual current at 230 V, so the times at twice it count; in TN
 * far more flows, and the times at five times count.
 * Sources: IEC 61008-1 break times, BS 7671 411.3.2 and 415.1.1, IEC 60364-5-53 on selectivity; from memory.
 */
import { numberMark } from '../../case/case';
import { field, needLine, wordLine } from '../../needs/line';
import type { Need } from './figures';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { ADDITIONAL_PROTECTION_SECONDS, SELECTIVITY_RATIO } from '../../standards/residual-current';
import type { NeedContext } from '../contract';
import { protectsPeople, purposeUnknown } from './type-needs';

const safety = { group: 'safety' as const, safety: true };

function selectivityNeeds({ load }: NeedContext): Need[] {
  const asked = load.selectivityRequired;
  if (asked !== true && asked !== null) return [];
  const below = load.downstreamSensitivityMilliamps === undefined ? undefined : numberMark(load, 'downstreamSensitivityMilliamps');
  const base = { source: 'residualSelectivity' as const, inputs: ['load.selectivityRequired', 'load.downstreamSensitivityMilliamps'] };
  const needs: Need[] = [
    wordLine({
      ...base,
      id: 'selective-delay',
      quantity: 'residualDelay',
      figure: field('delay'),
      limit: asked === null ? null : ['S'],
      because:
        asked === null
          ? 'Whether the device downstream alone may trip is not known.'
          : 'The device downstream alone may trip: only a delayed one, marked S, waits for it.',
    }),
  ];
  if (below !== undefined) {
    const limit = asked === true && typeof below === 'number' ? below * SELECTIVITY_RATIO : null;
    needs.push(
      needLine({
        ...base,
        id: 'selective-ratio',
        quantity: 'sensitivityUpstream',
        figure: field('sensitivityMilliamps'),
        unit: 'mA',
        limit,
        because:
          limit === null
            ? 'The sensitivity of the device downstream, or whether it alone may trip, is not known.'
            : `${below} mA downstream: at least ${SELECTIVITY_RATIO} times as much here, ${limit} mA.`,
        brief: '3 x downstream',
      }),
    );
  }
  return needs;
}

function breakTimeNeeds(context: NeedContext): Need[] {
  const { load, supply, practice } = context;
  if (practice !== 'IEC') return [];
  const needs: Need[] = [];
  if (protectsPeople(context) || purposeUnknown(context))
    needs.push(
      needLine({
        ...safety,
        id: 'people-time',
        quantity: 'residualSecondsAtFive',
        figure: field('secondsAtFive'),
        unit: 's',
        relation: '<=',
        limit: purposeUnknown(context) ? null : ADDITIONAL_PROTECTION_SECONDS,
        because: purposeUnknown(context)
          ? 'Whether people are protected here is not known.'
          : 'People are protected here: off within 40 ms at five times the rated residual current; a delayed one is too slow.',
        brief: 'people',
        source: 'additionalProtection',
        inputs: ['load.additionalProtection', 'load.purpose'],
      }),
    );
  const within = numberMark(load, 'disconnectSeconds');
  if (within !== undefined) {
    const tt = supply.grounding === 'TT';
    needs.push(
      needLine({
        ...safety,
        id: 'break-time',
        quantity: tt ? 'residualSecondsAtTwice' : 'residualSecondsAtFault',
        figure: field(tt ? 'secondsAtTwice' : 'secondsAtFive'),
        unit: 's',
        relation: '<=',
        limit: within,
        because:
          within === null
            ? 'The longest disconnection time is not known.'
            : `An earth fault must be off within ${q(within, 's')}; ${tt ? 'in TT more than twice' : 'more than five times'} its rated residual current flows.`,
        brief: tt ? 'at 2 x' : 'at 5 x',
        source: 'disconnectionTimes',
        inputs: ['load.disconnectSeconds', 'supply.grounding'],
      }),
    );
  }
  return needs;
}

/** All lines of time, in the order shown. */
export const timeNeeds = (context: NeedContext): Need[] => [...selectivityNeeds(context), ...breakTimeNeeds(context)];
