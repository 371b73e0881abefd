'use client';

import { Link } from '@/ui/shell/Link';
import type { ReactNode } from 'react';
import { Shell } from '../shell/Shell';
import photoStyle from '@/ui/styles/photo.module.css';

const desks = [
  ['/plates', 'Read a plate'],
  ['/plates/key', 'What is this?'],
  ['/plates/glossary', 'Glossary'],
  ['/plates/cards', 'Good to know'],
  ['/plates/signs', 'What it shows'],
] as const;

/** The plates desk: reader, key and glossary under one bar. */
export function PlatesShell({ here, title, about, children }: { here: string; title: string; about: string; children: ReactNode }) {
  return (
    <Shell here="/plates">
      <main className="middle stack" id="main" style={{ maxWidth: 1180, margin: '0 auto' }}>
        <nav className={photoStyle.subnav} aria-label="Plates">
          {desks.map(([href, name]) => (
            <Link key={href} href={href} aria-current={href === here ? 'page' : undefined}>
              {name}
            </Link>
          ))}
        </nav>
        <div>
          <h1>{title}</h1>
          <p className="muted">{about}</p>
        </div>
        {children}
      </main>
    </Shell>
  );
}
