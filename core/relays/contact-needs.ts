/**
 * Need lines of what each contact switches: current for its kind of load, making current, peak, least load, horsepower.
 * One figure never stands for another kind of load: a motor needs horsepower, a coil needs AC-15, DC-13 or pilot duty.
 * Sources: IEC 60947-5-1, UL 508, NFPA 70 430.83, common practice.
 */
import { certain } from '../certain';
import { numberMark, rowsMark, figuresMark } from '../case/case';
import { field, lineOfWays, needLine } from '../needs/line';
import type { Need, RatingBasis } from './figures';
import { formatQuantity as q } from '../quantities/format-quantity';
import { makingMultiple, pilotDutyRuleVolts } from '../standards/pilot-duty';
import type { SourceId } from '../standards/source';
import type { NeedContext } from '../families/contract';
import { carriedBy, column, horsepowerColumn } from './layout';

/** One contact and what it switches; figures null where the drawing or plate does not tell. */
export type Switched = {
  pole?: number;
  loadType: string | null;
  kind: 'ac' | 'dc';
  volts: number | null;
  amps: number | null | undefined;
  horsepower?: number | null;
  inrushPeakAmps?: number | null;
  inrushVA?: number | null;
  sealedVA?: number | null;
  /** L/R of a DC coil, where it is stated. */
  timeConstantMilliseconds?: number | null;
};

const pilotLoads = new Set(['AC-14', 'AC-15', 'pilot-duty-ac', 'DC-13', 'pilot-duty-dc']);

const number = (mark: unknown) => (typeof mark === 'number' ? mark : mark === null ? null : undefined);
/** The first figure that is known; null where one is worn and none is known, undefined where none was given. */
const firstOf = (...marks: (number | null | undefined)[]): number | null | undefined =>
  marks.find((mark) => typeof mark === 'number') ?? (marks.includes(null) ? null : undefined);

const loadOfLamp: Readonly<Record<string, string>> = {
  filament: 'tungsten',
  'tungsten-halogen': 'tungsten',
  'fluorescent with ballast': 'ballast',
  'discharge with ballast': 'ballast',
  'LED with driver': 'led',
  'LED retrofit': 'led',
};
const coilLoad = (kind: string) => (kind === 'dc' ? 'DC-13' : 'AC-15');
/** Steady current of a load that is stated, or that its watts give. */
function steadyAmps({ supply, load }: NeedContext, kind: 'ac' | 'dc'): number | null | undefined {
  const volts = number(supply.systemVolts) ?? null;
  const watts = number(load.watts);
  // Watts over volts is the current of a resistance and on DC; of anything else it is a lower bound, so the current is not known.
  const unity = kind === 'dc' || load.kind === 'resistive-heater' || load.kind === 'filament-lamps';
  const byWatts = typeof watts === 'number' ? (volts !== null && unity ? watts / volts : null) : watts === null ? null : undefined;
  const stated = (['loadAmps', 'runningAmps', 'ampsPerPole', 'fullLoadAmps', 'resistiveAmps'] as const).find(
    (name) => load[name] !== undefined,
  );
  return firstOf(stated === undefined ? undefined : number(load[stated]), byWatts);
}

type OfLoad = Omit<Switched, 'kind' | 'volts' | 'amps' | 'loadType'> & Partial<Pick<Switched, 'amps'>> & { loadType: string | null };
/** A signal carries what it takes in milliamps; where that is worn, nothing else stands for it. */
const signalAmps = ({ load }: NeedContext, amps: number | null | undefined) => {
  const milliamps = numberMark(load, 'loadMilliamps');
  return typeof milliamps === 'number' ? milliamps / 1000 : (milliamps ?? amps);
};

