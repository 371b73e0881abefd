import Link from 'next/link';

export default function NotFound() {
  return (
    <main style={{ maxWidth: 560, margin: '12vh auto', padding: 20 }} className="stack">
      <h1>Nothing stands here</h1>
      <p>The address may be old, or a position was renamed. Everything is reached from the panels.</p>
      <p>
        <Link href="/">Go to the panels</Link>
      </p>
    </main>
  );
}
