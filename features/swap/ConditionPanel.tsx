import type { PartCondition } from '@/core/families/contract';
import { VerdictMark } from '../../ui/marks/VerdictMark';
import curvesStyle from '@/ui/styles/curves.module.css';

/** What was read on the removed part, section by section: whether it is spent, apart from whether it was the right one. */
export function ConditionPanel({ condition }: { condition: readonly PartCondition[] }) {
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="Condition of the removed part">
      <div>
        <h2 style={{ margin: 0 }}>Condition of the removed part</h2>
        <p className="muted">“Good” means not worn out; whether it was the correct part is judged below.</p>
      </div>
      {condition.map(({ about, word, words, found, verdict }) => (
        <div key={about} className="cause">
          <VerdictMark verdict={verdict} />
          <div className={curvesStyle.causeWords}>
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
