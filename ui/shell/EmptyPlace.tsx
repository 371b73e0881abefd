import type { ReactNode } from 'react';

/** A place that has nothing to show yet: what it is for, and the one step that fills it. */
export function EmptyPlace({ title, children, action }: { title: string; children: ReactNode; action?: ReactNode }) {
  return (
    <section className="empty-place" aria-label={title}>
      <svg width="64" height="40" viewBox="0 0 26 16" fill="none" stroke="currentColor" strokeWidth="1" aria-hidden="true">
        <path d="M0 8h4M22 8h4M4 8c0-7 6-7 6 0s-6 7-3 0M10 8c0-7 6-7 6 0s-6 7-3 0M16 8c0-7 6-7 6 0" />
      </svg>
      <h2>{title}</h2>
      <p className="muted">{children}</p>
      {action}
    </section>
  );
}
