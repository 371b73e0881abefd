/**
 * One form of a breaker's spec for judging: edges of its instantaneous band in amps, breaking capacity of its own standard,
 * volts between lines and to earth, DC rows with the poles they need, duty marks with what they cover.
 * Sources: IEC 60898-1 and -2, IEC 60947-2, NFPA 70 240.83 and 240.85, all through core/standards.
 */
import { isOneOf, keysOf } from '../certain';
import { rowsMark, wordsMark } from '../case/case';
import type { CanonicalOvercurrent, OvercurrentSpec } from './figures';
import { instantaneousAc, instantaneousDc, serviceCapacityAmps } from '../standards/breaker-gates';
import { ARC_ENERGY_FROM_AMPS, groundFaultEquipment } from '../standards/ground-fault';
import { cleanMarks, currentKindsOf, flagWord } from '../families/normalise-spec';

type Row = Record<string, unknown>;
/** On DC a release made for AC trips at up to this many times its AC figure. Common practice. */
const DC_SHIFT = 1.4;

/** Beyond what it surely holds nothing is published: it may hold any current. Never shown. */
const OPEN_EDGE = 1e9;

const isFigure = (mark: unknown) => typeof mark === 'number';
const textOf = (mark: unknown) => (typeof mark === 'string' ? mark : '');

/** Letter of the band, from its own field or the end of the release's name; null where worn or none is printed. */
function letterOf(spec: OvercurrentSpec): string | null | undefined {
  const release = textOf(spec.technology);
  const own = spec.curve;
  if (typeof own === 'string' && own !== 'none') return own;
  const tail = /\s([BCDKZ])$/.exec(release)?.[1];
  if (tail) return tail;
  return own === undefined && spec.technology === undefined ? undefined : null;
}

/** K, Z, MA and every letter on a 60947-2 device are the maker's data. */
const bandOf = (letter: string, standard: string, kind: 'ac' | 'dc') => {
  if (standard.startsWith('IEC 60947-2') || !isOneOf(keysOf(instantaneousAc), letter)) return null;
  if (kind === 'ac') return instantaneousAc[letter];
  if (standard.includes('60898') && standard !== 'IEC 60898-1')
    return isOneOf(keysOf(instantaneousDc), letter) ? instantaneousDc[letter] : null;
  const [low, high] = instantaneousAc[letter];
  return [low, high * DC_SHIFT] as const;
};

/** Edges that the maker states stand before those of the letter. */
function makersEdges({ instantaneousHoldsAmps: holds, instantaneousTripsAmps: trips }: OvercurrentSpec): CanonicalOvercurrent {
  const plain = (mark: unknown) => (typeof mark === 'number' ? mark : null);
  return {
    ...(holds === undefined ? {} : { instantaneousHoldsAc: plain(holds) }),
    ...(trips === undefined ? {} : { instantaneousTripsAc: plain(trips), fiveSecondEdgeAc: plain(trips) }),
  };
}

function edges(spec: OvercurrentSpec): CanonicalOvercurrent {
  const letter = letterOf(spec);
  const own = makersEdges(spec);
  const amps = spec.ratedAmps;
  const known = typeof amps === 'number';
  if (letter === undefined && !known) return own;
  const out: CanonicalOvercurrent = {};
  for (const kind of ['ac', 'dc'] as const) {
    const band = letter === null || letter === undefined ? null : bandOf(letter, textOf(spec.standard), kind);
    const name = kind === 'ac' ? 'Ac' : 'Dc';
    const ready = band && known;
    // Where the band is the maker's data, or not read, it still holds its rated current; beyond that nothing is published.
    out[`instantaneousHolds${name}`] = ready ? band[0] * amps : known ? amps : null;
    if (!ready && known) out[`instantaneousOpen${name}`] = OPEN_EDGE;
    if (letter === undefined) continue;
    out[`instantaneousTrips${name}`] = ready ? band[1] * amps : null;
    // Within 5 s the thermal part of a C or D may help; how far is the publication's or the maker's figure.
    out[`fiveSecondEdge${name}`] = ready ? (letter === 'B' ? band[1] : band[0]) * amps : null;
  }
  return { ...out, ...own };
}

