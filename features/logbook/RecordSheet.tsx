'use client';

import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TableCell from '@mui/material/TableCell';
import TableBody from '@mui/material/TableBody';
import { Notice } from '@/ui/shell/Notice';
import { certain } from '@/core/certain';
import { haveWords, wantedText } from '@/core/needs/line-text';
import { formatValue } from '@/core/quantities/format-quantity';
import { changeText, fittedBrief, foundText, type RecordBody, type RecordLine } from '@/core/record/record';
import { VerdictMark, verdictWords } from '../../ui/marks/VerdictMark';
import { InPractice, useSay } from '../../ui/language/practice';
import { formatInstant } from '@/core/language/format-instant';

function Lines({ title, lines }: { title: string; lines: RecordLine[] }) {
  const say = useSay();
  return (
    <div className="sheet" style={{ overflowX: 'auto' }}>
      <Table>
        <caption className="over">{title}</caption>
        <TableHead>
          <TableRow>
            <TableCell scope="col">Line</TableCell>
            <TableCell scope="col">Needed</TableCell>
            <TableCell scope="col">Part</TableCell>
            <TableCell scope="col">Verdict</TableCell>
            <TableCell scope="col">Remark</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {lines.map((line) => (
            <TableRow key={line.id}>
              <TableCell>{line.term}</TableCell>
              <TableCell className="figure">{say(wantedText(line.limit, line))}</TableCell>
              <TableCell className="figure">{say(haveWords(line, line.instead))}</TableCell>
              <TableCell>
                <span style={{ display: 'inline-flex', gap: 6, alignItems: 'center', whiteSpace: 'nowrap' }}>
                  <VerdictMark verdict={certain(line.verdict)} size={15} /> {verdictWords[certain(line.verdict)]}
                </span>
              </TableCell>
              <TableCell>
                {line.overriddenBy
                  ? `OVERRIDDEN by ${line.overriddenBy}: ${line.reason}`
                  : line.acknowledgedBy
                    ? `${line.verdict === 'not-known' ? 'Signed as not known. ' : ''}${line.acknowledgedBy}${line.note ? `: ${line.note}` : ' acknowledged'}${line.settles ? `. To be settled by: ${line.settles}` : ''}`
                    : ''}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </div>
  );
}

/** A signed record as a sheet, with its downloads. */
export function RecordSheet({
  id,
  timeZone,
  body,
  hash,
  untouched,
  pictures = [],
}: {
  id: string;
  timeZone: string;
  body: RecordBody;
  hash: string;
  untouched: boolean;
  pictures?: readonly { id: string; section: 'load' | 'removed' }[];
}) {
  const proofMark = (verdict: string) =>
    verdict === 'fits' || verdict === 'check' || verdict === 'fails' ? <VerdictMark verdict={verdict} size={15} /> : null;
  return (
    <InPractice practice={body.practice}>
      <main className="middle stack" id="main" style={{ maxWidth: 1000, margin: '0 auto' }}>
        <div className="row-flex" style={{ justifyContent: 'space-between' }}>
          <div>
            <h1>
              {body.position.tag} {body.position.function}: {body.fitted.name}
            </h1>
            <p className="muted">
              {body.position.site}, {body.position.panel}. Signed by {body.signedBy}, {formatInstant(body.signedAt, timeZone, 'minute')}.
            </p>
          </div>
          <div className="row-flex no-print">
            <Button href={`/api/v1/records/${id}/pdf`} download>
              PDF
            </Button>
            <Button href={`/api/v1/records/${id}`} download>
              JSON
            </Button>
            <Button href={`/api/v1/records/${id}/label`} download>
              Label
            </Button>
          </div>
        </div>
        {!untouched && <Notice kind="fails">This record no longer matches the hash it was signed with. Do not rely on it.</Notice>}
        {body.remark && <Notice kind="note">{body.remark}</Notice>}
        {body.stock && (
          <p className="muted">
            Taken from {body.stock.place}: {body.stock.before} before, {body.stock.after} left.
            {body.stock.after === 0 ? ' Restock.' : ''}
          </p>
        )}
        {!body.stock && <p className="muted">Not taken from stock.</p>}
        {pictures.length > 0 && (
          <div className="row-flex">
            {pictures.map((picture) => (
              <a key={picture.id} href={`/api/v1/pictures/${picture.id}`}>
                <img
                  src={`/api/v1/pictures/${picture.id}`}
                  alt={picture.section === 'load' ? 'The load’s plate' : 'The removed part’s plate'}
                  style={{ height: 150, borderRadius: 6 }}
                />
              </a>
            ))}
          </div>
        )}
        {foundText(body).length > 0 && <Notice kind="note">{foundText(body).join('; ')}.</Notice>}
        <Lines
          title={`Installed: ${body.fitted.name}, ${fittedBrief(body)}: ${verdictWords[body.fitted.verdict]}`}
          lines={body.fitted.lines}
        />
        {body.removed && (
          <Lines title={`Removed: ${body.removed.name}: ${verdictWords[body.removed.verdict]}`} lines={body.removed.lines} />
        )}
        {body.changes && body.changes.length > 0 && (
          <div className="sheet stack" style={{ padding: 14 }}>
            <h2 style={{ fontSize: 15.5 }}>Compared with the removed part</h2>
            {body.changes.map((change) => (
              <p key={change.label}>{changeText(change)}</p>
            ))}
          </div>
        )}
        {body.settings && body.settings.length > 0 && (
          <div className="sheet" style={{ overflowX: 'auto' }}>
            <Table>
              <caption className="over">Settings</caption>
              <TableHead>
                <TableRow>
                  <TableCell scope="col">Setting</TableCell>
                  <TableCell scope="col">Set to</TableCell>
                  <TableCell scope="col">As left</TableCell>
                </TableRow>
              </TableHead>
              <TableBody>
                {body.settings.map(({ name, value, asLeft }) => (
                  <TableRow key={name}>
                    <TableCell>{name}</TableCell>
                    <TableCell className="figure">{value}</TableCell>
                    <TableCell className="figure">{asLeft || <span className="blank-left" />}</TableCell>
                  </TableRow>
                ))}
              </TableBody>
            </Table>
          </div>
        )}
        <div className="sheet" style={{ overflowX: 'auto' }}>
          <Table>
            <caption className="over">Tests</caption>
            <TableHead>
              <TableRow>
                <TableCell scope="col">Test</TableCell>
                <TableCell scope="col">Reading</TableCell>
                <TableCell scope="col">Limits</TableCell>
                <TableCell scope="col">Verdict</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {body.proofs.map((proof) => (
                <TableRow key={proof.id}>
                  <TableCell>{proof.title}</TableCell>
                  <TableCell className="figure">{proof.net === null ? '' : formatValue(proof.net, proof.unit)}</TableCell>
                  <TableCell className="figure">{proof.limits}</TableCell>
                  <TableCell>
                    <span style={{ display: 'inline-flex', gap: 6, alignItems: 'center' }}>
                      {proofMark(proof.verdict)} {proof.verdict}
                    </span>
                  </TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </div>
        <p className="muted" style={{ fontSize: 12, overflowWrap: 'anywhere' }}>
          SHA-256 of the canonical JSON: <span className="figure">{hash}</span>
        </p>
      </main>
    </InPractice>
  );
}
