/** Thrown only for our own defects; poor candidates and bad marks are data, never exceptions. */
export class DefectError extends Error {
  override name = 'DefectError';
}
