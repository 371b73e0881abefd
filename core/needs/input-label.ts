/** The mark that a line rests on, in words. Example: 'load.codeLetter' is 'Code letter'. */
import { certain } from '../certain';
import type { Practice } from '../case/case';
import { dutyFields } from '../fields/duty-fields';
import { labelIn } from '../fields/field';
import { loadFields } from '../fields/load-fields';
import { supplyFields } from '../fields/supply-fields';
import { wordText } from '../language/word-text';

const sections = { supply: supplyFields, load: loadFields, duty: dutyFields };

export function inputLabel(input: string, practice: Practice): string {
  const [section, name = ''] = input.split('.');
  const field = Object.hasOwn(sections, certain(section))
    ? sections[section as keyof typeof sections].find((one) => one.name === name)
    : undefined;
  if (field) return labelIn(practice, field);
  const words = wordText(name.replace(/(Amps|Volts|Ohms|Seconds|Microfarads)$/, ''));
  return words.charAt(0).toUpperCase() + words.slice(1);
}
