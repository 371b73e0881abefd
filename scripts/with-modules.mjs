// Runs one of the project's programs after seeing to it that the npm packages are there; passes its status on.
import { spawnSync } from 'node:child_process';
import { npmPackages } from './lib/machine.mjs';

npmPackages();
const [program, ...args] = process.argv.slice(2);
process.exit(spawnSync('npx', [program, ...args], { stdio: 'inherit' }).status ?? 1);
