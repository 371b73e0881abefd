'use client';

import Button from '@mui/material/Button';
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
        <Button onClick={reset}>Try again</Button>
      </div>
    </main>
  );
}
