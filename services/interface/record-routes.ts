/** Routes of what was signed: points to settle, chains, records and their files. */
import { takeAway } from '../take-away';
import { settleSchema } from '../../core/swap/settle-point';
import { settlePoint } from '../open-points';
import { labelPdf, recordPdf } from '../record-pdf';
import { loadRecord } from '../records';
import { verifyNow } from '../chain/state';
import { fileResponse, route, SMALL, streamedFile, V1 } from './route';

const nameOf = (kind: string, { body }: { body: { position: { tag: string }; signedAt: string } }, ending: string) =>
  `${kind}-${body.position.tag}-${body.signedAt.slice(0, 10)}.${ending}`;

export const recordRoutes = [
  route({
    method: 'GET',
    path: `${V1}/export`,
    right: 'administer',
    perMinute: 6,
    summary: 'Everything that is known of the plant, as one file to take away',
    answers: 'A ZIP: each table as JSON and as CSV, and the pictures.',
    file: 'application/zip',
    handle: () => streamedFile(takeAway(), 'application/zip', 'loyal-coil.zip'),
  }),
  route({
    method: 'POST',
    path: `${V1}/positions/{id}/settle`,
    right: 'work',
    summary: 'Settle what was signed as not known',
    answers: 'It is settled.',
    body: { schema: settleSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller }) => settlePoint(id, await json(), caller.person),
  }),
  route({
    method: 'GET',
    path: `${V1}/chain`,
    right: 'see',
    heavy: true,
    summary: 'Verify the chains of every site now',
    answers: 'Entries, newest head and what is not as it was signed, by site; and the public key.',
    handle: verifyNow,
  }),
  route({
    method: 'GET',
    path: `${V1}/records/{id}`,
    right: 'see',
    summary: 'A signed record',
    answers: 'The record with its hash, its signed entry in the chain, and what is not as it was signed.',
    handle: async ({ params: { id = '' } }) => {
      const { id: recordId, hash, body, entry, publicKey, altered } = await loadRecord(id);
      return { id: recordId, hash, record: body, entry, publicKey, altered };
    },
  }),
  route({
    method: 'GET',
    path: `${V1}/records/{id}/pdf`,
    right: 'see',
    heavy: true,
    perMinute: 60,
    summary: 'A signed record as PDF',
    answers: 'PDF.',
    file: 'application/pdf',
    handle: async ({ params: { id = '' } }) => {
      const record = await loadRecord(id);
      return fileResponse(await recordPdf(record), 'application/pdf', nameOf('swap', record, 'pdf'));
    },
  }),
  route({
    method: 'GET',
    path: `${V1}/records/{id}/label`,
    right: 'see',
    heavy: true,
    perMinute: 60,
    summary: 'A printable label as PDF',
    answers: 'PDF.',
    file: 'application/pdf',
    handle: async ({ params: { id = '' } }) => {
      const record = await loadRecord(id);
      return fileResponse(await labelPdf(record), 'application/pdf', nameOf('label', record, 'pdf'));
    },
  }),
];
