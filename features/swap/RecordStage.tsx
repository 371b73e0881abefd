'use client';

import Table from '@mui/material/Table';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TableCell from '@mui/material/TableCell';
import TableBody from '@mui/material/TableBody';
import { TextBox } from '@/ui/forms/TextBox';
import Link from 'next/link';
import { insteadOf, type JudgedPart } from '@/core/matching/judge';
import type { Change } from '@/core/matching/changes';
import { changeKey, type Obstacle } from '@/core/swap/sign-off';
import type { Stage } from './StageRail';
import type { Practice } from '@/core/case/case';
import type { SwapState } from '@/core/swap/swap';
import { haveWords, lineTerm, wantedText } from '@/core/needs/line-text';
import { VerdictMark, verdictWords } from '../../ui/marks/VerdictMark';
import { sayIn } from '@/core/language/by-practice';

const stageOf: Record<Obstacle['kind'], Stage> = {
  safety: 'match',
  override: 'match',
  acknowledge: 'match',
  change: 'match',
  choice: 'match',
  safe: 'safe',
  proof: 'prove',
};

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
      {obstacles.length > 0 && (
        <section className="sheet stack" style={{ padding: 14 }} aria-label="Still open">
          <h2 style={{ fontSize: 15.5 }}>
            {obstacles.length} thing{obstacles.length > 1 ? 's' : ''} still open
          </h2>
          <ul style={{ margin: 0, paddingLeft: 18 }}>
            {obstacles.slice(0, 30).map((obstacle) => (
              <li key={obstacle.id} style={{ padding: '3px 0' }}>
                <Link href={`${base}?stage=${stageOf[obstacle.kind]}`}>{obstacle.text}</Link>
              </li>
            ))}
          </ul>
        </section>
      )}
      {part && (
        <section aria-label="Requirements, installed part" className="sheet" style={{ overflowX: 'auto' }}>
          <Table>
            <caption style={{ textAlign: 'left', padding: '10px 10px 0', fontWeight: 650 }}>
              {title}: {verdictWords[part.verdict]}
            </caption>
            <TableHead>
              <TableRow>
                <TableCell scope="col">Line</TableCell>
                <TableCell scope="col">Needed</TableCell>
                <TableCell scope="col">This part</TableCell>
                <TableCell scope="col">Verdict</TableCell>
                <TableCell scope="col">Acknowledged by</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {part.lines.map((line) => {
                const over = line.verdict === 'fails' ? state.overrides[line.need.id] : undefined;
                const said = line.verdict !== 'fits' ? (over ?? state.acknowledged[line.need.id]) : undefined;
                return (
                  <TableRow key={line.need.id}>
                    <TableCell>{lineTerm(line.need, line.quantity, practice)}</TableCell>
                    <TableCell className="figure">{sayIn(practice, wantedText(line.limit, line))}</TableCell>
                    <TableCell className="figure">{sayIn(practice, haveWords(line, insteadOf(line)))}</TableCell>
                    <TableCell>
                      <span style={{ display: 'inline-flex', gap: 6, alignItems: 'center' }}>
                        <VerdictMark verdict={line.verdict} size={15} /> {verdictWords[line.verdict]}
                      </span>
                    </TableCell>
                    <TableCell>
                      {said
                        ? `${over ? 'OVERRIDDEN by ' : ''}${said.by}${said.reason ? `: ${said.reason}` : ''}${said.settles ? `. To be settled by: ${said.settles}` : ''}`
                        : ''}
                    </TableCell>
                  </TableRow>
                );
              })}
            </TableBody>
          </Table>
        </section>
      )}
      {part && changes.length > 0 && (
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
      )}
      <label className="stack" style={{ gap: 4 }}>
        <span>Remarks, such as what was found and why it failed</span>
        <TextBox wide rows={3} maxLength={2000} value={remark} onChange={(event) => onRemark(event.target.value)} />
      </label>
    </div>
  );
}
