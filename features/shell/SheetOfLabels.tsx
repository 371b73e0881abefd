'use client';

import { isOneOf } from '@/core/certain';
import { labelSheets, sheetNames } from '@/core/stores/label-sheets';
import { useKept } from '@/client/use-kept';
import { SelectBox } from '@/ui/forms/SelectBox';

type Query = Readonly<Record<string, string>>;
const isSheet = (value: unknown): value is (typeof sheetNames)[number] => isOneOf(sheetNames, value);

/** The code of one label, to be read off the screen: half as large as it is drawn, so that each of its squares is whole pixels. */
export const CodeOf = ({ query, name }: { query: Query; name: string }) => (
  <img
    srcSet={`/api/v1/labels/code?${new URLSearchParams(query).toString()} 2x`}
    alt={`Code that leads to ${name}`}
    style={{ minHeight: 148, background: '#fff', borderRadius: 6, imageRendering: 'pixelated' }}
  />
);

/** Labels to print; which sheet lies in the printer is kept on this device. */
export function SheetOfLabels({ words, query }: { words: string; query: Query }) {
  const [sheet, setSheet] = useKept('label sheet', () => sheetNames[0] ?? 'a4-3x8', isSheet);
  return (
    <span className="row-flex">
      <a href={`/api/v1/labels?${new URLSearchParams({ ...query, sheet }).toString()}`} target="_blank" rel="noreferrer">
        {words}
      </a>
      <SelectBox
        aria-label={`Sheet for ${words.toLowerCase()}`}
        style={{ width: 260 }}
        value={sheet}
        options={sheetNames.map((name) => [name, labelSheets[name].title] as const)}
        onWord={(name) => setSheet(() => name)}
      />
    </span>
  );
}
