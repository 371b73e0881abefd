/** Reading plates for the open interface: text or picture, the same functions as the screens use. */
import { certain } from '../core/certain';
import * as yup from 'yup';
import { guessPlate, plateOf, plates, type Guess } from '../core/families/plates';
import { parsePlate, type PlateReading } from '../core/plates/parse-plate';
import { NO_PLATE, readsLikeAPlate } from '../core/picture/ocr-plate';
import { readSeen, type PictureReading } from '../core/plates/read-seen';
import { seePicture } from './picture-engine';
import { ServiceError } from './service-error';
import { validate } from './validate';

const kinds = plates.map(({ id }) => id);
const LARGEST_TEXT = 200_000;

export const readPlateSchema = yup
  .object({
    kind: yup
      .string()
      .strict()
      .oneOf(kinds, ({ value }) => `kind is ${JSON.stringify(value)}; accepted: ${kinds.join(', ')}. Leave it out and it is guessed.`),
    text: yup.string().strict().max(LARGEST_TEXT, `text may hold at most ${LARGEST_TEXT} characters; a plate has a few hundred.`),
    picture: yup
      .string()
      .strict()
      .max(21_000_000, 'The picture is larger than 15 MB. Take it at a lower resolution, or crop it.')
      .test(
        'form',
        'Send text or picture (base64 or a data URL), one of them.',
        (picture, context) => (picture === undefined) !== ((context.parent as { text?: string }).text === undefined),
      ),
  })
  .noUnknown(true, ({ unknown }) => `Unknown field: ${unknown}. Accepted: kind, text, picture.`)
  .strict()
  .typeError('The body must be a JSON object.');

export type PlateAnswer = { kind: string; guessed: boolean; guesses: Guess[] } & PlateReading &
  Partial<Pick<PictureReading, 'text' | 'words'>>;

function plateFor(kind: string | undefined, text: string) {
  const guesses = guessPlate(text);
  const plate = plateOf(kind ?? guesses[0]?.id ?? '');
  if (!plate)
    throw new ServiceError(422, [
      {
        field: 'kind',
        reason: text.trim() === '' ? NO_PLATE : `It is not clear what kind of plate this is. Give kind: ${kinds.join(', ')}.`,
      },
    ]);
  return { plate, guesses, guessed: kind === undefined };
}

/** Reads a text; throws 422 where the kind is neither given nor to be guessed. */
export function readPlateText(text: string, kind?: string): PlateAnswer {
  const { plate, guesses, guessed } = plateFor(kind, text);
  return { kind: plate.id, guessed, guesses, ...parsePlate(text, plate) };
}

/** Reads a picture; throws 422 where it is no picture or nothing stands in it. */
export async function readPlatePicture(bytes: Uint8Array, kind?: string): Promise<PlateAnswer> {
  if (kind !== undefined) await validate(readPlateSchema, { kind, text: '' });
  const seen = await seePicture(bytes);
  if (!readsLikeAPlate(seen)) plateFor(undefined, '');
  const { plate, guesses, guessed } = plateFor(kind, seen.first.laid.text);
  return { kind: plate.id, guessed, guesses, ...readSeen(seen, plate) };
}

/** Answers a request in JSON: text, or a picture in base64. */
export async function readPlateRequest(body: unknown): Promise<PlateAnswer> {
  const { kind, text, picture } = await validate(readPlateSchema, body);
  if (text !== undefined) return readPlateText(text, kind);
  const base64 = certain(picture).replace(/^data:[^,]{0,60},/, '');
  if (!/^[A-Za-z0-9+/\s]+={0,2}\s*$/.test(base64))
    throw new ServiceError(422, [{ field: 'picture', reason: 'picture is not base64. Send base64 or a data URL.' }]);
  return readPlatePicture(new Uint8Array(Buffer.from(base64, 'base64')), kind);
}
