import type { PartCondition } from '@/core/families/contract';
import { VerdictMark } from '../marks/VerdictMark';

/** What was read on the part that came out, section by section: whether it is spent, apart from whether it was the right one. */
export function ConditionPanel({ condition }: { condition: readonly PartCondition[] }) {
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="What was read on it">
      <div>
        <h2 style={{ margin: 0 }}>What was read on it</h2>
        <p className="muted">Good says that it is not spent; whether it was the right one, the lines below say.</p>
      </div>
      {condition.map(({ about, word, words, found, verdict }) => (
        <div key={about} className="cause">
          <VerdictMark verdict={verdict} />
          <div className="cause-words">
            <b>
              {about}: {word}
            </b>
            , {words}
          </div>
          <span className="figure">{found}</span>
        </div>
      ))}
    </section>
  );
}
