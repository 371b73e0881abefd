/**
 * Laws that judging keeps, whatever the case: a false fit is what each of them hunts for.
 * A law takes a random case, parts and a source of chance; it returns nothing where it holds, what it found where it does not, and
 * 'skipped' where the case has nothing to try it on. Sources: the states of a mark and the verdicts of the plain case.
 */
import type { FieldValues, PartSpec, PlainCase } from '@/core/case/case';
import { contextOf, judgeCase, type CaseAnswer } from '@/core/judge-case';
import { familyOf } from '@/core/families/registry';
import { askedNeeds, overallVerdict } from '@/core/matching/judge';
import { rank } from '@/core/matching/rank';
import { compileNeed } from '@/core/matching/evaluate';
import type { Verdict } from '@/core/needs/need';
import { contradictionsOf } from '@/core/supply/earthing';
import { pathsOf, reordered, somePath, valueAt, withMark } from './marks';
import type { Random } from './random';

export type Trial = { plain: PlainCase; specs: readonly PartSpec[]; random: Random };
export type Finding = { before: unknown; after: unknown; what: string };
export type Law = { name: string; check: (trial: Trial) => Finding | 'skipped' | undefined };

/** The better a verdict, the higher. */
export const order: Record<Verdict, number> = { fails: 0, 'not-known': 1, check: 2, fits: 3 };
const withParts = (plain: PlainCase, specs: readonly PartSpec[]): PlainCase => ({
  ...plain,
  candidates: specs.map((spec, i) => ({ id: String(i), spec })),
});
const judge = (plain: PlainCase, specs: readonly PartSpec[]): CaseAnswer['candidates'] => judgeCase(withParts(plain, specs)).candidates;
const one = (plain: PlainCase, spec: PartSpec) => judge(plain, [spec])[0]!;
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
const shown = (plain: PlainCase, ...specs: PartSpec[]) => ({
  practice: plain.practice,
  family: plain.family,
  supply: plain.supply,
  load: plain.load,
  duty: plain.duty,
  specs,
});

const wornMark: Law = {
  name: 'wearing a mark of a part never turns it into a fit',
  check: ({ plain, specs: [spec], random }) => {
    const path = somePath(spec!, random);
    if (!path) return 'skipped';
    const worn = withMark(spec!, path, null);
    const [before, after] = [one(plain, spec!), one(plain, worn)];
    return after.verdict === 'fits' && before.verdict !== 'fits'
      ? { before: shown(plain, spec!), after: shown(plain, worn), what: `${path.join('.')} worn: ${before.verdict} becomes fits` }
      : undefined;
  },
};

const wornPosition: Law = {
  name: 'wearing a mark of the position never turns a part into a fit',
  check: ({ plain, specs: [spec], random }) => {
    const section = random.pick(['supply', 'load', 'duty'] as const);
    const path = somePath(plain[section], random);
    if (!path) return 'skipped';
    const worn = { ...plain, [section]: withMark(plain[section], path, null) };
    const [before, after] = [one(plain, spec!), one(worn, spec!)];
    return after.verdict === 'fits' && before.verdict !== 'fits' && !mayNotApply(section, path)
      ? {
          before: shown(plain, spec!),
          after: shown(worn, spec!),
          what: `${section}.${path.join('.')} worn: ${before.verdict} becomes fits`,
        }
      : undefined;
  },
};
/**
 * Marks of a motor's plate that stand for one another: where one is worn the next in the order of sources decides (plate, letter, ratio,
 * table), which may ask less than a plate that contradicts it.
 */
const standFor = new Set(['lockedRotorAmps', 'codeLetter', 'lockedRotorRatio', 'fullLoadAmps']);
/** In a supply null may also mean that the mark does not apply. */
const notApplying = new Set(['phases', 'hertz', 'controlHertz', 'voltsToGround', 'controlVolts', 'controlKind']);
const mayNotApply = (section: string, path: readonly unknown[]) =>
  (section === 'supply' && notApplying.has(String(path[0]))) || (section === 'load' && standFor.has(String(path[0])));

