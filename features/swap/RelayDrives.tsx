import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableRow from '@mui/material/TableRow';
import TableCell from '@mui/material/TableCell';
import type { Practice } from '@/core/case/case';
import { relayDrivesContactor } from '@/core/alternatives/relay-drives-contactor';
import type { Need } from '@/core/needs/need';
import { wantedText } from '@/core/needs/line-text';
import { termOf } from '@/core/quantities/terms';
import { useJob } from './use-job';

function Lines({ title, needs, practice }: { title: string; needs: readonly Need[]; practice: Practice }) {
  return (
    <div style={{ overflowX: 'auto' }}>
      <Table>
        <caption className="over">{title}</caption>
        <TableBody>
          {needs.map(({ id, ways: [way], because }) => (
            <TableRow key={id}>
              <TableCell component="th" scope="row">
                {termOf(way.quantity, practice)}
              </TableCell>
              <TableCell className="figure">{way.limit === null ? 'by the contactor chosen' : wantedText(way.limit, way)}</TableCell>
              <TableCell>
                <small className="muted">{because}</small>
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </div>
  );
}

/** What to do when no relay carries a load: a relay that drives a contactor, with both needs. */
export function RelayDrives() {
  const { derived, practice } = useJob();
  const ways = relayDrivesContactor(derived.context);
  if (ways.length === 0) return null;
  return (
    <section className="sheet" style={{ padding: 14 }} aria-label="A relay that drives a contactor">
      <b>No relay carries it: let a relay drive a contactor</b>
      <p className="muted">Two parts, two needs. Give the contactor a position of its own on the panel and swap it there.</p>
      {ways.map(({ contact, contactor, relay }) => (
        <div key={contact} className="relay-drives">
          <Lines title={`Contactor for ${contact}`} needs={contactor} practice={practice} />
          <Lines title={`The relay, ${contact}: the contactor’s coil`} needs={relay} practice={practice} />
        </div>
      ))}
    </section>
  );
}
