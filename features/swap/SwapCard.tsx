'use client';

import { firstSentences } from '@/core/language/sentence';
import { formatInstant } from '@/core/language/format-instant';
import { sayIn } from '@/core/language/by-practice';
import { summaryOf } from '@/core/needs/summary';
import { termOf } from '@/core/quantities/terms';
import { verdictWords } from '@/ui/marks/VerdictMark';
import { FocusNote } from './card/FocusNote';
import { Foot } from './card/Foot';
import { LettersNote } from './card/LettersNote';
import { NeedNote } from './card/NeedNote';
import { removedSentence } from './derived';
import { unknownOf } from './progress';
import { Note, RunningCard } from './RunningCard';
import { useJob } from './use-job';

/** The running card of the bench, by stage. */
export function SwapCard() {
  const { stage, view, derived, state, practice, focus, cell, pickedNeed, change, title, part } = useJob();
  const unknown = unknownOf(derived);
  const reading = stage === 'read' || stage === 'need';
  return (
    <RunningCard foot={<Foot />}>
      {stage === 'safe' && (
        <Note title="Never live">The list cannot see the panel. If anything differs from the drawing, stop and find out.</Note>
      )}
      {stage === 'read' && focus && <FocusNote field={focus} state={state} onChange={change} />}
      {stage === 'read' && !focus && (
        <Note title="Keys">
          <p>Enter moves to the next field. Alt U: unreadable. Alt 1 to 6: stages. The tag beside a field gives its state.</p>
        </Note>
      )}
      {(stage === 'match' || stage === 'prove') && (
        <Note title="Summary">
          <p style={{ fontSize: 15.5, fontWeight: 600 }}>{sayIn(practice, summaryOf(derived.family.summary, derived.needs))}</p>
        </Note>
      )}
      {stage === 'match' && cell && (
        <Note title={`${cell.name}: ${termOf(cell.line.quantity, practice)}`} tone={cell.line.verdict}>
          <p>
            {verdictWords[cell.line.verdict]}: {cell.line.because}
          </p>
          <p className="muted">{cell.line.source}</p>
        </Note>
      )}
      {reading && (
        <Note title="Was the removed part correct?" tone={derived.removed?.verdict ?? 'not-known'}>
          <p>{removedSentence(derived, practice)}</p>
        </Note>
      )}
      {reading && typeof state.removed.code?.value === 'string' && <LettersNote tables={view.letters} code={state.removed.code.value} />}
      {stage === 'need' && pickedNeed && <NeedNote derived={derived} id={pickedNeed} onChange={change} />}
      {unknown.length > 0 && stage !== 'safe' && stage !== 'record' && (
        <Note title="Not known" tone="not-known">
          {unknown.map((need) => (
            <p key={need.id}>
              {termOf(need.ways[0].quantity, practice)}: {firstSentences(need.because)}
            </p>
          ))}
        </Note>
      )}
      {derived.cautions.length > 0 && (
        <Note title="Cautions" tone="check">
          {derived.cautions.map((text) => (
            <p key={text}>{text}</p>
          ))}
        </Note>
      )}
      {state.hazards.controlElsewhere && stage !== 'record' && (
        <Note title="Still live after isolation" tone="fails">
          The control voltage comes from another panel. Isolating this panel leaves A1 live.
        </Note>
      )}
      {stage === 'record' && state.choice.part && (
        <Note title="To install">
          {title}
          {part ? `: ${verdictWords[part.verdict]}` : ''}
        </Note>
      )}
      {stage === 'record' && view.history.length > 0 && (
        <Note title="History here">
          {view.history.slice(0, 4).map((event, i) => (
            <p key={i}>
              <span className="figure">{formatInstant(event.at, view.site.timeZone)}</span> {event.text}
            </p>
          ))}
        </Note>
      )}
    </RunningCard>
  );
}
