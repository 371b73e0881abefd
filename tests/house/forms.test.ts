/** One way to take a form and one to take a figure: a form goes through `useSentForm` with its schema, a typed figure through `useFigure`. */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { sourceFiles } from './cycles';

const screens = sourceFiles(process.cwd())
  .filter((file) => /^(features|ui|app)\/.*\.tsx?$/.test(file) && !file.includes('.test.'))
  .map((file) => [file, readFileSync(file, 'utf8')] as const);
const among = (holds: (text: string) => boolean) => screens.filter(([, text]) => holds(text)).map(([file]) => file);

/** A form that holds its fields by hand. */
export const heldByHand = (text: string): boolean => text.includes('<form') && !/\buseSentForm\b/.test(text) && !/\bresolver:/.test(text);
/** A typed figure read by hand. */
export const readByHand = (text: string): boolean => /\breadQuantity\b/.test(text);

describe('a form', () => {
  it('goes through its schema, but for the pad of a PIN', () => expect(among(heldByHand)).toEqual(['features/swap/card/Sign.tsx']));
  it('held by hand is found', () => expect(heldByHand('<form onSubmit={go}><TextBox value={name} /></form>')).toBe(true));
});

describe('a typed figure', () => {
  it('is read by the box that takes it; a mark of a plate and a calculation while it is typed have their own way', () =>
    expect(among(readByHand).sort()).toEqual(['ui/forms/NumberBox.tsx', 'ui/plates/edit-field.ts', 'ui/worksheets/WorksheetForm.tsx']));
  it('read by hand is found', () => expect(readByHand("const read = readQuantity(text, 'A', label);")).toBe(true));
});
