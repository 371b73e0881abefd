/**
 * Which readings does a picture give, and which of them may be called read?
 * A wrong reading presented as certain is the worst result there is: a mark is read only where two looks at the letters give
 * the same value, every word under it is sure, nothing was repaired, and no cross-check speaks against it. All else is to be
 * confirmed. A field that both looks leave out stays out.
 */
import { certain } from '../certain';
import type { OcrPlate, SeenWord } from '../picture/ocr-plate';
import { fieldOfWord, sameValue, type Reading, type Readings } from '../readings/reading';
import { crossChecks } from './cross-checks';
import { headsOf } from './tables';
import { parsePlate, type PlateReading } from './parse-plate';
import type { PlateDefinition, PlateField } from './plate-field';
import { zeroInDoubt } from './zero-misread';

/** Word confidence, percent, from which two looks that agree are believed. */
const SURE = 80;
/** Marks of a single letter or figure have no redundancy of their own. */
const SURE_SINGLE = 90;

export type PictureReading = PlateReading & {
  text: string;
  words: (SeenWord & { field?: string })[];
};

const wordsUnder = (words: readonly SeenWord[], spans: readonly { start: number; end: number }[]): number[] =>
  words.flatMap((word, i) => (spans.some((span) => word.start < span.end && word.end > span.start) ? [i] : []));

const spansOf = (look: PlateReading, field: string) => look.spans.filter((span) => span.field === field);
/** Confidence of the least sure word under a field. */
const minOf = (look: PlateReading, words: readonly SeenWord[], field: string): number =>
  Math.min(100, ...wordsUnder(words, spansOf(look, field)).map((i) => certain(words[i]).confidence));

type Evidence = {
  field: PlateField;
  plateId: string;
  first?: Reading;
  second?: Reading;
  words: readonly SeenWord[];
  unnamed: boolean;
  crossed: boolean;
};

/** Why a reading is not yet certain, in words; undefined where nothing speaks against it. */
function doubtOf({ field, plateId, first, second, words, unnamed, crossed }: Evidence): string | undefined {
  if (!first || !second) return 'seen in one of two looks';
  if (!sameValue(first, second)) return `the two looks gave '${first.asPrinted}' and '${second.asPrinted}'`;
  if (first.toConfirm || second.toConfirm) return 'repaired';
  if (words.length === 0) return 'no word stands under it';
  if (crossed) return 'it does not go with another mark';
  if (zeroInDoubt(field, first.value, plateId)) return 'a zero may be read as 6 or 8';
  // Rows may lack one that was not seen; amps and volts without a name may be anybody's.
  if (field.kind === 'rows') return 'rows: see that none is missing';
  if (unnamed && (field.unit === 'A' || field.unit === 'V')) return 'no name stands beside it';
  const unsure = words.find(({ text, confidence }) => confidence < (text.replace(/[^A-Z0-9]/gi, '').length <= 1 ? SURE_SINGLE : SURE));
  return unsure && `sure to ${Math.round(unsure.confidence)} %`;
}

/** Fields whose name stands in the picture with nothing behind it that reads: worn, not absent. */
function wornFields(first: PlateReading, seen: OcrPlate, plate: PlateDefinition): [string, number[]][] {
  const taken = (start: number, end: number) => first.spans.some((span) => span.start < end && span.end > start);
  return seen.first.laid.rows.flat().flatMap((cell): [string, number[]][] => {
    if (taken(cell.start, cell.end)) return [];
    return headsOf(cell, plate).flatMap((head): [string, number[]][] => {
      const named =
        head.field &&
        !head.loose &&
        head.name.replace(/[^A-Z]/gi, '').length >= 2 &&
        head.field.kind !== 'text' &&
        head.field.kind !== 'flag';
      return named ? [[certain(head.field).id, wordsUnder(seen.first.words, [head.cell])]] : [];
    });
  });
}

/** Reads what was seen with the grammar of a plate. */
export function readSeen(seen: OcrPlate, plate: PlateDefinition): PictureReading {
  const first = parsePlate(seen.first.laid, plate);
  const second = parsePlate(seen.second.laid, plate);
  const crossed = new Set([first, second].flatMap(({ findings }) => findings.flatMap(({ fields }) => fields)));
  const readings: Readings = {};
  const { words } = seen.first;
  for (const field of new Set([...Object.keys(first.readings), ...Object.keys(second.readings)])) {
    const [a, b] = [first.readings[field], second.readings[field]];
    // Points get lost, they are not made up: of 15 and 1.5 the second is the better look.
    const lost =
      a !== undefined && b !== undefined && JSON.stringify(b.value).replace(/\./g, '') === JSON.stringify(a.value) && a.value !== b.value;
    const surer =
      a !== undefined && b !== undefined && !sameValue(a, b) && minOf(second, seen.second.words, field) > minOf(first, words, field);
    const useFirst = a !== undefined && !lost && !surer;
    const own = useFirst ? a : certain(b);
    const look = useFirst ? first : second;
    const from = useFirst ? words : seen.second.words;
    const under = wordsUnder(from, spansOf(look, field));
    const doubt = doubtOf({
      field: certain(plate.fields.find((one) => one.id === field)),
      plateId: plate.id,
      first: a,
      second: b,
      words: under.map((i) => certain(from[i])),
      unnamed: first.unnamed.includes(field) || second.unnamed.includes(field),
      crossed: crossed.has(field),
    });
    readings[field] = {
      state: 'read',
      value: own.value,
      asPrinted: own.asPrinted,
      from: ['picture', own.from?.split('; ')[1], doubt].filter(Boolean).join('; '),
      ...(useFirst ? { words: under } : {}),
      ...(doubt === undefined ? {} : { toConfirm: true }),
    };
  }
  for (const [field, under] of wornFields(first, seen, plate)) {
    if (readings[field]) continue;
    readings[field] = {
      state: 'unreadable',
      from: 'picture; its name stands there, its value does not read',
      words: under,
      toConfirm: true,
    };
  }
  return {
    ...first,
    readings,
    findings: crossChecks(readings, plate),
    text: seen.first.laid.text,
    words: words.map((word, i) => ({ ...word, field: fieldOfWord(readings, i) })),
  };
}
