/** The figures that the lines of this folder read on a part. */
import type { Figures } from '../matching/canonical';
import type { MarksOf } from '../fields/mark-types';
import type { contactRatings, forms, pilotDuty } from '../fields/relay-fields';
import type { Need as AnyNeed, RatingBasis as AnyRatingBasis } from '../needs/need';

type Kind = 'ac' | 'dc';
/** Of every contact, of any of them, or of one by its number. */
type Pole = '' | 'any ' | `p${number} `;
/** Marks of how a relay stands in its place. */
export type BaseFigure = 'base' | 'polarity' | 'enclosure';
/** What the canonical form makes of the contacts of a relay: counts by what they can serve, least loads and volts by kind of current. */
export type ContactFigure =
  | keyof MarksOf<readonly [typeof forms, typeof contactRatings, typeof pilotDuty]>
  | 'changeovers'
  | 'makeContacts'
  | 'breakContacts'
  | 'contactsInAll'
  | 'contactsAvailable'
  | 'doubleMakeContacts'
  | 'eitherWayRound'
  | 'positivePins'
  | 'workingPins'
  | 'ratings'
  | `${Pole}${Kind} ${'least' | 'least of signals' | 'contact volts'}`;
export type Need = AnyNeed<ContactFigure | BaseFigure>;
export type RatingBasis = AnyRatingBasis<ContactFigure>;
/** Marks of contacts, base and polarity of a relay, whichever family carries them. */
export type ContactSpec = MarksOf<readonly [typeof forms, typeof contactRatings, typeof pilotDuty]> &
  Figures<'polarity' | 'positivePin' | 'base'>;
