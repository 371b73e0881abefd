/**
 * Need lines of place and service: auxiliaries, what holds it closed, ambient, switching rate, electrical life.
 * Missing auxiliaries are a check: a block can often be added; that stays to be verified (common practice).
 */
import { flagMark, numberMark } from '../../case/case';
import type { Need, RatingBasis } from './figures';
import type { NeedContext } from '../contract';
import { ambientNeeds, lifeNeeds, switchingRateNeeds } from '../service-needs';
import { isMotor } from '../../loads/motor-kinds';

const fitLine = (need: Omit<Need, 'group' | 'safety' | 'ways'>, way: RatingBasis): Need => ({
  group: 'fit',
  safety: false,
  ...need,
  ways: [way],
});

function auxiliaryNeed(context: NeedContext, name: 'auxNormallyOpen' | 'auxNormallyClosed'): Need | undefined {
  const amount = numberMark(context.load, `${name}Needed`);
  if (amount === undefined || amount === 0) return undefined;
  const form = name === 'auxNormallyOpen' ? 'normally open' : 'normally closed';
  return fitLine(
    {
      id: name === 'auxNormallyOpen' ? 'aux-open' : 'aux-closed',
      severity: 'should',
      brief: 'in use',
      source: 'commonPractice',
      because:
        amount === null
          ? `How many ${form} auxiliaries are in use is not known.`
          : `${amount} ${form} auxiliaries are in use; an add-on block may make up for missing ones.`,
      inputs: [`load.${name}Needed`],
    },
    // No such contact is none: the count is 0.
    {
      quantity: name,
      unit: 'count',
      relation: '>=',
      figure: { kind: 'field', name, whenNone: 0 },
      limit: amount,
    },
  );
}

function holdingNeed(context: NeedContext): Need | undefined {
  const { load } = context;
  const base = {
    id: 'holding',
    brief: '',
    source: 'commonPractice' as const,
    inputs: ['load.mustHoldOnControlLoss'],
  };
  const way = (words: string[] | null): RatingBasis => ({
    quantity: 'holding',
    unit: '',
    relation: 'one-of',
    figure: { kind: 'field', name: 'holding' },
    limit: words,
  });
  if (load.mustHoldOnControlLoss === null)
    return fitLine(
      { ...base, severity: 'must', because: 'Whether the load must stay on when control power is lost is not known.' },
      way(null),
    );
  if (flagMark(load, 'mustHoldOnControlLoss'))
    return fitLine(
      {
        ...base,
        severity: 'must',
        because: 'The load stays on when control power is lost: a contactor held by its coil would drop it.',
      },
      way(['mechanical', 'magnetic-latch']),
    );
  if (load.mustHoldOnControlLoss === undefined && !isMotor(load.kind)) return undefined;
  // A latched motor starts again by itself when power comes back: with push-buttons that is a danger, else a question.
  const severity = isMotor(load.kind) && (load.control === 'three-wire' || load.control === null) ? 'must' : 'should';
  return fitLine(
    {
      ...base,
      severity,
      because: 'Loss of control power must let this load go; a latched contactor stays closed and needs pulses.',
    },
    way(['electrical']),
  );
}

/** All lines of place and service, in the order shown. */
export function fitNeeds(context: NeedContext): Need[] {
  const needs: (Need | undefined)[] = [
    auxiliaryNeed(context, 'auxNormallyOpen'),
    auxiliaryNeed(context, 'auxNormallyClosed'),
    holdingNeed(context),
  ];
  needs.push(...ambientNeeds(context));
  needs.push(...switchingRateNeeds(context));
  needs.push(...lifeNeeds(context));
  return needs.filter((need) => need !== undefined);
}
