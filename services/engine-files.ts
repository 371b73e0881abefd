/** Files of the text engine that the browser asks for: its worker, its WebAssembly core and the shapes of its letters. */
import { readFile } from 'node:fs/promises';
import path from 'node:path';

const packages = path.join(/* turbopackIgnore: true */ process.cwd(), 'node_modules');
const CORE = /^core\/(tesseract-core(?:-simd|-relaxedsimd)?-lstm\.wasm(?:\.js)?)$/;

const types: Record<string, string> = { '.js': 'text/javascript; charset=utf-8', '.wasm': 'application/wasm', '.gz': 'application/gzip' };

function pathOf(name: string): string | undefined {
  if (name === 'worker.min.js') return path.join(packages, 'tesseract.js/dist/worker.min.js');
  if (name === 'letters/eng.traineddata.gz') return path.join(lettersFolder, 'eng.traineddata.gz');
  const core = CORE.exec(name)?.[1];
  return core && path.join(packages, 'tesseract.js-core', core);
}

export const lettersFolder = path.join(packages, '@tesseract.js-data/eng/4.0.0_best_int');

/** Returns a file of the engine by its short name, or undefined. */
export async function engineFile(name: string): Promise<{ bytes: Buffer; type: string } | undefined> {
  const file = pathOf(name);
  if (!file) return undefined;
  return { bytes: await readFile(/* turbopackIgnore: true */ file), type: types[path.extname(file)] ?? 'application/octet-stream' };
}