const noSuchMark: Law = {
  name: 'no such mark never holds where a figure is asked for at least',
  check: ({ plain, specs: [spec], random }) => {
    const family = familyOf(plain.family)!;
    const needs = family
      .needs(contextOf(plain))
      .filter(({ ways: [way] }) => way.figure.kind === 'field' && way.relation === '>=' && way.limit !== null);
    const asked = needs.filter(({ ways: [way] }) => typeof spec![(way.figure as { name: string }).name] === 'number');
    if (asked.length === 0) return 'skipped';
    const need = random.pick(asked);
    const figure = need.ways[0].figure as { name: string; whenNone?: number | null };
    if (typeof figure.whenNone === 'number' || need.ways.length > 1 || need.notApplicableWhen) return 'skipped';
    if (typeof need.ways[0].limit === 'number' && need.ways[0].limit <= 0) return 'skipped';
    const none = { ...spec!, [figure.name]: 'none' };
    const verdict = compileNeed(need).verdict(family.canonical(none));
    return verdict === 'fits'
      ? { before: shown(plain, spec!), after: shown(plain, none), what: `${need.id}: none of ${figure.name} fits` }
      : undefined;
  },
};

/** Ratings of which more is never worse, by family; names in a row stand by themselves. */
const ratings: Readonly<Record<string, readonly string[]>> = {
  contactor: [
    'ac1Amps',
    'ac3Amps',
    'ac3eAmps',
    'ac4Amps',
    'ac5aAmps',
    'ac5bAmps',
    'ac6aAmps',
    'ac6bAmps',
    'ac8aAmps',
    'ac8bAmps',
    'dc1Amps',
    'dc3Amps',
    'dc5Amps',
    'fullLoadAmps',
    'lockedRotorAmps',
    'resistiveAmps',
    'ballastAmps',
    'tungstenAmps',
    'joggingHp',
    'shortCircuitRatingAmps',
    'maxAmbientC',
    'poles',
  ],
  breaker: ['interruptingAmps', 'icuAmps', 'icnAmps', 'icsAmps', 'ratedVoltsLineToLine', 'calibratedAmbientC'],
  'air-breaker': ['icuAmps', 'icsAmps', 'icwAmps', 'icmAmps', 'ratedVoltsLineToLine'],
  fuse: ['voltsAc', 'voltsDc', 'interruptingAmpsAc', 'interruptingAmpsDc', 'meltingI2tA2s'],
  'control-relay': ['maxAmbientC', 'electricalLifeOperations'],
  'timing-relay': ['contactAmps', 'maxAmbientC'],
  'monitoring-relay': ['changeovers', 'tripDelayMaxSeconds'],
  'residual-current': ['ratedVolts', 'conditionalShortCircuitAmps', 'interruptingAmps'],
  'breaker-coil': ['auxNormallyOpen', 'auxNormallyClosed'],
  'run-capacitor': ['ratedVolts', 'maxCaseC'],
};

const lowered: Law = {
  name: 'lowering a rating never improves a verdict',
  check: ({ plain, specs: [spec], random }) => {
    const names = ratings[plain.family] ?? [];
    const paths = pathsOf(spec!).filter((path) => names.includes(String(path.at(-1))) && typeof valueAt(spec, path) === 'number');
    if (paths.length === 0) return 'skipped';
    const path = random.pick(paths);
    const figure = valueAt(spec, path) as number;
    const less = withMark(spec!, path, Number.isInteger(figure) && figure <= 12 ? figure - 1 : figure * random.pick([0.3, 0.6, 0.9]));
    const [before, after] = [one(plain, spec!), one(plain, less)];
    return order[after.verdict] > order[before.verdict]
      ? {
          before: shown(plain, spec!),
          after: shown(plain, less),
          what: `${path.join('.')} lowered: ${before.verdict} becomes ${after.verdict}`,
        }
      : undefined;
  },
};

/** Demands of which more is never easier, from 0 up, by section; those of one family where it is named. */
const demands: readonly (readonly ['supply' | 'load' | 'duty', string, readonly string[] | null])[] = [
  ['supply', 'prospectiveFaultAmps', null],
  ['supply', 'ambientC', ['contactor', 'control-relay', 'timing-relay', 'breaker']],
  ['load', 'polesToSwitch', ['contactor', 'breaker']],
  ['load', 'loadAmps', ['contactor', 'fuse', 'breaker']],
  ['load', 'lockedRotorAmps', ['contactor']],
  ['load', 'auxNormallyOpenNeeded', ['contactor', 'breaker-coil']],
  ['load', 'standingLeakageMilliamps', ['residual-current']],
  ['load', 'caseTemperatureC', ['run-capacitor']],
  ['load', 'contactAmpsNeeded', ['timing-relay']],
  ['duty', 'startsPerHour', null],
  ['duty', 'lifeYearsWanted', null],
];

