'use client';

import { certain } from '@/core/certain';
import Link from 'next/link';
import { meaningsOf } from '@/core/case/position-codes';
import type { JudgedNeed, JudgedPart } from '@/core/matching/judge';
import { schoolChoices } from '@/core/loads/schools';
import { familyWords } from '@/core/families/registry';
import { limitText } from '@/core/needs/line-text';
import { inputLabel } from '@/core/needs/input-label';
import { summaryOf } from '@/core/needs/summary';
import { termOf } from '@/core/quantities/terms';
import { citeSource } from '@/core/standards/source';
import { stateMeaning } from '@/core/readings/reading';
import type { Change as PartChange } from '@/core/matching/changes';
import { partObstacles } from '@/core/swap/sign-off';
import type { Change, SwapState } from '@/core/swap/swap';
import type { Comparison } from '@/services/match';
import type { SwapView } from '@/services/swaps';
import type { EditField } from '@/ui/plates/edit-field';
import { RecoveryForm } from '@/ui/plates/RecoveryForm';
import { verdictWords } from '@/ui/marks/VerdictMark';
import { Note, RunningCard } from '@/features/swap/RunningCard';
import { removedSentence, type Derived } from '@/features/swap/derived';
import { DrawnMarks } from '@/ui/residual/TypeSymbols';
import type { Stage } from '@/features/swap/StageRail';
import { inSentence } from '@/core/language/in-sentence';
import { sayIn } from '@/core/language/by-practice';
import { useSay } from '@/ui/language/practice';
import { formatInstant } from '@/core/language/format-instant';

type Props = {
  stage: Stage;
  view: SwapView;
  state: SwapState;
  derived: Derived;
  board?: Comparison;
  focus?: EditField;
  pickedNeed?: string;
  cell?: { line: JudgedNeed; name: string };
  part: JudgedPart | null;
  changes: readonly PartChange[];
  title: string;
  name: string;
  onName: (name: string) => void;
  onChange: (changes: Change[]) => void;
  onNext: (stage: Stage) => void;
  onTake: () => void;
  sign: { obstacles: number; signing: boolean; fault?: string; onSign: () => void };
};

const tone = { fits: 'fits', check: 'check', fails: 'fails', 'not-known': 'not-known' } as const;

function FocusNote({ field, state, onChange }: { field: EditField; state: SwapState; onChange: Props['onChange'] }) {
  const reading = state[field.section][field.id];
  const worn = reading?.state === 'unreadable';
  const control = state.supply.controlVolts?.value;
  const kind = state.supply.controlKind?.value;
  const hertz = state.supply.controlHertz?.value;
  const coil = field.section === 'removed' && (field.id === 'coilVolts' || field.id === 'coilMarks') && worn && typeof control === 'number';
  return (
    <Note title={`${worn ? 'Unreadable' : 'Field'}: ${field.label}`} tone={worn ? 'not-known' : 'note'}>
      <p>{field.meaning}</p>
      {reading && (
        <p className="muted">
          {stateMeaning[reading.state]}
          {reading.from ? ` From: ${reading.from}.` : ''}
        </p>
      )}
      <DrawnMarks
        fieldId={field.id}
        value={reading?.value}
        onPick={(value) => onChange([{ path: `${field.section}.${field.id}`, value: { state: 'read', value, from: 'its drawn symbol' } }])}
      />
      {(worn || !reading) && <RecoveryForm key={`${field.section}.${field.id}`} field={field} state={state} onChange={onChange} />}
      {!worn && (
        <p style={{ marginTop: 6 }}>
          <button
            type="button"
            className="quiet"
            onClick={() => onChange([{ path: `${field.section}.${field.id}`, value: { state: 'unreadable' } }])}
          >
            Unreadable
          </button>
        </p>
      )}
      {coil && (
        <p style={{ marginTop: 6 }}>
          <button
            type="button"
            className="quiet"
            onClick={() =>
              onChange([
                { path: 'removed.coilMarks', value: null },
                {
                  path: 'removed.coilVolts',
                  value: { state: 'worked-out', value: control, from: 'the control circuit that fed it' },
                },
                ...(typeof kind === 'string'
                  ? [
                      {
                        path: 'removed.coilKind',
                        value: { state: 'worked-out', value: kind, from: 'the control circuit that fed it' },
                      },
                    ]
                  : []),
                ...(typeof hertz === 'number'
                  ? [
                      {
                        path: 'removed.coilHertz',
                        value: {
                          state: 'worked-out',
                          value: [hertz],
                          from: 'the control circuit that fed it',
                        },
                      },
                    ]
                  : []),
              ])
            }
          >
            Use the circuit’s {control} V
          </button>
        </p>
      )}
    </Note>
  );
}

