/**
 * Contacts of a relay in one form for judging: how many of each form, and ratings as rows by volts with a column for each kind
 * of load. A column begins with the pole where its row names one. A kind of current for which a legible plate has no row
 * at all is "none" in every column; a kind of load without a row is not carried, so not known.
 */
import { figuresMark, rowsMark } from '../case/case';
import { certain } from '../certain';
import { contactLoads } from '../fields/relay-fields';
import type { Figures } from '../matching/canonical';
import type { BaseFigure, ContactFigure, ContactSpec } from './figures';
import { pilotDutyAc, pilotDutyDc, pilotDutyOf } from '../standards/pilot-duty';
import { ampsOfHorsepowerRating } from '../standards/motor-tables';
import { voltageClassOf } from '../standards/voltage-class';
import { kindOf } from '../coils/layout';

type Row = Record<string, unknown>;
const MAX_VOLTS = 1500;

type Current = 'ac' | 'dc';
const currents = ['ac', 'dc'] as const;

/** Names under which a relay's canonical form holds its contacts and the pins of its coil. Example: 'ratings.p1 ac AC-15 amps'. */
export const contactNames = /^(?:(?:ratings\.)?(?:p\d+ |any )?(?:ac|dc) [\w -]+|positivePins|workingPins)$/;

/** Column of a figure for one kind of current; `pole` undefined: for every contact, 'any': of any pole. */
export const column = <const What extends string>(kind: Current, what: What, pole?: number | 'any') =>
  `${pole === undefined ? '' : pole === 'any' ? ('any ' as const) : (`p${pole} ` as const)}${kind} ${what}` as const;
/** Contacts are marked 125 and 250 V where the systems have 120 and 240. UL 508, from memory. */
const markedFor: Readonly<Record<number, number>> = { 125: 120, 250: 240 };
const motorClass = (volts: number) => voltageClassOf(markedFor[volts] ?? volts)?.column;
/** Column of horsepower at the volts of one class, since a horsepower holds for its own volts. */
export const horsepowerColumn = (volts: number): string => `motor hp at ${motorClass(volts) ?? volts}`;

/** Ratings that may carry a kind of load, the plainest first; `pilot` is the designation of the part. */
export const carriedBy: Readonly<Record<string, readonly string[]>> = {
  resistive: ['resistive', 'AC-12', 'DC-12', 'general-use'],
  'AC-12': ['AC-12', 'resistive', 'general-use'],
  'DC-12': ['DC-12', 'resistive', 'general-use'],
  'AC-14': ['AC-14', 'AC-15', 'pilot'],
  'AC-15': ['AC-15', 'pilot', 'pilot-duty-ac'],
  'pilot-duty-ac': ['pilot', 'pilot-duty-ac', 'AC-15'],
  'DC-13': ['DC-13', 'pilot', 'pilot-duty-dc'],
  'pilot-duty-dc': ['pilot', 'pilot-duty-dc', 'DC-13'],
  signal: ['signal', 'resistive', 'AC-12', 'DC-12', 'general-use'],
};

const kindOfLoad = (load: unknown): 'ac' | 'dc' => (/^(DC-|pilot-duty-dc)/.test(String(load)) ? 'dc' : 'ac');

function contactRow(row: Row): Row {
  // A row of a pole that cannot be read may be of any pole: nobody knows for which volts it answers there.
  const wornPole = row.pole === null || row.pole === 'none';
  const volts = typeof row.volts === 'number' && !wornPole ? row.volts : null;
  const kind = row.kind === undefined ? kindOfLoad(row.loadType) : kindOf(row.kind);
  const load = typeof row.loadType === 'string' ? row.loadType : undefined;
  const pole = typeof row.pole === 'number' ? row.pole : undefined;
  const known = kind === 'ac' || kind === 'dc' || kind === 'ac/dc';
  const out: Row = { volts, kind: known ? kind : null, polesInSeries: 1 };
  const put = (what: string, mark: unknown) => {
    if (mark === undefined) return;
    for (const current of currents) {
      if (out.kind !== null && out.kind !== current && out.kind !== 'ac/dc') continue;
      out[column(current, what, pole)] = mark;
      // A need of any contact takes the figure of any pole.
      if (pole !== undefined) out[column(current, what, 'any')] = mark;
    }
  };
  if (load === undefined) return out;
  // That the plate speaks of this kind of load at all.
  put(`${load} row`, 1);
  put(`${load} amps`, row.amps);
  put(`${load} peak`, row.inrushPeakAmps);
  if (row.horsepower !== undefined) {
    if (volts !== null) put(horsepowerColumn(volts), row.horsepower);
    const table = motorClass(volts ?? 0);
    const amps = typeof row.horsepower === 'number' && table ? ampsOfHorsepowerRating(row.horsepower, table, 1) : undefined;
    put('motor hp amps', row.horsepower === 'none' ? 'none' : (amps ?? null));
  }
  return out;
}

