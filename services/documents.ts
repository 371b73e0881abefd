/** Documents and pictures at a site, a panel, a position or a part: looked at before they are kept, handed out as they came. */
import { createHash, randomUUID } from 'node:crypto';
import * as yup from 'yup';
import { documentName, documentPlaces, MOST_DOCUMENTS, sniffDocument } from '../core/documents/document';
import { database } from '../data/connection';
import {
  documentById,
  documentsAt,
  dropDocument,
  holdPlace,
  insertDocument,
  type DocumentRow,
  type ListedDocument,
  type Place,
} from '../data/documents';
import { inTransaction } from '../data/transaction';
import { audit } from './audit';
import type { Caller } from './crew/caller';
import { isUuid } from './is-uuid';
import { notFound, ServiceError } from './service-error';
import { validate } from './validate';

export type DocumentView = { id: string; name: string; kind: string; size: number; sha256: string; addedBy: string; addedAt: string };
const view = ({ id, name, kind, size, sha256, added_by, added_at }: ListedDocument): DocumentView => ({
  ...{ id, name, kind, size, sha256, addedBy: added_by, addedAt: added_at.toISOString() },
});

const placeSchema = yup.object({
  of: yup
    .string()
    .strict()
    .oneOf([...documentPlaces], `of is one of ${documentPlaces.join(', ')}.`)
    .required('of is missing.'),
  id: yup.string().strict().max(200).required('id is missing.'),
});
const refused = (field: string, reason: string) => new ServiceError(422, [{ field, reason }]);
const placeWords = { site: 'This site', panel: 'This panel', position: 'This position', part: 'This part' } as const;

/** What is kept at a place, without its bytes. Throws 422. */
export const listDocuments = async (asked: unknown): Promise<DocumentView[]> =>
  (await documentsAt(database(), await validate(placeSchema, asked))).map(view);

/** Keeps a document at a place; the same one once more changes nothing. Throws 404 and 422. */
export async function addDocument(
  place: { of: string; id: string },
  file: { name: string; bytes: Uint8Array },
  { person, actor }: Pick<Caller, 'person' | 'actor'>,
): Promise<DocumentView> {
  const at: Place = await validate(placeSchema, place);
  const told = sniffDocument(file.bytes);
  if (!told.ok) throw refused('file', told.fault);
  const name = documentName(file.name);
  if (name === '') throw refused('file', 'The file has no name.');
  const row: DocumentRow = {
    ...{ id: randomUUID(), name, kind: told.kind, size: file.bytes.length, bytes: Buffer.from(file.bytes) },
    ...{ sha256: createHash('sha256').update(file.bytes).digest('hex'), added_by: person.name, added_at: new Date() },
  };
  return inTransaction(database(), async (trx) => {
    if (!(await holdPlace(trx, at))) throw notFound(placeWords[at.of]);
    const there = await documentsAt(trx, at);
    const same = there.find(({ sha256 }) => sha256 === row.sha256);
    if (same) return view(same);
    if (there.length >= MOST_DOCUMENTS) throw refused('file', `At most ${MOST_DOCUMENTS} documents are kept at one place.`);
    await insertDocument(trx, at, row);
    await audit(trx, actor, 'documents-changed', { [at.of]: at.id, document: name, added: true });
    return view(row);
  });
}

/** A document as it came. Throws 404. */
export async function documentFile(id: string): Promise<DocumentRow> {
  const row = isUuid(id) ? await documentById(database(), id) : undefined;
  if (!row) throw notFound('This document');
  return row;
}

/** Takes a document away. A second click changes nothing. */
export async function removeDocument(id: string, { actor }: Pick<Caller, 'actor'>): Promise<{ removed: boolean }> {
  if (!isUuid(id)) return { removed: false };
  return inTransaction(database(), async (trx) => {
    const gone = await dropDocument(trx, id);
    if (gone) {
      const where = documentPlaces.flatMap((of) => (gone[`${of}_id`] === null ? [] : [[of, gone[`${of}_id`]]]));
      await audit(trx, actor, 'documents-changed', { ...Object.fromEntries(where), document: gone.name, added: false });
    }
    return { removed: gone !== undefined };
  });
}
