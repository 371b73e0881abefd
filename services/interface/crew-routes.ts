/** Routes of the crew: signing in and out, one's own account, people, tokens and the log. */
import { addPersonSchema, firstSchema, passwordSchema, pinSchema, signInSchema, tokenSchema } from '../../core/crew/crew-fields';
import { mayDo } from '../../core/crew/rights';
import { auditCsv, auditLines } from '../audit';
import { askFor } from '../care/queue';
import { careState } from '../care/state';
import { addPerson, changePassword, changePerson, changePersonSchema, crew, givePassword, peopleWith, setPin } from '../crew/people';
import {
  addPasskey,
  addPasskeySchema,
  endPasskey,
  ownPasskeys,
  passkeyQuestionSchema,
  passkeySignInSchema,
  placeOf,
  questionToAdd,
  questionToAnswer,
  questionToSignIn,
} from '../crew/passkeys';
import {
  demoSignInSchema,
  entrance,
  nameFirst,
  signIn,
  signInByPasskey,
  signInDemo,
  signOut,
  signOutEverywhere,
  NO_SESSION,
  type SignedIn,
} from '../crew/session';
import { endToken, makeToken, tokens } from '../crew/tokens';
import { siteSchema } from '../../core/plant/plant-fields';
import { setSite, siteSettings } from '../sites';
import { type Ask, fileResponse, route, SMALL, V1 } from './route';

/** Who came in, and their cookies. */
const entered = ({ person, cookies }: SignedIn, setCookies: Ask['setCookies']) => {
  setCookies(cookies);
  return { person };
};

const sessionRoutes = [
  route({
    method: 'GET',
    path: `${V1}/entrance`,
    right: 'open',
    summary: 'What the sign-in page offers',
    answers: 'The crew of the demo on this machine, and whether nobody is named yet.',
    handle: ({ headers }) => entrance(headers),
  }),
  route({
    method: 'POST',
    path: `${V1}/session`,
    right: 'open',
    summary: 'Sign in by name and password',
    answers: 'The person, and a session as a cookie.',
    body: { schema: signInSchema, largest: SMALL },
    handle: async ({ headers, json, setCookies }) => entered(await signIn(await json(), headers), setCookies),
  }),
  route({
    method: 'POST',
    path: `${V1}/session/demo`,
    right: 'open',
    summary: 'Sign in as one of the demo’s invented crew, on this machine alone',
    answers: 'The person, and a session as a cookie.',
    body: { schema: demoSignInSchema, largest: SMALL },
    handle: async ({ headers, json, setCookies }) => entered(await signInDemo(await json(), headers), setCookies),
  }),
  route({
    method: 'POST',
    path: `${V1}/session/first`,
    right: 'open',
    summary: 'Name the first administrator, by the code that the start printed',
    answers: 'The person, and a session as a cookie.',
    body: { schema: firstSchema, largest: SMALL },
    handle: async ({ headers, json, setCookies }) => entered(await nameFirst(await json(), headers), setCookies),
  }),
  route({
    method: 'POST',
    path: `${V1}/session/passkey/question`,
    right: 'open',
    summary: 'The question that a passkey answers to sign in',
    answers: 'Options for the browser; answered once, within five minutes.',
    perMinute: 60,
    handle: ({ headers }) => questionToSignIn(headers),
  }),
  route({
    method: 'POST',
    path: `${V1}/session/passkey`,
    right: 'open',
    summary: 'Sign in by a passkey',
    answers: 'The person, and a session as a cookie.',
    body: { schema: passkeySignInSchema, largest: SMALL },
    handle: async ({ headers, json, setCookies }) => entered(await signInByPasskey(await json(), headers), setCookies),
  }),
  route({
    method: 'DELETE',
    path: `${V1}/session`,
    right: 'own',
    summary: 'Sign out',
    answers: 'Nobody is signed in.',
    handle: ({ caller, setCookies }) => {
      setCookies(NO_SESSION);
      return signOut(caller);
    },
  }),
  route({
    method: 'DELETE',
    path: `${V1}/sessions`,
    right: 'own',
    summary: 'Sign out on every device',
    answers: 'Nobody is signed in.',
    handle: ({ caller, setCookies }) => {
      setCookies(NO_SESSION);
      return signOutEverywhere(caller);
    },
  }),
  route({
    method: 'GET',
    path: `${V1}/me`,
    right: 'own',
    summary: 'Who is signed in',
    answers: 'The person.',
    handle: ({ caller }) => ({ person: caller.person }),
  }),
  route({
    method: 'PUT',
    path: `${V1}/me/password`,
    right: 'own',
    summary: 'Change one’s own password; every other session ends',
    answers: 'It is changed.',
    body: { schema: passwordSchema, largest: SMALL },
    handle: async ({ json, caller }) => changePassword(await json(), caller),
  }),
  route({
    method: 'PUT',
    path: `${V1}/me/pin`,
    right: 'own',
    summary: 'Set one’s own PIN for signing off',
    answers: 'It is set.',
    body: { schema: pinSchema, largest: SMALL },
    handle: async ({ json, caller }) => setPin(await json(), caller),
  }),
];

