/** A file that lies on the disk, as what a person hands over does: bytes that went through the driver took longer than a large one may. */
import { writeFileSync } from 'node:fs';
import { test } from './test';

/** Its path; it goes with what the test left behind. */
export function onDisk({ name, buffer }: { name: string; buffer: Buffer | string }): string {
  const path = test.info().outputPath(name);
  writeFileSync(path, buffer);
  return path;
}