/** What a kind of load is to a contact; its steady current is `amps` unless said otherwise. */
function byKind(context: NeedContext, kind: 'ac' | 'dc', amps: number | null | undefined): OfLoad {
  const { load } = context;
  const peak = { inrushPeakAmps: number(load.inrushPeakAmps) };
  switch (load.kind) {
    case 'motor-1ph':
    case 'motor-3ph':
    case 'motor-dc':
    case 'motor-group':
    case 'hermetic-compressor': {
      const marks = [load.fullLoadAmps, load.tableFullLoadAmps, load.ratedLoadAmps, load.loadAmps];
      return { loadType: 'motor', amps: firstOf(...marks.map(number)), horsepower: number(load.horsepower) };
    }
    case 'resistive-heater':
      return { loadType: 'resistive', amps: firstOf(number(load.resistiveAmps), amps) };
    case 'filament-lamps':
      return { loadType: 'tungsten', amps: firstOf(number(load.runningAmps), amps), inrushPeakAmps: number(load.coldInrushAmps) };
    case 'discharge-lamps':
      return { loadType: 'ballast', amps: firstOf(number(load.runningAmps), amps), ...peak };
    case 'led-drivers':
      return { loadType: 'led', amps: firstOf(number(load.runningAmps), amps), ...peak };
    case 'transformer':
      return { loadType: 'transformer', ...peak };
    case 'electronic-supply':
    case 'capacitor-bank':
    case 'variable-speed-drive':
    case 'battery-charger':
      return { loadType: 'capacitive', ...peak };
    case 'contactor-coil':
    case 'solenoid': {
      const slow = load.timeConstantMilliseconds;
      return { loadType: coilLoad(kind), ...(slow === undefined ? {} : { timeConstantMilliseconds: number(slow) }) };
    }
    case 'signal':
      return { loadType: 'signal', amps: signalAmps(context, amps) };
    case 'lamp-bank': {
      const lamp = typeof load.lampKind === 'string' ? (loadOfLamp[load.lampKind] ?? null) : null;
      return { loadType: lamp, inrushPeakAmps: number(load.inrushPeakAmps) ?? number(load.coldInrushAmps) };
    }
    default:
      // A current that is stated must be carried; for what kind of load nothing says.
      return { loadType: null };
  }
}

/** What one contact switches where the position has a load but no list of contacts. */
function ofLoad(context: NeedContext): Switched[] {
  const kind = context.supply.currentKind === 'dc' ? 'dc' : 'ac';
  const amps = steadyAmps(context, kind);
  return [{ kind, volts: number(context.supply.systemVolts) ?? null, amps, ...byKind(context, kind, amps) }];
}

/** What the contacts of the position switch; [] where it does not say, null where the list is worn. */
export function switchedOf(context: NeedContext): Switched[] | null {
  const { contacts } = context.load;
  if (contacts === null) return null;
  if (!Array.isArray(contacts)) return ofLoad(context).filter(({ amps, horsepower }) => amps !== undefined || horsepower !== undefined);
  return rowsMark(contacts).map((row) => {
    const load = typeof row.loadType === 'string' ? row.loadType : null;
    const own = row.kind === 'dc' || row.kind === 'DC' || /^(DC-|pilot-duty-dc)/.test(load ?? '') ? 'dc' : 'ac';
    const volts = number(row.volts) ?? null;
    // Which contact it is being worn, it may be any: nothing is asked of one that is surely the right one.
    const wornPole = row.pole === null;
    const sealed = wornPole ? null : number(row.sealedVA);
    const bySealed = typeof sealed === 'number' && volts !== null ? sealed / volts : sealed;
    return {
      ...(typeof row.pole === 'number' ? { pole: row.pole } : {}),
      loadType: load,
      kind: own,
      volts,
      amps: wornPole ? null : firstOf(number(row.amps), bySealed),
      horsepower: wornPole ? null : number(row.horsepower),
      inrushPeakAmps: number(row.inrushPeakAmps),
      inrushVA: number(row.inrushVA),
      sealedVA: sealed,
    };
  });
}

