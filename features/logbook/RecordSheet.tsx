'use client';

import Button from '@mui/material/Button';
import { ListTable, type ListColumn } from '@/ui/forms/ListTable';
import { Notice } from '@/ui/shell/Notice';
import { certain } from '@/core/certain';
import { haveWords, wantedText } from '@/core/needs/line-text';
import { formatValue } from '@/core/quantities/format-quantity';
import {
  changeText,
  circuitText,
  fittedBrief,
  foundText,
  HELD,
  type RecordBody,
  type RecordLine,
  type RecordProof,
} from '@/core/record/record';
import { readingsOnRecord, type ReadingOnRecord } from '@/core/record/readings-on-record';
import type { ChainEntry } from '@/core/record/chain';
import { VerdictMark, verdictWords } from '../../ui/marks/VerdictMark';
import { InPractice, useSay } from '../../ui/language/practice';
import { formatInstant } from '@/core/language/format-instant';
import relaysStyle from '@/ui/styles/relays.module.css';

/** Who signed for a line that does not simply fit, and why. */
function remarkOf({ overriddenBy, approvedBy, reason, acknowledgedBy, verdict, note, settles }: RecordLine): string {
  if (overriddenBy) return `OVERRIDDEN by ${overriddenBy}: ${reason}${approvedBy ? `. Approved by ${approvedBy}` : ''}`;
  if (!acknowledgedBy) return '';
  const unknown = verdict === 'not-known' ? 'Signed as not known. ' : '';
  return `${unknown}${acknowledgedBy}${note ? `: ${note}` : ' acknowledged'}${settles ? `. To be settled by: ${settles}` : ''}`;
}

function Lines({ title, lines }: { title: string; lines: readonly RecordLine[] }) {
  const say = useSay();
  const columns: ListColumn<RecordLine>[] = [
    { head: 'Line', of: ({ term }) => term },
    { head: 'Needed', figure: true, of: (line) => say(wantedText(line.limit, line)) },
    { head: 'Part', figure: true, of: (line) => say(haveWords(line, line.instead)) },
    {
      head: 'Verdict',
      of: ({ verdict }) => (
        <span style={{ display: 'inline-flex', gap: 6, alignItems: 'center', whiteSpace: 'nowrap' }}>
          <VerdictMark verdict={certain(verdict)} size={15} /> {verdictWords[certain(verdict)]}
        </span>
      ),
    },
    { head: 'Remark', of: remarkOf },
  ];
  return <ListTable caption={title} columns={columns} rows={lines} keyOf={({ id }) => id} />;
}

type RecordSetting = NonNullable<RecordBody['settings']>[number];
const settingColumns: readonly ListColumn<RecordSetting>[] = [
  { head: 'Setting', of: ({ name }) => name },
  { head: 'As found', figure: true, of: ({ asFound = '' }) => asFound },
  { head: 'Set to', figure: true, of: ({ value }) => value },
  { head: 'As left', figure: true, of: ({ asLeft }) => asLeft || <span className={relaysStyle.blankLeft} /> },
];

const proofColumns: readonly ListColumn<RecordProof>[] = [
  { head: 'Test', of: ({ title }) => title },
  { head: 'Reading', figure: true, of: ({ net, unit }) => (net === null ? '' : formatValue(net, unit)) },
  { head: 'Limits', figure: true, of: ({ limits }) => limits },
  {
    head: 'Verdict',
    of: ({ verdict, putOff }) => (
      <span style={{ display: 'inline-flex', gap: 6, alignItems: 'center' }}>
        {(verdict === 'fits' || verdict === 'check' || verdict === 'fails') && <VerdictMark verdict={verdict} size={15} />}{' '}
        {putOff?.text ?? verdict}
      </span>
    ),
  },
];

const moveColumns: readonly ListColumn<RecordBody['terminals'][number]>[] = [
  { head: 'Circuit', of: ({ circuit }) => circuit },
  { head: 'Old terminal', figure: true, of: ({ from }) => from },
  { head: 'New terminal', figure: true, of: ({ to }) => to },
  { head: 'Note', of: ({ note }) => note },
];
const readingColumns: readonly ListColumn<ReadingOnRecord>[] = [
  { head: 'Of', of: ({ about }) => about },
  { head: 'Mark', of: ({ label }) => label },
  { head: 'Reading', figure: true, of: ({ text }) => text },
  { head: 'State', of: ({ state }) => state },
];

/** A heading and its sentences; nothing where there are none. */
const Sentences = ({ title, texts }: { title: string; texts: readonly string[] }) =>
  texts.length === 0 ? null : (
    <section className="sheet stack" style={{ padding: 14 }} aria-label={title}>
      <h2 style={{ fontSize: 15.5 }}>{title}</h2>
      {texts.map((text) => (
        <p key={text}>{text}</p>
      ))}
    </section>
  );

