/**
 * Which lines of a family are asked whatever the parts carry, and which rest on an assumed mark?
 * A family lists the lines by id; a line of the list is always asked where the position states a mark that it rests on, worn or not. Advice is never on the list. Why each is on its list: docs/decisions/0012.
 */
import { loadFields } from '../fields/load-fields';
import { supplyFields } from '../fields/supply-fields';
import type { FieldValues } from '../case/case';
import { watched } from '../case/overlay';
import { field, needLine } from '../needs/line';
import { restsOnAssumption, type Need, type NoFigure } from '../needs/need';
import type { NeedContext } from './contract';

/** True where the position gives this mark, worn or not. Example: 'load.fullLoadAmps'. */
function isGiven(context: NeedContext, input: string): boolean {
  const [section, name] = input.split('.') as ['supply' | 'load' | 'duty', string];
  const marks: FieldValues = context[section] ?? {};
  const mark = marks[name];
  return mark !== undefined && mark !== 'none';
}

/** System volts stand beside most figures and by themselves ask for nothing but volts. */
const ofItsOwn = ({ inputs }: Need) => inputs.filter((input) => input !== 'supply.systemVolts' || inputs.length === 1);

const isStated = (context: NeedContext, need: Need) => ofItsOwn(need).some((input) => isGiven(context, input));

/** Nobody signs these as not known: a wrong coil burns, a missing pole leaves a conductor live. */
const mustBeKnown = /^(coil-volts|coil-kind|auxiliary-volts|auxiliary-kind|rating-kind|current-kind|measured-kind|poles|poles-open)$/;

/**
 * Marks that open lines: flags, and words that decide what is asked. Worn, they leave open which lines there are, so the whole is not
 * known, though every line that is asked may hold.
 */
const openers = new Set([
  ...[...supplyFields, ...loadFields].filter(({ kind }) => kind === 'flag').map(({ name }) => name),
  ...['kind', 'purpose', 'marksNeeded', 'lampKind', 'plateWords', 'tripContactsNeeded', 'electronics', 'functionsNeeded'],
  ...['environment', 'starter', 'starterRole', 'control', 'grounding', 'currentKind', 'wires', 'action', 'contacts'],
]);
const labels: ReadonlyMap<string, string> = new Map([...supplyFields, ...loadFields].map(({ name, label }) => [name, label]));

const wornOpener = (section: string, name: string): Need<NoFigure> =>
  needLine({
    id: `unread-${name}`,
    group: 'load',
    quantity: 'positionMark',
    unit: '',
    relation: '=',
    figure: field('nothing'),
    limit: null,
    about: labels.get(name) ?? name,
    because: `${labels.get(name) ?? name} of this position is not known, and with it which lines are asked.`,
    brief: 'not known',
    source: 'commonPractice',
    inputs: [`${section}.${name}`],
  });

/** Lines for the marks that were asked for, are worn and would open lines; one on which a line that is always asked rests needs none. */
function wornOpeners(context: NeedContext, read: Record<'supply' | 'load', ReadonlySet<string>>, needs: readonly Need[]): Need<NoFigure>[] {
  const open = needs.filter(({ ways, alwaysAsked }) => alwaysAsked && ways.every(({ limit }) => limit === null));
  const covered = new Set(open.flatMap(({ inputs }) => inputs));
  return (['supply', 'load'] as const).flatMap((section) => {
    const marks: FieldValues = context[section];
    return [...read[section]]
      .filter((name) => openers.has(name) && marks[name] === null && !covered.has(`${section}.${name}`))
      .map((name) => wornOpener(section, name));
  });
}

/**
 * Returns the needs of a position with what is always asked and what is assumed marked.
 * @param make works the needs out; which marks of the position it asks for is watched.
 */
export function finishNeeds<Figure extends string>(
  context: NeedContext,
  make: (context: NeedContext) => readonly Need<Figure>[],
  alwaysAsked: readonly RegExp[],
): Need<Figure | NoFigure>[] {
  const [supply, load] = [watched(context.supply), watched(context.load)];
  const made = make({ ...context, supply: supply.marks, load: load.marks });
  const finished = made.map((need) => ({
    ...need,
    assumed: restsOnAssumption(need, context.assumed),
    ...(need.severity === 'must' && !need.optionalRating && alwaysAsked.some((pattern) => pattern.test(need.id)) && isStated(context, need)
      ? { alwaysAsked: true }
      : {}),
    ...(need.safety && mustBeKnown.test(need.id) ? { mustBeKnown: true } : {}),
  }));
  const opened = wornOpeners(context, { supply: supply.read, load: load.read }, finished).map((need) => ({ ...need, alwaysAsked: true }));
  return [...finished, ...opened];
}
