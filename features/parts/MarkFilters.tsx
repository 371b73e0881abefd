'use client';

import Button from '@mui/material/Button';
import { filterFields, MOST_FILTERS, readFilters, type PartFilter } from '@/core/catalogue/part-filters';
import { labelIn, type Field } from '@/core/fields/field';
import { wordText } from '@/core/language/word-text';
import { NumberBox } from '@/ui/forms/NumberBox';
import { SelectBox } from '@/ui/forms/SelectBox';
import { usePractice } from '@/ui/language/practice';

const MOST = 1e9;
const nameOf = (mark: string): string => mark.slice(0, mark.indexOf(':'));
const filterOf = (fields: readonly Field[], mark: string): PartFilter | undefined => {
  const read = readFilters(fields, [mark]);
  return read.ok ? read.filters[0] : undefined;
};

/** One mark that is filtered by: a range of figures, a word, or yes and no. */
function MarkFilter({ field, filter, onMark }: { field: Field; filter: PartFilter | undefined; onMark: (mark: string) => void }) {
  const label = labelIn(usePractice(), field);
  if (field.kind === 'number') {
    const { atLeast, atMost } = filter?.kind === 'range' ? filter : { atLeast: null, atMost: null };
    const put = (low: number | null, high: number | null) => onMark(`${field.name}:${low ?? ''}..${high ?? ''}`);
    const box = { unit: field.unit ?? '', min: -MOST, max: MOST, empty: true, placeholder: 'any' };
    return (
      <>
        <NumberBox {...box} label={`${label}, at least`} value={atLeast} onValue={(low) => put(low, atMost)} />
        <NumberBox {...box} label="at most" name={label} value={atMost} onValue={(high) => put(atLeast, high)} />
      </>
    );
  }
  const words: readonly (readonly [string, string])[] =
    field.kind === 'flag' ? [['yes', 'yes'], ['no', 'no']] : (field.words ?? []).map((word) => [word, wordText(word)] as const); // prettier-ignore
  const value = filter?.kind === 'word' ? filter.word : filter?.kind === 'flag' ? (filter.flag ? 'yes' : 'no') : '';
  return (
    <label style={{ display: 'grid' }}>
      <span>{label}</span>
      <SelectBox<string>
        aria-label={label}
        value={value}
        options={[['', 'any'], ...words]}
        onWord={(word) => onMark(`${field.name}:${word}`)}
      />
    </label>
  );
}

/** The marks of the family by which parts are looked for, each as often as wanted once. */
export function MarkFilters({
  fields,
  marks,
  onMarks,
}: {
  fields: readonly Field[];
  marks: readonly string[];
  onMarks: (marks: string[]) => void;
}) {
  const practice = usePractice();
  const can = filterFields(fields);
  const left = can.filter(({ name }) => !marks.some((mark) => nameOf(mark) === name));
  return (
    <div className="stack" role="group" aria-label="Filters by marks">
      {marks.map((mark, i) => {
        const field = can.find(({ name }) => name === nameOf(mark));
        return (
          field && (
            <div key={field.name} className="row-flex" style={{ alignItems: 'end' }}>
              <MarkFilter
                field={field}
                filter={filterOf(fields, mark)}
                onMark={(next) => onMarks(marks.map((one, k) => (k === i ? next : one)))}
              />
              <Button aria-label={`Without ${labelIn(practice, field)}`} onClick={() => onMarks(marks.filter((_, k) => k !== i))}>
                Take away
              </Button>
            </div>
          )
        );
      })}
      {left.length > 0 && marks.length < MOST_FILTERS && (
        <SelectBox<string>
          aria-label="Filter by a mark"
          style={{ width: 260 }}
          value=""
          options={[['', 'Filter by a mark'], ...left.map((field) => [field.name, labelIn(practice, field)] as const)]}
          onWord={(name) => name !== '' && onMarks([...marks, `${name}:`])}
        />
      )}
    </div>
  );
}
