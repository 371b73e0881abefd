/**
 * Every page comes through here first: from where it is asked for, by whom, and what the answer allows a page to do. The open interface
 * asks at its own door, since whatever passes here has its body copied into memory before anybody has counted it.
 */
import { NextResponse, type NextRequest } from 'next/server';
import { authorise } from './services/crew/caller';
import type { Person } from './core/crew/person';
import { pageRight } from './services/crew/pages';
import { SIGNED_IN, signedInText } from './services/crew/signed-in';
import { contentSecurityPolicy, refusalOf } from './services/doors';
import { isUnreachable } from './services/health';
import { log } from './services/log';
import { ServiceError } from './services/service-error';

const development = process.env.NODE_ENV === 'development';

type Shown = { person: Person | null } | { to: string; status?: number };

/** Who a page is shown to; or where it leads that may not be shown: to the door, to the own account, or to a page that says why. */
async function shownTo({ headers, nextUrl }: NextRequest): Promise<Shown> {
  try {
    return { person: (await authorise(headers, pageRight(nextUrl.pathname)))?.person ?? null };
  } catch (error) {
    if (error instanceof ServiceError && error.status === 401)
      return { to: `/sign-in?next=${encodeURIComponent(nextUrl.pathname + nextUrl.search)}` };
    if (error instanceof ServiceError) return { to: error.faults[0]?.field === 'password' ? '/crew' : '/not-yours' };
    if (!isUnreachable(error)) log.error({ err: error }, 'who asks could not be found out');
    return { to: '/out-of-reach', status: 503 };
  }
}

/** A path whose percent signs code nothing: the framework would fail on it. */
function isMalformed(pathname: string): boolean {
  try {
    decodeURIComponent(pathname);
    return false;
  } catch {
    return true;
  }
}

export async function proxy(request: NextRequest): Promise<NextResponse> {
  const { method, headers, nextUrl } = request;
  if (isMalformed(nextUrl.pathname)) {
    const reason = 'This address is not written as addresses are: a percent sign in it codes no letter.';
    return NextResponse.json({ faults: [{ field: 'path', reason }] }, { status: 400 });
  }
  // Of the open interface only such an address comes here.
  if (nextUrl.pathname.startsWith('/api/')) return NextResponse.next();
  const refusal = refusalOf(method, headers);
  if (refusal) return NextResponse.json({ faults: [{ field: '', reason: refusal.reason }] }, { status: refusal.status });
  const shown = await shownTo(request);
  const other = 'to' in shown ? shown : undefined;
  if (other && other.status === undefined) return NextResponse.redirect(new URL(other.to, nextUrl));
  const policy = contentSecurityPolicy(Buffer.from(crypto.randomUUID()).toString('base64'), development);
  // The framework takes the nonce for its own scripts from the request.
  const inner = new Headers(headers);
  inner.set('content-security-policy', policy);
  // Found out once: the page takes the name from here, whatever the caller sent under it.
  inner.set(SIGNED_IN, signedInText('person' in shown ? shown.person : null));
  const answer = other
    ? NextResponse.rewrite(new URL(other.to, nextUrl), { request: { headers: inner }, status: other.status })
    : NextResponse.next({ request: { headers: inner } });
  answer.headers.set('content-security-policy', policy);
  answer.headers.set('cache-control', 'no-store');
  return answer;
}

export const config = { matcher: ['/((?!_next/static|api/).*)', '/api/(.*%.*)'] };
