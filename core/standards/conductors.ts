/**
 * Resistance and reactance of conductors, adiabatic constants.
 * Sources: IEC 60228 (resistance at 20 °C, class 2), NFPA 70 chapter 9 table 9 (75 °C, 60 Hz) and table 8 note 2,
 * IEC 60364-4-43 (k of the adiabatic equation), all from memory.
 */
export type Metal = 'copper' | 'aluminium';

/** IEC sizes: mm², ohm/km at 20 °C copper, aluminium. */
const iecRows: readonly (readonly [mm2: number, copper: number, aluminium: number | null])[] = [
  [0.5, 36, null],
  [0.75, 24.5, null],
  [1, 18.1, null],
  [1.5, 12.1, null],
  [2.5, 7.41, null],
  [4, 4.61, null],
  [6, 3.08, null],
  [10, 1.83, 3.08],
  [16, 1.15, 1.91],
  [25, 0.727, 1.2],
  [35, 0.524, 0.868],
  [50, 0.387, 0.641],
  [70, 0.268, 0.443],
  [95, 0.193, 0.32],
  [120, 0.153, 0.253],
  [150, 0.124, 0.206],
  [185, 0.0991, 0.164],
  [240, 0.0754, 0.125],
  [300, 0.0601, 0.1],
];
/** Reactance of cables to 1 kV, ohm/km. Common practice. */
const IEC_REACTANCE = 0.08;

/** AWG and kcmil: ohm/1000 ft at 75 °C to neutral: reactance in plastic, in steel; copper in plastic, in steel; aluminium in plastic, in steel. */
const awgRows: readonly (readonly [size: string, ...figures: (number | null)[]])[] = [
  ['14', 0.058, 0.073, 3.1, 3.1, null, null],
  ['12', 0.054, 0.068, 2, 2, 3.2, 3.2],
  ['10', 0.05, 0.063, 1.2, 1.2, 2, 2],
  ['8', 0.052, 0.065, 0.78, 0.78, 1.3, 1.3],
  ['6', 0.051, 0.064, 0.49, 0.49, 0.81, 0.81],
  ['4', 0.048, 0.06, 0.31, 0.31, 0.51, 0.51],
  ['3', 0.047, 0.059, 0.25, 0.25, 0.4, 0.4],
  ['2', 0.045, 0.057, 0.19, 0.2, 0.32, 0.32],
  ['1', 0.046, 0.057, 0.15, 0.16, 0.25, 0.25],
  ['1/0', 0.044, 0.055, 0.12, 0.12, 0.2, 0.2],
  ['2/0', 0.043, 0.054, 0.1, 0.1, 0.16, 0.16],
  ['3/0', 0.042, 0.052, 0.077, 0.079, 0.13, 0.13],
  ['4/0', 0.041, 0.051, 0.062, 0.063, 0.1, 0.1],
  ['250', 0.041, 0.052, 0.052, 0.054, 0.085, 0.086],
  ['300', 0.041, 0.051, 0.044, 0.045, 0.071, 0.072],
  ['350', 0.04, 0.05, 0.038, 0.039, 0.061, 0.063],
  ['400', 0.04, 0.049, 0.033, 0.035, 0.054, 0.055],
  ['500', 0.039, 0.048, 0.027, 0.029, 0.043, 0.045],
  ['600', 0.039, 0.048, 0.023, 0.025, 0.036, 0.038],
  ['750', 0.038, 0.048, 0.019, 0.021, 0.029, 0.031],
  ['1000', 0.037, 0.046, 0.015, 0.018, 0.023, 0.025],
];
const METRES_PER_THOUSAND_FEET = 304.8;
const AWG_TEMPERATURE = 75;
/** Change of resistance per kelvin, at 75 °C (table 8 note 2) and at 20 °C. */
const perKelvin75: Record<Metal, number> = { copper: 0.00323, aluminium: 0.0033 };
const perKelvin20: Record<Metal, number> = { copper: 0.00393, aluminium: 0.00403 };

export const mm2Sizes: readonly string[] = iecRows.map(([size]) => `${size} mm²`);
export const awgSizes: readonly string[] = awgRows.map(([size]) => (Number(size) >= 250 ? `${size} kcmil` : `${size} AWG`));
/** All sizes by name. */
export const conductorSizes: readonly string[] = [...mm2Sizes, ...awgSizes];

/**
 * Impedance of one conductor per metre, ohm, at a temperature of the metal, °C; undefined where the table has none.
 * Example: '2.5 mm²' copper at 20 °C gives 0.00741 ohm/m.
 */
export function conductorPerMetre(size: string, metal: Metal, celsius: number, steel = false): { r: number; x: number } | undefined {
  const [name, unit] = size.split(' ');
  if (unit === 'mm²') {
    const row = iecRows.find(([mm2]) => mm2 === Number(name));
    const ohms = row?.[metal === 'copper' ? 1 : 2];
    if (ohms === undefined || ohms === null) return undefined;
    return { r: (ohms * (1 + perKelvin20[metal] * (celsius - 20))) / 1000, x: IEC_REACTANCE / 1000 };
  }
  const row = awgRows.find(([awg]) => awg === name);
  if (!row) return undefined;
  const ohms = row[(metal === 'copper' ? 3 : 5) + (steel ? 1 : 0)] as number | null;
  if (ohms === null) return undefined;
  return {
    r: (ohms * (1 + perKelvin75[metal] * (celsius - AWG_TEMPERATURE))) / METRES_PER_THOUSAND_FEET,
    x: (row[steel ? 2 : 1] as number) / METRES_PER_THOUSAND_FEET,
  };
}

/** Circular mils of an AWG or kcmil size; areas of AWG by the defining ratio of 92 to the 39th root. */
export function circularMils(size: string): number | undefined {
  const [name, unit] = size.split(' ');
  if (unit === 'kcmil') return Number(name) * 1000;
  if (unit !== 'AWG' || name === undefined) return undefined;
  const gauge = name.endsWith('/0') ? 1 - Number(name[0]) : Number(name);
  return 25 * 92 ** ((36 - gauge) / 19.5);
}
/** Cross-section, mm². */
export function crossSectionMm2(size: string): number | undefined {
  const [name, unit] = size.split(' ');
  const mils = circularMils(size);
  return unit === 'mm²' ? Number(name) : mils && mils * 5.067e-4;
}

/** k of the adiabatic equation (k²S² = I²t), A√s/mm². */
export const adiabaticK = {
  'copper PVC': 115,
  'copper PVC over 300 mm²': 103,
  'copper XLPE': 143,
  'aluminium PVC': 76,
  'aluminium XLPE': 94,
  'copper protective, separate': 143,
} as const;
export type AdiabaticKind = keyof typeof adiabaticK;
/** Range in which the equation holds, s. */
export const adiabaticSeconds = { from: 0.1, to: 5 } as const;
