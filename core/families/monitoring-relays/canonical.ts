/**
 * One form of a monitoring relay's spec for judging: nominal volts line to line, what it detects, how far it sees a phase that
 * a running motor holds up, its own supply as a coil. Sources: common practice; NEMA MG 1 unbalance, through core/standards.
 */
import { isRecord } from '../../certain';
import type { CoilSpec } from '../../coils/figures';
import type { NamesOf } from '../../fields/mark-types';
import type { MonitoringRelaySpec } from './fields';
import { monitoringFunctions } from '../../fields/relay-fields';
import type { CanonicalMonitoringRelay } from './figures';
import { heldPhaseBetweenLines, onePhaseAtAsymmetry } from '../../standards/unbalance';
import { cleanMarks, currentKindsOf, flagWord, numberOr } from '../normalise-spec';
import { coilLayout } from '../../coils/layout';
import { contactRatingLayout } from '../../relays/layout';

/** Rounding of nominal volts: 230 to neutral is 398 between lines, printed 400. */
const NOMINAL_TOLERANCE = 0.01;

function nominalLayout(spec: MonitoringRelaySpec): CanonicalMonitoringRelay {
  const { nominalVoltsMin: min, nominalVoltsMax: max, nominalVoltsBetween: between } = spec;
  if (min === undefined && max === undefined) return {};
  const low = numberOr(min, numberOr(max, null));
  const high = numberOr(max, low);
  if (min === null || max === null || low === null || high === null) return { nominalLineBands: null, nominalPhaseBands: null };
  const band = (factor: number) => [[low * factor * (1 - NOMINAL_TOLERANCE), high * factor * (1 + NOMINAL_TOLERANCE)]];
  const root = Math.sqrt(3);
  // Between which conductors decides on three phases; without it only a figure that suits either way would do, so it is not known.
  const three = between === null ? null : between === 'line-to-neutral' ? band(root) : band(1);
  return { nominalLineBands: three, nominalPhaseBands: band(1) };
}

function feedLayout(spec: MonitoringRelaySpec): CanonicalMonitoringRelay {
  const feed = spec.auxiliarySupply;
  if (feed === undefined) return {};
  if (feed === 'self') return { fedBy: 'self' };
  const { volts = null, kind = null } = (feed ?? {}) as { volts?: number | null; kind?: CoilSpec['coilKind'] };
  return { fedByOther: feed === null ? null : 'own supply', ...coilLayout({ coilVolts: volts, coilKind: kind }) };
}

function detects(spec: MonitoringRelaySpec): CanonicalMonitoringRelay {
  const { functions } = spec;
  if (functions === undefined) return {};
  const by = isRecord(functions) ? functions : {};
  const none = functions === false || functions === 'none';
  return Object.fromEntries(
    monitoringFunctions.map((name) => {
      const mark = functions === null ? null : none ? 'none' : by[name];
      return [`detects ${name}`, mark === true ? 'yes' : mark === false || mark === 'none' ? 'none' : null];
    }),
  );
}

/** Highest volts of a lost phase that it still sees: by its own limit, or by asymmetry in the less and the more favourable sense. */
function lossLayout(spec: MonitoringRelaySpec): CanonicalMonitoringRelay {
  const { phaseLossBelowPercent: below, asymmetrySettingMinPercent: asymmetry } = spec;
  if (below === undefined && asymmetry === undefined) return {};
  const limit = (mark: unknown) => (mark === 'none' || mark === false ? 0 : numberOr(mark, mark === null ? null : undefined));
  const own = limit(below);
  const by = (definition: 'deviation' | 'spread') => {
    const percent = limit(asymmetry);
    if (typeof percent !== 'number' || percent <= 0) return percent;
    // Between lines the same fault is a smaller asymmetry; whether its maker reckons so is not printed, so the less counts.
    const between = spec.nominalVoltsBetween === 'line-to-line' && definition === 'deviation';
    return between ? heldPhaseBetweenLines(percent, definition) : onePhaseAtAsymmetry(percent, definition);
  };
  const best = (definition: 'deviation' | 'spread'): number | null => {
    const figures = [own, by(definition)].filter((mark): mark is number => typeof mark === 'number');
    return figures.length > 0 ? Math.max(...figures) : null;
  };
  const worn = own === null || by('deviation') === null;
  return { seesLostPhase: best('deviation'), maySeeLostPhase: best('spread'), ...(worn ? { seesLostPhasePerhaps: 100 } : {}) };
}

/** Volts between lines and a frequency are AC, volts between plus and minus DC; undefined where neither is printed. */
function kindsByVolts({ nominalVoltsBetween, nominalHertz }: MonitoringRelaySpec): string[] | undefined {
  if (nominalVoltsBetween === 'positive-to-negative') return ['dc'];
  const alternating = typeof nominalVoltsBetween === 'string' && nominalVoltsBetween.startsWith('line');
  return alternating || (Array.isArray(nominalHertz) && nominalHertz.length > 0) ? ['ac'] : undefined;
}

/** Returns the canonical form. The input is not changed. */
export function canonicalMonitoringRelay(spec: MonitoringRelaySpec): CanonicalMonitoringRelay {
  const { underVoltsMin: low, underVoltsMax: high } = spec;
  const bands =
    low === undefined && high === undefined
      ? {}
      : {
          underVoltsBands:
            typeof low === 'number' && typeof high === 'number' ? [[low, high]] : low === 'none' || high === 'none' ? 'none' : null,
        };
  const flag = (name: NamesOf<MonitoringRelaySpec, boolean>, yes: string, no: string): CanonicalMonitoringRelay => {
    const word = flagWord(spec[name] === 'none' ? false : spec[name], yes, no);
    return word === undefined ? {} : { [name]: word };
  };
  const kinds = spec.measuredKind === null ? null : (currentKindsOf(spec.measuredKind) ?? kindsByVolts(spec));
  return {
    ...cleanMarks(spec),
    ...contactRatingLayout(spec),
    ...(spec.changeovers === undefined ? {} : { contactsAvailable: spec.changeovers }),
    ...nominalLayout(spec),
    ...feedLayout(spec),
    ...detects(spec),
    ...lossLayout(spec),
    ...bands,
    ...(kinds === undefined ? {} : { measuredKinds: kinds }),
    ...flag('energisedWhenHealthy', 'energised when healthy', 'energised on fault'),
    ...flag('latch', 'yes', 'none'),
  };
}
