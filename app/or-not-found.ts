/** What a page shows, or the page that says that there is no such thing. */
import { notFound } from 'next/navigation';
import { ServiceError } from '@/services/service-error';

/** For `catch`: what is not there (404) leads to the page that says so; any other fault is thrown on. */
export function orNotFound(error: unknown): never {
  if (error instanceof ServiceError && error.status === 404) notFound();
  throw error;
}
