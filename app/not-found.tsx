import { Link } from '@/ui/shell/Link';

export default function NotFound() {
  return (
    <main style={{ maxWidth: 560, margin: '12vh auto', padding: 20 }} className="stack">
      <h1>Page not found</h1>
      <p>The address may be out of date, or a position was renamed. Start from the panels.</p>
      <p>
        <Link href="/">Go to the panels</Link>
      </p>
    </main>
  );
}
