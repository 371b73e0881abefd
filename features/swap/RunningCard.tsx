import type { ReactNode } from 'react';

/** The running card at the right: what is known, unknown and dangerous, and the way on. */
export function RunningCard({ children, foot }: { children: ReactNode; foot: ReactNode }) {
  return (
    <aside className="running" aria-label="Running card">
      {children}
      <div className="foot">{foot}</div>
    </aside>
  );
}

export function Note({
  title,
  tone,
  children,
}: {
  title: string;
  tone?: 'fails' | 'check' | 'not-known' | 'note' | 'fits';
  children: ReactNode;
}) {
  return (
    <section>
      <p className="label" style={{ marginBottom: 6 }}>
        {title}
      </p>
      <div className={tone ? `say ${tone}` : ''}>{children}</div>
    </section>
  );
}
