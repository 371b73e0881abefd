/**
 * One form of a fuse's spec for judging: speed and category told apart, what it holds and melts by class and size,
 * interrupting rating with what counts when none is marked.
 * Sources: IEC 60269 gates, UL 248 time delay, UL 248-14 and NFPA 70 240.60(C), all through core/standards.
 */
import type { FuseSpec } from './fields';
import { utilisationCategories } from '../../fields/protection-fields';
import type { CanonicalFuse } from './figures';
import { supplementaryInterruptingAmps } from '../../standards/fuse-gates';
import { cleanMarks } from '../normalise-spec';
import { fuseEdges } from './gates';

const textOf = (mark: unknown) => (typeof mark === 'string' ? mark : '');
const isCategory = (word: unknown): word is string => utilisationCategories.includes(word as never);

/** Utilisation category and speed: either field may hold either word. */
function words(spec: FuseSpec): { category: unknown; speed: unknown } {
  const both = [spec.utilisation, spec.speed];
  const category = both.find(isCategory);
  const speed = both.find((word) => typeof word === 'string' && word !== 'none' && !isCategory(word));
  const absent = (own: unknown) => (own === false ? 'none' : own);
  return {
    category: category === 'gL' ? 'gG' : (category ?? (typeof spec.utilisation === 'string' ? undefined : absent(spec.utilisation))),
    speed: speed ?? (typeof spec.speed === 'string' && isCategory(spec.speed) ? undefined : absent(spec.speed)),
  };
}

const supplementaryClasses = new Set(['midget', '5x20', '6.3x32', '1/4x1-1/4']);
/** Bodies of UL 248 that are branch-circuit fuses by their class, whatever else is read. */
const branchClasses = /^(C|C[A-F]|G|H|J|K1|K5|L|RK1|RK5|T|CC|plug-)/;

/** True where the fuse is no branch-circuit fuse; null where a worn mark leaves that open, or nothing tells. */
function isSupplementary(spec: FuseSpec): boolean | null {
  if (spec.supplementary === true || spec.standard === 'UL 248-14' || spec.standard === 'IEC 60127') return true;
  const body = textOf(spec.fuseClass);
  if (supplementaryClasses.has(body)) return true;
  if (spec.supplementary === null) return null;
  if (branchClasses.test(body) || iecBodies.test(body) || spec.supplementary === false) return false;
  // Without a class only a standard other than that of small fuses tells.
  const standard = textOf(spec.standard);
  return standard !== '' && standard !== 'UL 248' ? false : null;
}

const isResettable = (spec: FuseSpec): boolean => spec.fuseClass === 'resettable';

/** Does it melt, or rise in resistance? Of a bare figure in amps, or one whose class is worn, nobody can say. */
function elementWord(spec: FuseSpec): string | null | undefined {
  if (isResettable(spec)) return 'resettable';
  const said = [spec.fuseClass, spec.standard, spec.utilisation, spec.speed];
  if (said.some((word) => typeof word === 'string')) return 'melts';
  return spec.fuseClass === null ? null : undefined;
}

const iecBodies = /^(8x32|10x38|10x85|14x51|22x58|NH|D0|DI|BS88)/;

/** The kind of branch-circuit fuse as a word for a line. */
function branchWord(spec: FuseSpec): string | null | undefined {
  if (isResettable(spec)) return 'resettable';
  const supplementary = isSupplementary(spec);
  if (supplementary) return 'supplementary';
  if (supplementary === null)
    return spec.standard === undefined && spec.fuseClass === undefined && spec.supplementary === undefined ? undefined : null;
  const standard = textOf(spec.standard);
  if (standard.startsWith('UL 248')) return 'UL 248';
  if (standard) return 'IEC 60269';
  if (spec.standard === null) return null;
  const body = textOf(spec.fuseClass);
  return body ? (iecBodies.test(body) ? 'IEC 60269' : 'UL 248') : undefined;
}

/** AC interrupting: the mark; of a UL 248-14 fuse without one, the least of its standard at 250 V. */
function interruptingAc(spec: FuseSpec): unknown {
  const mark = spec.interruptingAmpsAc === false ? 'none' : spec.interruptingAmpsAc;
  if (mark !== 'none') return mark;
  if (isSupplementary(spec) === false) return 'none';
  if (spec.standard === 'UL 248-14' && typeof spec.ratedAmps === 'number') return supplementaryInterruptingAmps(spec.ratedAmps) ?? null;
  return null;
}

/**
 * Amps under the name of the percent column that counts for it: a time-delay Class CC counts as non-time-delay. A fuse that states no
 * speed, or whose speed is worn, takes the stricter column: whichever it is, it then is no more than allowed.
 */
function motorColumn(spec: FuseSpec, category: unknown, speed: unknown): CanonicalFuse {
  const amps = spec.ratedAmps;
  if (amps === undefined) return {};
  const unstated = (speed === undefined || speed === null) && (typeof category !== 'string' || category === 'none');
  const delayed = (unstated || speed === 'time-delay') && spec.fuseClass !== 'CC';
  return delayed ? { timeDelayAmps: amps } : { nonTimeDelayAmps: amps };
}

/**
 * Amps under the name of the fuse's category. Where that is worn, or left out on an IEC fuse, which always has one, it may be any of
 * them, so that the amps are not known under each.
 */
function ampsByCategory(category: unknown, amps: unknown): CanonicalFuse {
  if (category === null) return Object.fromEntries(utilisationCategories.map((one) => [`amps_${one}`, null]));
  return typeof category === 'string' && category !== 'none' ? { [`amps_${category}`]: amps } : {};
}

/** Returns the canonical form. The input is not changed. */
export function canonicalFuse(spec: FuseSpec): CanonicalFuse {
  const { category, speed } = words(spec);
  const branch = branchWord(spec);
  const ac = interruptingAc(spec);
  const amps = spec.ratedAmps;
  const element = elementWord(spec);
  const byCategory = amps === undefined ? {} : ampsByCategory(category === undefined && branch === 'IEC 60269' ? null : category, amps);
  return {
    ...cleanMarks(spec),
    deviceKind: 'fuse',
    ...(category === undefined ? {} : { category }),
    ...(speed === undefined ? {} : { delay: speed === 'none' ? 'fast' : speed }),
    ...(branch === undefined ? {} : { branchKind: branch }),
    ...(ac === undefined ? {} : { interruptingAmpsAc: ac }),
    ...(element === undefined ? {} : { element }),
    ...(element === 'resettable'
      ? { overloadUse: 'slows, parts nothing' }
      : typeof category === 'string' && category.startsWith('a')
        ? { overloadUse: 'short circuit only' }
        : category === null
          ? { overloadUse: null }
          : category === undefined && speed === undefined && branch !== 'UL 248'
            ? {}
            : { overloadUse: 'overload and short circuit' }),
    ...fuseEdges(spec, category, speed),
    ...motorColumn(spec, category, speed),
    ...byCategory,
  };
}
