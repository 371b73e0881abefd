/**
 * Coils on one control supply, summed: what they take together while closed, and the worst pull-in on top of the rest.
 * Of two that are interlocked only the larger counts. Figures come from the parts; one without a figure leaves the sum open.
 */
import { numberMark } from '../case/case';
import { formatQuantity as q } from '../quantities/format-quantity';
import type { Verdict } from '../needs/need';
import { listed, partNumber, tagsOf, type CircuitLine, type CircuitMember } from './circuit';
import { pairOf } from './interlocks';

type Demand = { tag: string; held: number | null; inrush: number | null };

const hasCoil = ({ role }: CircuitMember): boolean => role === 'switching' || role === 'control' || role === 'release';

/** VA on AC; watts on DC, where nothing more is drawn while pulling in unless the part says so. */
function demandOf(member: CircuitMember, dc: boolean): Demand {
  const sealed = partNumber(member, 'coilSealedVA');
  const watts = partNumber(member, 'coilWatts');
  const held = dc ? (watts ?? sealed) : sealed;
  return { tag: member.tag, held, inrush: partNumber(member, 'coilInrushVA') ?? (dc ? held : null) };
}

/** Those that may be closed together: of an interlocked pair the one that takes more; an unknown one stays. */
function together(coils: readonly CircuitMember[], circuits: readonly (readonly CircuitMember[])[], dc: boolean): CircuitMember[] {
  const left = new Set<string>();
  for (const members of circuits) {
    const pair = pairOf(members);
    if (!pair) continue;
    const [a, b] = [demandOf(pair.first, dc).held, demandOf(pair.second, dc).held];
    if (a !== null && b !== null) left.add(a < b ? pair.first.id : pair.second.id);
  }
  return coils.filter(({ id }) => !left.has(id));
}

type Sum = { known: number; unknown: string[]; limit: number | null };

function sumLine(base: Omit<CircuitLine, 'verdict' | 'because'>, { known, unknown, limit }: Sum, words: string): CircuitLine {
  const open = unknown.length > 0 ? ` ${listed(unknown)} ${unknown.length > 1 ? 'carry' : 'carries'} no figure.` : '';
  const over = limit !== null && known > limit;
  const verdict: Verdict = over ? 'fails' : limit === null || unknown.length > 0 ? 'not-known' : 'fits';
  const of = limit === null ? 'the rating of the supply is not known' : `the supply gives ${q(limit, 'VA')}`;
  return { ...base, verdict, because: `${words} ${q(known, 'VA')}${unknown.length > 0 ? ' as far as is known' : ''}; ${of}.${open}` };
}

/** A device that is not judged may have a coil on any supply; what feeds the coils is none of them. */
const unjudged = (positions: readonly CircuitMember[], feeding: readonly CircuitMember[]): CircuitMember[] =>
  positions.filter((one) => (one.role === undefined || (hasCoil(one) && !one.need)) && !feeding.some(({ id }) => id === one.id));

/**
 * A panel's coils by the supply that they hang on: same volts, kind and rating of the supply.
 * @param feeding what stands before the coils: fuses and the transformer.
 */
export function controlSums(
  positions: readonly CircuitMember[],
  circuits: readonly (readonly CircuitMember[])[],
  feeding: readonly CircuitMember[],
): CircuitLine[] {
  const open = tagsOf(unjudged(positions, feeding));
  const groups = new Map<string, CircuitMember[]>();
  for (const one of positions.filter(hasCoil)) {
    if (!one.need) continue;
    const { supply } = one.need;
    const key = JSON.stringify([supply.controlVolts, supply.controlKind, supply.controlTransformerVA, supply.supplyVA]);
    groups.set(key, [...(groups.get(key) ?? []), one]);
  }
  return [...groups.values()].flatMap((coils) => {
    const supply = coils[0]?.need?.supply;
    const volts = supply && numberMark(supply, 'controlVolts');
    if (!supply || typeof volts !== 'number') return [];
    const dc = supply.controlKind === 'dc';
    const held = together(coils, circuits, dc).map((one) => demandOf(one, dc));
    const base = { title: `Coils on ${q(volts, 'V')} ${dc ? 'DC' : 'AC'}`, about: tagsOf(coils), source: 'commonPractice' as const };
    const limit = numberMark(supply, dc ? 'supplyVA' : 'controlTransformerVA') ?? null;
    const amounts = held.map((one) => one.held ?? 0);
    const total = amounts.reduce((sum, amount) => sum + amount, 0);
    const lines = [
      sumLine(
        { ...base, id: `control-held-${volts}` },
        { known: total, unknown: [...held.filter((one) => one.held === null).map(({ tag }) => tag), ...open], limit },
        'All that may be closed together take',
      ),
    ];
    const inrushLimit = numberMark(supply, 'controlTransformerInrushVA');
    if (inrushLimit === undefined) return lines;
    const worst = held.reduce((most, { held: own, inrush }) => Math.max(most, total - (own ?? 0) + (inrush ?? 0)), 0);
    return [
      ...lines,
      sumLine(
        { ...base, id: `control-inrush-${volts}`, title: `Pull-in on ${q(volts, 'V')}` },
        {
          known: worst,
          unknown: [...held.filter(({ held: own, inrush }) => own === null || inrush === null).map(({ tag }) => tag), ...open],
          limit: inrushLimit,
        },
        'The last one to pull in, with the rest closed, takes it to',
      ),
    ];
  });
}
