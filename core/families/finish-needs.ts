/**
 * Which lines of a family are asked whatever the parts carry, and which rest on an assumed mark?
 * A family lists the lines by id; a line of the list is always asked where the position states what it rests on: its limit is
 * known, or a mark that it rests on was given and is worn. Advice is never on the list. Why each is on its list: docs/decisions/0012.
 */
import { restsOnAssumption, type Need } from '../needs/need';
import type { NeedContext } from './contract';

const sections = ['supply', 'load', 'duty'] as const;

/** True where the position gives this mark, worn or not. Example: 'load.fullLoadAmps'. */
function isGiven(context: NeedContext, input: string): boolean {
  const [section, name] = input.split('.') as [(typeof sections)[number], string];
  const mark = context[section]?.[name];
  return mark !== undefined && mark !== 'none';
}

/** System volts stand beside most figures and by themselves ask for nothing but volts. */
const ofItsOwn = ({ inputs }: Need) => inputs.filter((input) => input !== 'supply.systemVolts' || inputs.length === 1);

const isStated = (context: NeedContext, need: Need) =>
  need.ways.some(({ limit }) => limit !== null) || ofItsOwn(need).some((input) => isGiven(context, input));

/** Nobody signs these as not known: a wrong coil burns, a missing pole leaves a conductor live. */
const mustBeKnown = /^(coil-volts|coil-kind|auxiliary-volts|auxiliary-kind|rating-kind|current-kind|measured-kind|poles|poles-open)$/;

/** Returns the needs with what is always asked and what is assumed marked. A second way of saying a thing is never on the list. */
export const finishNeeds = (context: NeedContext, needs: readonly Need[], alwaysAsked: readonly RegExp[]): Need[] =>
  needs.map((need) => ({
    ...need,
    assumed: restsOnAssumption(need, context.assumed),
    ...(need.severity === 'must' &&
    !need.onlyWhereCarried &&
    alwaysAsked.some((pattern) => pattern.test(need.id)) &&
    isStated(context, need)
      ? { alwaysAsked: true }
      : {}),
    ...(need.safety && mustBeKnown.test(need.id) ? { mustBeKnown: true } : {}),
  }));
