/**
 * With no position behind it nobody says that a mark of the place does not matter: one on which a line of safety rests, and that nobody looked
 * at, is unread, so that its line stands there as not known and is asked for. In a job the position answers for what is left out.
 */
import type { PlainCase } from '../case/case';
import type { DeviceFamily } from '../families/contract';
import { contextOf, type CaseOptions } from '../judge-case';
import type { Need } from '../needs/need';

const decides = ({ safety, mustBeKnown, severity }: Need): boolean => severity === 'must' && (safety || mustBeKnown === true);

/** How far a figure swings says more of one that is known; by itself nobody is asked for it. */
const swings = (name: string): boolean => /(Min|Max)$/.test(name);

type Said = ReadonlyMap<string, boolean>;
/** Lines of safety by id, and whether what they ask is known. */
const saidBy = (needs: readonly Need[]): Said =>
  new Map(needs.filter(decides).map(({ id, ways }) => [id, ways.some(({ limit }) => limit !== null)]));

/** Does it bring a line of safety that was not there, and take none away that is said already: an AC mark of the load, by the mark of the supply? */
const brings = (before: Said, after: Said): boolean =>
  [...after.keys()].some((id) => !before.has(id)) && [...before].every(([id, said]) => !said || after.get(id) === true);

/** The case with each such mark unread: null, as a worn one. */
export function withUnreadPlace(family: DeviceFamily, plain: PlainCase, options: CaseOptions = {}): PlainCase {
  const { positionFields } = family;
  const asked = (['supply', 'load', 'duty'] as const).flatMap((section) =>
    positionFields[section]
      .map(String)
      .filter((name) => !swings(name))
      .map((name) => ({ section, name })),
  );
  return asked.reduce<PlainCase>((known, { section, name }) => {
    const marks = { ...known[section] };
    if (marks[name] !== undefined) return known;
    const unread = { ...known, [section]: { ...marks, [name]: null } };
    const said = (one: PlainCase) => saidBy(family.needs(contextOf(one, options)));
    return brings(said(known), said(unread)) ? unread : known;
  }, plain);
}