function capacities(spec: OvercurrentSpec): CanonicalOvercurrent {
  const standard = textOf(spec.standard);
  const { icnAmps, icuAmps, icsAmps } = spec;
  const carries = [icnAmps, icuAmps].some((mark) => mark !== undefined);
  if (!carries) return icsAmps === undefined ? {} : { serviceAmps: icsAmps };
  const own =
    spec.standard === null
      ? null
      : standard.startsWith('IEC 60947')
        ? icuAmps
        : standard.startsWith('IEC 60898')
          ? icnAmps
          : standard.startsWith('UL')
            ? undefined
            : icnAmps !== undefined && icuAmps !== undefined && icnAmps !== icuAmps
              ? null
              : (icuAmps ?? icnAmps);
  const derived = standard.startsWith('IEC 60898') && typeof icnAmps === 'number' ? serviceCapacityAmps(icnAmps) : undefined;
  const service = icsAmps !== undefined && icsAmps !== null && icsAmps !== 'none' ? icsAmps : (derived ?? icsAmps);
  return {
    ...(own === undefined ? {} : { breakingAmps: own === false ? 'none' : own }),
    ...(service === undefined ? {} : { serviceAmps: service }),
  };
}

/** Interrupting by volts as rating rows, AC and DC in columns of their own; what is unmarked is told apart from what is worn. */
function interrupting(spec: OvercurrentSpec): CanonicalOvercurrent {
  const ac = spec.interruptingRatings;
  const dc = spec.dcRatings;
  const rows: Row[] = [];
  if (Array.isArray(ac))
    for (const row of rowsMark(ac)) {
      const kind = row.kind === null || row.kind === 'none' ? null : wordsMark(currentKindsOf(row.kind ?? 'ac'));
      for (const one of kind ?? ['ac', 'dc'])
        rows.push({
          volts: row.volts,
          kind: kind === null ? null : one,
          polesInSeries: 1,
          ...(one === 'ac' ? { acInterruptingAmps: row.amps ?? null } : { dcInterruptingAmps: row.amps ?? null, dcVolts: row.volts }),
        });
    }
  if (Array.isArray(dc))
    for (const row of rowsMark(dc))
      rows.push({
        volts: row.volts,
        kind: 'dc',
        // A row without the figure holds for one pole; worn or "none" it holds for nobody knows how many.
        polesInSeries: row.polesInSeries === undefined ? 1 : typeof row.polesInSeries === 'number' ? row.polesInSeries : null,
        dcVolts: row.volts,
        dcInterruptingAmps: row.interruptingAmps === undefined ? null : row.interruptingAmps,
      });
  const acNone = ac === 'none' || ac === false || (Array.isArray(ac) && ac.length === 0);
  const dcNone = dc === 'none' || dc === false || (Array.isArray(dc) && dc.length === 0);
  // What is unmarked counts by a rule for branch breakers alone; a worn standard does not say that it is one.
  const supplementary = spec.standard === null || ['UL 1077', 'IEC 60934'].includes(textOf(spec.standard));
  return {
    ...(rows.length > 0 ? { ratings: rows } : ac === null || dc === null ? { ratings: null } : {}),
    // Which of the two lists is worn or absent: rows of one say nothing of the other.
    ...(ac === null || acNone ? { acInterruptingMark: ac === null || supplementary ? null : 'none' } : {}),
    ...(dc === null || dcNone ? { dcRatingMark: dc === null ? null : 'none' } : {}),
  };
}

/** A breaker for DC alone without rows: its volts and its breaking capacity are DC figures. */
function dcAlone(spec: OvercurrentSpec, kindList: unknown): CanonicalOvercurrent {
  const alone = Array.isArray(kindList) && kindList.length === 1 && kindList[0] === 'dc';
  if (!alone || spec.dcRatings !== undefined) return {};
  const breaks = spec.icuAmps ?? spec.icnAmps;
  return {
    ...(spec.ratedVoltsLineToLine === undefined ? {} : { voltsDcAlone: spec.ratedVoltsLineToLine }),
    ...(breaks === undefined ? {} : { breakingDcAlone: breaks }),
  };
}

/**
 * Poles in series that a DC current meets: all of them, those of one line, and the fewer of the two lines. Where nothing says how they
 * are connected and both lines are opened, one line has half of them, and at the most all but one.
 */
