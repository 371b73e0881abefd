/** Passkeys in the browser: made and asked by a well-kept library, fetched when somebody wants one. */
import type * as webauthn from '@simplewebauthn/browser';
import { api, type ApiAnswer } from './api';

/** Can this browser hold passkeys, here? Browsers allow it over https and on the machine itself alone. */
export const canUsePasskeys = (): boolean => typeof window !== 'undefined' && window.isSecureContext && 'PublicKeyCredential' in window;

const stopped = <T>(error: unknown): ApiAnswer<T> => {
  const named = error instanceof Error ? error.name : '';
  const reason =
    named === 'InvalidStateError'
      ? 'This device has a passkey of yours already.'
      : named === 'NotAllowedError' || named === 'AbortError'
        ? 'The device did not answer, or it was broken off. Nothing was changed.'
        : 'This device cannot do it. Nothing was changed.';
  return { ok: false, status: 0, faults: [{ field: 'passkey', reason }], body: {}, offline: false };
};

type Library = typeof webauthn;

/** A question by the server, answered by the device, and what is sent with the answer. */
async function asked<Q, T>(
  question: Promise<ApiAnswer<Q>>,
  answer: (library: Library, options: Q) => Promise<unknown>,
  give: (answer: unknown) => Promise<ApiAnswer<T>>,
): Promise<ApiAnswer<T>> {
  const put = await question;
  if (!put.ok) return put;
  try {
    const given = await answer(await import('@simplewebauthn/browser'), put.value);
    return await give(given);
  } catch (error) {
    return stopped(error);
  }
}

type AddOptions = Parameters<Library['startRegistration']>[0]['optionsJSON'];
type AskOptions = Parameters<Library['startAuthentication']>[0]['optionsJSON'];

/** Makes a passkey on this device for who is signed in. */
export const makePasskey = <T>(name: string): Promise<ApiAnswer<T>> =>
  asked(
    api<AddOptions>('POST', '/api/v1/me/passkeys/question'),
    ({ startRegistration }, optionsJSON) => startRegistration({ optionsJSON }),
    (answer) => api<T>('POST', '/api/v1/me/passkeys', { name, answer }),
  );

/** Lets who holds a passkey come in. */
export const enterByPasskey = (): Promise<ApiAnswer<unknown>> =>
  asked(
    api<AskOptions>('POST', '/api/v1/session/passkey/question'),
    ({ startAuthentication }, optionsJSON) => startAuthentication({ optionsJSON }),
    (answer) => api('POST', '/api/v1/session/passkey', { answer }),
  );

/** Lets a person answer for a deed by a passkey; the deed is sent with the answer. */
export const answerByPasskey = <T>(personId: string, deed: (passkey: unknown) => Promise<ApiAnswer<T>>): Promise<ApiAnswer<T>> =>
  asked(
    api<AskOptions>('POST', '/api/v1/signers/question', { personId }),
    ({ startAuthentication }, optionsJSON) => startAuthentication({ optionsJSON }),
    deed,
  );
