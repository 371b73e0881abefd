/** The figures that the lines of this folder read on a part. */
import type { Figures } from '../matching/canonical';
import type { Need as AnyNeed, NoFigure, RatingBasis as AnyRatingBasis, FigureRef as AnyFigureRef } from '../needs/need';

/** Edges of the instantaneous band by kind of current; `Open` is where nothing is published. */
type Edge = `${'instantaneousHolds' | 'instantaneousTrips' | 'instantaneousOpen' | 'fiveSecondEdge'}${'Ac' | 'Dc'}`;
/** Poles in series that a fault meets, by where they stand; `Half` and `Most` bound what the connection leaves open. */
type SeriesPoles = `series${'EachLine' | 'Positive' | 'Negative'}${'' | 'Half' | 'Most'}` | 'seriesTotal';
/** What the canonical form makes of the marks of an overcurrent part. */
type Derived =
  | Edge
  | SeriesPoles
  | 'acInterruptingMark'
  | 'arcEnergyMeans'
  | 'arcEnergyUse'
  | 'breakingAmps'
  | 'breakingDcAlone'
  | 'cornerMark'
  | 'countsAsAmps'
  | 'currentKindsPerhaps'
  | 'dcRatingMark'
  | 'deviceKind'
  | 'gfpePickupAmps'
  | 'gfpeSeconds'
  | 'groundFaultUse'
  | 'instantaneousUse'
  | 'inverseTimeAmps'
  | 'itMark'
  | 'polarity'
  | 'ratedAmps100'
  | 'ratings'
  | 'seriesAmps'
  | 'serviceAmps'
  | 'serviceUse'
  | 'setAmps'
  | 'slashMark'
  | 'voltsBetween'
  | 'voltsDcAlone'
  | 'voltsToEarth';
export type OvercurrentFigure = Mark | Derived | NoFigure;
/** Marks of an overcurrent part, whichever family it belongs to. */
type Mark =
  | 'poles'
  | 'ratedAmps'
  | 'currentKinds'
  | 'marks'
  | 'calibratedAmbientC'
  | 'guaranteedTripAmps'
  | 'standard'
  // Of a fuse, where a plate or a rule asks for one.
  | 'delay'
  | 'fuseClass';
export type Need = AnyNeed<OvercurrentFigure>;
export type RatingBasis = AnyRatingBasis<OvercurrentFigure>;
export type FigureRef = AnyFigureRef<OvercurrentFigure>;

/** Marks that the canonical form of an overcurrent part is made of, whichever family carries them; a breaker carries them all. */
export type OvercurrentMark =
  | 'arcEnergyReduction'
  | 'currentKinds'
  | 'curve'
  | 'dcRatings'
  | 'groundFaultPickupAmps'
  | 'groundFaultSeconds'
  | 'hundredPercentRated'
  | 'icnAmps'
  | 'icsAmps'
  | 'icuAmps'
  | 'instantaneousHoldsAmps'
  | 'instantaneousOnly'
  | 'instantaneousTripsAmps'
  | 'interruptingRatings'
  | 'itSystemMark'
  | 'longTimeSettingAmps'
  | 'marks'
  | 'partOfListedCombination'
  | 'polaritySensitive'
  | 'poles'
  | 'polesInNegative'
  | 'polesInPositive'
  | 'ratedAmps'
  | 'ratedVoltsLineToGround'
  | 'ratedVoltsLineToLine'
  | 'seriesRatedAmps'
  | 'seriesRatedWith'
  | 'settingAccessRestricted'
  | 'slash'
  | 'standard'
  | 'technology';
export type OvercurrentSpec = Figures<OvercurrentMark>;
export type CanonicalOvercurrent = Figures<OvercurrentFigure>;