const passkeyRoutes = [
  route({
    method: 'GET',
    path: `${V1}/me/passkeys`,
    right: 'own',
    summary: 'One’s own passkeys',
    answers: 'Their names, and whether passkeys can belong to the name by which this installation is reached.',
    handle: async ({ caller, headers }) => ({ passkeys: await ownPasskeys(caller), possible: placeOf(headers) !== null }),
  }),
  route({
    method: 'POST',
    path: `${V1}/me/passkeys/question`,
    right: 'own',
    summary: 'The question by which a device makes a passkey',
    answers: 'Options for the browser; answered once, within five minutes.',
    perMinute: 20,
    handle: ({ caller, headers }) => questionToAdd(caller, headers),
  }),
  route({
    method: 'POST',
    path: `${V1}/me/passkeys`,
    right: 'own',
    summary: 'Keep a passkey that this device made',
    answers: 'One’s own passkeys.',
    body: { schema: addPasskeySchema, largest: SMALL },
    handle: async ({ json, caller, headers }) => addPasskey(await json(), caller, headers),
  }),
  route({
    method: 'DELETE',
    path: `${V1}/me/passkeys/{id}`,
    right: 'own',
    summary: 'End a passkey',
    answers: 'One’s own passkeys.',
    handle: ({ params: { id = '' }, caller }) => endPasskey(id, caller),
  }),
  route({
    method: 'POST',
    path: `${V1}/signers/question`,
    right: 'work',
    summary: 'The question that a person’s passkey answers at a signature or an approval',
    answers: 'Options for the browser; answered once, within five minutes.',
    body: { schema: passkeyQuestionSchema, largest: SMALL },
    perMinute: 30,
    handle: async ({ json, caller, headers }) => questionToAnswer(await json(), caller, headers),
  }),
];

const peopleRoutes = [
  route({
    method: 'GET',
    path: `${V1}/signers`,
    right: 'see',
    summary: 'Who may sign a job off, and who may approve an override',
    answers: 'People by right.',
    handle: async () => ({
      sign: await peopleWith((role) => mayDo(role, 'sign')),
      approve: await peopleWith((role) => mayDo(role, 'approve')),
    }),
  }),
  route({
    method: 'GET',
    path: `${V1}/people`,
    right: 'administer',
    summary: 'The crew',
    answers: 'People with their roles.',
    handle: async () => ({ people: await crew() }),
  }),
  route({
    method: 'POST',
    path: `${V1}/people`,
    right: 'administer',
    summary: 'Name a person',
    answers: 'The person, and a password that works once.',
    body: { schema: addPersonSchema, largest: SMALL },
    handle: async ({ json, caller }) => addPerson(await json(), caller),
  }),
  route({
    method: 'PATCH',
    path: `${V1}/people/{id}`,
    right: 'administer',
    summary: 'Rename a person, give another role, or note that they left',
    answers: 'The person.',
    body: { schema: changePersonSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller }) => ({ person: await changePerson(id, await json(), caller) }),
  }),
  route({
    method: 'POST',
    path: `${V1}/people/{id}/password`,
    right: 'administer',
    summary: 'Give a person a password that works once',
    answers: 'The password, shown once.',
    handle: ({ params: { id = '' }, caller }) => givePassword(id, caller),
  }),
  route({
    method: 'GET',
    path: `${V1}/sites`,
    right: 'see',
    summary: 'Sites and what each of them asks for',
    answers: 'Sites.',
    handle: async () => ({ sites: await siteSettings() }),
  }),
  route({
    method: 'PATCH',
    path: `${V1}/sites/{id}`,
    right: 'administer',
    summary:
      'Set what a site asks for: its name, time zone, letters of tags, disputed methods, and whether a second person approves overrides',
    answers: 'The site.',
    body: { schema: siteSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller }) => ({ site: await setSite(id, await json(), caller) }),
  }),
  route({
    method: 'GET',
    path: `${V1}/tokens`,
    right: 'administer',
    summary: 'Tokens of the open interface',
    answers: 'Tokens without their text.',
    handle: async () => ({ tokens: await tokens() }),
  }),
  route({
    method: 'POST',
    path: `${V1}/tokens`,
    right: 'administer',
    summary: 'Make a token',
    answers: 'Its text, shown once.',
    body: { schema: tokenSchema, largest: SMALL },
    handle: async ({ json, caller }) => makeToken(await json(), caller),
  }),
  route({
    method: 'DELETE',
    path: `${V1}/tokens/{id}`,
    right: 'administer',
    summary: 'End a token',
    answers: 'It has ended.',
    handle: ({ params: { id = '' }, caller }) => endToken(id, caller),
  }),
  route({
    method: 'GET',
    path: `${V1}/audit`,
    right: 'administer',
    summary: 'What was done: sign-ins, rights, overrides, settings',
    answers: 'At most 500 lines that hold the words, newest first.',
    query: [{ name: 'q', meaning: 'The words.' }],
    handle: async ({ query }) => ({ lines: await auditLines(query.get('q') ?? '') }),
  }),
  route({
    method: 'GET',
    path: `${V1}/audit/export`,
    right: 'administer',
    summary: 'The whole log as CSV',
    answers: 'CSV.',
    file: 'text/csv',
    handle: async () => fileResponse(new TextEncoder().encode(await auditCsv()), 'text/csv; charset=utf-8', 'audit.csv'),
  }),
];

const careRoutes = [
  route({
    method: 'GET',
    path: `${V1}/care`,
    right: 'administer',
    summary: 'Backups and checks of what was signed: how they stand',
    answers: 'The last ten of either, the settings, and what is wrong.',
    handle: () => careState(),
  }),
  route({
    method: 'POST',
    path: `${V1}/care/backup`,
    right: 'administer',
    summary: 'Make a backup now',
    answers: 'Whether it was asked for; not where one waits already.',
    handle: ({ caller }) => askFor('backup', caller.person.name),
  }),
  route({
    method: 'POST',
    path: `${V1}/care/check`,
    right: 'administer',
    summary: 'Check now whether everything is as it was signed',
    answers: 'Whether it was asked for; not where one waits already.',
    handle: ({ caller }) => askFor('check', caller.person.name),
  }),
];

export const crewRoutes = [...sessionRoutes, ...passkeyRoutes, ...peopleRoutes, ...careRoutes];