/** What the letters on the part mean, by the user's own tables. */
function LettersNote({ tables, code }: { tables: SwapView['letters']; code: string }) {
  const meanings = meaningsOf(tables, code);
  return (
    <Note title={`Letters ${code}`} tone={meanings.length === 0 ? 'not-known' : 'note'}>
      {meanings.length === 0 && <p>They are in none of your tables: nothing is assumed about them.</p>}
      {meanings.map(({ maker, bay, function: fn, note }) => (
        <p key={maker}>
          {maker}: {fn.replaceAll('-', ' ')}
          {bay ? `, ${bay}` : ''}. {note}
        </p>
      ))}
      <p className="muted">
        <Link href="/lab?bench=closing">Your accessory bay codes</Link>
      </p>
    </Note>
  );
}

function NeedNote({ derived, id, onChange }: { derived: Derived; id: string; onChange: Props['onChange'] }) {
  const say = useSay();
  const { practice } = derived.context;
  const need = derived.needs.find((one) => one.id === id);
  if (!need) return null;
  const school = schoolChoices.find(({ lines }) => lines.includes(id));
  return (
    <Note title={`Why ${say(limitText(need.ways[0].limit, need.ways[0]))}`}>
      <p>{need.because}</p>
      <p className="muted">
        {citeSource(need.source)}.
        {need.inputs.length > 0 ? ` From: ${need.inputs.map((input) => inSentence(inputLabel(input, practice))).join(', ')}.` : ''}
      </p>
      {need.school && <p className="muted">Method: {need.school}.</p>}
      {school && (
        <label className="stack" style={{ gap: 4, marginTop: 8 }}>
          <span>{school.question}</span>
          <select
            className="text-in wide"
            value={String(derived.schools[school.id])}
            onChange={(event) =>
              onChange([
                {
                  path: `schools.${school.id}`,
                  value: certain(school.choices.find((one) => String(one.value) === event.target.value)).value,
                },
              ])
            }
          >
            {school.choices.map((one) => (
              <option key={one.value} value={one.value}>
                {one.words}
              </option>
            ))}
          </select>
          <small className="muted">{school.reason}</small>
        </label>
      )}
    </Note>
  );
}

