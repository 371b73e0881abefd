/** Marks of a monitoring relay's plate as marks of the case: percents of its nominal volts as volts, dials as their ends. */
import { figuresMark } from '../../case/case';
import { certain } from '../../certain';
import type { FieldValues } from '../../case/case';

const ends = (mark: unknown): [unknown, unknown] => (Array.isArray(mark) && mark.length === 2 ? [mark[0], mark[1]] : [mark, mark]);
const changeoversOf: Record<string, number> = { SPDT: 1, DPDT: 2, '3PDT': 3, '4PDT': 4 };

function functionsOf(marks: FieldValues): Record<string, boolean | null> | undefined {
  const out: Record<string, boolean | null> = {};
  const put = (name: string, mark: unknown) => {
    if (mark !== undefined) out[name] = mark === null ? null : mark !== false && mark !== 'none';
  };
  put('phaseLoss', marks.phaseFailure);
  put('phaseSequence', marks.phaseSequence);
  put('undervoltage', marks.undervoltagePercent);
  put('overvoltage', marks.overvoltagePercent);
  put('asymmetry', marks.asymmetryPercent);
  return Object.keys(out).length > 0 ? out : undefined;
}

/** Returns the marks under the names of the case; names that are already the case's stay. */
export function monitoringSpecFromPlate(marks: FieldValues): FieldValues {
  const out: FieldValues = { ...marks };
  const put = (name: string, mark: unknown) => {
    if (out[name] === undefined && mark !== undefined) out[name] = mark;
  };
  const [low, high] = ends(marks.nominalVoltsRange ?? marks.nominalVolts);
  put('nominalVoltsMin', low);
  put('nominalVoltsMax', high);
  // Percents are of a nominal; of a range they are not one figure of volts.
  if (typeof low === 'number' && low === high && Array.isArray(marks.undervoltagePercent)) {
    const [from, to] = figuresMark(marks.undervoltagePercent);
    put('underVoltsMin', (certain(from) / 100) * low);
    put('underVoltsMax', (certain(to) / 100) * low);
  }
  const [least, most] = ends(marks.asymmetryPercent);
  put('asymmetrySettingMinPercent', least);
  put('asymmetrySettingMaxPercent', most);
  const [short, long] = ends(marks.delaySeconds);
  put('tripDelayMinSeconds', short);
  put('tripDelayMaxSeconds', long);
  if (typeof marks.contactForm === 'string') put('changeovers', changeoversOf[marks.contactForm]);
  if (out.functions === undefined) out.functions = functionsOf(marks);
  if (out.functions === undefined) delete out.functions;
  return out;
}
