'use client';

import { firstSentences } from '@/core/language/sentence';
import ButtonBase from '@mui/material/ButtonBase';
import type { Practice } from '@/core/case/case';
import { insteadOf, type JudgedNeed, type JudgedPart } from '@/core/matching/judge';
import type { Need } from '@/core/needs/need';
import { haveWords, lineTerm, limitText } from '@/core/needs/line-text';
import { Scale } from './Scale';
import { VerdictMark } from '../../ui/marks/VerdictMark';
import { groupOrder, groupWords } from '@/core/needs/groups';
import { askedOf } from './derived';
import { useSay } from '../../ui/language/practice';
import swapStyle from '@/ui/styles/swap.module.css';

const relationSigns: Record<string, string> = {
  '>=': '≥',
  '<=': '≤',
  '=': '',
  includes: '',
  within: 'within',
  'one-of': '',
};

/** The way a line is shown: the one the old part was held against, else the first. */
const wayOf = (need: Need, line: JudgedNeed | undefined) =>
  need.ways.find((way) => way.quantity === line?.quantity && way.limit === line.limit) ?? need.ways[0];

function NeedRow({
  need,
  line,
  chosen,
  practice,
  pressed,
  onPick,
}: {
  need: Need;
  line?: JudgedNeed;
  chosen?: JudgedNeed;
  practice: Practice;
  pressed: boolean;
  onPick: () => void;
}) {
  const way = wayOf(need, line);
  const unit = way.unit === 'count' ? '' : way.unit;
  const say = useSay();
  const limit = say(limitText(way.limit, { unit, relation: way.relation }));
  const markOf = (one: JudgedNeed | undefined) =>
    one && typeof one.have === 'number' && one.verdict
      ? { value: one.have, label: say(haveWords({ ...one, unit }, insteadOf(one))), verdict: one.verdict }
      : undefined;
  const scale = (way.relation === '>=' || way.relation === '<=') && typeof way.limit === 'number' && unit !== '';
  return (
    <ButtonBase className={swapStyle.need} aria-pressed={pressed} onClick={onPick}>
      <span>
        <b>{lineTerm(need, way.quantity, practice)}</b>
        <small>
          {need.brief}
          {need.severity === 'should' ? `${need.brief ? ', ' : ''}advice` : ''}
          {need.assumed ? ', rests on an assumption' : ''}
        </small>
      </span>
      <span className="picture">
        {way.limit === null ? (
          <span className="say not-known" style={{ display: 'block' }}>
            {firstSentences(need.because)}
          </span>
        ) : scale ? (
          <Scale
            relation={way.relation as '>='}
            limit={way.limit as number}
            unit={unit}
            from={way.checkFrom}
            removed={markOf(line)}
            chosen={markOf(chosen)}
          />
        ) : (
          <span className="row-flex" style={{ flexWrap: 'nowrap' }}>
            {line?.verdict && <VerdictMark verdict={line.verdict} />}
            <span>{line ? `removed: ${say(haveWords({ ...line, unit }, insteadOf(line)))}` : need.because}</span>
            {chosen?.verdict && (
              <>
                <VerdictMark verdict={chosen.verdict} />
                <span>to install: {say(haveWords({ ...chosen, unit }, insteadOf(chosen)))}</span>
              </>
            )}
          </span>
        )}
      </span>
      <span className={swapStyle.limit}>
        <span className="figure">
          {way.limit === null ? `${relationSigns[way.relation]} ?` : `${relationSigns[way.relation]} ${limit}`}
        </span>
        <small>{need.school ?? ''}</small>
      </span>
    </ButtonBase>
  );
}

/** Need: the lines, pictures first; the old part stands on every scale. */
export function NeedStage({
  needs,
  removed,
  chosen,
  practice,
  picked,
  onPick,
}: {
  needs: Need[];
  removed: JudgedPart | null;
  chosen: JudgedPart | null;
  practice: Practice;
  picked?: string;
  onPick: (id: string) => void;
}) {
  const shown = askedOf(needs, removed, chosen);
  const lineOf = (part: JudgedPart | null, id: string) => part?.lines.find((line) => line.need.id === id);
  return (
    <div className="stack">
      <div>
        <h1>Requirements</h1>
        <p className="muted">
          The filled part of a scale meets the requirement. The square is the removed part
          {chosen ? ', the ring the part to install' : ''}. Select a line for its calculation.
        </p>
      </div>
      <div className={swapStyle.needs}>
        {groupOrder.map((group) => {
          const own = shown.filter((need) => need.group === group);
          if (own.length === 0) return null;
          return (
            <section key={group} aria-label={groupWords[group]}>
              <p className={`label ${swapStyle.group}`}>{groupWords[group]}</p>
              {own.map((need) => (
                <NeedRow
                  key={need.id}
                  need={need}
                  line={lineOf(removed, need.id)}
                  chosen={lineOf(chosen, need.id)}
                  practice={practice}
                  pressed={picked === need.id}
                  onPick={() => onPick(need.id)}
                />
              ))}
            </section>
          );
        })}
      </div>
    </div>
  );
}
