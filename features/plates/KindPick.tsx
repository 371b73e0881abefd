'use client';

import { plates } from '@/core/families/plates';
import { sayIn } from '@/core/language/by-practice';
import { inSentence } from '@/core/language/in-sentence';
import { SelectBox } from '@/ui/forms/SelectBox';
import { Notice } from '@/ui/shell/Notice';
import type { Reader } from './use-reader';

/** A second guess that weighs so much beside the first is said. */
const CLOSE = 0.7;

/** Which kind of plate it is: as the wording makes likely, or as chosen. */
export function KindPick({ reader }: { reader: Reader }) {
  const { practice, chosen, choose, guesses, plate, source } = reader;
  const title = (one: { title: string }) => inSentence(sayIn(practice, one.title));
  const [first, second] = guesses;
  return (
    <>
      <label className="row-flex">
        <span className="muted">It is a</span>
        <SelectBox<string>
          style={{ minWidth: 220 }}
          value={chosen ?? ''}
          options={[['', first ? `guessed: ${title(first)}` : 'not known yet'], ...plates.map((one) => [one.id, title(one)] as const)]}
          onWord={choose}
        />
      </label>
      {!chosen && first && second && second.weight > first.weight * CLOSE && (
        <Notice kind="check">It could also be {guesses.slice(1, 3).map(title).join(' or ')}. Choose, or ask the key.</Notice>
      )}
      {source.trim() !== '' && !plate && (
        <Notice kind="not-known">The wording does not identify the device. Choose it above, or use “What is this?”.</Notice>
      )}
    </>
  );
}
