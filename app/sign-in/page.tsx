import { headers } from 'next/headers';
import { entrance } from '@/services/crew/session';
import { SignIn } from '../../features/crew/SignIn';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Sign in' };

export default async function Page({ searchParams }: { searchParams: Promise<{ next?: string }> }) {
  const { next } = await searchParams;
  const { demo, first, passkeys } = await entrance(await headers());
  return <SignIn demo={demo} first={first} passkeys={passkeys} next={typeof next === 'string' ? next : '/'} />;
}