type Ask = { one: Switched; volts: number | null; /** Other loads stand beside it without a pole too. */ several: boolean };
const rating = ({ one, volts }: Ask, what: string, pole: number | 'any' | undefined, factor = 1): RatingBasis['figure'] => ({
  kind: 'rating',
  column: column(one.kind, what, pole),
  minVolts: volts,
  current: one.kind,
  factor,
});
/** Of the pole where it is named, then of every contact; of any pole where none is asked for. */
const places = ({ one }: Ask) => [one.pole, one.pole === undefined ? ('any' as const) : undefined];

/** One of several loads without a pole of its own: which contact serves which is for a person to say. */
const toAssign = {
  verdictCap: 'check',
  verdictCapReason: 'Several loads stand without a pole: give each a contact that is rated for it.',
} as const;

const ampWays = (
  ask: Ask,
  what: string,
  quantity: string,
  limit: number | null,
  more: Partial<RatingBasis> = {},
  factor = 1,
): RatingBasis[] =>
  places(ask).map((pole) => ({
    quantity,
    unit: 'A',
    relation: '>=',
    figure: rating(ask, what, pole, factor),
    limit,
    ...more,
    ...(pole === 'any' && ask.several ? toAssign : {}),
  }));

function pilotWay(ask: Ask, what: 'break' | 'make', amps: number | null): RatingBasis {
  const { one, volts } = ask;
  if (one.kind === 'dc' && volts !== null && volts > 300)
    return { quantity: 'contactAmps', unit: 'A', relation: '>=', figure: rating(ask, 'pilot amps above 300 V', undefined), limit: amps };
  const from = pilotDutyRuleVolts[one.kind];
  return {
    quantity: what === 'break' ? 'contactBreakVA' : 'contactMakeVA',
    unit: 'VA',
    relation: '>=',
    figure: rating(ask, `pilot ${what} VA`, undefined),
    limit: amps === null || volts === null ? null : amps * Math.max(volts, from),
  };
}

const sourceOf = (load: string | null): SourceId =>
  load === 'motor'
    ? 'controllerRating'
    : load !== null && pilotLoads.has(load)
      ? load.startsWith('pilot')
        ? 'pilotDuty'
        : 'contactCategories'
      : 'commonPractice';

function currentNeed(ask: Ask, id: string, name: string): Need {
  const { one } = ask;
  const load = one.loadType;
  const limit = one.amps ?? null;
  const from = load === null ? [] : (carriedBy[load] ?? [load]);
  const ways = from.flatMap((way): RatingBasis[] =>
    way === 'pilot' ? [pilotWay(ask, 'break', limit)] : ampWays(ask, `${way} amps`, 'contactAmps', limit),
  );
  const asked = ways.length > 0 ? ways : ampWays(ask, 'resistive amps', 'contactAmps', null);
  const held = asked.map((way) => withTimeConstant(one, limit, way));
  return lineOfWays(held, {
    id: `${id}-load`,
    anyWay: true,
    brief: name,
    because:
      load === null
        ? `${name}: what it switches is not known.`
        : `${name} switches ${limit === null ? 'an unknown current' : q(limit, 'A')} at ${one.volts === null ? 'unknown volts' : `${q(one.volts, 'V')} ${one.kind.toUpperCase()}`}, ${load}; only a figure for that kind of load and current counts.`,
    source: sourceOf(load),
    inputs: ['load.contacts'],
  });
}

/** DC-13 is tested with a coil whose current takes 6 ms a watt to reach 95 %, 300 ms at the most: three time constants. */
const DC13_MS_PER_WATT = 6;
const DC13_MOST_MS = 300;
const TIME_CONSTANTS_TO_95 = 3;
/** A coil slower than its category was tested with is at best a check. */
function withTimeConstant({ timeConstantMilliseconds: given, volts, kind }: Switched, amps: number | null, way: RatingBasis): RatingBasis {
  if (kind !== 'dc' || given === undefined) return way;
  if (given === null) return { ...way, limit: null };
  const tested = amps === null || volts === null ? DC13_MOST_MS : Math.min(DC13_MOST_MS, DC13_MS_PER_WATT * amps * volts);
  return given * TIME_CONSTANTS_TO_95 <= tested * (1 + 1e-9)
    ? way
    : { ...way, verdictCap: 'check', verdictCapReason: `Its time constant of ${given} ms is longer than the category is tested with.` };
}

