/** A coil in a few words. Example: '120 V AC 60 Hz'. */
import { rowsMark } from '../case/case';
import type { CoilSpec } from './figures';

const one = (volts: unknown, kind: unknown, hertz: unknown) =>
  `${typeof volts === 'number' || typeof volts === 'string' ? `${volts} V` : 'coil voltage not known'} ${kind === 'ac/dc' ? 'AC/DC' : String(kind ?? '').toUpperCase()}${Array.isArray(hertz) && hertz.length > 0 ? ` ${hertz.join('/')} Hz` : ''}`.trim();

export const coilShortDescription = (spec: CoilSpec): string =>
  Array.isArray(spec.coilMarks)
    ? rowsMark(spec.coilMarks)
        .map((mark) => one(mark.volts, mark.kind, mark.hertz))
        .join(', ')
    : one(spec.coilVoltsMin ? `${spec.coilVoltsMin}-${spec.coilVoltsMax}` : spec.coilVolts, spec.coilKind, spec.coilHertz);
