/** Documents and pictures at places and parts. The bytes are read only when one is asked for. */
import type { Knex } from 'knex';
import type { DocumentKind, DocumentPlace } from '../core/documents/document';

export type DocumentRow = {
  id: string;
  name: string;
  kind: DocumentKind;
  size: number;
  sha256: string;
  bytes: Buffer;
  added_by: string;
  added_at: Date;
};
export type ListedDocument = Omit<DocumentRow, 'bytes'>;
const listed = ['id', 'name', 'kind', 'size', 'sha256', 'added_by', 'added_at'] as const;

export type Gone = { name: string } & Record<`${DocumentPlace}_id`, string | null>;
export type Place = { of: DocumentPlace; id: string };
const at = ({ of, id }: Place) => ({ [`${of}_id`]: id });

/** Holds the place until the transaction ends; false where there is none. */
export const holdPlace = async (trx: Knex, { of, id }: Place): Promise<boolean> =>
  (await trx(`${of}s`).where({ id }).forUpdate().first('id')) !== undefined;

export const documentsAt = (knex: Knex, place: Place): Promise<ListedDocument[]> =>
  knex<DocumentRow>('documents')
    .where(at(place))
    .orderBy(['added_at', 'id'])
    .select(...listed);

export const insertDocument = (trx: Knex, place: Place, row: DocumentRow) => trx('documents').insert({ ...row, ...at(place) });

export const documentById = (knex: Knex, id: string): Promise<DocumentRow | undefined> =>
  knex<DocumentRow>('documents').where({ id }).first();

/** Takes a document away; what it was and where, or undefined where it was not there. */
export const dropDocument = async (trx: Knex, id: string): Promise<Gone | undefined> =>
  (await trx('documents').where({ id }).delete().returning(['name', 'site_id', 'panel_id', 'position_id', 'part_id']))[0];