/**
 * What a plate is silent on. A kind of current without any row on a legible list: no such rating. A kind of load that nothing
 * on the plate speaks of has no figure here, and so is not known.
 */
function silentRow(kind: Current, given: readonly Row[], legible: boolean): Row {
  const names = new Set(given.flatMap((row) => Object.keys(row)).map((name) => name.replace(/^(any|p\d+) /, '')));
  const has = (load: string) =>
    load === 'pilot' ? names.has(`${kind} pilot break VA`) : [...names].some((name) => name.startsWith(`${kind} ${load} `));
  const speaks = [...contactLoads, 'pilot'].some(has);
  if (!speaks && legible)
    return {
      volts: MAX_VOLTS,
      kind,
      polesInSeries: 1,
      ...Object.fromEntries(contactLoads.map((load) => [column(kind, `${load} amps`), 'none'])),
    };
  return {};
}

function pilotRow(code: unknown): Row[] {
  const duty = pilotDutyOf(code);
  if (!duty)
    return code === null
      ? currents.map((kind) => ({ volts: null, kind, polesInSeries: 1, [`${kind} pilot break VA`]: null, [`${kind} pilot make VA`]: null }))
      : [];
  const ac = pilotDutyAc[duty.letter];
  const dc = pilotDutyDc[duty.letter];
  const row = { volts: duty.volts, kind: duty.kind, polesInSeries: 1 };
  if (ac) return [{ ...row, 'ac pilot break VA': ac.breakVA, 'ac pilot make VA': ac.makeVA }];
  // Above 300 V a DC code gives amps, not VA.
  return [
    { ...row, volts: Math.min(duty.volts, 300), 'dc pilot break VA': certain(dc).breakVA, 'dc pilot make VA': certain(dc).breakVA },
    ...(duty.volts > 300 ? [{ ...row, 'dc pilot amps above 300 V': certain(dc).ampsTo600 }] : []),
  ];
}

/** The largest figure; null where a mark is worn or says nothing, which is never taken as no least load at all. */
const largest = (marks: readonly unknown[]): number | null =>
  marks.every((mark): mark is number => typeof mark === 'number') ? Math.max(...figuresMark(marks)) : null;

/** Highest volts of the contacts by kind of current: of the rows and of the pilot duty; null where a worn head leaves it open. */
function contactVolts(rows: readonly Row[], legible: boolean): Figures<ContactFigure | BaseFigure> {
  const out: Figures<ContactFigure | BaseFigure> = {};
  for (const kind of currents) {
    const suiting = rows.filter((row) => row.kind === kind || row.kind === 'ac/dc');
    const volts = suiting.map((row) => row.volts).filter((mark): mark is number => typeof mark === 'number');
    const open = suiting.length > volts.length || rows.some((row) => row.kind === null);
    const name = column(kind, 'contact volts');
    if (volts.length > 0) out[name] = Math.max(...volts);
    else if (open) out[name] = null;
    else if (legible) out[name] = 'none';
  }
  return out;
}

