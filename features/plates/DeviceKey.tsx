'use client';

import { Notice } from '@/ui/shell/Notice';
import ButtonBase from '@mui/material/ButtonBase';
import Button from '@mui/material/Button';
import { TextBox } from '@/ui/forms/TextBox';
import { certain } from '@/core/certain';
import { useState } from 'react';
import { contradictions, withArticle } from '@/core/device-identification/contradictions';
import { followKey, type KeyPath } from '@/core/device-identification/key';
import { KeyPicture } from './KeyPicture';
import { useSay } from '../../ui/language/practice';
import photoStyle from '@/ui/styles/photo.module.css';

type KeyState = ReturnType<typeof followKey>;

/** The next question with its drawn answers. */
function Question({ next, onAnswer }: { next: NonNullable<KeyState['next']>; onAnswer: (answer: KeyPath[number]) => void }) {
  const { question, answers } = next;
  return (
    <>
      <div>
        <h2>{question.ask}</h2>
        <p className="muted">{question.where}</p>
      </div>
      <div className={photoStyle.keyAnswers}>
        {answers.map((answer) => (
          <ButtonBase
            key={answer.id}
            className={photoStyle.keyAnswer}
            onClick={() => onAnswer({ question: question.id, answer: answer.id })}
          >
            <KeyPicture id={answer.picture} />
            <b>{answer.label}</b>
          </ButtonBase>
        ))}
        <ButtonBase className={photoStyle.keyAnswer} onClick={() => onAnswer({ question: question.id, answer: null })}>
          <span
            className={`${photoStyle.keyPicture} figure`}
            aria-hidden="true"
            style={{ display: 'grid', placeItems: 'center', fontSize: 26 }}
          >
            ?
          </span>
          <b>Can’t tell</b>
        </ButtonBase>
      </div>
    </>
  );
}

/** What each answer took away, and why. */
const Reasons = ({ reasons }: Pick<KeyState, 'reasons'>) => (
  <div>
    <p className="label">Why</p>
    <ol className={photoStyle.keyWhy}>
      {reasons.map((reason) => (
        <li key={reason.ask}>
          <b>{reason.answer}.</b> {reason.why}{' '}
          <span className="muted">{reason.gone === 0 ? 'It takes nothing away.' : `It takes ${reason.gone} away.`}</span>
        </li>
      ))}
    </ol>
  </div>
);

/** The key: one question at a time, drawn answers, back, can't tell, and why each answer narrows. */
export function DeviceKey({ onFamily }: { onFamily: (plate: string) => void }) {
  const say = useSay();
  const [path, setPath] = useState<KeyPath>([]);
  const [marks, setMarks] = useState('');
  const state = followKey(path);
  const end = state.left.length === 1 || (!state.next && state.left.length > 0);
  const against = state.left.length > 0 && state.left.length <= 3 ? state.left.flatMap((one) => contradictions(one, marks)) : [];
  return (
    <div className={photoStyle.key}>
      <section className="stack" aria-live="polite">
        {state.contradiction && (
          <Notice kind="fails" role="alert">
            These answers do not go together: nothing has all of them. Go back to the one that was least sure.
          </Notice>
        )}
        {!end && state.next && <Question next={state.next} onAnswer={(answer) => setPath([...path, answer])} />}
        {end && !state.contradiction && (
          <div className="stack">
            <h2>
              {state.left.length === 1
                ? `It is ${withArticle(say(certain(state.left[0]).title))}`
                : `It is one of ${state.left.length}; nothing more can be seen`}
            </h2>
            {state.left.map((one) => (
              <div key={one.id} className="sheet" style={{ padding: 14 }}>
                <b>{say(one.title)}</b>
                <p className="muted">{one.about}</p>
                <Button variant="contained" style={{ marginTop: 8 }} onClick={() => onFamily(one.family)}>
                  Read its plate
                </Button>
              </div>
            ))}
          </div>
        )}
        <div className="row-flex">
          <Button disabled={path.length === 0} onClick={() => setPath(path.slice(0, -1))}>
            Back
          </Button>
          <Button disabled={path.length === 0} onClick={() => setPath([])}>
            Start again
          </Button>
        </div>
      </section>
      <aside className="stack" aria-label="What is left">
        <label className="stack" style={{ gap: 4 }}>
          <span>Marks on it, as far as they read</span>
          <TextBox
            wide
            value={marks}
            maxLength={400}
            placeholder="such as C16 0.03 A IEC 61009-1"
            onChange={(event) => setMarks(event.target.value)}
          />
        </label>
        {against.map((text) => (
          <Notice kind="fails" key={text} role="alert">
            {text}
          </Notice>
        ))}
        <div>
          <p className="label">Left: {state.left.length}</p>
          <ul className={photoStyle.keyLeft}>
            {state.left.map((one) => (
              <li key={one.id}>{say(one.title)}</li>
            ))}
          </ul>
        </div>
        {state.reasons.length > 0 && <Reasons reasons={state.reasons} />}
      </aside>
    </div>
  );
}
