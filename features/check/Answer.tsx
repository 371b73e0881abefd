'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { plateOf } from '@/core/families/plates';
import type { JudgedNeed } from '@/core/matching/judge';
import { citeSource } from '@/core/standards/source';
import { withReading } from '@/core/readings/reading';
import { heldOf } from '@/core/swap/candidates';
import { openQuestions, type OpenQuestion } from '@/core/swap/open-questions';
import { FitBoard } from '@/ui/board/FitBoard';
import { useSay } from '@/ui/language/practice';
import { VerdictMark } from '@/ui/marks/VerdictMark';
import { askedField, cardsOf, plateFieldsOf, type EditField } from '@/ui/plates/edit-field';
import { MarkField, type FieldChange } from '@/ui/plates/MarkField';
import { Notice } from '@/ui/shell/Notice';
import type { QuickCheck } from './use-check';
import swapStyle from '@/ui/styles/swap.module.css';

type Answered = NonNullable<QuickCheck['answer']>;
const SHOWN = 4;

/** The field that a question is answered in: as the plate prints it, else as the case names it. */
function fieldOfQuestion({ family, context: { practice } }: Answered, { section, id }: OpenQuestion): EditField | undefined {
  if (section !== 'part') return askedField(practice, section, id);
  const plate = plateOf(family.id);
  const printed = plate && plateFieldsOf(plate, 'removed', practice).find((field) => field.id === id && field.kind !== 'rows');
  return printed ?? cardsOf(family, practice).part.find((field) => field.id === id && (field.rowFields || field.kind !== 'rows'));
}

/** Marks that wait: what is still missing for an answer, the one that decides first. */
function useQuestions({ state, change }: QuickCheck, answer: Answered) {
  const isOpen = (section: OpenQuestion['section'], id: string, nth?: number) => {
    const part = nth === undefined ? undefined : answer.parts[nth];
    const held = section === 'part' ? part && heldOf(state, part.id)?.readings : state[section];
    return held !== undefined && !held[id] && fieldOfQuestion(answer, { section, id, needId: '' }) !== undefined;
  };
  const questions = openQuestions(
    answer.parts.map(({ judged }) => judged),
    isOpen,
  );
  // Where no line waits and none decides either, what the family asks of every place is asked in turn.
  const { supply, wiring } = cardsOf(answer.family, answer.context.practice);
  if (questions.length === 0 && answer.parts.some(({ judged }) => judged.verdict === 'not-known'))
    for (const { section, id } of [...supply, ...wiring])
      if (section !== 'removed' && isOpen(section, id)) questions.push({ section, id, needId: '' });
  const put =
    ({ section, part }: OpenQuestion): FieldChange =>
    (field, reading) => {
      if (section !== 'part') return change([{ path: `${section}.${field.id}`, value: reading }]);
      const id = answer.parts[part ?? 0]?.id;
      const held = id === undefined ? undefined : heldOf(state, id);
      if (id === undefined || !held) return;
      change([{ path: id.replace(':', '.'), value: { ...held, readings: withReading(held.readings, field.id, reading) } }]);
    };
  return { questions, put };
}

const where: Record<OpenQuestion['section'], string> = {
  part: 'on the part',
  load: 'of the load',
  supply: 'of the supply',
  duty: 'of the duty',
};

/** The next question, answered in its place; those after it by name. */
function Missing({ check, answer }: { check: QuickCheck; answer: Answered }) {
  const say = useSay();
  const { questions, put } = useQuestions(check, answer);
  // What is put off stands behind the others.
  const [later, setLater] = useState<readonly string[]>([]);
  const key = ({ section, id, part }: OpenQuestion) => `${section}.${id}.${part ?? ''}`;
  const asked = questions
    .flatMap((question) => {
      const field = fieldOfQuestion(answer, question);
      return field ? [{ question, field }] : [];
    })
    .sort((a, b) => later.indexOf(key(a.question)) - later.indexOf(key(b.question)));
  const [next, ...others] = asked;
  if (!next) return null;
  const need = answer.needs.find(({ id }) => id === next.question.needId);
  const part = answer.parts.length > 1 && next.question.part !== undefined ? `, ${answer.parts[next.question.part]?.name ?? ''}` : '';
  return (
    <section className={`${swapStyle.plate} ${swapStyle.card}`} aria-label="Next question">
      <header>
        <span>Next question</span>
        <span>{asked.length} still missing</span>
        {others.length > 0 && (
          <Button size="small" onClick={() => setLater([...later.filter((one) => one !== key(next.question)), key(next.question)])}>
            Later
          </Button>
        )}
      </header>
      <div className={swapStyle.marks}>
        <MarkField
          key={key(next.question)}
          field={next.field}
          reading={undefined}
          wide
          onChange={put(next.question)}
          onFocus={() => undefined}
        />
      </div>
      <p className="muted" style={{ padding: '0 12px 10px' }}>
        {say(next.field.label)} {where[next.question.section]}
        {part}: {say(next.field.meaning)} {need && say(need.ways[0].limit === null ? '' : need.because)}
        {others.length > 0 && (
          <>
            {' '}
            Then:{' '}
            {others
              .slice(0, SHOWN)
              .map(({ field, question }) => `${say(field.label)} ${where[question.section]}`)
              .join(', ')}
            {others.length > SHOWN ? ` and ${others.length - SHOWN} more` : ''}.
          </>
        )}
      </p>
    </section>
  );
}

const verdictSentence = { fits: 'fits', check: 'needs a check', fails: 'does not fit', 'not-known': 'is not known yet' } as const;

/** The verdict on each part, line by line, and what is still missing for it. */
export function Answer({ check }: { check: QuickCheck }) {
  const say = useSay();
  const [cell, setCell] = useState<{ line: JudgedNeed; name: string }>();
  const { answer } = check;
  if (!answer || answer.parts.length === 0) return null;
  return (
    <div className="stack">
      <div role="status" aria-label="Verdict" className="stack" style={{ gap: 6 }}>
        {answer.parts.map(({ id, name, judged: { verdict, lines } }) => {
          const count = (one: string) => lines.filter((line) => line.verdict === one).length;
          return (
            <p key={id} className="row-flex" style={{ gap: 8 }}>
              <VerdictMark verdict={verdict} />
              <span>
                <b>{name}</b> {verdictSentence[verdict]}: {count('fits')} of {lines.length} lines hold, {count('check')} to check,{' '}
                {count('not-known')} not known, {count('fails')} failing.
              </span>
            </p>
          );
        })}
      </div>
      <Missing check={check} answer={answer} />
      <FitBoard
        needs={answer.needs}
        removed={null}
        columns={answer.parts.map(({ id, name, raw, judged }) => ({
          key: id,
          name,
          brief: answer.family.shortDescription(raw),
          where: 'in the hand',
          note: '',
          part: judged,
          changes: [],
        }))}
        practice={answer.context.practice}
        onChoose={() => undefined}
        onCell={(line, name) => setCell({ line, name })}
      />
      {cell && (
        <div className="sheet" style={{ padding: 14 }} role="status">
          <b>{cell.name}</b>
          <p>{say(cell.line.because)}</p>
          <p className="muted">
            {say(cell.line.need.because)} {citeSource(cell.line.need.source)}.
          </p>
        </div>
      )}
      {answer.cautions.map((caution) => (
        <Notice kind="check" key={caution}>
          {say(caution)}
        </Notice>
      ))}
    </div>
  );
}
