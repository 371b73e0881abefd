/** Routes of documents and pictures at places and parts. */
import { documentEnding, documentPlaces, LARGEST_DOCUMENT } from '../../core/documents/document';
import { addDocument, documentFile, listDocuments, removeDocument } from '../documents';
import { readDocumentForm } from './forms';
import { fileResponse, route, V1 } from './route';

export const placeDocumentRoutes = [
  route({
    method: 'GET',
    path: `${V1}/documents`,
    right: 'see',
    summary: 'Documents and pictures at a place or a part',
    answers: 'What is kept there, without its bytes.',
    query: [
      { name: 'of', meaning: 'What it is kept at.', words: documentPlaces },
      { name: 'id', meaning: 'Of which one.' },
    ],
    handle: ({ query }) => listDocuments({ of: query.get('of') ?? undefined, id: query.get('id') ?? undefined }),
  }),
  route({
    method: 'POST',
    path: `${V1}/documents`,
    right: 'keep-documents',
    heavy: true,
    perMinute: 60,
    summary: 'Keep a document or a picture at a place or a part',
    answers: 'The document as kept; the same one once more is the one that is there.',
    body: {
      form: { file: { file: true, required: true }, of: { words: documentPlaces, required: true }, id: { required: true } },
      // Its form around it.
      largest: LARGEST_DOCUMENT + 10_000,
    },
    handle: async ({ headers, bytes, caller }) => {
      const { place, file } = await readDocumentForm(headers.get('content-type') ?? '', bytes);
      return addDocument(place, file, caller);
    },
  }),
  route({
    method: 'GET',
    path: `${V1}/documents/{id}`,
    right: 'see',
    summary: 'A document as it came',
    answers: 'Its bytes, to be kept on the reader’s device.',
    file: 'application/octet-stream',
    handle: async ({ params: { id = '' } }) => {
      const { bytes, kind, name } = await documentFile(id);
      // A stranger's file: kept on the reader's device, never opened as a page, and by the ending of what it is.
      const ending = documentEnding(kind);
      const called = name.toLowerCase().endsWith(`.${ending}`) ? name : `${name}.${ending}`;
      return fileResponse(bytes, kind, called, { 'cache-control': 'private, max-age=3600' });
    },
  }),
  route({
    method: 'DELETE',
    path: `${V1}/documents/{id}`,
    right: 'keep-documents',
    summary: 'Take a document away',
    answers: 'Whether it was there.',
    handle: ({ params: { id = '' }, caller }) => removeDocument(id, caller),
  }),
];
