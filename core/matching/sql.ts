/**
 * A need line as an SQL expression over a catalogue that holds canonical specs in a jsonb column.
 * Gives the same word as `evaluate.ts`: fits, check, not-known or fails. Values go in as bindings, never as text.
 * Figures become jsonb: SQL null = not carried, 'null' = worn, '"none"' = no such mark.
 */
import { wordsMark } from '../case/case';
import { certain } from '../certain';
import { coilLayouts, type FigureRef, type Need, type RatingBasis } from '../needs/need';
import { bandLimit, figureLimit, saysNothing } from './evaluate';
import { slackDown, slackUp } from './canonical';

export type Sql = { text: string; bindings: (string | number)[] };

const sql = (strings: TemplateStringsArray, ...parts: (Sql | string | number)[]): Sql => {
  let text = certain(strings[0]);
  const bindings: (string | number)[] = [];
  parts.forEach((part, i) => {
    if (typeof part === 'object') {
      text += part.text;
      bindings.push(...part.bindings);
    } else {
      text += typeof part === 'number' ? '?::float8' : '?::text';
      bindings.push(part);
    }
    text += certain(strings[i + 1]);
  });
  return { text, bindings };
};
const raw = (text: string): Sql => ({ text, bindings: [] });
const join = (parts: Sql[], between: string): Sql => ({
  text: parts.map((part) => part.text).join(between),
  bindings: parts.flatMap((part) => part.bindings),
});

const NULL_MARK = raw(`'null'::jsonb`);
const NONE = raw(`'"none"'::jsonb`);

function ratingSql(figure: Extract<FigureRef, { kind: 'rating' }>): Sql {
  const rows = raw(`spec->'ratings'`);
  const guard = (inner: Sql) =>
    sql`(case when ${rows} is null then null when ${rows} = 'null'::jsonb then ${NULL_MARK} when ${rows} = '"none"'::jsonb then ${NONE} else ${inner} end)`;
  if (figure.minVolts === null) return guard(NULL_MARK);
  const poles = sql`case when jsonb_typeof(spec->${figure.polesFrom ?? 'poles'}) = 'number' then (spec->>${figure.polesFrom ?? 'poles'})::float8 end`;
  // A row by its figure v and its head: volts, kind and poles in series, null where worn. Knex reads '?' as a binding, hence jsonb_exists.
  const heads = sql`select r->${figure.column} as v,
      case when jsonb_typeof(r->${figure.column}) = 'number' then (r->>${figure.column})::float8 end as n,
      case when jsonb_typeof(r->'volts') = 'number' then (r->>'volts')::float8 end as u,
      case when r->>'kind' in ('ac', 'dc', 'ac/dc') then r->>'kind' end as k,
      case when r->'polesInSeries' is null then 1 when jsonb_typeof(r->'polesInSeries') = 'number' then (r->>'polesInSeries')::float8 end as s,
      ${poles} as p
    from jsonb_array_elements(${rows}) e(r) where jsonb_exists(r, ${figure.column})`;
  const may = sql`(k is null or k in (${figure.current}, 'ac/dc')) and (s is null or s <= 1 or p is null or s <= p) and (u is null or u >= ${figure.minVolts})`;
  const worn = raw(`(k is null or u is null or s is null or (s > 1 and p is null))`);
  const found = sql`select (select jsonb_build_array(v, n) from h where not ${worn}
        order by u, case when n is not null then 0 when v = 'null'::jsonb then 1 else 2 end, n desc limit 1) as best,
      exists (select 1 from h where ${worn}) as worn, (select min(coalesce(n, '-Infinity'::float8)) from h where ${worn}) as least`;
  return guard(sql`(with h as (select * from (${heads}) a where ${may}), f as (${found})
    select case
      when best is null and worn then ${NULL_MARK}
      when best is null and (jsonb_array_length(${rows}) = 0 or exists (select 1 from jsonb_array_elements(${rows}) e(r) where jsonb_exists(r, ${figure.column}))) then ${NONE}
      when best is null then null
      when jsonb_typeof(best->1) <> 'number' then best->0
      when worn and least < (best->>1)::float8 then ${NULL_MARK}
      else to_jsonb((best->>1)::float8 * ${figure.factor}) end from f)`);
}

