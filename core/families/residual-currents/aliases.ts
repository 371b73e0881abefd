/** The same standard under IEC, EN or a national prefix: "BS EN 61008-1". Parts of its number tell devices apart, its prefix does not. */
import type { FieldValues } from '../../case/case';

const standards: readonly (readonly [RegExp, string])[] = [
  [/\b61008(-1)?\b/, 'IEC/EN 61008-1'],
  [/\b61009(-1)?\b/, 'IEC/EN 61009-1'],
  [/\b62423\b/, 'IEC/EN 62423'],
  [/\b60947-2\b/, 'IEC/EN 60947-2'],
];

export function withoutStandardAliases(spec: FieldValues): FieldValues {
  const printed = spec.standard;
  if (typeof printed !== 'string' || /^UL/.test(printed)) return spec;
  const standard = standards.find(([number]) => number.test(printed))?.[1];
  return standard ? { ...spec, standard } : spec;
}
