// Checks a signed record without Loyal Coil: node check-record.mjs record.json [public key, base64]
// The JSON is that of the record's page, or the file record.json inside its PDF (pdfdetach -saveall record.pdf).
import { createHash, createPublicKey, verify } from 'node:crypto';
import { readFileSync } from 'node:fs';

const canonical = (value) => {
  if (Array.isArray(value)) return `[${value.map((one) => canonical(one ?? null)).join(',')}]`;
  if (value === null || typeof value !== 'object') return JSON.stringify(value);
  const names = Object.keys(value)
    .filter((name) => value[name] !== undefined)
    .sort();
  return `{${names.map((name) => `${JSON.stringify(name)}:${canonical(value[name])}`).join(',')}}`;
};
const sha256 = (text) => createHash('sha256').update(text).digest('hex');
const say = (holds, what) => (console.log(`${holds ? 'holds' : 'DOES NOT HOLD'}: ${what}`), holds);

const [file, known] = process.argv.slice(2);
const { hash, record, entry, publicKey } = JSON.parse(readFileSync(file, 'utf8'));
const { site, seq, at, kind, ref, content, prev } = entry;
const signed = JSON.parse(content);
const der = Buffer.concat([Buffer.from('302a300506032b6570032100', 'hex'), Buffer.from(known ?? publicKey, 'base64')]);
const key = createPublicKey({ key: der, format: 'der', type: 'spki' });
const all = [
  say(sha256(canonical(record)) === hash, 'the record has its hash'),
  say(canonical(signed.body) === canonical(record) && signed.hash === hash, 'the entry tells of this record'),
  say(sha256(canonical({ site, seq, at, kind, ref, content, prev })) === entry.hash, 'the entry has its hash'),
  say(
    verify(null, Buffer.from(entry.hash), key, Buffer.from(entry.signature, 'base64')),
    `the signature, by ${known ? 'the key given' : 'the key in the file itself'}`,
  ),
];
process.exit(all.every(Boolean) ? 0 : 1);