export function seriesPoles(spec: OvercurrentSpec): CanonicalOvercurrent {
  const { poles, polesInPositive: plus, polesInNegative: minus } = spec;
  if (poles === undefined && plus === undefined && minus === undefined) return {};
  const given = plus !== undefined || minus !== undefined;
  const of = (mark: unknown) => (mark === undefined || mark === 'none' ? 0 : mark);
  const [p, m] = [of(plus), of(minus)];
  const known = typeof p === 'number' && typeof m === 'number';
  const line = (name: string, own: unknown): CanonicalOvercurrent => ({ [name]: own, [`${name}Half`]: own, [`${name}Most`]: own });
  if (given)
    return {
      seriesTotal: known ? p + m : null,
      ...line('seriesPositive', plus === undefined ? null : p),
      ...line('seriesNegative', minus === undefined ? null : m),
      seriesEachLine: known ? Math.min(p, m) : null,
    };
  const half = typeof poles === 'number' ? Math.floor(poles / 2) : null;
  const most = typeof poles === 'number' ? Math.max(poles - 1, 0) : null;
  const open = (name: string): CanonicalOvercurrent => ({ [name]: poles, [`${name}Half`]: half, [`${name}Most`]: most });
  return { seriesTotal: poles, ...open('seriesPositive'), ...open('seriesNegative'), seriesEachLine: half };
}

function volts(spec: OvercurrentSpec): CanonicalOvercurrent {
  const { ratedVoltsLineToLine: between, ratedVoltsLineToGround: ground, slash } = spec;
  if (between === undefined && ground === undefined && slash === undefined) return {};
  const isSlash = slash === true || (slash === undefined && typeof ground === 'number' && typeof between === 'number' && ground < between);
  // A worn lower figure may be that of a slash rating.
  const open = (slash === null && !(typeof between === 'number' && ground === between)) || (slash === undefined && ground === null);
  const word = open ? null : isSlash ? 'slash' : 'straight';
  return {
    slashMark: between === null && slash === undefined ? null : word,
    ...(between !== undefined ? { voltsBetween: between } : typeof ground === 'number' ? { voltsBetween: ground } : {}),
    voltsToEarth: word === null ? null : isSlash ? (typeof ground === 'number' ? ground : null) : (between ?? ground),
  };
}

/**
 * Kinds of current: marked, by a standard for one of them, else by what it prints: rows, a slash rating, and Icn or Icu, which are AC
 * figures beside DC rows of their own. Those leave the other kind open.
 */
function kinds(spec: OvercurrentSpec): CanonicalOvercurrent {
  const given = currentKindsOf(spec.currentKinds === false ? 'none' : spec.currentKinds);
  if (given !== undefined) return { currentKinds: given };
  const standard = textOf(spec.standard);
  if (standard === 'IEC 60898-1') return { currentKinds: ['ac'] };
  if (standard === 'IEC 60898-1/-2' || standard === 'IEC 60898-2') return { currentKinds: ['ac', 'dc'] };
  if (standard === 'IEC 60898-3') return { currentKinds: ['dc'] };
  const listed = (mark: unknown): mark is Row[] => Array.isArray(mark) && mark.length > 0;
  const ofRows = listed(spec.interruptingRatings)
    ? spec.interruptingRatings.flatMap((row) => wordsMark(currentKindsOf(row.kind ?? 'ac')))
    : [];
  const found = [
    ...new Set([
      ...ofRows,
      ...(spec.slash === true || isFigure(spec.icnAmps) || isFigure(spec.icuAmps) ? ['ac'] : []),
      ...(listed(spec.dcRatings) ? ['dc'] : []),
    ]),
  ];
  return found.length > 0 ? { currentKinds: found, currentKindsPerhaps: ['ac', 'dc'] } : {};
}

function marks(spec: OvercurrentSpec): unknown {
  if (!Array.isArray(spec.marks)) return spec.marks;
  // A breaker for high-intensity discharge lamps serves fluorescent lamps too (240.83(D)), not the other way.
  return [...new Set(spec.marks.flatMap((mark: unknown) => (mark === 'HID' ? ['HID', 'SWD'] : [mark])))];
}

/**
 * What the device is set to carry, and what it counts as against its conductor. IEC: as set. NFPA 240.6: its highest possible
 * setting, unless access to the setting is restricted.
 */
