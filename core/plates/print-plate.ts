/**
 * A plate as it could be printed, with random marks within their ranges: each on its line, name, value and unit as the grammar
 * has them. For drills, for tests of the round trip, and for the sample line of a plate.
 */
import { certain } from '../certain';
import type { ReadingValue } from '../readings/reading';
import type { PlateDefinition, PlateField } from './plate-field';

const VOLTS = [24, 120, 208, 230, 240, 400, 415, 460, 480, 600];

function valueOf(field: PlateField, random: () => number): { printed: string; value: ReadingValue } | undefined {
  const pick = <T>(list: readonly T[]): T => certain(list[Math.min(list.length - 1, Math.floor(random() * list.length))]);
  const figure = (): number => {
    const low = Math.max(field.min ?? 0, 0);
    const high = Math.min(field.max, 5000);
    const raw = low + (high - low) * random() * random();
    const rounded =
      field.unit === 'count' ? Math.max(Math.ceil(low), Math.round(raw)) : Number(Math.max(raw, low + (high - low) * 0.001).toPrecision(3));
    return field.unit === 'V' ? (VOLTS.filter((v) => v >= low && v <= field.max).at(Math.floor(random() * 3)) ?? rounded) : rounded;
  };
  switch (field.kind) {
    case 'flag':
      return { printed: '', value: true };
    case 'letter':
    case 'word': {
      const word = pick(certain(field.words));
      return { printed: word, value: word };
    }
    case 'hertz': {
      const hertz = pick([50, 60]);
      return { printed: String(hertz), value: field.id === 'hertz' ? hertz : [hertz] };
    }
    case 'number':
    case 'numbers':
    case 'volts': {
      const n = figure();
      const factor = certain(Object.values(field.units ?? { '': 1 })[0]);
      if (factor !== 1 || n <= 0 || /e/.test(String(n))) return undefined;
      return { printed: String(n), value: n };
    }
    default:
      return undefined;
  }
}

/** Prints up to half of a plate's fields, those that need no form of their own. Returns the text and what it says. */
export function printPlate(plate: PlateDefinition, random: () => number): { text: string; values: Record<string, ReadingValue> } {
  const values: Record<string, ReadingValue> = {};
  const lines: string[] = [];
  for (const field of plate.fields) {
    const name = [...field.names].sort((a, b) => b.length - a.length)[0];
    const unit = Object.keys(field.units ?? {})[0] ?? '';
    if (!name || name.length < 2 || random() < 0.5) continue;
    const made = valueOf(field, random);
    if (!made) continue;
    values[field.id] = made.value;
    lines.push(field.kind === 'flag' ? name : [name, made.printed, unit].filter(Boolean).join(' '));
  }
  return { text: lines.join('\n'), values };
}
