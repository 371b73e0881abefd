/** Words of people and of lines as sentences: one full stop at the end, whoever wrote them. */

/** Example: 'asked at the bench' and 'asked at the bench.' both give 'asked at the bench.' */
export const ended = (words = ''): string => (words.trim() === '' || /[.!?…]$/.test(words.trim()) ? words.trim() : `${words.trim()}.`);

/** The first sentences of a text. */
export const firstSentences = (text: string, many = 1): string => ended(text.split('. ').slice(0, many).join('. '));
