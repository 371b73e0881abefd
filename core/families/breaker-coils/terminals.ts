/** Which wire goes where on a breaker's coil? The marks are usual; the maker's diagram decides. Common practice. */
import type { AccessoryAction } from '../../fields/accessory-fields';
import type { CanonicalBreakerCoil } from './figures';
import type { NeedContext, TerminalMove } from '../contract';
import { actionOf } from './needs';

const usual: Record<AccessoryAction, readonly string[]> = {
  'opens-on-signal': ['C1', 'C2'],
  'opens-when-supply-fails': ['D1', 'D2'],
  'closes-on-signal': ['A1', 'A2'],
  'charges-the-spring': ['U1', 'U2'],
  'signals-position': ['11', '12', '14'],
  'signals-trip': ['81', '82', '84'],
};

const marksOf = (part: CanonicalBreakerCoil | null, action: AccessoryAction): readonly string[] => {
  const printed = typeof part?.terminals === 'string' ? part.terminals.split(/[\s,-]+/).filter(Boolean) : [];
  return printed.length > 1 ? printed : usual[action];
};

/** Each terminal of the coil or contact. */
export function breakerCoilTerminals(context: NeedContext, from: CanonicalBreakerCoil | null, to: CanonicalBreakerCoil): TerminalMove[] {
  const action = actionOf(context);
  if (!action) return [];
  const [old, next] = [marksOf(from ?? to, action), marksOf(to, action)];
  const dc = context.supply.controlKind === 'dc';
  return next.map((mark, i) => ({
    circuit: action.startsWith('signals') ? 'auxiliary' : 'coil',
    from: old[i] ?? 'not on the old one',
    to: mark,
    note: dc && i === 0 && !action.startsWith('signals') ? 'plus, where it is marked' : 'the maker’s diagram decides',
  }));
}