/** Contacts above their rated volts do not break the arc, whatever their amps. */
function voltNeeds(list: readonly Switched[]): Need[] {
  return (['ac', 'dc'] as const).flatMap((kind): Need[] => {
    const volts = list.filter((one) => one.kind === kind).map((one) => one.volts);
    if (volts.length === 0) return [];
    const limit = volts.includes(null) ? null : Math.max(...figuresMark(volts));
    return [
      needLine({
        id: `contact-volts-${kind}`,
        group: 'safety',
        safety: true,
        quantity: 'contactVolts',
        unit: 'V',
        figure: field(column(kind, 'contact volts')),
        limit,
        brief: kind.toUpperCase(),
        because:
          limit === null
            ? 'The volts that the contacts switch are not known.'
            : `Up to ${q(limit, 'V')} ${kind.toUpperCase()} is switched; a contact above its rated volts does not put the arc out.`,
        source: 'contactCategories',
        inputs: ['load.contacts', 'supply.systemVolts'],
      }),
    ];
  });
}

/** Several loads need as many contacts: one good contact serves one. */
function countNeed(list: readonly Switched[]): Need[] {
  if (list.length < 2) return [];
  const named = new Set(list.map((one) => one.pole).filter((pole) => pole !== undefined)).size;
  const limit = named + list.filter((one) => one.pole === undefined).length;
  return [
    needLine({
      id: 'contacts-together',
      group: 'fit',
      quantity: 'contactsInAll',
      unit: 'count',
      figure: field('contactsAvailable'),
      limit,
      brief: 'one each',
      because: `${limit} loads are switched, each by a contact of its own.`,
      source: 'commonPractice',
      inputs: ['load.contacts'],
    }),
  ];
}

function motorNeed(context: NeedContext, ask: Ask, id: string, name: string): Need {
  const { one, volts } = ask;
  const hp = one.horsepower;
  const amps = one.amps ?? null;
  const inHorsepower: RatingBasis[] =
    typeof hp === 'number' && volts !== null
      ? places(ask).map((pole) => ({
          quantity: 'contactHorsepower',
          unit: 'hp',
          relation: '>=',
          figure: rating(ask, horsepowerColumn(volts), pole),
          limit: hp,
        }))
      : [];
  const given = context.practice === 'NFPA70' ? { verdictCap: 'check' as const } : {};
  const ways = [
    ...inHorsepower,
    ...ampWays(ask, 'motor hp amps', 'contactMotorAmps', amps),
    ...ampWays(ask, 'motor amps', 'contactMotorAmps', amps, given),
  ];
  return lineOfWays(ways, {
    id: `${id}-motor`,
    brief: name,
    because: `${name} switches a motor of ${typeof hp === 'number' ? q(hp, 'hp') : 'unknown power'}${amps === null ? '' : `, ${q(amps, 'A')}`}: horsepower or motor amps at these volts, never the resistive figure.`,
    source: 'controllerRating',
    inputs: ['load.contacts'],
  });
}

/** A coil takes several times its current while it pulls in; the contact must make it. */
function makingNeed(ask: Ask, id: string, name: string): Need[] {
  const { one, volts } = ask;
  const inrush = one.inrushVA;
  if (inrush === undefined || one.loadType === null || !pilotLoads.has(one.loadType)) return [];
  const amps = inrush === null || volts === null ? null : inrush / volts;
  const from = certain(carriedBy[one.loadType]);
  const ways = from.flatMap((way): RatingBasis[] =>
    way === 'pilot' ? [pilotWay(ask, 'make', amps)] : ampWays(ask, `${way} amps`, 'contactMakingAmps', amps, {}, makingMultiple[way] ?? 1),
  );
  const need = lineOfWays(ways, {
    id: `${id}-making`,
    anyWay: true,
    brief: name,
    because: `${name} makes the coil’s inrush of ${inrush === null ? 'unknown VA' : q(inrush, 'VA')}; AC-15 makes ten times its figure.`,
    source: sourceOf(one.loadType),
    inputs: ['load.contacts'],
  });
  return [need];
}

