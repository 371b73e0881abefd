export const metadata = { title: 'Empty page' };

/** Nothing but framework and theme: the measure that npm run bench holds the first page against. */
export default function Empty() {
  return <main id="main" />;
}
