'use client';

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
            POST /api/v1/judge takes a whole case in plain JSON and needs no database. Families: {families.join(', ')}. The document is at{' '}
            <a href="/api/v1/openapi.json">/api/v1/openapi.json</a>; fields and units at <a href="/api/v1/families">/api/v1/families</a> and{' '}
            <a href="/api/v1/worksheets">/api/v1/worksheets</a>.
          </p>
        </div>
        <div className="two-plates" style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 16, alignItems: 'start' }}>
          <div className="stack">
            <label className="stack" style={{ gap: 4 }}>
              <span>Case</span>
              <textarea
                className="text-in wide"
                style={{ fontFamily: 'var(--figures)', fontSize: 12.5, minHeight: 480 }}
                spellCheck={false}
                value={text}
                onChange={(event) => setText(event.target.value)}
              />
            </label>
            <div>
              <button type="button" className="quiet" disabled={busy} onClick={judge}>
                {busy ? 'Judging' : 'Judge this case'}
              </button>
            </div>
          </div>
          <div className="stack" role="status">
            {fault && <p className="say fails">{fault}</p>}
            {answer &&
              !answer.ok &&
              answer.faults.map((one) => (
                <p key={one.field + one.reason} className="say fails">
                  <span className="figure">{one.field}</span> {one.reason}
                </p>
              ))}
            {parts.map((part) => (
              <section key={part.id} className="sheet" style={{ overflowX: 'auto' }} aria-label={part.id}>
                <table className="plain">
                  <caption style={{ textAlign: 'left', padding: '10px 10px 0', fontWeight: 650 }}>
                    {part.id}: {verdictWords[part.verdict]}
                  </caption>
                  <tbody>
                    {part.lines.map((line, i) => (
                      <tr key={i}>
                        <td style={{ width: 26 }}>
                          <VerdictMark verdict={certain(line.verdict)} size={16} />
                        </td>
                        <td className="figure" style={{ fontSize: 12 }}>
                          {line.quantity}
                        </td>
                        <td style={{ fontSize: 12.5 }}>
                          {line.because}
                          <br />
                          <small className="muted">{line.source}</small>
                        </td>
                      </tr>
                    ))}
                  </tbody>
                </table>
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
