/**
 * One form of a breaker coil's spec for judging: the volts at which it trips or closes, its duty under a command that stays on,
 * the two ends of its release band, and texts in one spelling.
 * Source: IEC 60947-2 operating limits through core/standards; a band printed on the part stands before them.
 */
import type { BreakerCoilSpec } from './fields';
import type { Band } from '../../matching/canonical';
import type { CanonicalBreakerCoil } from './figures';
import { operatingShare } from '../../standards/breaker-releases';
import { cleanMarks } from '../normalise-spec';
import { coilBands, coilLayout } from '../../coils/layout';

const isPair = (mark: unknown): mark is readonly [number, number] => Array.isArray(mark) && mark.length === 2;

/** Frame and bay in one spelling. Example: ' k4 ' is 'K4'. */
export const frameText = (text: string): string => text.trim().replace(/\s+/g, ' ').toUpperCase();
/** Source of a release in one spelling. Example: 'Line side 230 V' is 'line-side-230V'. */
export const sourceText = (text: string): string =>
  text
    .trim()
    .toLowerCase()
    .replace(/\s*v$/, 'V')
    .replace(/[\s_]+/g, '-');
/** Where the source lies, without its volts. Example: 'line-side-230V' is 'line-side'. */
export const placeOf = (text: string): string => sourceText(text).replace(/-?[\d.]+V?$/, '');

/** Bands in which it operates when it trips, and when it closes or charges. */
function operatingBands(spec: BreakerCoilSpec): CanonicalBreakerCoil {
  const own = spec.operatePercent;
  const layout = (share: readonly [number, number]) => {
    const [low, high] = isPair(own) ? [own[0] / 100, own[1] / 100] : share;
    const bands = coilBands(spec, (least, most): Band => [least * low, most * high]);
    return bands === undefined ? undefined : own === null ? null : bands;
  };
  const [tripping, closing] = [layout(operatingShare.tripping), layout(operatingShare.closing)];
  return tripping === undefined ? {} : { coilTripping: tripping, coilClosing: closing };
}

/** What it does under a command that stays on; null where a mark is worn and none settles it. */
function commandDuty({ dutyContinuous, cutOffContact }: BreakerCoilSpec): CanonicalBreakerCoil {
  if (dutyContinuous === undefined && cutOffContact === undefined) return {};
  if (dutyContinuous === true) return { commandDuty: 'continuous' };
  if (cutOffContact === true) return { commandDuty: 'cut off by its contact' };
  return { commandDuty: dutyContinuous === null || cutOffContact === null ? null : 'short-time' };
}

function release({ releasePercent }: BreakerCoilSpec): CanonicalBreakerCoil {
  if (releasePercent === undefined) return {};
  const [low, high] = isPair(releasePercent) ? releasePercent : [];
  const other = releasePercent === null ? null : 'none';
  return { releaseLowPercent: low ?? other, releaseHighPercent: high ?? other };
}

/** Returns the canonical form. The input is not changed. */
export function canonicalBreakerCoil(spec: BreakerCoilSpec): CanonicalBreakerCoil {
  const { inrushVA, frame, connectedTo } = spec;
  const motor = inrushVA === undefined ? {} : { coilInrushVA: inrushVA, ...(spec.coilWatts === undefined ? { coilWatts: inrushVA } : {}) };
  const own = { ...spec, ...motor };
  return {
    ...cleanMarks(own),
    ...coilLayout(own),
    ...operatingBands(spec),
    ...commandDuty(spec),
    ...release(spec),
    ...(typeof spec.function === 'string' && spec.function !== 'none' ? { function: [spec.function] } : {}),
    ...(typeof frame === 'string' && frame !== 'none' ? { frame: frameText(frame) } : {}),
    ...(typeof connectedTo === 'string' && connectedTo !== 'none'
      ? { connectedTo: sourceText(connectedTo), connectedPlace: placeOf(connectedTo) }
      : connectedTo === null
        ? { connectedPlace: null }
        : {}),
  };
}