function pullInSql(figure: Extract<FigureRef, { kind: 'coil-pull-in' }>): Sql {
  const pull = sql`spec->${figure.supply === 'dc' ? 'coilPullInWattsDc' : 'coilInrushVA'}`;
  const mark = sql`(select (b->>0)::float8 from jsonb_array_elements(spec->'coilRated'->${figure.supply}) with ordinality e(b, i)
    order by abs((b->>0)::float8 - ${figure.volts}), i limit 1)`;
  const p = sql`(${pull} #>> '{}')::float8`;
  const value =
    figure.what === 'amps'
      ? sql`to_jsonb(${p} / m.v)`
      : sql`to_jsonb(${figure.volts} / m.v / (1 + (${figure.loopOhms} * ${p}) / (m.v * m.v)))`;
  return sql`(case when ${pull} is null or spec->'coilRated' is null then null
    when jsonb_typeof(${pull}) <> 'number' or jsonb_typeof(spec->'coilRated'->${figure.supply}) is distinct from 'array' then ${NULL_MARK}
    else (select ${value} from (select ${mark} as v) m) end)`;
}

function figureSql(figure: FigureRef): Sql {
  switch (figure.kind) {
    case 'field': {
      const value = sql`spec->${figure.name}`;
      if (figure.whenNone === undefined) return value;
      const instead = figure.whenNone === null ? NULL_MARK : sql`to_jsonb(${figure.whenNone})`;
      return sql`(case when ${value} = '"none"'::jsonb then ${instead} else ${value} end)`;
    }
    case 'rating':
      return ratingSql(figure);
    case 'bands': {
      const value = sql`spec->${figure.name}`;
      return sql`(case when jsonb_typeof(${value}->0) = 'number' then jsonb_build_array(${value}) else ${value} end)`;
    }
    case 'coil-bands': {
      const coil = sql`spec->${coilLayouts[figure.which]}`;
      return sql`(case when ${coil} = 'null'::jsonb then ${NULL_MARK} else ${coil}->${figure.supply} end)`;
    }
    case 'coil-pull-in':
      return pullInSql(figure);
  }
}

const number = raw(`(x #>> '{}')::float8`);
const word = raw(`x #>> '{}'`);
const isNumber = raw(`jsonb_typeof(x) = 'number'`);

function holdsSql(way: RatingBasis): Sql {
  const { limit } = way;
  switch (way.relation) {
    case '>=':
      return sql`${isNumber} and ${number} >= ${slackDown(figureLimit(limit))}`;
    case '<=':
      return sql`${isNumber} and ${number} <= ${slackUp(figureLimit(limit))}`;
    case '=':
      return typeof limit === 'number' ? sql`${isNumber} and ${number} = ${limit}` : sql`${word} = ${String(limit)}`;
    case 'one-of':
      return sql`${word} in (${join(
        wordsMark(limit).map((entry) => sql`${String(entry)}`),
        ', ',
      )})`;
    case 'within': {
      const [low, high] = bandLimit(limit);
      return sql`${isNumber} and ${number} >= ${slackDown(low)} and ${number} <= ${slackUp(high)}`;
    }
    case 'includes': {
      if (Array.isArray(limit) && typeof limit[0] === 'string')
        return sql`exists (select 1 from jsonb_array_elements_text(x) e where e in (${join(
          wordsMark(limit).map((entry) => sql`${entry}`),
          ', ',
        )}))`;
      const [low, high] = Array.isArray(limit) ? limit : [limit, limit];
      if (typeof low === 'number' && (way.figure.kind === 'coil-bands' || way.figure.kind === 'bands'))
        return sql`exists (select 1 from jsonb_array_elements(x) b where (b->>0)::float8 <= ${slackUp(low)} and (b->>1)::float8 >= ${slackDown(typeof high === 'number' ? high : low)})`;
      return typeof limit === 'number' ? sql`x @> to_jsonb(${limit})` : sql`x @> to_jsonb(${String(limit)})`;
    }
  }
}

/** Another figure of the part holds where the first did not: the other edge of a band, or what its marks leave open. */
function otherwiseSql(way: RatingBasis, edge: FigureRef, verdict: 'check' | 'not-known'): Sql {
  const holds = holdsSql(way);
  const found: Sql = { text: holds.text.replace(/\bx\b/g, 'o.x'), bindings: holds.bindings };
  return sql`when (select jsonb_typeof(o.x) not in ('null') and o.x <> '"none"'::jsonb and ${found} from (select ${figureSql(edge)} as x offset 0) o) then ${verdict}`;
}

/** How many of the middle cases ask another figure of the part. */
const countOtherwise = (way: RatingBasis) => (way.upperEdge ? 1 : 0) + (way.possible ? 1 : 0);

/** Another mark makes the line hold by itself; worn, it leaves the line open where nothing else holds. */
function insteadSql(way: RatingBasis, or: NonNullable<RatingBasis['alternative']>, best: string): { holds: Sql; worn: Sql } {
  const mark = figureSql(or.figure);
  const condition = holdsSql({ ...way, relation: or.relation, limit: or.limit });
  const found: Sql = { text: condition.text.replace(/\bx\b/g, 'o.x'), bindings: condition.bindings };
  return {
    holds: sql`when (select ${found} from (select ${mark} as x offset 0) o) then ${best}`,
    worn: sql`when (select o.x = 'null'::jsonb from (select ${mark} as x offset 0) o) then 'not-known'`,
  };
}

