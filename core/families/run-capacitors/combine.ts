/**
 * What do the singles on the shelf make together of what the motor's plate asks for: two singles for a dual, two joined for one?
 * The lowest volts, the loosest tolerance and the least case temperature of them count for the whole. Common practice.
 */
import { rowsMark, figuresMark } from '../../case/case';
import { certain } from '../../certain';
import type { PartSpec } from '../../case/case';
import type { Combined, NeedContext, ShelfPart } from '../contract';
import { waysToMake, type Single } from './combinations';
import { capacitorVoltsOf, sectionsAsked } from './needs';

/** Most ways that are offered: the fewest parts come first. */
const MAX_WAYS = 12;

const numberOf = (raw: PartSpec, name: string): number | null => (typeof raw[name] === 'number' ? Number(raw[name]) : null);

/** Singles among the parts on the shelf: run capacitors with one known section and known volts. */
function singlesOf(shelf: readonly ShelfPart[]): (Single & { part: ShelfPart })[] {
  return shelf.flatMap((part, i) => {
    const rows = rowsMark(part.raw.sections);
    const microfarads = rows.length === 1 ? certain(rows[0]).microfarads : undefined;
    const volts = numberOf(part.raw, 'ratedVolts');
    if (part.raw.kind !== 'run' || typeof microfarads !== 'number' || volts === null) return [];
    return [{ id: `${i}`, name: part.name, microfarads, volts, part }];
  });
}

/** The worst of what each part states; null where one states nothing. */
function worst(parts: readonly PartSpec[], name: string, pick: (...values: number[]) => number): number | null {
  const values = parts.map((raw) => numberOf(raw, name));
  return values.every((value) => value !== null) ? pick(...figuresMark(values)) : null;
}

function specOf(sections: readonly { name: string; parts: readonly Single[] }[], raws: readonly PartSpec[], words: string): PartSpec {
  const hertz = raws.map((raw) => figuresMark(raw.hertz));
  const same = new Set(raws.map((raw) => raw.protection));
  return {
    kind: 'run',
    sections: sections.map(({ name, parts }) => ({
      name,
      microfarads: Number(parts.reduce((sum, { microfarads }) => sum + microfarads, 0).toPrecision(9)),
      ...(parts.length > 1 ? { parallel: parts.map(({ microfarads }) => microfarads) } : {}),
    })),
    ratedVolts: worst(raws, 'ratedVolts', Math.min),
    hertz: certain(hertz[0]).filter((one) => hertz.every((list) => list.includes(one))),
    tolerancePercent: worst(raws, 'tolerancePercent', Math.max),
    maxCaseC: worst(raws, 'maxCaseC', Math.min),
    protection: same.size === 1 ? ([...same][0] ?? null) : null,
    madeOf: words,
  };
}

/** Returns what the shelf makes of the sections asked for, fewest parts first; nothing where one part alone would do. */
export function combineCapacitors({ load }: NeedContext, shelf: readonly ShelfPart[]): Combined[] {
  const asked = sectionsAsked(load);
  const volts = capacitorVoltsOf(load);
  if (!asked || asked.length === 0 || typeof volts !== 'number' || asked.some(({ microfarads }) => microfarads === null)) return [];
  const singles = singlesOf(shelf);
  const found: { name: string; parts: Single[] }[][] = [];
  const seek = (at: number, used: ReadonlySet<string>, chosen: { name: string; parts: Single[] }[]) => {
    if (found.length >= MAX_WAYS * asked.length) return;
    if (at === asked.length) {
      found.push(chosen);
      return;
    }
    const free = singles.filter(({ id }) => !used.has(id));
    for (const parts of waysToMake({ microfarads: certain(certain(asked[at]).microfarads), volts }, free))
      seek(at + 1, new Set([...used, ...parts.map(({ id }) => id)]), [...chosen, { name: certain(asked[at]).name, parts }]);
  };
  seek(0, new Set(), []);
  const byIndex = new Map(singles.map((one) => [one.id, one.part]));
  const seen = new Set<string>();
  return found
    .flatMap((sections): Combined[] => {
      const parts = sections.flatMap(({ parts: own }) => own.map(({ id }) => certain(byIndex.get(id))));
      const key = sections
        .map(({ parts: own }) =>
          own
            .map(({ id }) => certain(byIndex.get(id)).id)
            .sort()
            .join('|'),
        )
        .join('/');
      if (parts.length < 2 || seen.has(key)) return [];
      seen.add(key);
      const words = `${parts.length} singles: ${parts.map(({ name }) => name).join(' and ')}`;
      return [
        {
          ids: parts.map(({ id }) => id),
          name: parts.map(({ name }) => name).join(' + '),
          raw: specOf(
            sections,
            parts.map(({ raw }) => raw),
            words,
          ),
        },
      ];
    })
    .sort((a, b) => a.ids.length - b.ids.length)
    .slice(0, MAX_WAYS);
}
