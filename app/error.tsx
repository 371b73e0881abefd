'use client';

/** Shown when a page cannot be made, most often because the database does not answer. */
export default function Broken({ reset }: { reset: () => void }) {
  return (
    <main style={{ maxWidth: 560, margin: '12vh auto', padding: 20 }} className="stack">
      <h1>This page cannot be shown right now</h1>
      <p>
        Most often the database does not answer. Nothing is lost: what was saved stays saved, and what was typed is kept on this device.
      </p>
      <p className="muted">Look at the terminal where Loyal Coil runs, then try again.</p>
      <div>
        <button type="button" className="quiet" onClick={reset}>
          Try again
        </button>
      </div>
    </main>
  );
}