/** What was signed where and by whom, and its downloads. */
function Head({ id, body, timeZone }: { id: string; body: RecordBody; timeZone: string }) {
  const { position, fitted, signedBy, doneBy, signedAt } = body;
  const at = `/api/v1/records/${id}`;
  return (
    <div className="row-flex" style={{ justifyContent: 'space-between' }}>
      <div>
        <h1>
          {position.tag} {position.function}: {fitted.name}
        </h1>
        <p className="muted">
          {position.site}, {position.panel}. Signed by {signedBy}
          {doneBy ? `, for ${doneBy}` : ''}, {formatInstant(signedAt, timeZone, 'minute')}.
        </p>
      </div>
      <div className="row-flex no-print">
        {Object.entries({ PDF: `${at}/pdf`, JSON: at, Label: `${at}/label` }).map(([word, href]) => (
          <Button key={word} href={href} download>
            {word}
          </Button>
        ))}
      </div>
    </div>
  );
}

function Stock({ stock, of }: { stock: RecordBody['stock']; of?: string }) {
  if (!stock) return <p className="muted">{of ? `${of}: not` : 'Not'} taken from stock.</p>;
  return (
    <p className="muted">
      {of ? `${of}: taken` : 'Taken'} from {stock.place}: {stock.before} before, {stock.after} left.
      {stock.after === 0 ? ' Restock.' : ''}
    </p>
  );
}

type Picture = { id: string; section: 'load' | 'removed' };
const Pictures = ({ pictures }: { pictures: readonly Picture[] }) => (
  <div className="row-flex">
    {pictures.map(({ id, section }) => (
      <a key={id} href={`/api/v1/pictures/${id}`}>
        <img
          src={`/api/v1/pictures/${id}`}
          alt={section === 'load' ? 'The load’s plate' : 'The removed part’s plate'}
          style={{ height: 150, borderRadius: 6 }}
        />
      </a>
    ))}
  </div>
);

type Sealed = { entry: ChainEntry | null; publicKey: string; altered: readonly string[] };
type Props = Sealed & { id: string; timeZone: string; body: RecordBody; hash: string; pictures?: readonly Picture[] };

/** What was changed since the signature, in words, before anything that the record says. */
const Altered = ({ altered }: Pick<Sealed, 'altered'>) =>
  altered.length === 0 ? null : (
    <Notice kind="fails" role="alert">
      <b>This record is not as it was signed. Do not rely on it.</b> {altered.join(' ')}
    </Notice>
  );

/** What checks the record without us. */
const Seal = ({ hash, entry, publicKey }: { hash: string } & Omit<Sealed, 'altered'>) => (
  <p className="muted" style={{ fontSize: 12, overflowWrap: 'anywhere' }}>
    SHA-256 of the canonical JSON: <span className="figure">{hash}</span>
    {entry && (
      <>
        <br />
        Entry {entry.seq} of the chain of this site, <span className="figure">{entry.hash}</span>; signed by the key{' '}
        <span className="figure">{publicKey}</span>. The JSON holds all that checks it.
      </>
    )}
  </p>
);

/** A signed record as a sheet, with its downloads. */
export function RecordSheet({ id, timeZone, body, hash, entry, publicKey, altered, pictures = [] }: Props) {
  const { fitted, removed, changes = [], settings = [] } = body;
  const found = foundText(body);
  return (
    <InPractice practice={body.practice}>
      <main className="middle stack" id="main" style={{ maxWidth: 1000, margin: '0 auto' }}>
        <Head id={id} body={body} timeZone={timeZone} />
        <Altered altered={altered} />
        {body.remark && <Notice kind="note">{body.remark}</Notice>}
        {fitted.held ? <p className="muted">{HELD}</p> : <Stock stock={body.stock} />}
        {body.stockBeside?.map(({ partId, taken }, i) => (
          <Stock key={`${partId} ${i}`} stock={taken} of={partId} />
        ))}
        {pictures.length > 0 && <Pictures pictures={pictures} />}
        {found.length > 0 && <Notice kind="note">{found.join('; ')}.</Notice>}
        <Lines title={`Installed: ${fitted.name}, ${fittedBrief(body)}: ${verdictWords[fitted.verdict]}`} lines={fitted.lines} />
        {removed && <Lines title={`Removed: ${removed.name}: ${verdictWords[removed.verdict]}`} lines={removed.lines} />}
        {changes.length > 0 && (
          <div className="sheet stack" style={{ padding: 14 }}>
            <h2 style={{ fontSize: 15.5 }}>Compared with the removed part</h2>
            {changes.map((change) => (
              <p key={change.label}>{changeText(change)}</p>
            ))}
          </div>
        )}
        {settings.length > 0 && <ListTable caption="Settings" columns={settingColumns} rows={settings} keyOf={({ name }) => name} />}
        <Sentences title={`Circuit${body.circuit ? ` ${body.circuit.name}` : ''}`} texts={circuitText(body)} />
        <ListTable caption="Tests" columns={proofColumns} rows={body.proofs} keyOf={(proof) => proof.id} />
        {body.terminals.length > 0 && (
          <ListTable
            caption="Terminal map, old to new"
            columns={moveColumns}
            rows={body.terminals}
            keyOf={({ circuit, from, to }) => `${circuit} ${from} ${to}`}
          />
        )}
        <Sentences title="Made safe" texts={body.madeSafe.map(({ step, by }) => `${step}: ${by || 'not named'}`)} />
        <ListTable
          caption="What it was judged by"
          columns={readingColumns}
          rows={readingsOnRecord(body)}
          keyOf={({ section, id }) => `${section}.${id}`}
        />
        <Seal hash={hash} entry={entry} publicKey={publicKey} />
      </main>
    </InPractice>
  );
}
