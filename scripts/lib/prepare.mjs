// Brings a database of a private cluster to the newest form, by the role that owns its tables; the application's role owns nothing.
import { run } from './machine.mjs';

/** Returns the address for the application. */
export function prepareDatabase(pg, port, name, flags = ['--demo']) {
  const databaseUrl = pg.ensureDatabase(port, name);
  const env = { ...process.env, DATABASE_URL: databaseUrl, DATABASE_OWNER_URL: pg.adminUrl(port, name) };
  run('npx', ['tsx', 'scripts/prepare-database.ts', ...flags], { env });
  return databaseUrl;
}
