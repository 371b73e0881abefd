// Brings a database of a private cluster to the newest form, by the role that owns its tables; the application's role owns nothing.
import { builtSources, isBuilt, preparer, run } from './machine.mjs';

/** The program that prepares a database: as the build made it, which starts in a moment, or from its source. */
export const prepareProgram = () => (isBuilt() ? [process.execPath, preparer] : ['npx', 'tsx', 'scripts/prepare-database.ts']);

/** The environment of that program for a database of a private cluster. */
export const prepareEnv = (pg, port, name) => ({
  ...process.env,
  // The rules that this build judges by: parts laid out by others are laid out anew.
  LOYAL_COIL_RULES: builtSources(),
  DATABASE_URL: pg.ensureDatabase(port, name),
  DATABASE_OWNER_URL: pg.adminUrl(port, name),
});

/** Returns the address for the application. */
export function prepareDatabase(pg, port, name, flags = ['--demo']) {
  const env = prepareEnv(pg, port, name);
  const [program, ...args] = prepareProgram();
  run(program, [...args, ...flags], { env });
  return env.DATABASE_URL;
}
