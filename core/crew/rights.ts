/**
 * Who may do what? The roles of a crew, and every right once. Nothing else in Loyal Coil asks for a role by its name.
 */
import { isOneOf } from '../certain';

export const roles = ['apprentice', 'electrician', 'foreman', 'stores', 'administrator'] as const;
export type Role = (typeof roles)[number];
export const isRole = (word: unknown): word is Role => isOneOf(roles, word);

/** What a role does, in a few words. */
export const roleWords: Readonly<Record<Role, string>> = {
  apprentice: 'does everything of a job but sign it off; a mentor signs',
  electrician: 'does jobs and signs them off',
  foreman: 'does and signs jobs, approves overrides, keeps methods, supplies and curves',
  stores: 'keeps the stock and looks at everything else',
  administrator: 'names people, their roles and tokens; keeps the settings of the installation',
};

/** Rights and the roles that hold them. */
export const rights = {
  /** Judge a plain case, compute a worksheet, read a plate: nothing is kept. */
  judge: roles,
  /** Look at sites, jobs, parts and records. */
  see: roles,
  /** Open a job, read its plates, choose, test; settle an open point. */
  work: ['apprentice', 'electrician', 'foreman'],
  /** Sign a job off. */
  sign: ['electrician', 'foreman'],
  /** Approve an override where the site wants a second person. */
  approve: ['foreman'],
  /** Keep what all jobs of a site rest on: its supply, curves of parts, letters of bays. */
  'keep-methods': ['electrician', 'foreman'],
  /** Draw sites, panels and positions; the first administrator begins with it. */
  'keep-plant': ['apprentice', 'electrician', 'foreman', 'administrator'],
  /** Enter parts into the catalogue, take pieces into stock. */
  'keep-stock': ['electrician', 'foreman', 'stores'],
  /** Keep documents and pictures at places and parts. */
  'keep-documents': roles,
  /** The figures of the running process. */
  measure: ['administrator'],
  /** People, roles, tokens, the log of what was done. */
  administer: ['administrator'],
} as const satisfies Record<string, readonly Role[]>;
export type Right = keyof typeof rights;

export const mayDo = (role: Role, right: Right): boolean => isOneOf(rights[right], role);

/** What a token of the open interface may be given; it never signs, approves or administers. */
export const scopes = ['judge', 'read', 'write', 'metrics'] as const;
export type Scope = (typeof scopes)[number];

const ofScope: Readonly<Record<Scope, readonly Right[]>> = {
  judge: ['judge'],
  read: ['see'],
  write: ['see', 'work', 'keep-methods', 'keep-plant', 'keep-stock', 'keep-documents'],
  metrics: ['measure'],
};

/** Does one of the scopes hold the right? The person who made the token must hold it too. */
export const scopesAllow = (given: readonly Scope[], right: Right): boolean => given.some((scope) => isOneOf(ofScope[scope], right));

/**
 * What a route or a page asks of who calls: a right; `own`, to be signed in, whoever one is; or `open`, nothing.
 * `own` alone is open to one who must first choose a password.
 */
export type Access = Right | 'own' | 'open';
