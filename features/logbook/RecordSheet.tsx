'use client';

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
      <table className="plain">
        <caption className="over">{title}</caption>
        <thead>
          <tr>
            <th scope="col">Line</th>
            <th scope="col">Needed</th>
            <th scope="col">Part</th>
            <th scope="col">Verdict</th>
            <th scope="col">Remark</th>
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <tr key={line.id}>
              <td>{line.term}</td>
              <td className="figure">{say(wantedText(line.limit, line))}</td>
              <td className="figure">{say(haveWords(line, line.instead))}</td>
              <td>
                <span style={{ display: 'inline-flex', gap: 6, alignItems: 'center', whiteSpace: 'nowrap' }}>
                  <VerdictMark verdict={certain(line.verdict)} size={15} /> {verdictWords[certain(line.verdict)]}
                </span>
              </td>
              <td>
                {line.overriddenBy
                  ? `OVERRIDDEN by ${line.overriddenBy}: ${line.reason}`
                  : line.acknowledgedBy
                    ? `${line.verdict === 'not-known' ? 'Signed as not known. ' : ''}${line.acknowledgedBy}${line.note ? `: ${line.note}` : ' acknowledged'}${line.settles ? `. To be settled by: ${line.settles}` : ''}`
                    : ''}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
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
            <a
              className="quiet"
              style={{ textDecoration: 'none', display: 'inline-grid', placeItems: 'center' }}
              href={`/api/v1/records/${id}/pdf`}
              download
            >
              PDF
            </a>
            <a
              className="quiet"
              style={{ textDecoration: 'none', display: 'inline-grid', placeItems: 'center' }}
              href={`/api/v1/records/${id}`}
              download
            >
              JSON
            </a>
            <a
              className="quiet"
              style={{ textDecoration: 'none', display: 'inline-grid', placeItems: 'center' }}
              href={`/api/v1/records/${id}/label`}
              download
            >
              Label
            </a>
          </div>
        </div>
        {!untouched && <p className="say fails">This record no longer matches the hash it was signed with. Do not rely on it.</p>}
        {body.remark && <p className="say note">{body.remark}</p>}
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
        {foundText(body).length > 0 && <p className="say note">{foundText(body).join('; ')}.</p>}
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
            <table className="plain">
              <caption className="over">Settings</caption>
              <thead>
                <tr>
                  <th scope="col">Setting</th>
                  <th scope="col">Set to</th>
                  <th scope="col">As left</th>
                </tr>
              </thead>
              <tbody>
                {body.settings.map(({ name, value, asLeft }) => (
                  <tr key={name}>
                    <td>{name}</td>
                    <td className="figure">{value}</td>
                    <td className="figure">{asLeft || <span className="blank-left" />}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        )}
        <div className="sheet" style={{ overflowX: 'auto' }}>
          <table className="plain">
            <caption className="over">Tests</caption>
            <thead>
              <tr>
                <th scope="col">Test</th>
                <th scope="col">Reading</th>
                <th scope="col">Limits</th>
                <th scope="col">Verdict</th>
              </tr>
            </thead>
            <tbody>
              {body.proofs.map((proof) => (
                <tr key={proof.id}>
                  <td>{proof.title}</td>
                  <td className="figure">{proof.net === null ? '' : formatValue(proof.net, proof.unit)}</td>
                  <td className="figure">{proof.limits}</td>
                  <td>
                    <span style={{ display: 'inline-flex', gap: 6, alignItems: 'center' }}>
                      {proofMark(proof.verdict)} {proof.verdict}
                    </span>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <p className="muted" style={{ fontSize: 12, overflowWrap: 'anywhere' }}>
          SHA-256 of the canonical JSON: <span className="figure">{hash}</span>
        </p>
      </main>
    </InPractice>
  );
}