function settings(spec: OvercurrentSpec): CanonicalOvercurrent {
  const { ratedAmps: rated, longTimeSettingAmps: set, settingAccessRestricted: restricted } = spec;
  if (rated === undefined) return {};
  const own = typeof set === 'number' && typeof rated === 'number' ? Math.min(set, rated) : set === null ? null : rated;
  return {
    setAmps: own,
    countsAsAmps: restricted === true ? own : restricted === null && set !== undefined ? null : rated,
  };
}

/** Earth-fault function and arc-energy means, where the rating is one that asks for them. */
function largeDisconnect(spec: OvercurrentSpec): CanonicalOvercurrent {
  const { ratedAmps, groundFaultPickupAmps: pickup, groundFaultSeconds: delay, arcEnergyReduction: means } = spec;
  const from = (least: number) => typeof ratedAmps !== 'number' || ratedAmps >= least;
  const plain = (mark: unknown) => (mark === false ? 'none' : mark);
  const use = (least: number) =>
    typeof ratedAmps === 'number' && ratedAmps < least ? 'not from its rating' : ratedAmps === null ? null : 'asked';
  return {
    groundFaultUse: use(groundFaultEquipment.fromRatedAmps),
    arcEnergyUse: use(ARC_ENERGY_FROM_AMPS),
    ...(pickup !== undefined && from(groundFaultEquipment.fromRatedAmps) ? { gfpePickupAmps: plain(pickup) } : {}),
    ...(delay !== undefined && from(groundFaultEquipment.fromRatedAmps) ? { gfpeSeconds: plain(delay) } : {}),
    ...(means !== undefined && from(ARC_ENERGY_FROM_AMPS)
      ? { arcEnergyMeans: means === null ? null : Array.isArray(means) && means.length > 0 ? 'provided' : 'none provided' }
      : {}),
  };
}

/** Returns the canonical form. The input is not changed. */
export function canonicalBreaker(spec: OvercurrentSpec): CanonicalOvercurrent {
  const clean = cleanMarks(spec);
  const list = marks(spec);
  const kindList = kinds(spec);
  const counts = settings(spec);
  const only = spec.instantaneousOnly === true || spec.curve === 'MA' || spec.technology === 'magnetic';
  const combination = spec.partOfListedCombination;
  const corner =
    typeof spec.poles === 'number' && spec.poles !== 2
      ? 'not a two-pole'
      : list === undefined
        ? undefined
        : Array.isArray(list) && list.includes('1ph-3ph')
          ? 'marked'
          : list === null
            ? null
            : 'not marked';
  return {
    ...clean,
    ...edges(spec),
    ...capacities(spec),
    ...interrupting(spec),
    ...dcAlone(spec, kindList.currentKinds),
    ...seriesPoles(spec),
    ...volts(spec),
    ...settings(spec),
    ...largeDisconnect(spec),
    ...(typeof spec.seriesRatedAmps === 'number' && typeof spec.seriesRatedWith === 'string' ? { seriesAmps: spec.seriesRatedAmps } : {}),
    deviceKind: 'breaker',
    // Only IEC states a service capacity beside the ultimate one.
    serviceUse: textOf(spec.standard).startsWith('IEC 6') ? 'stated' : 'not of its standard',
    ...kindList,
    ...(list === undefined ? {} : { marks: Array.isArray(list) && list.length === 0 ? 'none' : list }),
    ...(spec.polaritySensitive === undefined ? {} : { polarity: flagWord(spec.polaritySensitive, 'polarised', 'either way') }),
    ...(spec.itSystemMark === undefined
      ? {}
      : { itMark: spec.itSystemMark === 'none' || spec.itSystemMark === false ? 'not marked' : spec.itSystemMark }),
    ...(corner === undefined ? {} : { cornerMark: corner }),
    ...(spec.hundredPercentRated === true && counts.setAmps !== undefined ? { ratedAmps100: counts.setAmps } : {}),
    ...(only || counts.countsAsAmps === undefined ? {} : { inverseTimeAmps: counts.countsAsAmps }),
    ...(spec.instantaneousOnly === null
      ? { instantaneousUse: null }
      : only
        ? { instantaneousUse: combination === null ? null : combination === true ? 'listed combination' : 'instantaneous only, by itself' }
        : // The flag is false where it is absent.
          { instantaneousUse: 'has an overload release' }),
  };
}
