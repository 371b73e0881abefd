/**
 * Who may knock? The host and the origin of a request against a list, and what every answer tells the browser to refuse.
 * A page of another site can send requests to this one from the reader's browser; a name that it makes point here (DNS rebinding) too.
 */
const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

/** Names under which this installation answers: loopback, and those that its setting lists, joined by commas. */
export const hostsOf = (listed: string | undefined): ReadonlySet<string> =>
  new Set([
    ...LOOPBACK,
    ...(listed ?? '')
      .split(',')
      .map((name) => name.trim().toLowerCase())
      .filter(Boolean),
  ]);

/** The name without its port. Example: '[::1]:3100' is '[::1]'. */
export const nameOf = (host: string): string => host.toLowerCase().replace(/:\d+$/, '');

/** Is this host the machine itself, by its own names? */
export const isLoopback = (host: string): boolean => LOOPBACK.includes(nameOf(host));

export type Knock = { method: string; host: string | null; origin: string | null; fetchSite: string | null };
/** What a request says of who sends it. */
const knockOf = (method: string, headers: Headers): Knock => ({
  method,
  host: headers.get('host'),
  origin: headers.get('origin'),
  fetchSite: headers.get('sec-fetch-site'),
});
export type Refusal = { status: 403 | 421; reason: string };

const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

const nameOfOrigin = (origin: string): string | undefined => {
  try {
    return nameOf(new URL(origin).host);
  } catch {
    return undefined;
  }
};

/** Why a request is refused at the door; undefined where it may come in. */
export function refusalAtDoor({ method, host, origin, fetchSite }: Knock, hosts: ReadonlySet<string>): Refusal | undefined {
  if (host === null || !hosts.has(nameOf(host)))
    return {
      status: 421,
      reason: `Loyal Coil does not answer under the name ${(host ?? '').slice(0, 80)}. An administrator lists its names in LOYAL_COIL_HOSTS.`,
    };
  if (READS.has(method)) return undefined;
  // What no browser sends has neither mark; it has no reader's rights to borrow either.
  const foreign = origin !== null && nameOfOrigin(origin) !== nameOf(host);
  if (foreign || fetchSite === 'cross-site')
    return { status: 403, reason: 'This request comes from a page of another site. Nothing was changed.' };
  return undefined;
}

const hosts = hostsOf(process.env.LOYAL_COIL_HOSTS);
/** The same for a request to this installation, by its own list. */
export const refusalOf = (method: string, headers: Headers): Refusal | undefined => refusalAtDoor(knockOf(method, headers), hosts);

/** What may run in a page: its own scripts, by the nonce of this answer; the reader of plates is WebAssembly. */
export const contentSecurityPolicy = (nonce: string, development = false): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic' 'wasm-unsafe-eval'${development ? " 'unsafe-eval'" : ''}`,
    // The library writes its styles into the page.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self'",
    `connect-src 'self' blob: data:${development ? ' ws:' : ''}`,
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