const raised: Law = {
  name: 'raising a demand never improves a verdict',
  check: ({ plain, specs: [spec], random }) => {
    const found = demands.filter(
      ([section, name, families]) =>
        (!families || families.includes(plain.family)) && typeof plain[section][name] === 'number' && (plain[section][name] as number) >= 0,
    );
    if (found.length === 0) return 'skipped';
    const [section, name] = random.pick(found);
    const figure = plain[section][name] as number;
    const more =
      name === 'polesToSwitch' || name.startsWith('aux')
        ? figure + 1
        : name === 'ambientC'
          ? figure + random.pick([1, 5, 20])
          : figure * random.pick([1.05, 1.5, 4]);
    const harder = { ...plain, [section]: { ...plain[section], [name]: more } };
    const [before, after] = [one(plain, spec!), one(harder, spec!)];
    return order[after.verdict] > order[before.verdict]
      ? {
          before: shown(plain, spec!),
          after: shown(harder, spec!),
          what: `${section}.${name} raised: ${before.verdict} becomes ${after.verdict}`,
        }
      : undefined;
  },
};

const orderSaysNothing: Law = {
  name: 'the order of candidates, rows and fields changes nothing',
  check: ({ plain, specs, random }) => {
    const turned = specs.map((spec, i) => ({ id: String(i), spec: reordered(spec, random) as PartSpec }));
    const mixed: PlainCase = {
      ...plain,
      supply: reordered(plain.supply, random) as FieldValues,
      duty: reordered(plain.duty, random) as FieldValues,
      candidates: random.shuffled(turned),
    };
    const before = judge(plain, specs);
    const after = judgeCase(mixed).candidates;
    const different = before.find(({ id, verdict }) => after.find((part) => part.id === id)!.verdict !== verdict);
    return different
      ? {
          before: shown(plain, ...specs),
          after: shown(mixed, ...mixed.candidates.map(({ spec }) => spec)),
          what: `part ${different.id}: ${different.verdict} becomes another verdict`,
        }
      : undefined;
  },
};

const alone: Law = {
  name: 'another candidate never changes a line that is always asked, and never makes a fit',
  check: ({ plain, specs: [spec, other], random }) => {
    const family = familyOf(plain.family)!;
    const always = new Set(
      family
        .needs(contextOf(plain))
        .filter(({ alwaysAsked }) => alwaysAsked)
        .flatMap(({ ways }) => ways.map(({ quantity }) => quantity)),
    );
    const [single] = judge(plain, [spec!]);
    const beside = judge(plain, random.next() < 0.5 ? [spec!, other!] : [spec!, other!, spec!])[0]!;
    const lines = (part: CaseAnswer['candidates'][0]) => part.lines.filter(({ quantity }) => always.has(quantity));
    if (!same(lines(single!), lines(beside)) && lines(single!).length === lines(beside).length)
      return { before: shown(plain, spec!), after: shown(plain, spec!, other!), what: 'a line that is always asked changed' };
    return order[beside.verdict] > order[single!.verdict]
      ? {
          before: shown(plain, spec!),
          after: shown(plain, spec!, other!),
          what: `${single!.verdict} becomes ${beside.verdict} beside another part`,
        }
      : undefined;
  },
};

const irrelevant: Law = {
  name: 'a mark that is no mark changes nothing',
  check: ({ plain, specs: [spec], random }) => {
    const name = random.pick(['colour', 'note', 'ac3Amp', 'constructor', 'toString', 'maker', '__proto__x']);
    const more = Object.assign(structuredClone(spec!), { [name]: random.pick([1, 'word', null, 'none', [1], true]) });
    return same(one(plain, spec!), one(plain, more))
      ? undefined
      : { before: shown(plain, spec!), after: shown(plain, more), what: `${name} changed the answer` };
  },
};

