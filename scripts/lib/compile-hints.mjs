// Scripts that a page runs at once, marked so that the browser compiles their functions beside the page instead of one by one in its way.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/** V8's hint for a whole file; it stands in the first line. A browser that does not know it reads a comment. */
export const COMPILE_HINT = '//# allFunctionsCalledOnLoad';

/** Marks every script of `folder`; one that is marked is left as it is. */
export function hintScripts(folder) {
  for (const name of readdirSync(folder, { recursive: true })) {
    if (!name.endsWith('.js')) continue;
    const file = path.join(folder, name);
    const script = readFileSync(file, 'utf8');
    if (!script.startsWith(COMPILE_HINT)) writeFileSync(file, `${COMPILE_HINT}\n${script}`);
  }
}
