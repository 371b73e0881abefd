/** Routes of a job: opened, saved, matched, its pictures, signed and approved. */
import { matchSchema, matchSwap } from '../match';
import { addPicture, listPictures, pictureFile, removePicture } from '../pictures';
import { choiceDetail } from '../sign';
import { logSchema } from '../../core/swap/said';
import { discardJob, discardSchema, endJob, endSchema, logAtPosition } from '../endings';
import { approveSchema, approveOverride, signAtDevice, signRequestSchema } from '../sign-at-device';
import { loadSwap, openSchema, openSwap, saveSchema, saveSwap } from '../swaps';
import { readPictureForm } from './forms';
import { BODY, fileResponse, route, SMALL, V1 } from './route';

export const jobRoutes = [
  route({
    method: 'POST',
    path: `${V1}/swaps`,
    right: 'work',
    summary: 'Open a swap at a position, from a symptom where one is given, or get the one that is open',
    answers: 'The id of the swap.',
    body: { schema: openSchema, largest: SMALL },
    handle: async ({ json, caller }) => openSwap(await json(), caller),
  }),
  route({
    method: 'GET',
    path: `${V1}/swaps/{id}`,
    right: 'see',
    summary: 'Read a swap',
    answers: 'The swap.',
    handle: ({ params: { id = '' } }) => loadSwap(id),
  }),
  route({
    method: 'PATCH',
    path: `${V1}/swaps/{id}`,
    right: 'work',
    summary: 'Save changes',
    answers: 'The new version.',
    body: { schema: saveSchema, largest: BODY },
    handle: async ({ params: { id = '' }, json, caller }) => saveSwap(id, await json(), caller),
  }),
  route({
    method: 'GET',
    path: `${V1}/swaps/{id}/pictures`,
    right: 'see',
    summary: 'Pictures kept with a swap',
    answers: 'Pictures without their bytes.',
    handle: ({ params: { id = '' } }) => listPictures(id),
  }),
  route({
    method: 'POST',
    path: `${V1}/swaps/{id}/pictures`,
    right: 'work',
    heavy: true,
    perMinute: 60,
    summary: 'Keep a picture with a swap',
    answers: 'The picture as kept.',
    body: {
      form: {
        picture: { file: true, required: true },
        original: { file: true },
        section: { words: ['load', 'removed'], required: true },
        kind: { required: true },
        seen: { required: true },
      },
      largest: 20_000_000,
    },
    handle: async ({ params: { id = '' }, headers, bytes }) => {
      const type = headers.get('content-type') ?? '';
      return addPicture(id, await readPictureForm(type, bytes));
    },
  }),
  route({
    method: 'GET',
    path: `${V1}/pictures/{id}`,
    right: 'see',
    summary: 'A kept picture',
    answers: 'JPEG, or the original with ?original.',
    file: 'image/jpeg',
    query: [{ name: 'original', meaning: 'Given, in whatever form: the picture as it was taken.' }],
    handle: async ({ params: { id = '' }, query }) => {
      const { bytes, type } = await pictureFile(id, query.has('original'));
      // As it was taken it is a stranger's file: kept on the reader's device, never opened as a page.
      const name = query.has('original') ? `picture-${id}` : undefined;
      return fileResponse(bytes, type, name, { 'cache-control': 'private, max-age=3600' });
    },
  }),
  route({
    method: 'DELETE',
    path: `${V1}/pictures/{id}`,
    right: 'work',
    summary: 'Take a picture away',
    answers: 'Whether it was there.',
    handle: ({ params: { id = '' } }) => removePicture(id),
  }),
  route({
    method: 'POST',
    path: `${V1}/swaps/{id}/match`,
    right: 'see',
    heavy: true,
    summary: 'Fit board of a swap',
    answers: 'Needs, removed part, ranked columns and why the rest fell.',
    body: { schema: matchSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json }) => matchSwap(id, await json()),
  }),
  route({
    method: 'GET',
    path: `${V1}/swaps/{id}/choice`,
    right: 'see',
    heavy: true,
    summary: 'The part chosen, with its terminals, settings, proofs and cautions',
    answers: 'The choice.',
    handle: ({ params: { id = '' } }) => choiceDetail(id),
  }),
  route({
    method: 'POST',
    path: `${V1}/swaps/{id}/sign`,
    right: 'work',
    perMinute: 30,
    summary: 'Sign a swap, by the PIN of who is signed in or of a mentor beside them',
    answers: 'The id of the record.',
    body: { schema: signRequestSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller, headers }) => signAtDevice(id, await json(), caller, headers),
  }),
  route({
    method: 'POST',
    path: `${V1}/swaps/{id}/end`,
    right: 'work',
    perMinute: 30,
    summary: 'End a job without a new part: adjusted, repaired, nothing found, found elsewhere, waiting for a part',
    answers: 'It has ended.',
    body: { schema: endSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller, headers }) => endJob(id, await json(), caller, headers),
  }),
  route({
    method: 'POST',
    path: `${V1}/swaps/{id}/discard`,
    right: 'work',
    perMinute: 30,
    summary: 'Discard an open job, by the PIN of a foreman',
    answers: 'It is discarded.',
    body: { schema: discardSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller, headers }) => discardJob(id, await json(), caller, headers),
  }),
  route({
    method: 'POST',
    path: `${V1}/positions/{id}/events`,
    right: 'work',
    perMinute: 60,
    summary: 'Note a fault, a measurement or a remark at a position',
    answers: 'It is noted.',
    body: { schema: logSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller }) => logAtPosition(id, await json(), caller),
  }),
  route({
    method: 'POST',
    path: `${V1}/swaps/{id}/approve`,
    right: 'work',
    perMinute: 30,
    summary: 'Approve a named override, by the PIN of a foreman',
    answers: 'The new version.',
    body: { schema: approveSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller, headers }) => approveOverride(id, await json(), caller, headers),
  }),
];
