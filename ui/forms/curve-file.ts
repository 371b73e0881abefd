import { MAX_CSV_CHARACTERS } from '@/core/curves/csv';

/** Text of a curve file, or why it is not read: one that is far too large is never taken into memory. */
export async function textOfCurveFile(file: File): Promise<{ ok: true; text: string } | { ok: false; fault: string }> {
  if (file.size > MAX_CSV_CHARACTERS * 4)
    return { ok: false, fault: `The file has ${Math.round(file.size / 1e6)} MB; a curve needs a few kilobytes.` };
  return { ok: true, text: await file.text() };
}
