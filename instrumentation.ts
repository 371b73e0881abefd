/** What starts with the server, before the first request. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { hasPool, pool } = await import('./services/pool/pool');
  if (hasPool()) pool();
  const { startCare } = await import('./services/care/queue');
  startCare();
}
