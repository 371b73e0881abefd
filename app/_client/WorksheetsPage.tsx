'use client';

import Link from 'next/link';
import { worksheets } from '@/core/worksheets/registry';
import { WorksheetForm } from '@/ui/worksheets/WorksheetForm';
import { Shell } from './Shell';

const byTitle = [...worksheets].sort((a, b) => a.title.localeCompare(b.title, 'en'));

/** The worksheets desk: all sheets at the left, the chosen one beside. */
export function WorksheetsPage({ id }: { id?: string }) {
  return (
    <Shell here="/worksheets">
      <div className="desk" style={{ gridTemplateColumns: '244px minmax(0, 1fr)' }}>
        <nav className="side panels" aria-label="Worksheets">
          <p className="label">Worksheets</p>
          {byTitle.map((sheet) => (
            <Link key={sheet.id} href={`/worksheets/${sheet.id}`} aria-current={sheet.id === id ? 'true' : undefined}>
              {sheet.title}
            </Link>
          ))}
        </nav>
        <main className="middle" id="main">
          {id ? (
            <WorksheetForm key={id} id={id} />
          ) : (
            <div className="stack">
              <h1>Worksheets</h1>
              <p className="muted">Every calculation on its own, with its steps and sources.</p>
              <div
                style={{
                  display: 'grid',
                  gridTemplateColumns: 'repeat(auto-fill, minmax(260px, 1fr))',
                  gap: 12,
                }}
              >
                {byTitle.map((sheet) => (
                  <Link
                    key={sheet.id}
                    href={`/worksheets/${sheet.id}`}
                    className="sheet"
                    style={{ padding: 14, textDecoration: 'none', minHeight: 88 }}
                  >
                    <b>{sheet.title}</b>
                    <p className="muted">{sheet.question}</p>
                  </Link>
                ))}
              </div>
            </div>
          )}
        </main>
      </div>
    </Shell>
  );
}
