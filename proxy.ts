/**
 * Every page comes through here first: from where it is asked for, by whom, and what the answer allows a page to do. The open interface
 * asks at its own door, since whatever passes here has its body copied into memory before anybody has counted it.
 */
import { NextResponse, type NextRequest } from 'next/server';
import { authorise } from './services/crew/caller';
import { pageRight } from './services/crew/pages';
import { contentSecurityPolicy, refusalOf } from './services/doors';
import { isUnreachable } from './services/health';
import { log } from './services/log';
import { ServiceError } from './services/service-error';

const development = process.env.NODE_ENV === 'development';

/** Where a page leads that may not be shown: to the door, to the own account, or to a page that says why. */
async function instead({ headers, nextUrl }: NextRequest): Promise<{ to: string; status?: number } | undefined> {
  try {
    await authorise(headers, pageRight(nextUrl.pathname));
    return undefined;
  } catch (error) {
    if (error instanceof ServiceError && error.status === 401)
      return { to: `/sign-in?next=${encodeURIComponent(nextUrl.pathname + nextUrl.search)}` };
    if (error instanceof ServiceError) return { to: error.faults[0]?.field === 'password' ? '/crew' : '/not-yours' };
    if (!isUnreachable(error)) log.error({ err: error }, 'who asks could not be found out');
    return { to: '/out-of-reach', status: 503 };
  }
}

export async function proxy(request: NextRequest): Promise<NextResponse> {
  const { method, headers, nextUrl } = request;
  const refusal = refusalOf(method, headers);
  if (refusal) return NextResponse.json({ faults: [{ field: '', reason: refusal.reason }] }, { status: refusal.status });
  const other = await instead(request);
  if (other && other.status === undefined) return NextResponse.redirect(new URL(other.to, nextUrl));
  const policy = contentSecurityPolicy(Buffer.from(crypto.randomUUID()).toString('base64'), development);
  // The framework takes the nonce for its own scripts from the request.
  const inner = new Headers(headers);
  inner.set('content-security-policy', policy);
  const answer = other
    ? NextResponse.rewrite(new URL(other.to, nextUrl), { request: { headers: inner }, status: other.status })
    : NextResponse.next({ request: { headers: inner } });
  answer.headers.set('content-security-policy', policy);
  answer.headers.set('cache-control', 'no-store');
  return answer;
}

export const config = { matcher: '/((?!_next/static|api/).*)' };
