'use client';

import { ListTable, type ListColumn } from '@/ui/forms/ListTable';
import { TextBox } from '@/ui/forms/TextBox';
import { Link } from '@/ui/shell/Link';
import { insteadOf, type JudgedNeed, type JudgedPart } from '@/core/matching/judge';
import type { Change } from '@/core/matching/changes';
import { changeKey, type Obstacle } from '@/core/swap/sign-off';
import { JobCircuit } from './JobCircuit';
import { EndJob } from './EndJob';
import { HandOver } from './HandOver';
import type { Stage } from './StageRail';
import type { Practice } from '@/core/case/case';
import type { SwapState } from '@/core/swap/swap';
import { haveWords, lineTerm, wantedText } from '@/core/needs/line-text';
import { VerdictMark, verdictWords } from '../../ui/marks/VerdictMark';
import { sayIn } from '@/core/language/by-practice';

const stageOf: Record<Obstacle['kind'], Stage> = {
  safety: 'match',
  override: 'match',
  approve: 'record',
  acknowledge: 'match',
  change: 'match',
  choice: 'match',
  cause: 'need',
  circuit: 'record',
  safe: 'safe',
  proof: 'prove',
};

/** Who answers for a line that does not simply fit. */
function saidOf({ verdict, need }: JudgedNeed, { overrides, acknowledged }: SwapState): string {
  const over = verdict === 'fails' ? overrides[need.id] : undefined;
  const said = verdict !== 'fits' ? (over ?? acknowledged[need.id]) : undefined;
  if (!said) return '';
  const reason = said.reason ? `: ${said.reason}` : '';
  return `${over ? 'OVERRIDDEN by ' : ''}${said.by}${reason}${said.approvedBy ? `. Approved by ${said.approvedBy}` : ''}${said.settles ? `. To be settled by: ${said.settles}` : ''}`;
}

/** Every line of the part to install, as it will be signed. */
function Lines({ title, part, state, practice }: { title: string; part: JudgedPart; state: SwapState; practice: Practice }) {
  const columns: ListColumn<JudgedNeed>[] = [
    { head: 'Line', of: (line) => lineTerm(line.need, line.quantity, practice) },
    { head: 'Needed', figure: true, of: (line) => sayIn(practice, wantedText(line.limit, line)) },
    { head: 'This part', figure: true, of: (line) => sayIn(practice, haveWords(line, insteadOf(line))) },
    {
      head: 'Verdict',
      of: ({ verdict }) => (
        <span style={{ display: 'inline-flex', gap: 6, alignItems: 'center' }}>
          <VerdictMark verdict={verdict} size={15} /> {verdictWords[verdict]}
        </span>
      ),
    },
    { head: 'Acknowledged by', of: (line) => saidOf(line, state) },
  ];
  return (
    <section aria-label="Requirements, installed part">
      <ListTable caption={`${title}: ${verdictWords[part.verdict]}`} columns={columns} rows={part.lines} keyOf={({ need }) => need.id} />
    </section>
  );
}

const MOST_OPEN = 30;
/** What still stands in the way of signing, each with the way to its stage. */
const StillOpen = ({ obstacles, base }: { obstacles: readonly Obstacle[]; base: string }) => (
  <section className="sheet stack" style={{ padding: 14 }} aria-label="Still open">
    <h2 style={{ fontSize: 15.5 }}>
      {obstacles.length} thing{obstacles.length > 1 ? 's' : ''} still open
    </h2>
    <ul style={{ margin: 0, paddingLeft: 18 }}>
      {obstacles.slice(0, MOST_OPEN).map((obstacle) => (
        <li key={obstacle.id} style={{ padding: '3px 0' }}>
          <Link href={`${base}?stage=${stageOf[obstacle.kind]}`}>{obstacle.text}</Link>
        </li>
      ))}
    </ul>
  </section>
);

const Changes = ({ changes, state }: { changes: readonly Change[]; state: SwapState }) => (
  <section aria-label="Compared with the removed part" className="sheet stack" style={{ padding: 14 }}>
    <h2 style={{ fontSize: 15.5 }}>Compared with the removed part</h2>
    {changes.map((change) => {
      const said = state.acknowledged[changeKey(change)];
      return (
        <p key={change.id}>
          {change.because}
          {said && change.ask !== null ? ` ${said.by}: ${said.reason}` : ''}
        </p>
      );
    })}
  </section>
);

/** Record: what will be signed, line by line, and what still stands in the way. */
export function RecordStage({
  title,
  part,
  changes,
  state,
  practice,
  obstacles,
  base,
  remark,
  onRemark,
}: {
  title: string;
  part: JudgedPart | null;
  changes: readonly Change[];
  state: SwapState;
  practice: Practice;
  obstacles: Obstacle[];
  base: string;
  remark: string;
  onRemark: (text: string) => void;
}) {
  return (
    <div className="stack">
      <div>
        <h1>Sign off</h1>
        <p className="muted">
          What is signed here is kept as it is: every line, every reading, every name. Stock goes down by one and the position shows the new
          part.
        </p>
      </div>
      {obstacles.length > 0 && <StillOpen obstacles={obstacles} base={base} />}
      {part && <Lines title={title} part={part} state={state} practice={practice} />}
      {part && changes.length > 0 && <Changes changes={changes} state={state} />}
      <JobCircuit />
      <label className="stack" style={{ gap: 4 }}>
        <span>Remarks, such as what was found and why it failed</span>
        <TextBox wide rows={3} maxLength={2000} value={remark} onChange={(event) => onRemark(event.target.value)} />
      </label>
      <EndJob />
      <HandOver />
    </div>
  );
}