function wayVerdict(way: RatingBasis, need: Need): Sql {
  const whenNot = need.severity === 'must' ? 'fails' : 'check';
  const bands: Sql[] = [];
  if (way.checkFrom !== undefined) bands.push(sql`when ${isNumber} and ${number} >= ${slackDown(way.checkFrom)} then 'check'`);
  if (way.notKnownFrom !== undefined)
    bands.push(
      sql`when ${isNumber} and ${number} >= ${slackDown(way.notKnownFrom)} then 'not-known'`,
      sql`when ${isNumber} then ${whenNot}`,
    );
  if (way.possible && way.limit !== null) bands.unshift(otherwiseSql(way, way.possible, 'not-known'));
  if (way.upperEdge && way.limit !== null) bands.unshift(otherwiseSql(way, way.upperEdge, 'check'));
  const middle = bands.length ? join(bands, ' ') : raw('');
  if (way.limit === null) return sql`case when jsonb_typeof(x) in ('null', 'string') then 'not-known' ${middle} else 'not-known' end`;
  const best = way.verdictCap ?? (need.assumed ? 'check' : 'fits');
  const instead = way.alternative && insteadSql(way, way.alternative, best);
  if (instead) {
    bands.splice(countOtherwise(way), 0, instead.worn);
    return sql`case ${instead.holds} when x = 'null'::jsonb then 'not-known' when x <> '"none"'::jsonb and (${holdsSql(way)}) then ${best} ${join(bands, ' ')} else ${whenNot} end`;
  }
  return sql`case when x = 'null'::jsonb then 'not-known' when x = '"none"'::jsonb then ${whenNot} when ${holdsSql(way)} then ${best} ${middle} else ${whenNot} end`;
}

/** Returns the expression that gives a need's verdict as text, for a row whose canonical spec is the jsonb column `spec`. */
export function needSql(need: Need): Sql {
  const names = need.ways.map((_, i) => `w${i}`);
  const columns = join(
    need.ways.map((way, i) => sql`${figureSql(way.figure)} as ${raw(certain(names[i]))}`),
    ', ',
  );
  const verdictOf = (way: RatingBasis, i: number): Sql => {
    const inner = wayVerdict(way, need);
    return { ...inner, text: inner.text.replace(/\bx\b/g, certain(names[i])) };
  };
  const carried = (name: string) => `${name} is not null and ${name} <> 'null'::jsonb and ${name} <> '"none"'::jsonb`;
  const pick = (condition: (name: string) => string) =>
    need.ways.map((way, i) => sql`when ${raw(condition(certain(names[i])))} then ${verdictOf(way, i)}`);
  const figures = need.anyWay ? [bestOf(need.ways, need.ways.map(verdictOf), names.map(carried))] : pick(carried);
  const cases = [...figures, ...pick((name) => `${name} = 'null'::jsonb`), ...pick((name) => `${name} = '"none"'::jsonb`)];
  const exempt = need.notApplicableWhen
    ? sql`when spec->>${need.notApplicableWhen.name} = ${need.notApplicableWhen.word} then 'fits'`
    : raw('');
  const verdict = sql`(select case ${exempt} ${join(cases, ' ')} else ${need.optionalRating ? 'fits' : 'not-known'} end from (select ${columns} offset 0) f)`;
  // Where the mark that would exempt the part is worn, a line that does not hold may not be asked at all.
  return need.notApplicableWhen
    ? sql`(case when spec->${need.notApplicableWhen.name} = 'null'::jsonb and ${verdict} <> 'fits' then 'not-known' else ${verdict} end)`
    : verdict;
}

/** The best verdict of the ways that are carried; one that can only say that nothing is known yields to the rest. */
function bestOf(ways: readonly RatingBasis[], verdicts: Sql[], carried: string[]): Sql {
  const ranked = verdicts.map(
    (verdict, i) =>
      sql`case when ${raw(certain(carried[i]))} then case ${verdict} when 'fits' then 3 when 'check' then 2 when 'not-known' then ${raw(saysNothing(certain(ways[i])) ? '-1' : '1')} else 0 end end`,
  );
  return sql`when ${raw(carried.map((one) => `(${one})`).join(' or '))} then case greatest(${join(ranked, ', ')}) when 3 then 'fits' when 2 then 'check' when 0 then 'fails' else 'not-known' end`;
}

/** Returns the predicate that keeps the parts on which none of these needs fails. */
export const notFailingSql = (needs: readonly Need[]): Sql =>
  needs.length === 0
    ? raw('true')
    : join(
        needs.map((need) => sql`${needSql(need)} <> 'fails'`),
        ' and ',
      );
