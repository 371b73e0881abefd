/**
 * Every page comes through here first: who asks, and what the answer allows a page to do. The open interface asks at its own door, since
 * whatever passes here has its body copied into memory before anybody has counted it.
 */
import { NextResponse, type NextRequest } from 'next/server';
import { contentSecurityPolicy, refusalOf } from './services/doors';

const development = process.env.NODE_ENV === 'development';

export function proxy(request: NextRequest): NextResponse {
  const { method, headers } = request;
  const refusal = refusalOf(method, headers);
  if (refusal) return NextResponse.json({ faults: [{ field: '', reason: refusal.reason }] }, { status: refusal.status });
  const policy = contentSecurityPolicy(Buffer.from(crypto.randomUUID()).toString('base64'), development);
  // The framework takes the nonce for its own scripts from the request.
  const inner = new Headers(headers);
  inner.set('content-security-policy', policy);
  const answer = NextResponse.next({ request: { headers: inner } });
  answer.headers.set('content-security-policy', policy);
  return answer;
}

export const config = { matcher: '/((?!_next/static|api/).*)' };
