import type { WorksheetResult, WorksheetValues } from '../core/worksheets/contract';
import { worksheetSchema } from '../core/worksheets/contract';
import { worksheetOf, worksheets } from '../core/worksheets/registry';
import { citeSource } from '../core/standards/source';
import { notFound } from './service-error';
import { validate } from './validate';

/** Computes a worksheet from outside values. Throws ServiceError 404 and 422. */
export async function computeWorksheet(id: string, body: unknown): Promise<WorksheetResult & { sources: string[] }> {
  const sheet = worksheetOf(id);
  if (!sheet) throw notFound(`Worksheet '${id.slice(0, 60)}'`);
  const values = (await validate(worksheetSchema(sheet), body ?? null)) as WorksheetValues;
  return { ...sheet.compute(values), sources: sheet.sources.map(citeSource) };
}

/** Worksheets with their inputs and units. */
export const describeWorksheets = () =>
  worksheets.map(({ id, title, question, inputs, sources }) => ({
    id,
    title,
    question,
    inputs,
    sources: sources.map(citeSource),
  }));
