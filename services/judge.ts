/** Judges a plain case that comes from outside: checks it, judges it, and names what it did not use. */
import { rowsMark } from '../core/case/case';
import { certain, isRecord } from '../core/certain';
import type { Part, PlainCase } from '../core/case/case';
import { withoutAliases } from '../core/case/aliases';
import { withoutBirthNames } from '../core/case/odd-names';
import { watched } from '../core/case/overlay';
import { caseSchema, LONGEST_ID, MAX_CANDIDATES, specReader, unusedNames } from '../core/case/schema';
import { families, familyOf } from '../core/families/registry';
import { judgeCase, type CaseAnswer } from '../core/judge-case';
import { ServiceError } from './service-error';
import { validate } from './validate';

export const plainCaseSchema = caseSchema(families);

export const lineChoices = ['all', 'decisive'] as const;
export type LineChoice = (typeof lineChoices)[number];

/** Reads which lines are asked for; throws ServiceError 422 for another word. */
export function lineChoice(word: string | null | undefined): LineChoice {
  const found = lineChoices.find((one) => one === (word ?? 'all'));
  if (!found) throw new ServiceError(422, [{ field: 'lines', reason: `lines is '${word}'; accepted: ${lineChoices.join(', ')}.` }]);
  return found;
}

const readers = new Map(families.map(({ id, fields }) => [id, specReader(fields)]));

/** Candidates as the schema casts them, read by its rules without its words; undefined where it would refuse one of them. */
function readCandidates(body: unknown): Part[] | undefined {
  if (!isRecord(body)) return undefined;
  const { family, candidates } = body;
  const read = readers.get(String(family));
  if (!read || !Array.isArray(candidates) || candidates.length > MAX_CANDIDATES) return undefined;
  const ids = new Set<string>();
  const parts: Part[] = [];
  for (const candidate of rowsMark(candidates)) {
    const spec = read(candidate?.spec);
    const id = candidate?.id;
    if (!spec || typeof id !== 'string' || id.length === 0 || id.length > LONGEST_ID || ids.has(id)) return undefined;
    ids.add(id);
    parts.push({ id, spec });
  }
  return parts;
}

/** The case as its schema casts it. Candidates that are all in order are not taken through the schema one by one. */
async function readCase(body: unknown): Promise<PlainCase> {
  const candidates = readCandidates(body);
  const rest = candidates && isRecord(body) ? { ...body, candidates: [] } : body;
  const cast = (await validate(plainCaseSchema, rest)) as unknown as PlainCase;
  return candidates ? { ...cast, candidates } : cast;
}

/**
 * Returns the answer; `ignored` lists names in the case that this family does not use, inside rows too, and marks of the load that
 * nothing here asks for. Throws ServiceError 422.
 */
export async function judgePlainCase(body: unknown, lines: LineChoice = 'all'): Promise<CaseAnswer & { ignored?: string[] }> {
  const odd = withoutBirthNames(body);
  const cast = await readCase(withoutAliases(odd.value, families));
  const load = watched(cast.load);
  const plain: PlainCase = {
    ...cast,
    load: load.marks,
    duty: isRecord(cast.duty) ? cast.duty : {},
    removed: cast.removed ?? null,
  };
  const answer = judgeCase(plain, { lines });
  const named = unusedNames({ ...plain, load: cast.load }, certain(familyOf(plain.family)).fields);
  const unread = Object.keys(cast.load)
    .filter((name) => !load.read.has(name))
    .map((name) => `load.${name}`);
  const ignored = [...new Set([...odd.ignored, ...named, ...unread])];
  return ignored.length > 0 ? { ...answer, ignored } : answer;
}
