/** Is a password on the lists of those that are tried first, leaked ones among them, or made of who it belongs to? */
import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common';
import { ServiceError } from '../service-error';

const WEAKEST = 4; // of 0 to 4: over ten thousand million guesses; the library's own scale

let guesser: ZxcvbnFactory | undefined;

/** Throws 422 where a password would soon be guessed; `own` are names of its person. */
export function refuseGuessed(password: string, own: readonly string[]): void {
  guesser ??= new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs });
  const { score } = guesser.check(password, ['loyal', 'coil', 'electrician', ...own, ...own.flatMap((name) => name.split(/\s+/))]);
  if (score < WEAKEST)
    throw new ServiceError(422, [
      {
        field: 'password',
        reason:
          'This password is soon guessed: it is on a list of common or leaked ones, or made of such words or a name. Take a longer sentence.',
      },
    ]);
}
