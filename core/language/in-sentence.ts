/** Letter symbols of the standards, which keep their capital wherever they stand. */
const SYMBOL = /^(?:I(?:c[mnsuw]?|nc?|e|th|r)|U(?:c|e|i|imp|n|s)|Zs|DIN|NEMA|Class [A-Z])\b/;

/** Returns a heading or term as it stands inside a sentence: its first letter small, unless an abbreviation or a symbol begins it. Example: 'RCD type'. */
export function inSentence(text: string): string {
  const first = /^[A-Za-z]+/.exec(text)?.[0] ?? '';
  return SYMBOL.test(text) || /[A-Z]/.test(first.slice(1)) ? text : text.charAt(0).toLowerCase() + text.slice(1);
}
