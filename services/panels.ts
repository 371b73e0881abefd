/** The panels desk: sites, panels and positions, each position with its state worked out from its own plates. */
import { LRUCache } from 'lru-cache';
import { isOneOf } from '../core/certain';
import type { Verdict } from '../core/needs/need';
import { conditionOfPart, wornOutTexts } from '../core/families/contract';
import { familyOf } from '../core/families/registry';
import { contextOf } from '../core/judge-case';
import { askedNeeds, judgePart, wrongLines, type JudgedPart } from '../core/matching/judge';
import { assumedMarks, caseOfSwap, schoolsOf } from '../core/swap/case-from-swap';
import type { Readings } from '../core/readings/reading';
import { endingKinds } from '../core/swap/ending';
import { REPEATS_ASK, YEAR_MS } from '../core/swap/fault-hunt';
import { sayIn } from '../core/language/by-practice';
import { symptomsOf } from '../core/swap/ways-in';
import { emptySwap, type SwapState } from '../core/swap/swap';
import { database } from '../data/connection';
import type { Knex } from 'knex';
import {
  allPanels,
  allSites,
  eventsOfPositions,
  panelsOfSite,
  positionCounts,
  positionsOnPanels,
  positionWithPlace,
  panelWithSite,
  sitesAndPanelCounts,
  type EventRow,
  type PanelRow,
  type PositionRow,
  type SiteRow,
} from '../data/positions';
import { openSwapsAt } from '../data/swaps';
import { openLines } from '../data/settlements';
import { openPointOf, type OpenPoint } from './open-points';
import { suppliedReadings } from './supply-paths';

/** `fits`, `check`, `not-known`: as the part fitted was judged, where nothing else is to be said; `never-judged`: nothing of it has been read. */
export type PositionState =
  'fits' | 'check' | 'not-known' | 'never-judged' | 'swap-open' | 'wrong-part' | 'spent-part' | 'open-point' | 'repeat-failure' | 'waiting';
export type PositionView = {
  id: string;
  tag: string;
  function: string;
  family: string;
  rating: string;
  rail: number;
  states: PositionState[];
  onTheBench: boolean;
  deviceName: string;
  fittedOn: string | null;
  load: string;
  /** How the part fitted was judged by what is read; null where nothing of it is, or its kind is not judged. */
  judged: { verdict: Verdict; unknown: number } | null;
  /** What it may do, to start from, where it has failed again and again. */
  symptoms: { id: string; title: string }[];
  /** It is safe and waits for a part: what is ordered. */
  waiting: string | null;
  wrong: string[];
  /** What was read on the part fitted and says that it is spent. */
  spent: string[];
  /** What was signed here as not known and is not settled yet. */
  openPoints: OpenPoint[];
  swapId: string | null;
  history: { at: string; kind: EventRow['kind']; text: string; recordId: string | null }[];
};
export type PanelView = {
  id: string;
  name: string;
  note: string;
  rails: number;
  /** How many positions it has; they are not among `positions` where another panel of a large site is open. */
  count: number;
  positions: PositionView[];
};
export type SiteView = {
  id: string;
  name: string;
  practice: SiteRow['practice'];
  timeZone: string;
  /** How many panels it has; none of them is among `panels` where another site of a large plant is open. */
  count: number;
  panels: PanelView[];
};

/** What of a position it is judged by. */
type Judgeable = Pick<PositionRow, 'family' | 'load_kind' | 'readings' | 'hazards'>;

/** The state of a swap as a position's own record would open it. */
export const swapStateOf = (position: Judgeable, supplied: Readings = {}): SwapState => ({
  ...emptySwap(position.family, position.load_kind ?? ''),
  load: position.readings.load ?? {},
  duty: position.readings.duty ?? {},
  supply: { ...supplied, ...position.readings.supply },
  removed: position.readings.removed ?? {},
  hazards: position.hazards,
});

export type JudgedFitted = JudgedPart & { spent: string[] };

/** Judges what is fitted at a position, or undefined where its family is not on the bench. */
export function judgeFitted(position: Judgeable, site: SiteRow, supplied: Readings = {}): JudgedFitted | undefined {
  const family = familyOf(position.family);
  if (!family || !position.load_kind) return undefined;
  const state = swapStateOf(position, supplied);
  const plain = caseOfSwap(state, site.practice);
  if (!plain.removed) return undefined;
  const spec = family.canonical(plain.removed.spec);
  const context = contextOf(plain, { schools: schoolsOf(state, site.schools), assumed: assumedMarks(state) });
  return {
    ...judgePart(askedNeeds(family.needs(context), [spec]), spec, site.practice),
    spent: wornOutTexts(conditionOfPart(family, context, plain.removed.spec)),
  };
}