function foot(props: Props) {
  const { stage, derived, board, part, state, sign, onNext, view } = props;
  const go = (to: Stage, words: string, small: string) => (
    <button type="button" className="go" onClick={() => onNext(to)}>
      {words}
      <small>{small}</small>
    </button>
  );
  const unknown = derived.needs.filter((need) => need.ways[0].limit === null).length;
  if (view.status === 'signed') return null;
  if (stage === 'safe')
    return go(
      'read',
      'Read the plates',
      derived.openSteps > 0 ? `${derived.openSteps} steps stay open; Tests waits for them` : 'all confirmed',
    );
  if (stage === 'read')
    return go(
      'need',
      'See the requirements',
      unknown > 0 ? `${unknown} line${unknown > 1 ? 's' : ''} will show as not known` : 'every line is known',
    );
  if (stage === 'need')
    return go(
      'match',
      'See the candidates',
      board
        ? `${board.judged} ${sayIn(view.site.practice, familyWords(state.family))}, ${board.onShelf} in stock`
        : 'stock first, then the catalogue',
    );
  if (stage === 'match') {
    if (!state.choice.part || !part) return <p className="muted">Choose a candidate by its name.</p>;
    if (state.choice.part.taken) return go('prove', 'Tests', props.title);
    const open = partObstacles(part, state, props.changes);
    const safety = open.some(({ kind }) => kind === 'safety');
    return (
      <button
        type="button"
        className="go"
        disabled={open.length > 0}
        onClick={() => {
          props.onTake();
          onNext(derived.openSteps > 0 ? 'safe' : 'prove');
        }}
      >
        Take {props.title}
        <small>
          {safety
            ? 'a safety line fails: it cannot be installed'
            : open.length > 0
              ? `${open.length} line${open.length > 1 ? 's' : ''} to look at first`
              : 'then the tests'}
        </small>
      </button>
    );
  }
  if (stage === 'prove')
    return go(
      'record',
      'Go to sign-off',
      sign.obstacles > 0 ? `${sign.obstacles} thing${sign.obstacles > 1 ? 's' : ''} still open` : 'all tests passed',
    );
  return (
    <div className="stack">
      <label className="stack" style={{ gap: 4 }}>
        <span>Signed by</span>
        <input
          className="text-in wide"
          value={props.name}
          maxLength={80}
          onChange={(event) => props.onName(event.target.value)}
          autoComplete="name"
        />
      </label>
      {sign.fault && (
        <p className="say fails" role="alert">
          {sign.fault}
        </p>
      )}
      <button
        type="button"
        className="go"
        disabled={sign.obstacles > 0 || sign.signing || props.name.trim().length < 2}
        onClick={sign.onSign}
      >
        {sign.signing ? 'Signing' : 'Sign off'}
        <small>
          {sign.obstacles > 0 ? `${sign.obstacles} thing${sign.obstacles > 1 ? 's' : ''} still open` : 'stock is reduced by one'}
        </small>
      </button>
    </div>
  );
}

/** The running card of the bench, by stage. */
export function SwapCard(props: Props) {
  const { stage, view, derived, state } = props;
  const unknown = derived.needs.filter((need) => need.ways[0].limit === null);
  const removedTone = derived.removed ? tone[derived.removed.verdict] : 'not-known';
  return (
    <RunningCard foot={foot(props)}>
      {stage === 'safe' && (
        <Note title="Never live">The list cannot see the panel. If anything differs from the drawing, stop and find out.</Note>
      )}
      {stage === 'read' && props.focus && <FocusNote field={props.focus} state={state} onChange={props.onChange} />}
      {stage === 'read' && !props.focus && (
        <Note title="Keys">
          <p>Enter moves to the next field. Alt U: unreadable. Alt 1 to 6: stages. The tag beside a field gives its state.</p>
        </Note>
      )}
      {(stage === 'match' || stage === 'prove') && (
        <Note title="Summary">
          <p style={{ fontSize: 15.5, fontWeight: 600 }}>{sayIn(view.site.practice, summaryOf(derived.family.summary, derived.needs))}</p>
        </Note>
      )}
      {stage === 'match' && props.cell && (
        <Note title={`${props.cell.name}: ${termOf(props.cell.line.quantity, view.site.practice)}`} tone={tone[props.cell.line.verdict]}>
          <p>
            {verdictWords[props.cell.line.verdict]}: {props.cell.line.because}
          </p>
          <p className="muted">{props.cell.line.source}</p>
        </Note>
      )}
      {(stage === 'need' || stage === 'read') && (
        <Note title="Was the removed part correct?" tone={removedTone}>
          <p>{removedSentence(derived, view.site.practice)}</p>
        </Note>
      )}
      {(stage === 'read' || stage === 'need') && typeof state.removed.code?.value === 'string' && (
        <LettersNote tables={view.letters} code={state.removed.code.value} />
      )}
      {stage === 'need' && props.pickedNeed && <NeedNote derived={derived} id={props.pickedNeed} onChange={props.onChange} />}
      {unknown.length > 0 && stage !== 'safe' && stage !== 'record' && (
        <Note title="Not known" tone="not-known">
          {unknown.map((need) => (
            <p key={need.id}>
              {termOf(need.ways[0].quantity, view.site.practice)}: {need.because.split('. ')[0]}.
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
          {props.title}
          {props.part ? `: ${verdictWords[props.part.verdict]}` : ''}
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
