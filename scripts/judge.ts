/** npm run judge -- case.json: judges a case file; '-' reads standard input. Faults end with status 2. */
import { messageOf } from '../core/certain';
import { readFileSync } from 'node:fs';
import { judgePlainCase } from '../services/judge';
import { ServiceError } from '../services/service-error';

const file = process.argv[2];
if (!file) {
  console.error('Usage: npm run judge -- case.json   (- reads standard input)');
  process.exitCode = 2;
} else await judgeFile(file);

async function judgeFile(file: string): Promise<void> {
  try {
    const text = readFileSync(file === '-' ? 0 : file, 'utf8');
    console.log(JSON.stringify(await judgePlainCase(JSON.parse(text)), null, 2));
  } catch (error) {
    if (error instanceof ServiceError) for (const { field, reason } of error.faults) console.error(`${field}: ${reason}`);
    else console.error(`${file} cannot be judged: ${messageOf(error)}`);
    process.exitCode = 2;
  }
}
