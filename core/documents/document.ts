/**
 * A document or picture that is kept at a site, a panel, a position or a part: a drawing, a manual, a photo of the open door. Its first bytes
 * say what it is, whatever its name says. Sources: PDF (ISO 32000), JPEG, PNG and WebP as in `image-type`, from memory.
 */
import { sniffPicture } from '../picture/image-type';

export const documentPlaces = ['site', 'panel', 'position', 'part'] as const;
export type DocumentPlace = (typeof documentPlaces)[number];

export const LARGEST_DOCUMENT = 15_000_000; // bytes
/** Documents of one place. */
export const MOST_DOCUMENTS = 100;
const LONGEST_NAME = 120;

export type DocumentKind = 'application/pdf' | 'image/jpeg' | 'image/png' | 'image/webp' | 'text/plain';
const endings: Readonly<Record<DocumentKind, string>> = {
  'application/pdf': 'pdf',
  'image/jpeg': 'jpg',
  'image/png': 'png',
  'image/webp': 'webp',
  'text/plain': 'txt',
};
export const documentEnding = (kind: DocumentKind): string => endings[kind];

type Told = { ok: true; kind: DocumentKind } | { ok: false; fault: string };
const ACCEPTED = 'PDF, JPEG, PNG and WebP files and plain text up to 15 MB are kept.';
const no = (fault: string): Told => ({ ok: false, fault: `${fault} ${ACCEPTED}` });

/** Plain text in UTF-8: letters, tabs and lines, nothing that steers a device. */
function isText(bytes: Uint8Array): boolean {
  try {
    return !/[^\P{Cc}\t\n\r\f]/u.test(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    return false;
  }
}

/** Says what a file is by what stands in it, or why it is not kept. */
export function sniffDocument(bytes: Uint8Array): Told {
  if (bytes.length === 0) return no('The file is empty: the copy did not finish.');
  if (bytes.length > LARGEST_DOCUMENT) return no(`The file has ${(bytes.length / 1e6).toFixed(0)} MB, too many.`);
  if (new TextDecoder('latin1').decode(bytes.subarray(0, 5)) === '%PDF-') return { ok: true, kind: 'application/pdf' };
  const picture = sniffPicture(bytes);
  if (picture.ok) return { ok: true, kind: picture.kind };
  return isText(bytes) ? { ok: true, kind: 'text/plain' } : no('This is no document that is known here.');
}

/** The name of a file as it is kept: without folders, control characters and spaces around it, and not too long; empty where nothing is left. */
export function documentName(name: string): string {
  const [last = ''] = name.split(/[\\/]/).slice(-1);
  return [...last.replace(/[\p{Cc}\p{Cs}\p{Cf}]/gu, '').trim()].slice(0, LONGEST_NAME).join('').trim();
}
