import Link from 'next/link';
import { listRecords } from '@/services/records';
import { VerdictMark, verdictWords } from '@/ui/marks/VerdictMark';
import { Shell } from '../../features/shell/Shell';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';
import { formatInstant } from '@/core/language/format-instant';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Logbook' };

export default async function Logbook() {
  const records = await listRecords();
  return (
    <Shell here="/logbook">
      <main className="middle stack" id="main" style={{ maxWidth: 1080, margin: '0 auto' }}>
        <h1>Logbook</h1>
        <p className="muted">Signed records, newest first. Earlier history is kept at each position.</p>
        {records.length === 0 ? (
          <EmptyPlace
            title="Nothing signed yet"
            action={
              <Link className="quiet" href="/">
                Go to the panels
              </Link>
            }
          >
            A job that is signed off leaves its record here, with PDF, JSON and label. Start one at a position that needs a part.
          </EmptyPlace>
        ) : (
          <table className="plain sheet">
            <thead>
              <tr>
                <th scope="col">Signed</th>
                <th scope="col">Position</th>
                <th scope="col">Removed</th>
                <th scope="col">Installed</th>
                <th scope="col">Verdict</th>
                <th scope="col">By</th>
              </tr>
            </thead>
            <tbody>
              {records.map(({ id, body, timeZone }) => (
                <tr key={id}>
                  <td className="figure">{formatInstant(body.signedAt, timeZone, 'minute')}</td>
                  <td>
                    <Link href={`/records/${id}`}>
                      {body.position.tag} {body.position.function}
                    </Link>
                    <br />
                    <small className="muted">
                      {body.position.panel}, {body.position.site}
                    </small>
                  </td>
                  <td>{body.removed?.name ?? 'not read'}</td>
                  <td>{body.fitted.name}</td>
                  <td>
                    <span style={{ display: 'inline-flex', gap: 6 }}>
                      <VerdictMark verdict={body.fitted.verdict} size={16} /> {verdictWords[body.fitted.verdict]}
                      {body.fitted.lines.some((line) => line.overriddenBy) ? ', overridden' : ''}
                    </span>
                  </td>
                  <td>{body.signedBy}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </main>
    </Shell>
  );
}