function peakNeed(ask: Ask, id: string, name: string): Need[] {
  const peak = ask.one.inrushPeakAmps;
  if (peak === undefined || ask.one.loadType === null) return [];
  const need = lineOfWays(ampWays(ask, `${ask.one.loadType} peak`, 'contactPeakAmps', peak), {
    id: `${id}-peak`,
    brief: name,
    because: `${name} sees a peak of ${peak === null ? 'unknown height' : q(peak, 'A')} when it closes: peaks weld.`,
    source: 'commonPractice',
    inputs: ['load.contacts'],
  });
  return [need];
}

function minLoadNeed(ask: Ask, id: string, name: string): Need[] {
  const { one } = ask;
  const amps = one.amps;
  const signal = one.loadType === 'signal';
  if (amps === undefined || (amps === null && !signal)) return [];
  const way = (pole: number | undefined): RatingBasis => ({
    quantity: 'contactLeastAmps',
    unit: 'A',
    relation: '<=',
    figure: field(column(one.kind, signal && pole === undefined ? 'least of signals' : 'least', pole)),
    limit: amps,
  });
  const need = lineOfWays(one.pole === undefined ? [way(undefined)] : [way(one.pole), way(undefined)], {
    id: `${id}-least`,
    severity: signal ? 'must' : 'should',
    brief: name,
    because: `${name} carries ${amps === null ? 'an unknown current' : `only ${q(amps, 'A')}`}: below the least load of a contact its film is not broken, and it fails to make now and then.`,
    source: 'commonPractice',
    inputs: ['load.contacts'],
  });
  return [need];
}

/** Lines of every contact in use, contact by contact. */
export function contactNeeds(context: NeedContext): Need[] {
  const list = switchedOf(context);
  if (list === null)
    return [
      needLine({
        id: 'contacts',
        quantity: 'contactAmps',
        limit: null,
        figure: { kind: 'rating', column: 'resistive amps', minVolts: null, current: 'ac', factor: 1 },
        because: 'What the contacts switch is not known.',
        source: 'commonPractice',
        inputs: ['load.contacts'],
      }),
    ];
  const several = list.filter((one) => one.pole === undefined).length > 1;
  const each = list.flatMap((one, i): Need[] => {
    const id = `contact-${i + 1}`;
    const name = one.pole === undefined ? (list.length === 1 ? 'The contact' : `Contact ${i + 1} of the list`) : `Pole ${one.pole}`;
    const ask = { one, volts: one.volts, several };
    // Any contact carries a signal; whether it makes it surely is its least load.
    const current =
      one.loadType === 'signal' ? undefined : one.loadType === 'motor' ? motorNeed(context, ask, id, name) : currentNeed(ask, id, name);
    const needs = [...(current ? [current] : []), ...makingNeed(ask, id, name), ...peakNeed(ask, id, name), ...minLoadNeed(ask, id, name)];
    return list.length > 1 || one.pole !== undefined ? needs.map((need) => ({ ...need, about: name })) : needs;
  });
  return [...voltNeeds(list), ...countNeed(list), ...each];
}

/** Lines of the contacts that are asked whatever the parts carry: volts, current in their own kind of load, contacts by form. */
export const contactLines: readonly RegExp[] = [
  /^(contacts|contacts-together)$/,
  /^contact-volts-(ac|dc)$/,
  /^contact-\d+-(load|motor|making|least)$/,
  /^(contact-forms|changeovers|make-contacts|break-contacts|contacts-in-all|double-make)$/,
];
