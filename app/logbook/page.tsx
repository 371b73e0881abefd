import TableContainer from '@mui/material/TableContainer';
import { LinkButton } from '@/ui/shell/LinkButton';
import Table from '@mui/material/Table';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TableCell from '@mui/material/TableCell';
import TableBody from '@mui/material/TableBody';
import { Link } from '@/ui/shell/Link';
import { logbook } from '@/services/records';
import { VerdictMark, verdictWords } from '@/ui/marks/VerdictMark';
import { Shell } from '../../features/shell/Shell';
import { Notice } from '@/ui/shell/Notice';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';
import { formatInstant } from '@/core/language/format-instant';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Logbook' };

/** Further back than that nobody turns pages. */
const LAST_PAGE = 20_000;

export default async function Logbook({ searchParams }: { searchParams: Promise<{ page?: string }> }) {
  const asked = Number((await searchParams).page ?? 0);
  const page = Number.isInteger(asked) && asked >= 0 && asked <= LAST_PAGE ? asked : 0;
  const { records, older, altered } = await logbook(page);
  return (
    <Shell here="/logbook">
      <main className="middle stack" id="main" style={{ maxWidth: 1080, margin: '0 auto' }}>
        <h1>Logbook</h1>
        <p className="muted">
          Signed records, newest first. Earlier history is kept at each position. <Link href="/logbook/seal">Seal for the wall</Link>
        </p>
        {altered.length > 0 && (
          <Notice kind="fails" role="alert">
            <b>Something here is not as it was signed.</b> {altered.slice(0, 10).join(' ')}
            {altered.length > 10 ? ` And ${altered.length - 10} more; npm run verify lists them.` : ''}
          </Notice>
        )}
        {records.length === 0 && page === 0 ? (
          <EmptyPlace title="Nothing signed yet" action={<LinkButton href="/">Go to the panels</LinkButton>}>
            A job that is signed off leaves its record here, with PDF, JSON and label. Start one at a position that needs a part.
          </EmptyPlace>
        ) : (
          <TableContainer className="sheet">
            <Table>
              <TableHead>
                <TableRow>
                  <TableCell scope="col">Signed</TableCell>
                  <TableCell scope="col">Position</TableCell>
                  <TableCell scope="col">Removed</TableCell>
                  <TableCell scope="col">Installed</TableCell>
                  <TableCell scope="col">Verdict</TableCell>
                  <TableCell scope="col">By</TableCell>
                </TableRow>
              </TableHead>
              <TableBody>
                {records.map(({ id, body, timeZone, altered: ofThis }) => (
                  <TableRow key={id}>
                    <TableCell className="figure">{formatInstant(body.signedAt, timeZone, 'minute')}</TableCell>
                    <TableCell>
                      <Link href={`/records/${id}`}>
                        {body.position.tag} {body.position.function}
                      </Link>
                      <br />
                      <small className="muted">
                        {body.position.panel}, {body.position.site}
                      </small>
                    </TableCell>
                    <TableCell>{body.removed?.name ?? 'not read'}</TableCell>
                    <TableCell>{body.fitted.name}</TableCell>
                    <TableCell>
                      <span style={{ display: 'inline-flex', gap: 6 }}>
                        <VerdictMark verdict={body.fitted.verdict} size={16} /> {verdictWords[body.fitted.verdict]}
                        {body.fitted.lines.some((line) => line.overriddenBy) ? ', overridden' : ''}
                        {ofThis.length > 0 ? '. NOT AS SIGNED' : ''}
                      </span>
                    </TableCell>
                    <TableCell>{body.signedBy}</TableCell>
                  </TableRow>
                ))}
              </TableBody>
            </Table>
          </TableContainer>
        )}
        {(older || page > 0) && (
          <nav className="row-flex" aria-label="Pages of the logbook">
            {page > 0 && <LinkButton href={`/logbook?page=${page - 1}`}>Newer</LinkButton>}
            {older && <LinkButton href={`/logbook?page=${page + 1}`}>Older</LinkButton>}
          </nav>
        )}
      </main>
    </Shell>
  );
}
