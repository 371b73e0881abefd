/** Text without the spaces around it. What is no text stays as it came and is refused as such: the library's own trimming fails on it. */
import * as yup from 'yup';

export const trimmedText = () => yup.string().transform((value: unknown) => (typeof value === 'string' ? value.trim() : value));