/** Least load by kind of current: of the rows for signals where there are any, else the largest that any row names. */
function minLoads(rows: readonly Row[]): Figures<ContactFigure | BaseFigure> {
  const out: Figures<ContactFigure | BaseFigure> = {};
  for (const kind of currents) {
    const suiting = rows.filter((row) => {
      const own = row.kind === undefined ? kindOfLoad(row.loadType) : kindOf(row.kind);
      return (own === kind || own === 'ac/dc' || own === null || own === 'none') && row.minimumAmps !== undefined;
    });
    // The least load decides for a signal whatever kind of current its row is of.
    const any = suiting.length > 0 ? suiting : rows.filter((row) => row.minimumAmps !== undefined);
    // A signal must have one: what states none is not known.
    out[column(kind, 'least of signals')] = null;
    const poles = [undefined, ...new Set(suiting.map((row) => row.pole).filter((pole) => typeof pole === 'number'))];
    for (const pole of poles) {
      const own = suiting.filter((row) => pole === undefined || row.pole === pole || row.pole === undefined);
      const signals = own.filter((row) => row.loadType === 'signal');
      const marks = (signals.length > 0 ? signals : own).map((row) => row.minimumAmps);
      if (marks.length === 0) continue;
      out[column(kind, 'least', pole as number | undefined)] = largest(marks);
    }
    const signals = any.filter((row) => row.loadType === 'signal');
    const marks = (signals.length > 0 ? signals : any).map((row) => row.minimumAmps);
    if (marks.length > 0) out[column(kind, 'least of signals')] = largest(marks);
  }
  return out;
}

/** Ratings of contacts and pilot duty as rows. */
export function contactRatingLayout(spec: ContactSpec): Figures<ContactFigure | BaseFigure> {
  const { contactRatings, pilotDuty } = spec;
  if (contactRatings === undefined && pilotDuty === undefined) return {};
  const pilot = pilotRow(pilotDuty);
  if (contactRatings === null && pilot.length === 0) return { ratings: null };
  const given = rowsMark(contactRatings);
  const legible = Array.isArray(contactRatings) || contactRatings === 'none' || contactRatings === false;
  const rows = [...given.map(contactRow), ...pilot];
  const named = new Set(given.map((row) => row.pole).filter((pole) => typeof pole === 'number')).size;
  return {
    ratings: [...rows, ...currents.map((kind) => silentRow(kind, rows, legible))],
    ...contactVolts(rows, legible),
    ...minLoads(given),
    ...(named > 0 ? { contactsAvailable: named } : {}),
  };
}

const count = (mark: unknown) => (typeof mark === 'number' ? mark : 0);

/** Counts of contacts by what they can serve: a changeover serves as a make or as a break contact. */
export function contactFormLayout(spec: ContactSpec): Figures<ContactFigure | BaseFigure> {
  const forms = spec.contactForms;
  if (forms === undefined) return {};
  const names = ['changeovers', 'makeContacts', 'breakContacts', 'contactsInAll', 'contactsAvailable', 'doubleMakeContacts'];
  if (forms === null) return Object.fromEntries(names.map((name) => [name, null]));
  const by = (typeof forms === 'object' && !Array.isArray(forms) ? forms : {}) as Row;
  if (Object.values(by).includes(null)) return Object.fromEntries(names.map((name) => [name, null]));
  const [changeovers, makes, breaks, double] = [count(by.SPDT), count(by['SPST-NO']), count(by['SPST-NC']), count(by['SPST-NO-DM'])];
  return {
    changeovers,
    makeContacts: changeovers + makes + double,
    breakContacts: changeovers + breaks,
    contactsInAll: changeovers + makes + breaks + double,
    contactsAvailable: changeovers + makes + breaks + double,
    doubleMakeContacts: double,
  };
}

const ALL_PINS = Array.from({ length: 14 }, (_, i) => i + 1);

/** What polarity asks of the wiring: any way round, one pin to plus, or one pin to plus for the lamp alone. */
export function polarityLayout(spec: ContactSpec): Figures<ContactFigure | BaseFigure> {
  const { polarity, positivePin } = spec;
  if (polarity === undefined) return {};
  const kind = polarity === false ? 'none' : polarity;
  if (kind === 'none') return { polarity: 'not polarised', eitherWayRound: 'either way round' };
  const pins = typeof positivePin === 'number' ? [positivePin] : null;
  return {
    polarity: kind,
    positivePins: kind === null ? null : pins,
    // A lamp alone stays dark when reversed; the coil still works.
    ...(kind === 'led' ? { workingPins: ALL_PINS, positivePins: pins ?? [0] } : {}),
  };
}

const enclosureOrder = ['open-frame', 'dust-cover', 'flux-proof', 'wash-tight', 'sealed', 'hermetically-sealed'];
/** Enclosures that are at least as tight as this one. */
export const atLeastAsTight = (enclosure: string) => enclosureOrder.slice(enclosureOrder.indexOf(enclosure));
