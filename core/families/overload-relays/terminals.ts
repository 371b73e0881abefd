/** Which wire goes where on an overload relay? Contact marks 95-96 break, 97-98 make: IEC 60947-4-1 terminal marking, from memory. */
import { wordsMark } from '../../case/case';
import type { CanonicalOverloadRelay } from './figures';
import type { NeedContext, TerminalMove } from '../contract';

/** Main poles, then the trip contacts in use. */
export function overloadTerminals({ load }: NeedContext, _from: CanonicalOverloadRelay | null, to: CanonicalOverloadRelay): TerminalMove[] {
  const poles = typeof to.poles === 'number' ? to.poles : 3;
  const main = Array.from({ length: poles }, (_, i): TerminalMove => ({
    circuit: 'main',
    from: `T${i + 1}`,
    to: `T${i + 1}`,
    note: 'load side',
  }));
  const needed = Array.isArray(load.tripContactsNeeded) ? wordsMark(load.tripContactsNeeded) : ['NC'];
  const has = Array.isArray(to.tripContacts) ? wordsMark(to.tripContacts) : ['NC', 'NO'];
  const marks: Record<string, string> = { NC: '95-96', NO: '97-98', CO: '95-96-98' };
  return [
    ...main,
    ...needed.map((form): TerminalMove => ({
      circuit: 'auxiliary',
      from: marks[form] ?? form,
      to: has.includes(form) ? (marks[form] ?? form) : 'none on this relay',
      note: form === 'NC' ? 'in the coil circuit' : 'tells of a trip',
    })),
  ];
}