const acOnly: Law = {
  name: 'what is marked for AC alone never fits on DC',
  check: ({ plain, specs: [spec] }) => {
    const dc: PlainCase = {
      ...plain,
      supply: { ...plain.supply, currentKind: 'dc', grounding: 'dc-ungrounded', phases: null, hertz: null },
      load: { ...plain.load, kind: 'resistive-heater' },
    };
    if (contradictionsOf(dc).length > 0 || !markedForAcAlone(plain.family, spec!)) return 'skipped';
    const { verdict } = one(dc, spec!);
    return verdict === 'fits' || verdict === 'check'
      ? { before: shown(plain, spec!), after: shown(dc, spec!), what: `${verdict} on DC` }
      : undefined;
  },
};
function markedForAcAlone(family: string, spec: PartSpec): boolean {
  if (family === 'contactor')
    return (
      Array.isArray(spec.ratings) &&
      spec.ratings.length > 0 &&
      (spec.ratings as FieldValues[]).every(({ kind }) => kind === undefined || kind === 'ac')
    );
  if (family === 'breaker' || family === 'air-breaker') return same(spec.currentKinds, ['ac']);
  if (family === 'fuse') return typeof spec.voltsAc === 'number' && (spec.voltsDc === undefined || spec.voltsDc === 'none');
  return family === 'residual-current';
}

const twin: Law = {
  name: 'a twin is judged as its twin',
  check: ({ plain, specs: [spec] }) => {
    const [a, b] = judge(plain, [spec!, structuredClone(spec!)]);
    return a!.verdict === b!.verdict && same(a!.lines, b!.lines) ? undefined : { before: a, after: b, what: 'twins differ' };
  },
};

const asItsLines: Law = {
  name: 'a verdict is what its lines say, decisive lines are those that do not fit, and a ranking has the same verdict',
  check: ({ plain, specs }) => {
    const whole = judgeCase(withParts(plain, specs));
    const short = judgeCase(withParts(plain, specs), { lines: 'decisive' });
    for (const [i, part] of whole.candidates.entries()) {
      const worst = overallVerdict(part.lines.map(({ verdict }) => ({ verdict: verdict!, alwaysAsked: true })));
      if (part.verdict !== worst && !(part.verdict === 'not-known' && (worst === 'fits' || worst === 'check')))
        return { before: shown(plain, specs[i]!), after: part, what: `${part.verdict}, but its lines say ${worst}` };
      const open = part.lines.filter(({ verdict }) => verdict !== 'fits');
      if (!same(open, short.candidates[i]!.lines) || short.candidates[i]!.verdict !== part.verdict)
        return { before: part, after: short.candidates[i], what: 'decisive lines are others' };
    }
    const family = familyOf(plain.family)!;
    const canonical = specs.map((spec, i) => ({ id: whole.candidates[i]!.id, spec: family.canonical(spec), onShelf: 0 }));
    const asked = askedNeeds(
      family.needs(contextOf(plain)),
      canonical.map(({ spec }) => spec),
    );
    for (const ranked of rank(asked, canonical).order) {
      const part = whole.candidates.find(({ id }) => id === ranked.id)!;
      if (part.verdict !== ranked.verdict) return { before: part, after: ranked, what: `judged ${part.verdict}, ranked ${ranked.verdict}` };
    }
    return undefined;
  },
};

const aliases: Law = {
  name: 'aliases of kinds say the same',
  check: ({ plain, specs: [spec] }) => {
    const upper = (value: unknown): unknown =>
      Array.isArray(value)
        ? value.map(upper)
        : typeof value === 'object' && value !== null
          ? Object.fromEntries(
              Object.entries(value).map(([name, mark]) => [
                name,
                /[kK]ind/.test(name) && typeof mark === 'string'
                  ? mark.replace(/^(ac|dc|ac\/dc)$/, (word) => word.toUpperCase())
                  : upper(mark),
              ]),
            )
          : value;
    const aliased = upper(spec) as PartSpec;
    if (same(aliased, spec)) return 'skipped';
    const [a, b] = [one(plain, spec!), one(plain, aliased)];
    return a.verdict === b.verdict
      ? undefined
      : { before: shown(plain, spec!), after: shown(plain, aliased), what: `${a.verdict} becomes ${b.verdict}` };
  },
};

export const laws: readonly Law[] = [
  wornMark,
  wornPosition,
  noSuchMark,
  lowered,
  raised,
  orderSaysNothing,
  alone,
  irrelevant,
  acOnly,
  twin,
  asItsLines,
  aliases,
];