type FittedWords = { wrong: string[]; spent: string[]; judged: PositionView['judged'] };
/** What was said of a part fitted holds as long as nothing that it was judged by is another. */
const said = new LRUCache<string, FittedWords>({ max: 20_000 });

/** What is wrong with the part fitted at a position, and what is spent of it, in words. */
function fittedWords(position: PositionRow, site: SiteRow, supplied: Readings): FittedWords {
  const { family, load_kind, readings, hazards } = position;
  const key = JSON.stringify([site.practice, site.schools, family, load_kind, readings, hazards, supplied]);
  const kept = said.get(key);
  if (kept) return kept;
  const judged = judgeFitted(position, site, supplied);
  const words: FittedWords = {
    wrong: judged ? wrongLines(judged).map((line) => line.because) : [],
    spent: judged?.spent ?? [],
    judged: judged ? { verdict: judged.verdict, unknown: judged.lines.filter(({ verdict }) => verdict === 'not-known').length } : null,
  };
  said.set(key, words);
  return words;
}

/** What feeds on this position, in a few words. */
function loadWords({ load_kind, readings }: PositionRow): string {
  const load = readings.load ?? {};
  const value = (id: string) => load[id]?.value;
  const power = value('horsepower')
    ? `${value('horsepower')} hp`
    : value('kilowatts')
      ? `${value('kilowatts')} kW`
      : value('ratedLoadAmps')
        ? `${value('ratedLoadAmps')} A`
        : '';
  const words: Record<string, string> = {
    'motor-3ph': 'three-phase motor',
    'motor-1ph': 'single-phase motor',
    'hermetic-compressor': 'compressor',
    'resistive-heater': 'heater',
    'conductor-feeder': 'circuit',
    'motor-group': 'feeder of several motors',
    'electronic-supply-branch': '24 V branch',
  };
  // An accessory works the breaker; nothing is fed through it.
  if (!load_kind || load_kind === 'air-breaker-accessory') return '';
  const kind = words[load_kind] ?? load_kind.replaceAll('-', ' ');
  const amps = value('loadAmps') ?? value('continuousAmps');
  if (power === '' && value('plateVolts') === undefined) return amps === undefined ? kind : `${kind} of ${amps} A`;
  return `${kind} ${power}, plate ${value('plateVolts') ?? '?'} V`;
}

function viewOf(
  position: PositionRow,
  panel: PanelRow,
  site: SiteRow,
  found: { events: EventRow[]; openPoints: OpenPoint[]; swapId: string | null },
  now: Date,
): PositionView {
  const { events, openPoints, swapId } = found;
  const { wrong, spent, judged } = fittedWords(position, site, suppliedReadings(position, panel, site));
  const faults = events.filter((event) => event.kind === 'fault' && now.getTime() - event.at.getTime() < YEAR_MS).length;
  const states: PositionState[] = [];
  if (swapId) states.push('swap-open');
  if (wrong.length > 0) states.push('wrong-part');
  if (spent.length > 0) states.push('spent-part');
  if (openPoints.length > 0) states.push('open-point');
  if (faults >= REPEATS_ASK) states.push('repeat-failure');
  // Until something else was done there: a fault or a remark meanwhile changes nothing of it.
  const [last] = events.filter(({ kind }) => kind === 'swap' || isOneOf(endingKinds, kind));
  const waiting = last?.kind === 'waiting' ? last.text : null;
  if (waiting) states.push('waiting');
  return {
    id: position.id,
    tag: position.tag,
    function: position.function,
    family: position.family,
    rating: position.rating,
    rail: position.rail,
    states: states.length > 0 ? states : [judged && judged.verdict !== 'fails' ? judged.verdict : 'never-judged'],
    judged,
    waiting,
    symptoms: faults >= REPEATS_ASK ? symptomsOf(position.family).map(({ id, title }) => ({ id, title: sayIn(site.practice, title) })) : [],
    onTheBench: familyOf(position.family) !== undefined && position.load_kind !== null,
    deviceName: position.device_name,
    fittedOn: position.fitted_on?.toISOString() ?? null,
    load: loadWords(position),
    wrong,
    spent,
    openPoints,
    swapId,
    history: events.map((event) => ({
      at: event.at.toISOString(),
      kind: event.kind,
      text: event.text,
      recordId: event.record_id,
    })),
  };
}

