/**
 * What is a need line? A demand on one quantity, as plain data: stored, shown, sent over HTTP, turned into a verdict on
 * one part (`matching/evaluate.ts`) and into an SQL expression over a catalogue (`matching/sql.ts`). The two agree.
 *
 * A demand may be met in several ways of rating: running current by an AC-3 figure, by a full-load figure or by
 * horsepower. The first way that a part carries is the one it is held against, or the best of them where the line says so.
 */
import { certain } from '../certain';
import type { SourceId } from '../standards/source';

export type Relation = '>=' | '<=' | '=' | 'within' | 'one-of' | 'includes';
export type Verdict = 'fits' | 'check' | 'not-known' | 'fails';
export type Severity = 'must' | 'should';
export type NeedGroup = 'safety' | 'load' | 'coil' | 'fit';

/** A value that stands in a line: number in the line's unit, word, list, or [low, high]. */
export type LineValue = number | string | readonly number[] | readonly string[];

/** The figure of a line that no part can answer: what it rests on is not known. */
export type NoFigure = 'nothing';

/** How a part's figure is found in its canonical spec. A family gives the names of its figures: another name does not compile. */
export type FigureRef<Figure extends string = string> =
  /** A scalar, word or list by name; `whenNone` replaces "none" (null: then it is not known). */
  | { kind: 'field'; name: Figure; whenNone?: number | null }
  /**
   * Column of the lowest rating row that serves `minVolts`, times `factor`; of rows of equal volts the best. Rows with poles in
   * series need that many in `polesFrom` (absent: 'poles'). A row with a worn head counts as the least favourable that it may be.
   */
  | { kind: 'rating'; column: string; minVolts: number | null; current: 'ac' | 'dc'; factor: number; polesFrom?: string }
  /** One range by name, or several of which one must hold the limit: the dial of an overload relay. */
  | { kind: 'bands'; name: Figure }
  /** Volts bands of the coil for one kind of supply: where it operates, or what it is marked for. */
  | { kind: 'coil-bands'; which: keyof typeof coilLayouts; supply: CoilSupply }
  /** Share of the coil's rated volts left while it pulls in, or the amps that it draws then. */
  | { kind: 'coil-pull-in'; what: 'ratio' | 'amps'; supply: CoilSupply; volts: number; loopOhms: number };

/** Names under which a canonical spec holds the bands of its coil; a part with several functions has a band for each. */
export const coilLayouts = {
  operating: 'coilOperating',
  marked: 'coilMarked',
  tripping: 'coilTripping',
  closing: 'coilClosing',
} as const;

/** Key under which a canonical spec holds its coil for this supply. */
export type CoilSupply = 'ac50' | 'ac60' | 'ac' | 'dc';

export type RatingBasis<Figure extends string = string> = {
  quantity: string;
  unit: string;
  relation: Relation;
  figure: FigureRef<Figure>;
  /** The need; null when the need itself is not known. */
  limit: LineValue | null;
  /** For '>=': from here up to the limit the line is a check (the figure stands inside a tolerance band). */
  checkFrom?: number;
  /** For '>=': from here up it cannot be said; below it fails. */
  notKnownFrom?: number;
  /** The favourable edge of a tolerance band: where `figure` does not hold but this does, it may go either way, a check. */
  upperEdge?: FigureRef<Figure>;
  /** What the part may be, though its marks do not say it: where `figure` does not hold but this does, it cannot be said. */
  possible?: FigureRef<Figure>;
  /** Another mark that makes it hold by itself: a delay that outlasts the dip, where the release band alone does not. */
  alternative?: {
    figure: FigureRef<Figure>;
    relation: '>=' | '<=';
    limit: number;
    words: string;
    /** Beside the figure, short: 'delayed'. */ brief: string;
  };
  /** A way that can never be more than a check, or that answers nothing: a rating of another kind of load. */
  verdictCap?: 'check' | 'not-known';
  /** Source of this way of rating, where it is another than the line's. */
  source?: SourceId;
  /** Why it is no more than that; absent: the rating is for another kind of load. */
  verdictCapReason?: string;
};

export type Need<Figure extends string = string> = {
  id: string;
  group: NeedGroup;
  severity: Severity;
  /** Volts, AC or DC, poles, interrupting: a failing safety line cannot be overridden. */
  safety: boolean;
  /** Not known, it cannot be signed at all: volts and kind of the coil, AC or DC, poles. */
  mustBeKnown?: boolean;
  ways: readonly [RatingBasis<Figure>, ...RatingBasis<Figure>[]];
  /** The arithmetic that gave the limit, one or two sentences. */
  because: string;
  /** What of the part it is about, where several lines ask the same: 'Pole 2'. */
  about?: string;
  /** Short arithmetic under the figure: '28 A x 1.00'. */
  brief: string;
  source: SourceId;
  /** Marks that the limit rests on: 'load.fullLoadAmps'. */
  inputs: readonly string[];
  /** School that was used, where practitioners differ. */
  school?: string;
  /** Asked whatever the parts carry: a part that leaves the figure out is not known. `families/finish-needs.ts` sets it. */
  alwaysAsked?: boolean;
  /** A second way of saying what another line asks: no line for a part that does not carry the figure. */
  optionalRating?: boolean;
  /** The best of the figures that a part carries counts, so that a further mark never makes it worse; absent: the first. */
  anyWay?: boolean;
  /** No line for a part whose mark `name` is `word`: a device without overcurrent part has no curve. Worn: held or not known. */
  notApplicableWhen?: { name: Figure; word: string };
  /** Asks how worn the part is, not whether it is the right one. */
  isWearLine?: boolean;
  /** Rests on an assumed reading: at best a check. */
  assumed?: boolean;
};

/** Names of the marks among `inputs` that were assumed make a need a check at best. */
export const restsOnAssumption = (need: Need, assumed: ReadonlySet<string>): boolean => need.inputs.some((input) => assumed.has(input));

/** The ways of a line: one at least. Throws a `DefectError` on none. */
export const waysOf = <Figure extends string>([first, ...others]: readonly RatingBasis<Figure>[]): Need<Figure>['ways'] => [
  certain(first),
  ...others,
];
