/**
 * What would be another than on the part that was removed, though it should be the same?
 * Nuisance trips tempt people to change what should stay: a larger fuse, a slower class, a blunter device. The verdict stays that of load
 * and supply; a change is said with both values, why it matters and what to ask first. Where the removed part itself failed the line
 * that the mark answers and the new one does not, the change mends it and asks nothing.
 * Source: common practice, the substitution matrix.
 */
import type { Verdict } from '../needs/need';
import { formatValue } from '../quantities/format-quantity';
import type { CanonicalSpec } from './canonical';

/** A mark that should be the same on the part that goes in. */
export type KeptMark<Figure extends string = string> = {
  /** Name in the canonical spec; also the id of the change. */
  name: Figure;
  label: string;
  unit: string;
  why: string;
  /** What to ask before it is changed. */
  ask: string;
  /** A change of a figure in this direction asks for nothing: a tighter tolerance. */
  harmless?: 'up' | 'down';
  /** Lines that this mark answers: where the removed part failed one of them, a change may mend it. */
  lines: readonly string[];
};

export type Change = {
  id: string;
  label: string;
  unit: string;
  from: unknown;
  to: unknown;
  /** For figures: more or less than on the removed part. */
  direction: 'up' | 'down' | null;
  because: string;
  ask: string | null;
  mends: boolean;
};

type Judged = { need: { id: string }; verdict: Verdict };

/** A value in a form that compares: a list in order, an object by its names. */
export function comparable(mark: unknown): string {
  if (Array.isArray(mark)) return JSON.stringify([...mark].map((one) => JSON.stringify(one)).sort());
  if (typeof mark === 'object' && mark !== null)
    return JSON.stringify(
      Object.entries(mark)
        .filter(([, value]) => value !== 0)
        .sort(([a], [b]) => (a < b ? -1 : 1)),
    );
  return JSON.stringify(typeof mark === 'number' ? Number(mark.toPrecision(9)) : mark);
}

/** A value as a person reads it. Example: {SPDT: 2} is '2 x SPDT'. */
export function markText(mark: unknown, unit: string): string {
  if (mark === 'none') return 'none';
  if (typeof mark === 'object' && mark !== null && !Array.isArray(mark))
    return Object.entries(mark)
      .filter(([, count]) => count !== 0)
      .map(([form, count]) => `${String(count)} x ${form}`)
      .join(', ');
  return formatValue(mark as Parameters<typeof formatValue>[0], unit);
}

const isKnown = (mark: unknown) => mark !== undefined && mark !== null;

/**
 * Returns what differs from the removed part; marks that either of the two does not say are left out, since nothing is known of them.
 * @param failed ids of the lines on which the removed part fails; @param lines those of the candidate.
 */
export function changesFrom(
  kept: readonly KeptMark[],
  removed: CanonicalSpec | null,
  part: CanonicalSpec,
  failed: ReadonlySet<string>,
  lines: readonly Judged[],
): Change[] {
  if (!removed) return [];
  const fails = new Set(lines.filter(({ verdict }) => verdict === 'fails').map(({ need }) => need.id));
  return kept.flatMap((mark): Change[] => {
    const [from, to] = [removed[mark.name], part[mark.name]];
    if (!isKnown(from) || !isKnown(to) || comparable(from) === comparable(to)) return [];
    const mends = mark.lines.some((id) => failed.has(id) && !fails.has(id));
    const direction = typeof from === 'number' && typeof to === 'number' ? (to > from ? 'up' : 'down') : null;
    const harmless = direction !== null && direction === mark.harmless;
    const values = `${mark.label}: ${markText(to, mark.unit)} instead of ${markText(from, mark.unit)}`;
    return [
      {
        id: mark.name,
        label: mark.label,
        unit: mark.unit,
        from,
        to,
        direction,
        because: mends
          ? `${values}. The removed part was wrong for this load here; this mends it.`
          : harmless
            ? `${values}. In this direction nothing is lost.`
            : `${values}. ${mark.why}`,
        ask: mends || harmless ? null : mark.ask,
        mends,
      },
    ];
  });
}