/** The positions of these panels, by panel. */
async function positionsBy(knex: Knex, panels: readonly PlacedPanel[], now: Date): Promise<Map<string, PositionView[]>> {
  const positions = await positionsOnPanels(
    knex,
    panels.map(({ panel }) => panel.id),
  );
  const ids = positions.map(({ id }) => id);
  const [events, swaps, open] = await Promise.all([eventsOfPositions(knex, ids), openSwapsAt(knex, ids), openLines(knex, ids)]);
  const swapOf = new Map(swaps.map((swap) => [swap.position_id, swap.id]));
  const [eventsAt, openAt, standing] = [grouped(events, at), grouped(open, at), grouped(positions, ({ panel_id }) => panel_id)];
  return new Map(
    panels.map(({ panel, site }) => [
      panel.id,
      (standing.get(panel.id) ?? []).map((position) => {
        const found = {
          events: eventsAt.get(position.id) ?? [],
          openPoints: (openAt.get(position.id) ?? []).map(openPointOf),
          swapId: swapOf.get(position.id) ?? null,
        };
        return viewOf(position, panel, site, found, now);
      }),
    ]),
  );
}
type PlacedPanel = { panel: PanelRow; site: SiteRow };
const at = ({ position_id }: { position_id: string }): string => position_id;

const panelView = ({ id, name, note, rails }: PanelRow, count: number, positions: PositionView[]): PanelView => ({
  ...{ id, name, note, rails, count, positions },
});
const siteView = ({ id, name, practice, time_zone }: SiteRow, count: number, panels: PanelView[]): SiteView => ({
  ...{ id, name, practice, count, panels },
  timeZone: time_zone,
});

/** Returns every site with its panels and positions. */
export async function panelsDesk(now = new Date()): Promise<SiteView[]> {
  const knex = database();
  const [sites, panels] = await Promise.all([allSites(knex), allPanels(knex)]);
  const bySite = grouped(panels, ({ site_id }) => site_id);
  const placed = sites.flatMap((site) => (bySite.get(site.id) ?? []).map((panel) => ({ panel, site })));
  const positions = await positionsBy(knex, placed, now);
  return sites.map((site) => {
    const own = (bySite.get(site.id) ?? []).map((panel) => {
      const on = positions.get(panel.id) ?? [];
      return panelView(panel, on.length, on);
    });
    return siteView(site, own.length, own);
  });
}

/** So many panels are shown with all that stands in them; of more, what somebody opens. */
const FEW = 40;
export type OpenAt = { site?: string; panel?: string; position?: string };

/** The panel that is opened, with its site: as it is named, by a position in it, or the first of a site. */
async function openedAt(knex: Knex, { site, panel, position }: OpenAt, sites: readonly { site: SiteRow; panels: number }[]) {
  const named = panel === undefined ? undefined : await panelWithSite(knex, panel);
  const by = named ?? (position === undefined ? undefined : await positionWithPlace(knex, position));
  const own = by?.site ?? (sites.find((one) => one.site.id === site) ?? sites.find(({ panels }) => panels > 0))?.site;
  const panels = own ? await panelsOfSite(knex, own.id) : [];
  return { site: own, panels, panel: panels.find(({ id }) => id === by?.panel.id) ?? panels[0] };
}

/** What the panels desk shows: everything of a small plant, and of a large one what stands around the panel that is open. */
export async function homeDesk(opened: OpenAt, now = new Date()): Promise<SiteView[]> {
  const knex = database();
  const sites = await sitesAndPanelCounts(knex);
  if (sites.reduce((sum, { panels }) => sum + panels, 0) <= FEW) return panelsDesk(now);
  const { site: here, panels, panel } = await openedAt(knex, opened, sites);
  if (!here) return sites.map(({ site, panels: count }) => siteView(site, count, []));
  const shown = panels.length <= FEW ? panels : panels.filter((one) => one === panel);
  const [counts, positions] = await Promise.all([
    positionCounts(knex, here.id),
    positionsBy(
      knex,
      shown.map((one) => ({ panel: one, site: here })),
      now,
    ),
  ]);
  const own = panels.map((one) => panelView(one, counts.get(one.id) ?? 0, positions.get(one.id) ?? []));
  return sites.map(({ site, panels: count }) => siteView(site, count, site.id === here.id ? own : []));
}

/** Rows by a word of theirs, in the order in which they come. */
function grouped<T>(rows: readonly T[], word: (row: T) => string): Map<string, T[]> {
  const map = new Map<string, T[]>();
  for (const row of rows) {
    const known = map.get(word(row));
    if (known) known.push(row);
    else map.set(word(row), [row]);
  }
  return map;
}
