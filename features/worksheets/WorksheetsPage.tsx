'use client';

import { Link } from '@/ui/shell/Link';
import { subjects, subjectTitles, type Worksheet } from '@/core/worksheets/contract';
import { worksheets } from '@/core/worksheets/registry';
import { WorksheetForm } from '@/ui/worksheets/WorksheetForm';
import { Shell } from '../shell/Shell';
import { useSay } from '@/ui/language/practice';
import panelsStyle from '@/ui/styles/panels.module.css';

/** Worksheets by the question at hand, each list by title. */
const bySubject: readonly { title: string; sheets: Worksheet[] }[] = subjects.map((subject) => ({
  title: subjectTitles[subject],
  sheets: worksheets.filter((sheet) => sheet.subject === subject).sort((a, b) => a.title.localeCompare(b.title, 'en')),
}));

function Contents() {
  const say = useSay();
  return (
    <main className="middle stack" id="main" style={{ maxWidth: 1240, margin: '0 auto' }}>
      <h1>Worksheets</h1>
      <p className="muted">Single calculations, each with its steps and sources. Choose by what the question is about.</p>
      {bySubject.map(({ title, sheets }) => (
        <section key={title} aria-label={title} className="stack" style={{ gap: 8 }}>
          <h2 style={{ fontSize: 16 }}>{title}</h2>
          <div style={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(260px, 1fr))', gap: 10 }}>
            {sheets.map((sheet) => (
              <Link
                key={sheet.id}
                href={`/worksheets/${sheet.id}`}
                className="sheet"
                style={{ padding: '10px 14px', textDecoration: 'none', minHeight: 76 }}
              >
                <b>{say(sheet.title)}</b>
                <p className="muted">{say(sheet.question)}</p>
              </Link>
            ))}
          </div>
        </section>
      ))}
    </main>
  );
}

function SideList({ id }: { id: string }) {
  const say = useSay();
  return (
    <nav className={`side ${panelsStyle.panels}`} aria-label="Worksheets">
      {bySubject.map(({ title, sheets }) => (
        <div key={title}>
          <p className="label">{title}</p>
          {sheets.map((sheet) => (
            <Link key={sheet.id} href={`/worksheets/${sheet.id}`} aria-current={sheet.id === id ? 'true' : undefined}>
              {say(sheet.title)}
            </Link>
          ))}
        </div>
      ))}
    </nav>
  );
}

/** The worksheets desk: all sheets by subject; beside an open sheet the others stand at the left. */
export function WorksheetsPage({ id }: { id?: string }) {
  if (!id)
    return (
      <Shell here="/worksheets">
        <Contents />
      </Shell>
    );
  return (
    <Shell here="/worksheets">
      <div className="desk" style={{ gridTemplateColumns: '244px minmax(0, 1fr)' }}>
        <SideList id={id} />
        <main className="middle" id="main">
          <WorksheetForm key={id} id={id} />
        </main>
      </div>
    </Shell>
  );
}
