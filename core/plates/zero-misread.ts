/**
 * Was a zero read as 6 or 8? Zeros with a dot or a stroke look so to a reader of pictures, and both looks agree on it.
 * A figure that is not usual for its mark, and would be with a 0 in place of a 6 or an 8, is to be confirmed. Nothing is changed,
 * and an unusual figure that is near no usual one passes. Lists: common practice; they accept and refuse no part.
 */
import { usualVolts as capacitorVolts } from '../standards/run-capacitors';
import { fuseSizes } from '../standards/overcurrent-sizes';
import type { ReadingValue } from '../readings/reading';
import type { PlateField } from './plate-field';

const volts = new Set([
  ...[5, 6, 12, 15, 24, 32, 42, 48, 50, 80, 100, 110, 115, 120, 125, 127, 150, 200, 208, 220, 230, 240, 250, 265, 277, 300, 346, 347],
  ...[370, 380, 400, 415, 440, 450, 460, 480, 500, 508, 525, 550, 575, 600, 690, 750, 800, 1000, 1100, 1200, 1500],
]);
const breaking = new Set([
  ...[200, 500, 1000, 1500, 3000, 4500, 5000, 6000, 7500, 10000, 14000, 15000, 18000, 20000, 22000, 25000, 30000, 35000, 36000, 40000],
  ...[42000, 50000, 65000, 70000, 80000, 85000, 100000, 120000, 125000, 150000, 200000, 300000],
]);
const capacitors = new Set([...volts, ...capacitorVolts]);
const amps = new Set([...fuseSizes, 0.5, 2, 4, 8, 12, 13, 16, 32, 63, 160, 315, 630, 1250, 3200, 6300]);
const conductorCelsius = new Set([60, 75, 90, 105, 125, 150, 200]);

/** Usual figures of a mark, in its base unit; undefined where no list is kept. */
export function usualOf({ id, unit }: PlateField, plateId: string): ReadonlySet<number> | undefined {
  if (unit === 'V' && !/(insulation|impulse)/i.test(id)) return plateId === 'run-capacitor' ? capacitors : volts;
  if (unit === 'A' && /^(interrupting|icn|icu|ics|faultCurrent|conditional|makingBreaking)/.test(id)) return breaking;
  if (unit === 'A' && id === 'ratedAmps') return amps;
  return id === 'wireTempC' ? conductorCelsius : undefined;
}

const figuresOf = (value: ReadingValue | undefined): number[] => {
  const all = typeof value === 'string' ? value.split(/[/-]/) : Array.isArray(value) ? value : [value];
  return all
    .map((one) => (typeof one === 'string' && one.trim() !== '' ? Number(one) : one))
    .filter((one): one is number => Number.isFinite(one));
};

/** The figure with none, some or all of its 6 and 8 as 0; a figure never begins with 0. */
const withZeros = (figure: number): number[] =>
  [...String(figure)]
    .reduce<string[]>(
      (heads, digit, i) =>
        heads.flatMap((head) => (i > 0 && (digit === '6' || digit === '8') ? [head + digit, head + '0'] : [head + digit])),
      [''],
    )
    .map(Number);

/** True where a zero may have been read as 6 or 8. Example: 660 V on a fuse, since 600 is usual and 660 is not. */
export function zeroInDoubt(field: PlateField, value: ReadingValue | undefined, plateId: string): boolean {
  const usual = usualOf(field, plateId);
  return usual !== undefined && figuresOf(value).some((figure) => !usual.has(figure) && withZeros(figure).some((one) => usual.has(one)));
}
