/** What a breaker carries, by its marks and by what was said of it, and the names under which findings are kept with a job. */
import type { PartSpec } from '../case/case';
import type { AccessoryFunction } from '../fields/accessory-fields';
import type { Findings } from '../fault-finding/tree';
import type { Fitted } from './breaker-state';

const answerKey = (id: string) => `close-${id}`;
const markKey = (id: string) => `close-mark-${id}`;
const fittedKey = (name: string) => `close-fitted-${name}`;
export const closingKeys = { answer: answerKey, mark: markKey, fitted: fittedKey } as const;

export const fittedNames: readonly (keyof Fitted)[] = ['motor', 'undervoltage', 'shuntTrip', 'carriage', 'interlock'];

/** Names of accessories, as a breaker's marks list them. */
const accessoriesOf: Partial<Record<keyof Fitted, readonly AccessoryFunction[]>> = {
  motor: ['charging-motor'],
  undervoltage: ['undervoltage-release', 'no-volt-release'],
  shuntTrip: ['shunt-trip'],
};

/** What the marks of the breaker say that it has not; what they do not say it may have. */
function withoutByMarks(spec: PartSpec | null): ReadonlySet<keyof Fitted> {
  const without = new Set<keyof Fitted>();
  if (spec?.mounting === 'fixed') without.add('carriage');
  const list: unknown = spec?.accessories;
  if (Array.isArray(list) && list.length > 0)
    for (const name of fittedNames) {
      const accessories = accessoriesOf[name];
      if (accessories?.some((one) => list.includes(one)) === false) without.add(name);
    }
  return without;
}

/** What the breaker carries: what its marks do not deny, until somebody says otherwise. */
export function fittedOf(findings: Findings, spec: PartSpec | null = null): Fitted {
  const without = withoutByMarks(spec);
  return Object.fromEntries(fittedNames.map((name) => [name, findings[fittedKey(name)]?.yes ?? !without.has(name)])) as Fitted;
}
