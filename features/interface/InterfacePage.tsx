'use client';

import { TextBox } from '@/ui/forms/TextBox';
import Button from '@mui/material/Button';
import { Notice } from '@/ui/shell/Notice';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableRow from '@mui/material/TableRow';
import TableCell from '@mui/material/TableCell';
import { certain, messageOf } from '@/core/certain';
import { useState } from 'react';
import type { CaseAnswer } from '@/core/judge-case';
import { sampleCase } from '@/features/interface/sample-case';
import { VerdictMark, verdictWords } from '@/ui/marks/VerdictMark';
import { api, type ApiAnswer } from '../../client/api';
import { Shell } from '../shell/Shell';

/** The open interface, tried on a page: a case is judged by the same function as everywhere. */
export function InterfacePage({ families }: { families: string[] }) {
  const [text, setText] = useState(() => JSON.stringify(sampleCase, null, 2));
  const [answer, setAnswer] = useState<ApiAnswer<CaseAnswer>>();
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const judge = async () => {
    setFault(undefined);
    let body: unknown;
    try {
      body = JSON.parse(text);
    } catch (error) {
      setFault(`This is not JSON: ${messageOf(error)}`);
      return;
    }
    setBusy(true);
    setAnswer(await api<CaseAnswer>('POST', '/api/v1/judge', body));
    setBusy(false);
  };
  const parts = answer?.ok
    ? [...(answer.value.removed ? [{ id: 'removed', ...answer.value.removed }] : []), ...answer.value.candidates]
    : [];
  return (
    <Shell here="/interface">
      <main className="middle stack" id="main" style={{ maxWidth: 1240, margin: '0 auto' }}>
        <div>
          <h1>Open interface</h1>
          <p className="muted">
            POST /api/v1/judge takes a whole case in plain JSON and needs no database. The document is at{' '}
            <a href="/api/v1/openapi.json">/api/v1/openapi.json</a>; fields and units at <a href="/api/v1/families">/api/v1/families</a> and{' '}
            <a href="/api/v1/worksheets">/api/v1/worksheets</a>.
          </p>
          <p className="muted">
            Empty files of parts, a column a mark:{' '}
            {families.map((id, i) => (
              <span key={id}>
                {i > 0 ? ', ' : ''}
                <a href={`/api/v1/families/${id}/parts-template`} download>
                  {id}
                </a>
              </span>
            ))}
            .
          </p>
        </div>
        <div className="two-plates" style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 16, alignItems: 'start' }}>
          <div className="stack">
            <label className="stack" style={{ gap: 4 }}>
              <span>Case</span>
              <TextBox
                wide
                rows={24}
                style={{ fontFamily: 'var(--figures)', fontSize: 12.5 }}
                spellCheck={false}
                value={text}
                onChange={(event) => setText(event.target.value)}
              />
            </label>
            <div>
              <Button disabled={busy} onClick={judge}>
                {busy ? 'Judging' : 'Judge this case'}
              </Button>
            </div>
          </div>
          <div className="stack" role="status">
            {fault && <Notice kind="fails">{fault}</Notice>}
            {answer &&
              !answer.ok &&
              answer.faults.map((one) => (
                <Notice kind="fails" key={one.field + one.reason}>
                  <span className="figure">{one.field}</span> {one.reason}
                </Notice>
              ))}
            {parts.map((part) => (
              <section key={part.id} className="sheet" style={{ overflowX: 'auto' }} aria-label={part.id}>
                <Table>
                  <caption style={{ textAlign: 'left', padding: '10px 10px 0', fontWeight: 650 }}>
                    {part.id}: {verdictWords[part.verdict]}
                  </caption>
                  <TableBody>
                    {part.lines.map((line, i) => (
                      <TableRow key={i}>
                        <TableCell style={{ width: 26 }}>
                          <VerdictMark verdict={certain(line.verdict)} size={16} />
                        </TableCell>
                        <TableCell className="figure" style={{ fontSize: 12 }}>
                          {line.quantity}
                        </TableCell>
                        <TableCell style={{ fontSize: 12.5 }}>
                          {line.because}
                          <br />
                          <small className="muted">{line.source}</small>
                        </TableCell>
                      </TableRow>
                    ))}
                  </TableBody>
                </Table>
              </section>
            ))}
            {!answer && !fault && (
              <p className="muted">
                The answer will stand here: needs, the removed part, every candidate, every line with verdict, figures, reason and source.
              </p>
            )}
            {answer?.ok && (
              <details>
                <summary style={{ minHeight: 44, cursor: 'pointer' }}>As JSON</summary>
                <pre className="json" tabIndex={0}>
                  {JSON.stringify(answer.value, null, 2)}
                </pre>
              </details>
            )}
          </div>
        </div>
      </main>
    </Shell>
  );
}
