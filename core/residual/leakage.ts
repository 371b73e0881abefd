/**
 * What leaks behind a load, and which residual types serve it?
 * Each front end carries its waveforms; a load kind carries a front end until somebody says better. Smooth DC that the load itself
 * switches off, or that its maker bounds, leaves room for a type that stands so much.
 * Sources: IEC 62423, BS 7671 531.3.3 and 722.531.3.101, through core/standards; front end by load kind is common practice.
 */
import { isOneOf } from '../certain';
import { numberMark, wordMark } from '../case/case';
import type { LoadMarks } from '../fields/load-fields';
import type { SupplyMarks } from '../fields/supply-fields';
import { electronicsKinds, residualTypes, type Electronics, type ResidualType } from '../fields/residual-fields';
import { byMakersWord, leakageOf, smoothDcStoodMilliamps, typeDetects } from '../standards/residual-current';

/** Smooth DC that a built-in detector (RDC-DD) lets pass, mA. IEC 62955, through BS 7671 722.531.3.101, from memory. */
const DETECTOR_MILLIAMPS = 6;

export type FrontEnd = { electronics: Electronics; sure: boolean; words: string };

const ofKind: Record<string, (phases: unknown) => Electronics> = {
  'variable-speed-drive': (phases) => (phases === 3 ? 'three-phase-rectifier' : 'single-phase-converter'),
  'electronic-supply': (phases) => (phases === 3 ? 'three-phase-rectifier' : 'single-phase-rectifier'),
  'battery-charger': (phases) => (phases === 3 ? 'three-phase-rectifier' : 'single-phase-rectifier'),
  'led-drivers': () => 'single-phase-rectifier',
  'socket-circuit': () => 'single-phase-rectifier',
  'mixed-single-phase-loads': () => 'single-phase-rectifier',
  'solid-state-switch': () => 'phase-control',
};

/** Front end of the load: as stated, or what its kind has as a rule; null where stated and worn; undefined where nothing tells. */
export function frontEndOf(load: LoadMarks, supply: SupplyMarks): FrontEnd | null | undefined {
  const stated = wordMark(load, 'electronics');
  if (stated === null) return null;
  if (load.electronics === 'none') return { electronics: 'none', sure: true, words: 'The load has no electronics.' };
  if (isOneOf(electronicsKinds, stated))
    return { electronics: stated, sure: true, words: `The load has ${stated.replaceAll('-', ' ')} electronics.` };
  const drive = load.starter === 'variable-speed-drive' ? 'variable-speed-drive' : String(load.kind);
  const rule = ofKind[drive];
  if (!rule) return undefined;
  const electronics = rule(supply.phases);
  const sure = drive === 'variable-speed-drive';
  return { electronics, sure, words: `A ${drive.replaceAll('-', ' ')} has ${electronics.replaceAll('-', ' ')} electronics as a rule.` };
}

/** Most smooth DC, mA, that the load lets pass by its own detector or its maker's word; null where worn, undefined where neither is there. */
export function smoothDcBound(load: LoadMarks): number | null | undefined {
  const stated = numberMark(load, 'smoothDcLimitMilliamps');
  if (stated !== undefined) return stated;
  return typeof load.plateWords === 'string' && /RDC-?[DP]D|6\s?mA\s+DC/i.test(load.plateWords) ? DETECTOR_MILLIAMPS : undefined;
}

/**
 * Returns the types that serve, and those that a maker's word may allow.
 * Example: an ev-charger without a bound gives B and B+; with 6 mA it gives A, F, B and B+.
 */
export function typesFor(electronics: Electronics, smoothDcMilliamps?: number | null): { serves: ResidualType[]; byWord: ResidualType[] } {
  const waves = leakageOf[electronics];
  const serves = residualTypes.filter((type) =>
    waves.every(
      (wave) =>
        typeDetects[type].includes(wave) ||
        (wave === 'smooth-dc' &&
          typeof smoothDcMilliamps === 'number' &&
          type !== 'AC' &&
          smoothDcMilliamps <= smoothDcStoodMilliamps[type]),
    ),
  );
  return { serves, byWord: (byMakersWord[electronics] ?? []).filter((type) => !serves.includes(type)) };
}
