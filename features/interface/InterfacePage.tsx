'use client';

import { ListTable } from '@/ui/forms/ListTable';
import { TextBox } from '@/ui/forms/TextBox';
import Button from '@mui/material/Button';
import { Notice } from '@/ui/shell/Notice';
import { certain, messageOf } from '@/core/certain';
import { useState } from 'react';
import type { CaseAnswer } from '@/core/judge-case';
import { sampleCase } from '@/features/interface/sample-case';
import { VerdictMark, verdictWords } from '@/ui/marks/VerdictMark';
import { api, type ApiAnswer } from '../../client/api';
import { Shell } from '../shell/Shell';
import swapStyle from '@/ui/styles/swap.module.css';

/** What there is, and where. */
const Intro = ({ families }: { families: readonly string[] }) => (
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
);

/** Every line of a part, with its reason and source. */
const PartLines = ({ id, verdict, lines }: Pick<CaseAnswer['candidates'][number], 'id' | 'verdict' | 'lines'>) => (
  <section aria-label={id}>
    <ListTable
      caption={`${id}: ${verdictWords[verdict]}`}
      columns={[
        { head: 'Verdict', of: (line) => <VerdictMark verdict={certain(line.verdict)} size={16} /> },
        { head: 'Quantity', figure: true, of: ({ quantity }) => quantity },
        {
          head: 'Because',
          of: ({ because, source }) => (
            <>
              {because}
              <br />
              <small className="muted">{source}</small>
            </>
          ),
        },
      ]}
      rows={lines}
      keyOf={(line) => `${line.quantity} ${line.because}`}
    />
  </section>
);

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
        <Intro families={families} />
        <div className={swapStyle.twoPlates} style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 16, alignItems: 'start' }}>
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
              <PartLines key={part.id} {...part} />
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
