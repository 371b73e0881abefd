/** Judges a plain case that comes from outside: checks it, judges it, and names what it did not use. */
import type { Marks, PlainCase } from '../core/case/case';
import { withoutAliases } from '../core/case/aliases';
import { caseSchema, unusedNames } from '../core/case/schema';
import { families, familyOf } from '../core/families/registry';
import { judgeCase, type CaseAnswer } from '../core/judge-case';
import { validate } from './validate';

export const plainCaseSchema = caseSchema(families);

/** Returns the answer; `ignored` lists names in the case that this family does not use. Throws ServiceError 422. */
export async function judgePlainCase(body: unknown): Promise<CaseAnswer & { ignored?: string[] }> {
  const cast = (await validate(plainCaseSchema, withoutAliases(body))) as unknown as PlainCase;
  const plain: PlainCase = {
    ...cast,
    duty: (cast.duty as Marks | null | undefined) ?? {},
    removed: cast.removed ?? null,
  };
  const answer = judgeCase(plain);
  const ignored = unusedNames(plain, familyOf(plain.family)!.fields);
  return ignored.length > 0 ? { ...answer, ignored } : answer;
}
