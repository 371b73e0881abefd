/**
 * How large is a conductor that is named by its gauge? AWG by the rule of ASTM B258 (diameter 0.127 mm x 92^((36 - n) / 39), from memory), kcmil
 * by its definition (thousand circular mils). Cross-sections are those of the metal, in mm².
 */
const MM2_PER_KCMIL = 0.506707;
const SMALLEST = 30;
/** 4/0 counts on below 0: 1/0 is 0, 2/0 is -1. */
const LARGEST = -3;

const areaOf = (gauge: number): number => (Math.PI / 4) * (0.127 * 92 ** ((36 - gauge) / 39)) ** 2;
const nameOf = (gauge: number): string => (gauge > 0 ? `${gauge} AWG` : `${1 - gauge}/0 AWG`);
const figures = (area: number): number => Number(area.toPrecision(4));

/** Gauges of terminals by cross-section, with their names; kcmil above 4/0. */
const named: readonly (readonly [string, number])[] = [
  ...Array.from({ length: SMALLEST - LARGEST + 1 }, (_, i): [string, number] => [nameOf(SMALLEST - i), figures(areaOf(SMALLEST - i))]),
  ...[250, 300, 350, 400, 500, 600, 750, 1000, 1500, 2000].map((size): [string, number] => [
    `${size} kcmil`,
    figures(size * MM2_PER_KCMIL),
  ]),
];

const GAUGE = /^(?:AWG\s*)?(?:#|no\.?\s*)?(\d{1,2})(\/0)?(?:\s*AWG)?$/i;
const KCMIL = /^(\d{3,4})\s*(?:kcmil|mcm)$/i;

/**
 * Reads one gauge: "10 AWG", "AWG 10", "#10", "2/0", "250 kcmil"; a bare figure is none.
 * @returns its cross-section in mm², or undefined where the text names no gauge.
 */
export function readGauge(text: string): number | undefined {
  const kcmil = KCMIL.exec(text.trim());
  if (kcmil) return figures(Number(kcmil[1]) * MM2_PER_KCMIL);
  const found = GAUGE.exec(text.trim());
  if (!found || !/awg|#|\/0/i.test(text)) return undefined;
  return ofGauge(Number(found[1]), found[2] !== undefined);
}

function ofGauge(figure: number, aught: boolean): number | undefined {
  const gauge = aught ? 1 - figure : figure;
  return gauge < LARGEST || gauge > SMALLEST || (aught && figure === 0) ? undefined : figures(areaOf(gauge));
}

/**
 * Reads a range of gauges as terminals print it: "14-8 AWG", "18 to 2/0 AWG". The smaller conductor has the larger figure.
 * @param text without or with its "AWG"; what stands in brackets is the same in mm², as we write it ourselves; @returns [smallest, largest] in mm², or undefined where it is no such range.
 */
export function readGaugeRange(text: string): [number, number] | undefined {
  const ends = text
    .replace(/\([^()]*\)|awg|#/gi, '')
    .split(/\s*(?:-|–|…|\.{2,3}|\bto\b)\s*/i)
    .map((end) => /^(\d{1,2})(\/0)?$/.exec(end.trim()));
  const [low, high] = ends.map((end) => (end ? ofGauge(Number(end[1]), end[2] !== undefined) : undefined));
  return ends.length === 2 && low !== undefined && high !== undefined && low < high ? [low, high] : undefined;
}

/** Name of the gauge that has just this cross-section, as `readGauge` gives it; undefined for any other. */
export const gaugeOf = (mm2: number): string | undefined => named.find(([, area]) => Math.abs(mm2 / area - 1) < 1e-9)?.[0];
