'use client';

import { Link } from '@/ui/shell/Link';
import type { ReactNode } from 'react';
import { Queries } from '@/client/Queries';
import { mayDo } from '@/core/crew/rights';
import { usePerson } from '@/ui/shell/person';
import { Shell } from '../shell/Shell';

const pages = [
  ['/crew', 'Your account'],
  ['/crew/people', 'People'],
  ['/crew/tokens', 'Tokens'],
  ['/crew/log', 'Log'],
  ['/crew/care', 'Backup and check'],
] as const;

/** The crew's pages side by side; those of an administrator for administrators alone. */
export function CrewShell({ here, title, children }: { here: string; title: string; children: ReactNode }) {
  const person = usePerson();
  const shown = person && mayDo(person.role, 'administer') ? pages : pages.slice(0, 1);
  return (
    <Queries>
      <Shell>
        <main className="middle stack" id="main" style={{ width: '100%', maxWidth: 960, margin: '0 auto' }}>
          {shown.length > 1 && (
            <nav aria-label="Crew" className="row-flex">
              {shown.map(([href, words]) => (
                <Link
                  key={href}
                  href={href}
                  aria-current={here === href ? 'page' : undefined}
                  style={{ minHeight: 44, display: 'inline-flex', alignItems: 'center', fontWeight: here === href ? 680 : 400 }}
                >
                  {words}
                </Link>
              ))}
            </nav>
          )}
          <h1>{title}</h1>
          {children}
        </main>
      </Shell>
    </Queries>
  );
}
