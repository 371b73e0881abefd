// After npm has installed: note for which lock file, so that the commands need not install again.
import { existsSync } from 'node:fs';
import path from 'node:path';
import { root, stampPackages } from './lib/machine.mjs';

if (existsSync(path.join(root, 'package-lock.json')) && existsSync(path.join(root, 'node_modules'))) stampPackages();
