/** A maker's curve kept with its part: drawn at every position that carries the part, and held against needs by its edges. */
import { inTransaction } from '../data/transaction';
import { ownCurveOf } from '../core/families/curve-of-part';
import { wordsMark, numberMark } from '../core/case/case';
import { certain } from '../core/certain';
import type { PartSpec } from '../core/case/case';
import { partCurveSchema } from '../core/curves/part-curve-schema';
import { readCurveCsv, writeCurveCsv } from '../core/curves/csv';
import { curveMarks, marksOfCurve } from '../core/curves/marks-of-curve';
import { familyOf } from '../core/families/registry';
import type { PartRow } from '../data/catalogue';
import { database } from '../data/connection';
import { curveOfPart, type PartCurveRow } from '../data/part-curves';
import { notFound, ServiceError } from './service-error';
import { validate } from './validate';

export type PartCurveView = {
  csv: string;
  points: number;
  source: string;
  savedOn: string;
  holdsAmps: number | null;
  tripsAmps: number | null;
};

const viewOf = ({ band, source, saved_at }: PartCurveRow): PartCurveView => {
  const marks = marksOfCurve(band);
  return {
    csv: writeCurveCsv(band),
    points: (band.fast?.length ?? 0) + (band.slow?.length ?? 0),
    source,
    savedOn: saved_at.toISOString().slice(0, 10),
    holdsAmps: numberMark(marks, 'instantaneousHoldsAmps') ?? null,
    tripsAmps: numberMark(marks, 'instantaneousTripsAmps') ?? null,
  };
};

/** The curve of a part that is there, or null. */
export async function keptCurve(knex: ReturnType<typeof database>, partId: string): Promise<PartCurveView | null> {
  const row = await curveOfPart(knex, partId);
  return row ? viewOf(row) : null;
}

/** Returns the curve of a part, or null. Throws 404 where there is no such part. */
export async function partCurve(partId: string): Promise<PartCurveView | null> {
  const knex = database();
  if (!(await knex<PartRow>('parts').where({ id: partId }).first())) throw notFound('This part');
  return keptCurve(knex, partId);
}

const without = (spec: PartSpec): PartSpec =>
  Object.fromEntries(Object.entries(spec).filter(([name]) => !wordsMark(curveMarks).includes(name)));

/** Puts marks in the place of those of the curve. */
async function restate(trx: ReturnType<typeof database>, part: PartRow, marks: PartSpec): Promise<void> {
  const raw = { ...without(part.raw), ...marks };
  const spec = certain(familyOf(part.family)).canonical(raw);
  await trx('parts')
    .where({ id: part.id })
    .update({ raw: JSON.stringify(raw), spec: JSON.stringify(spec) });
}

/** Keeps a curve with a part, in place of one that was there. Throws 404, or 422 where the file is no curve. */
export async function savePartCurve(partId: string, body: unknown): Promise<PartCurveView> {
  const { csv, source } = await validate(partCurveSchema, body);
  const read = readCurveCsv(csv);
  if (!read.ok) throw new ServiceError(422, [{ field: 'csv', reason: read.fault }]);
  return inTransaction(database(), async (trx) => {
    const part = await trx<PartRow>('parts').where({ id: partId }).forUpdate().first();
    if (!part) throw notFound('This part');
    if (ownCurveOf(part.family) === 'none')
      throw new ServiceError(422, [{ field: 'id', reason: 'Curves are kept with breakers and fuses. A relay is drawn by its class.' }]);
    const before = await curveOfPart(trx, partId);
    const own = Object.fromEntries(curveMarks.flatMap((name) => (name in part.raw ? [[name, part.raw[name]]] : [])));
    const row: PartCurveRow = { part_id: partId, band: read.band, source, marks_before: before?.marks_before ?? own, saved_at: new Date() };
    await trx('part_curves')
      .insert({ ...row, band: JSON.stringify(row.band), marks_before: JSON.stringify(row.marks_before) })
      .onConflict('part_id')
      .merge(['band', 'source', 'saved_at']);
    await restate(trx, part, ownCurveOf(part.family) === 'judged' ? marksOfCurve(read.band) : {});
    return viewOf(row);
  });
}

/** Takes the curve of a part away and puts its own marks back. Returns whether there was one. */
export async function removePartCurve(partId: string): Promise<{ removed: boolean }> {
  return inTransaction(database(), async (trx) => {
    const part = await trx<PartRow>('parts').where({ id: partId }).forUpdate().first();
    if (!part) throw notFound('This part');
    const before = await curveOfPart(trx, partId);
    if (!before) return { removed: false };
    await trx('part_curves').where({ part_id: partId }).delete();
    await restate(trx, part, before.marks_before);
    return { removed: true };
  });
}
