/** The newest entry of each chain, kept beside the keys, outside of the database: an older database, put back, does not hold it. */
import { existsSync, mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import type { ChainHead } from '../../core/record/chain';
import { keyFolder } from '../keys';
import { log } from '../log';
import { messageOf } from '../../core/certain';

/** Two installations may have sites of one name: the beginning of the chain tells them apart. */
const fileOf = (beginning: string, site: string): string =>
  path.join(keyFolder(), `head-${beginning.slice(0, 16)}-${site.replace(/[^\w-]/g, '_')}.json`);

export function knownHead(beginning: string, site: string): ChainHead | undefined {
  const file = fileOf(beginning, site);
  if (!existsSync(file)) return undefined;
  const head: ChainHead = JSON.parse(readFileSync(file, 'utf8'));
  return head;
}

/** A chain that was taken out whole, by who owns the tables. */
export const forgetHead = (beginning: string, site: string): void => rmSync(fileOf(beginning, site), { force: true });

/** Notes a newer head; never an older one over it. What cannot be noted is logged: the entry itself stands. */
export function noteHead(beginning: string, head: ChainHead): void {
  try {
    const known = knownHead(beginning, head.site);
    if (known && known.seq >= head.seq) return;
    const file = fileOf(beginning, head.site);
    mkdirSync(keyFolder(), { recursive: true, mode: 0o700 });
    writeFileSync(`${file}.${process.pid}`, JSON.stringify(head), { mode: 0o600 });
    renameSync(`${file}.${process.pid}`, file);
  } catch (error) {
    log.error(
      { error: messageOf(error), site: head.site, seq: head.seq },
      'the head of the chain could not be noted outside of the database',
    );
  }
}
