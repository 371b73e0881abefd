/** The systems that feed a site: volts, frequency and earthing, said once, and taken for the marks of three-phase loads that nobody has read there yet. */
import * as yup from 'yup';
import type { Practice } from '../case/case';
import { groundings } from '../fields/supply-fields';
import type { Readings } from '../readings/reading';

/** Systems of one site. */
export const MOST_SYSTEMS = 8;
const MOST_VOLTS = 1000;

/** Three-phase AC; what is fed otherwise is read at its place. */
export type SiteSystem = { volts: number; hertz: 50 | 60; grounding: (typeof groundings)[number] | null };

const isIec = (grounding: string): boolean => /^(TN|TT|IT)/.test(grounding);
/** How a three-phase system of this practice may be earthed. */
export const groundingsOf = (practice: Practice): readonly (typeof groundings)[number][] =>
  groundings.filter((one) => !one.startsWith('dc-') && one !== 'solidly-grounded-midpoint' && isIec(one) === (practice === 'IEC'));
export const groundingWords = (grounding: string): string => (isIec(grounding) ? grounding : grounding.replaceAll('-', ' '));

export const systemSchema = yup
  .object({
    volts: yup
      .number()
      .strict()
      .moreThan(0, 'The volts of a system are more than 0.')
      .max(MOST_VOLTS, `The volts of a three-phase system here are ${MOST_VOLTS} at most.`)
      .required('The volts of the system are missing.'),
    hertz: yup
      .number<50 | 60>()
      .strict()
      .oneOf([50, 60] as const, 'The frequency is 50 or 60 Hz.')
      .required('The frequency of the system is missing.'),
    grounding: yup.string().strict().oneOf(groundings, 'The earthing is none that is known.').nullable().default(null),
  })
  .noUnknown();
export const systemsSchema = yup.array().of(systemSchema).max(MOST_SYSTEMS, `A site has at most ${MOST_SYSTEMS} systems.`);

export const sameSystem = (a: SiteSystem, b: SiteSystem): boolean =>
  a.volts === b.volts && a.hertz === b.hertz && a.grounding === b.grounding;

/** Example: '400 V three-phase, 50 Hz, TN-S'. */
export const systemWords = ({ volts, hertz, grounding }: SiteSystem): string =>
  [`${volts} V three-phase`, `${hertz} Hz`, ...(grounding === null ? [] : [groundingWords(grounding)])].join(', ');

/** Loads that take all three phases of what feeds their panel. */
const threePhaseLoads: readonly (string | null)[] = ['motor-3ph', 'motor-group'];

/**
 * What the system of a panel says of the supply of a position, as assumed: a line that rests on it is at best a check until somebody confirms it.
 * Nothing where the load may be fed otherwise, between one phase and neutral or by DC.
 */
export function systemReadings(system: SiteSystem, loadKind: string | null): Readings {
  if (!threePhaseLoads.includes(loadKind)) return {};
  const assumed = (value: string | number) => ({ state: 'assumed' as const, value, from: `the panel is fed at ${systemWords(system)}` });
  return {
    systemVolts: assumed(system.volts),
    phases: assumed(3),
    hertz: assumed(system.hertz),
    currentKind: assumed('ac'),
    ...(system.grounding === null ? {} : { grounding: assumed(system.grounding) }),
  };
}
