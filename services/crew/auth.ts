/**
 * Sign-in by its library: sessions in PostgreSQL, passwords as argon2id, cookies for this site alone. None of the library's own paths is
 * reachable; the routes of the open interface call it, each with its right.
 */
import { hash, verify } from '@node-rs/argon2';
import { betterAuth } from 'better-auth';
import { createAuthEndpoint } from 'better-auth/api';
import { setSessionCookie } from 'better-auth/cookies';
import { username } from 'better-auth/plugins/username';
import { randomBytes } from 'node:crypto';
import { Pool } from 'pg';
import * as yup from 'yup';
import { addressOfDatabase } from '../../data/connection';
import { keyFile } from '../keys';
import { log } from '../log';

/** Memory in KiB, passes and lanes of argon2id. OWASP Password Storage Cheat Sheet, 2023, from memory. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

/** A password or PIN as it is kept. */
export const hashSecret = (secret: string): Promise<string> => hash(secret, COST);
export const matchesSecret = (kept: string, secret: string): Promise<boolean> => verify(kept, secret);

/** Are pages reached by https, so that cookies may ask for it? */
export const isSecure = (): boolean => process.env.LOYAL_COIL_ADDRESS?.startsWith('https:') ?? false;

const SESSION_SECONDS = 12 * 3600; // a shift
const RENEW_SECONDS = 3600;

/** Connections of the library's own, to the database of the process. One that is lost while it rests is made anew at its next use. */
function poolOf(url: string): Pool {
  const pool = new Pool({ connectionString: url, max: 4, connectionTimeoutMillis: 3000, statement_timeout: 10_000 });
  // One that is lost while it is lent out is told to who asked; nobody else waits for it.
  pool.on('connect', (client) => client.on('error', () => undefined));
  pool.on('error', (error) => log.warn({ error: error.message }, 'a resting connection was lost'));
  return pool;
}

const provenBody = yup.object({ personId: yup.string().strict().required() });
/** A session for one whom a passkey proved: called from the server alone, after the proof. */
const proven = () => ({
  id: 'proven',
  endpoints: {
    signInProven: createAuthEndpoint(
      '/sign-in/proven',
      { method: 'POST', body: provenBody, metadata: { SERVER_ONLY: true } },
      async (ctx) => {
        const user = await ctx.context.internalAdapter.findUserById(ctx.body.personId);
        if (!user) return ctx.json({ entered: false });
        await setSessionCookie(ctx, { session: await ctx.context.internalAdapter.createSession(user.id), user });
        return ctx.json({ entered: true });
      },
    ),
  },
});

const make = (url: string) =>
  betterAuth({
    appName: 'Loyal Coil',
    baseURL: process.env.LOYAL_COIL_ADDRESS ?? 'http://127.0.0.1',
    secret: process.env.LOYAL_COIL_SECRET ?? keyFile('session.secret', () => randomBytes(32).toString('base64url')),
    database: poolOf(url),
    user: {
      modelName: 'people',
      additionalFields: {
        role: { type: 'string', required: true, input: false },
        pinHash: { type: 'string', required: false, input: false },
        mustChangePassword: { type: 'boolean', required: false, input: false },
        leftAt: { type: 'date', required: false, input: false },
      },
    },
    session: { modelName: 'sessions', expiresIn: SESSION_SECONDS, updateAge: RENEW_SECONDS, cookieCache: { enabled: false } },
    account: { modelName: 'credentials' },
    verification: { modelName: 'verifications' },
    emailAndPassword: {
      enabled: true,
      disableSignUp: true,
      minPasswordLength: 12,
      maxPasswordLength: 128,
      password: { hash: hashSecret, verify: ({ hash: kept, password }) => matchesSecret(kept, password) },
    },
    plugins: [username({ minUsernameLength: 2, maxUsernameLength: 40 }), proven()],
    advanced: {
      cookiePrefix: 'loyal-coil',
      useSecureCookies: isSecure(),
      defaultCookieAttributes: { sameSite: 'strict', httpOnly: true },
    },
    // Attempts are counted by us, by person and device: see `attempts.ts`.
    rateLimit: { enabled: false },
    logger: { disabled: true },
    telemetry: { enabled: false },
  });

export type Auth = ReturnType<typeof make>;
const holder = globalThis as { loyalCoilAuth?: { url: string; auth: Auth } };

/** The library over the database of this process. */
export function auth(): Auth {
  const url = addressOfDatabase();
  if (holder.loyalCoilAuth?.url !== url) holder.loyalCoilAuth = { url, auth: make(url) };
  return holder.loyalCoilAuth.auth;
}
