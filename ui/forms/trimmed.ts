/** Spaces at the ends of a typed text do not count: for `register`. */
export const trimmed = { setValueAs: (text: unknown) => (typeof text === 'string' ? text.trim() : text) };
