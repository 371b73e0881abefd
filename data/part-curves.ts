/** Curves of makers, kept with their parts. */
import type { Knex } from 'knex';
import type { PartSpec } from '../core/case/case';
import type { Band } from '../core/curves/band';

export type PartCurveRow = { part_id: string; band: Band; source: string; marks_before: PartSpec; saved_at: Date };

export const curveOfPart = (knex: Knex, partId: string): Promise<PartCurveRow | undefined> =>
  knex<PartCurveRow>('part_curves').where({ part_id: partId }).first();

export const curvesOfParts = (knex: Knex, partIds: readonly string[]): Promise<PartCurveRow[]> =>
  knex<PartCurveRow>('part_curves').whereIn('part_id', partIds);
