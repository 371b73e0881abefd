/** A change of a job as a person reads it: which field of which plate, and what it says now. */
import type { Practice } from '@/core/case/case';
import { loadPlates, plateOf } from '@/core/families/plates';
import { familyOf } from '@/core/families/registry';
import { wordText } from '@/core/language/word-text';
import type { Reading } from '@/core/readings/reading';
import type { Change, SwapState } from '@/core/swap/swap';
import { cardsOf, plateFieldsOf, readingText, type EditField } from '../../ui/plates/edit-field';
import { stateWords } from '../../ui/plates/state-marks';

const places: Readonly<Record<string, string>> = {
  load: 'Load plate',
  supply: 'Supply',
  duty: 'Duty',
  removed: 'Removed plate',
  hazards: 'Hazards present',
  safe: 'Make safe',
  schools: 'Method',
  acknowledged: 'Acknowledged',
  overrides: 'Override',
  proofs: 'Test',
  asFound: 'As found',
  asLeft: 'As left',
  choice: 'Chosen part',
  typed: 'Typed plate',
  loadKind: 'Load',
  causes: 'Cause search',
};

function fieldOf(state: SwapState, practice: Practice, section: string, id: string): EditField | undefined {
  const family = familyOf(state.family);
  if (!family) return undefined;
  const plate = section === 'removed' ? plateOf(family.id) : section === 'load' ? loadPlates[state.loadKind] : undefined;
  const printed = plate && plateFieldsOf(plate, section === 'removed' ? 'removed' : 'load', practice).find((field) => field.id === id);
  if (printed) return printed;
  const { supply, wiring, part } = cardsOf(family, practice);
  return [...(section === 'removed' ? part : [...supply, ...wiring])].find((field) => field.id === id && field.section === section);
}

/** What an entry says: a reading by its field, a name, a choice by what is chosen; never its raw form. */
function valueText(value: unknown, field: EditField | undefined): string {
  if (value === null || value === undefined) return 'removed';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value !== 'object') return wordText(String(value));
  const reading = value as Partial<Reading> & { name?: unknown; by?: unknown };
  if (field && reading.value !== undefined) return readingText(field, reading as Reading);
  if (reading.state && reading.value === undefined) return stateWords[reading.state] ?? 'changed';
  if (typeof reading.name === 'string') return reading.name;
  if (typeof reading.by === 'string') return reading.by;
  return typeof reading.value === 'number' || typeof reading.value === 'string' ? wordText(String(reading.value)) : 'changed';
}

/** Returns the field of a change in words, and its value. Example: 'Load plate, service factor' and '1.25'. */
export function changeWords({ path, value }: Change, state: SwapState, practice: Practice): { what: string; says: string } {
  const [section = '', ...rest] = path.split('.');
  const id = rest.join('.');
  const field = fieldOf(state, practice, section, id);
  const place = places[section] ?? 'Job';
  const name = field?.label ?? (id ? wordText(id).replace(/-/g, ' ') : '');
  return { what: name ? `${place}: ${name}` : place, says: valueText(value, field) };
}
